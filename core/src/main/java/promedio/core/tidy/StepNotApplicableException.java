package promedio.core.tidy;

import java.io.Serial;
import promedio.core.message.Message;

/** Says why a step does not fit a table. */
final class StepNotApplicableException extends Exception {

  @Serial private static final long serialVersionUID = 1;

  private final transient Message why;

  StepNotApplicableException(Message why) {
    super(why.key());
    this.why = why;
  }

  StepNotApplicableException(String key, String... arguments) {
    this(Message.of(key, arguments));
  }

  Message why() {
    return why;
  }
}
