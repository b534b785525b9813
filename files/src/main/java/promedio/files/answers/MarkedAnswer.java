package promedio.files.answers;

import java.util.Optional;
import promedio.core.marking.Mark;
import promedio.core.marking.Problem;
import promedio.core.marking.Verdict;

/**
 * One answer of a class, marked.
 *
 * @param id whose it is
 * @param part which part of the sheet it answers, empty where that is not said
 * @param measure the key of what was asked, as it stands there
 * @param answer what was answered
 * @param problem what was asked; none where that cannot be read
 * @param mark what it is worth
 */
public record MarkedAnswer(
    String id, String part, String measure, String answer, Optional<Problem> problem, Mark mark) {

  /** {@return whether it agrees, if need be with fewer places than wanted} */
  public boolean isRight() {
    return mark.verdict() == Verdict.AGREES || mark.verdict() == Verdict.AGREES_COARSER;
  }
}
