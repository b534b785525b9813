package promedio.core.message;

import java.io.Serial;

/**
 * Input from outside that cannot be used. It is expected, so that whoever reads input decides what
 * becomes of it; a mistake of the program is another kind of exception.
 */
public class BadInputException extends Exception {

  @Serial private static final long serialVersionUID = 1;

  private final transient Message why;

  /** Makes one that says what was found, where, and how to mend it. */
  public BadInputException(Message why) {
    super(why.text());
    this.why = why;
  }

  /** Makes one that another failure led to. */
  public BadInputException(Message why, Throwable cause) {
    super(why.text(), cause);
    this.why = why;
  }

  /** {@return one that says the sentence of this key of core's texts} */
  public static BadInputException of(String key, String... arguments) {
    return new BadInputException(Message.of(key, arguments));
  }

  /** {@return what was found, where, and how to mend it} */
  public final Message why() {
    return why;
  }
}
