package promedio.desktop.window.control;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Question;
import promedio.core.marking.Mark;
import promedio.core.marking.Verdict;
import promedio.desktop.projection.MarkCache;
import promedio.desktop.work.Workspace;

/**
 * Finds what the answer to a question is worth, at once or as soon as it is explained, and keeps an
 * answer that does not agree as a try.
 */
public final class AnswerMark {

  private final Workspace workspace;
  private final Supplier<Optional<Question>> question;
  private final Function<Question, Optional<MarkCache>> marks;
  private final Consumer<Optional<Mark>> shown;

  /** The question whose answer is being explained, and by what. */
  private volatile @Nullable Question waitedFor;

  private volatile @Nullable MarkCache waitedOf;

  /**
   * Makes one.
   *
   * @param question the question as it is now; none where there is nothing to answer
   * @param marks what marks answers to the question
   * @param shown is told the mark; none while the answer is not judged
   */
  public AnswerMark(
      Workspace workspace,
      Supplier<Optional<Question>> question,
      Function<Question, Optional<MarkCache>> marks,
      Consumer<Optional<Mark>> shown) {
    this.workspace = workspace;
    this.question = question;
    this.marks = marks;
    this.shown = shown;
  }

  /**
   * Shows what the answer is worth as it is now.
   *
   * @param unfinished whether it is still being typed, so that it is not called wrong yet
   */
  public void show(boolean unfinished) {
    Optional<Question> answered = question.get().filter(asked -> asked.work().isAnswered());
    Optional<MarkCache> by = answered.flatMap(marks);
    if (by.isEmpty()) {
      waitedFor = null;
      shown.accept(Optional.empty());
      return;
    }
    Question asked = answered.orElseThrow();
    Optional<Mark> found = by.get().atOnce(asked);
    shown.accept(found.filter(m -> !unfinished || m.verdict() == Verdict.AGREES));
    if (found.isPresent() || unfinished) {
      waitedFor = null;
    } else if (!waitsFor(asked, by.get())) {
      waitedFor = asked;
      waitedOf = by.get();
      MarkCache of = by.get();
      workspace
          .explanations()
          .find(of, asked, false, () -> waitsFor(asked, of), this::showExplained);
    }
  }

  private boolean waitsFor(Question asked, MarkCache of) {
    return asked.equals(waitedFor) && of.equals(waitedOf);
  }

  private void showExplained() {
    waitedFor = null;
    show(false);
  }

  /** Keeps an answer that was just given as a try where it, or one before it, does not agree. */
  public void keepTry() {
    Optional<Question> answered = question.get().filter(asked -> asked.work().isAnswered());
    if (answered.isPresent()) {
      Question asked = answered.get();
      boolean agrees = marks.apply(asked).filter(known -> known.agrees(asked)).isPresent();
      if (!agrees || !asked.work().tries().isEmpty()) {
        workspace.items().keepTry(asked);
      }
    }
  }
}
