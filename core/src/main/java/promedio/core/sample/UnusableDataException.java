package promedio.core.sample;

import java.io.Serial;
import promedio.core.message.Message;

/** Says why data cannot be used, in words for the one who brought them. */
public final class UnusableDataException extends RuntimeException {

  @Serial private static final long serialVersionUID = 1;

  private final transient Message why;

  /** Makes one with the sentence of the message. */
  public UnusableDataException(Message why) {
    super(why.text());
    this.why = why;
  }

  /** {@return why, for a person} */
  public Message why() {
    return why;
  }
}
