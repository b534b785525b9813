package promedio.desktop.window.shell;

import javafx.animation.AnimationTimer;

/** Puts off until the first picture of a window is drawn what that picture does without. */
final class FirstPicture extends AnimationTimer {

  /** With the second pulse the first picture is done. */
  private static final int PULSES = 2;

  private final Runnable work;
  private int pulses;

  private FirstPicture(Runnable work) {
    this.work = work;
  }

  /** Does the work once the first picture is drawn. */
  static void then(Runnable work) {
    new FirstPicture(work).start();
  }

  @Override
  public void handle(long now) {
    if (++pulses == PULSES) {
      stop();
      work.run();
    }
  }
}
