package promedio.core.marking;

import java.util.Locale;
import java.util.Optional;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.number.Real;

/**
 * The judgement of one number in a student's own working.
 *
 * @param worth what it is worth
 * @param due what should stand there
 * @param fromOwn what follows from the student's own earlier numbers, where that is something else
 * @param reason why it could not be read, where it could not
 */
public record OwnMark(
    Worth worth, Optional<Real> due, Optional<Exact> fromOwn, Optional<Message> reason) {

  /** What a number in an own working is worth. */
  public enum Worth {
    /** It is right. */
    RIGHT,
    /** It is not, but it follows rightly from the student's own earlier numbers. */
    FOLLOWS,
    /** It is not, and a mistake was made here. */
    WRONG,
    /** It is no number. */
    UNREADABLE;

    /** {@return its name in texts and styles} */
    public String code() {
      return name().toLowerCase(Locale.ROOT);
    }
  }
}
