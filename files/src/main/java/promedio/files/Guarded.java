package promedio.files;

import java.util.concurrent.CancellationException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;

/**
 * Work on one thing of many. What nobody thought of, or what takes more memory than there is, is a
 * refusal of that one thing: it is logged, said in words, and costs no other.
 */
public final class Guarded {

  private static final Logger LOG = LoggerFactory.getLogger(Guarded.class);

  private Guarded() {}

  /** Work that may refuse what it is given. */
  @FunctionalInterface
  public interface Work<T> {

    /**
     * {@return what comes of it}
     *
     * @throws BadInputException if what it is given cannot be used
     */
    T done() throws BadInputException;
  }

  /**
   * {@return what comes of the work}
   *
   * @throws BadInputException if what it is given cannot be used, or if the work fails
   */
  public static <T> T of(Work<T> work) throws BadInputException {
    try {
      return work.done();
    } catch (OutOfMemoryError | StackOverflowError e) {
      LOG.warn("too large", e);
      throw Texts.refusal(e, "guarded.too-large");
    } catch (CancellationException e) {
      throw e;
    } catch (RuntimeException e) {
      LOG.error("one of many failed", e);
      throw Texts.refusal(e, "guarded.failed");
    }
  }
}
