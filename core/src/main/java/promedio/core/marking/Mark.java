package promedio.core.marking;

import java.util.List;
import java.util.Optional;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * The judgement of one answer.
 *
 * @param verdict what it is worth
 * @param explanations what would explain it, where it does not agree; the best one first
 * @param chance of all numbers with as many decimals within a fifth of the result the share that
 *     something explains, 0 to 1; where that can be said
 * @param reason why it could not be read, where it could not, or what it lacks to agree
 */
public record Mark(
    Verdict verdict,
    List<Explanation> explanations,
    Optional<Exact> chance,
    Optional<Message> reason) {

  public Mark {
    explanations = List.copyOf(explanations);
  }

  static Mark of(Verdict verdict) {
    return new Mark(verdict, List.of(), Optional.empty(), Optional.empty());
  }

  static Mark of(Verdict verdict, Message reason) {
    return new Mark(verdict, List.of(), Optional.empty(), Optional.of(reason));
  }

  /** {@return the mark of an answer that cannot be read, or of one to an unreadable problem} */
  public static Mark unreadable(Message reason) {
    return of(Verdict.UNREADABLE, reason);
  }

  /** {@return whether the answer agrees, if only as far as it goes} */
  public boolean agrees() {
    return verdict == Verdict.AGREES || verdict == Verdict.AGREES_COARSER;
  }

  /** {@return what explains the answer best} */
  public Optional<Explanation> best() {
    return explanations.stream().findFirst();
  }
}
