package promedio.desktop.work;

import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import promedio.core.assignment.Question;
import promedio.desktop.projection.MarkCache;
import promedio.desktop.session.Background;

/** Looks for what explains answers that do not agree, apart from the window. */
public final class Explanations {

  /** Whoever types on within this time has not finished the answer. */
  private static final long PAUSE_MILLIS = 500;

  private final Background background;

  Explanations(Background background) {
    this.background = background;
  }

  /**
   * Looks for what explains the answer to a question, and earlier tries.
   *
   * @param typed whether it is being typed, so that a pause is waited for
   * @param wanted whether the explanation is still waited for; asked on any thread
   * @param done is told when it is known, unless nobody waits for it any more
   */
  public void find(
      MarkCache marks, Question question, boolean typed, BooleanSupplier wanted, Runnable done) {
    background.run(
        Background.Lane.EXPLAINING,
        "",
        () -> {
          if (typed) {
            TimeUnit.MILLISECONDS.sleep(PAUSE_MILLIS);
          }
          if (wanted.getAsBoolean()) {
            marks.of(question);
            question.work().tries().forEach(earlier -> marks.of(question, earlier));
          }
          return question;
        },
        explained -> {
          if (wanted.getAsBoolean()) {
            done.run();
          }
        },
        failure -> {
          throw new IllegalStateException(failure);
        });
  }
}
