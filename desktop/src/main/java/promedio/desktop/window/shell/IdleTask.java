package promedio.desktop.window.shell;

import javafx.animation.PauseTransition;
import javafx.event.EventHandler;
import javafx.scene.Scene;
import javafx.scene.input.InputEvent;
import javafx.util.Duration;

/** Puts off work of which nobody is to feel anything until the student rests for a moment. */
final class IdleTask {

  private static final Duration QUIET = Duration.millis(700);

  private IdleTask() {}

  /**
   * Does the work, once, as soon as nothing was pressed, typed or moved in the scene for a while.
   */
  static void then(Scene scene, Runnable work) {
    PauseTransition pause = new PauseTransition(QUIET);
    EventHandler<InputEvent> waiting = event -> pause.playFromStart();
    pause.setOnFinished(
        event -> {
          scene.removeEventFilter(InputEvent.ANY, waiting);
          work.run();
        });
    scene.addEventFilter(InputEvent.ANY, waiting);
    pause.play();
  }
}
