package promedio.core.calculation;

import java.io.Serial;
import promedio.core.message.Message;

/** Says what is wrong with a formula, and where. */
public final class CalculationException extends Exception {

  @Serial private static final long serialVersionUID = 1;

  private final transient Message why;
  private final int place;

  CalculationException(int place, String key, String... arguments) {
    super(key);
    this.why = Message.of(key, arguments);
    this.place = place;
  }

  /** {@return what is wrong and how to mend it} */
  public Message why() {
    return why;
  }

  /** {@return where in the text, counted from 0} */
  public int place() {
    return place;
  }

  @Override
  public String getMessage() {
    return why.text();
  }
}
