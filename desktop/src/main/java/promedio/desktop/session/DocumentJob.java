package promedio.desktop.session;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import promedio.core.assignment.Assignment;
import promedio.files.table.Progress;

/**
 * Long work that will change the document. It is done apart from the window on what it starts from,
 * and again where that was changed meanwhile; what came of it is put into the document as it is
 * then.
 *
 * @param lane what the work is for
 * @param title what is done, for the one who waits
 * @param queue work of the same queue is done one after another, in the order in which it was given
 * @param basis what of the document the work starts from; none where the document has it no longer
 * @param work does the work
 * @param landed puts what came of it into the document, on the thread of the window
 * @param refused is told in words why the document stays as it is
 * @param failed takes what the work threw; not called where it was cancelled
 * @param <B> what it starts from; equal as long as the work need not be done again
 * @param <R> what comes of it
 */
public record DocumentJob<B, R>(
    Background.Lane lane,
    String title,
    Object queue,
    Function<Assignment, Optional<B>> basis,
    Work<B, R> work,
    Consumer<R> landed,
    Consumer<String> refused,
    Consumer<Exception> failed) {

  /** Does the work on what it starts from. */
  @FunctionalInterface
  public interface Work<B, R> {

    /** Does the work; it is interrupted when it is cancelled. */
    R run(B basis, Progress progress) throws Exception;
  }
}
