package promedio.core.marking;

import java.util.Optional;
import promedio.core.message.Message;

/**
 * The judgement of one answer.
 *
 * @param verdict what it is worth
 * @param reason why it could not be read, where it could not
 */
public record Mark(Verdict verdict, Optional<Message> reason) {

  static Mark of(Verdict verdict) {
    return new Mark(verdict, Optional.empty());
  }

  static Mark unreadable(Message reason) {
    return new Mark(Verdict.UNREADABLE, Optional.of(reason));
  }
}
