package promedio.core.calculation;

import java.io.Serial;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;

/** Says what is wrong with a formula, and where. */
public final class CalculationException extends BadInputException {

  @Serial private static final long serialVersionUID = 1;

  private final int place;

  CalculationException(int place, String key, String... arguments) {
    super(Message.of(key, arguments));
    this.place = place;
  }

  /** {@return where in the text, counted from 0} */
  public int place() {
    return place;
  }
}
