package promedio.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import javafx.stage.Window;
import promedio.desktop.Main;

/**
 * Two programs that say on standard output when their first window has been drawn; with the
 * argument {@code once} they end then, so that the classes they loaded can be archived.
 */
final class FirstWindow {

  static final String DRAWN = "drawn";

  /** Said when all that comes after the first picture is drawn as well. */
  static final String WHOLE = "whole";

  private static final String LAST_PART = "#margin-heading";
  private static final String ONCE = "once";

  private FirstWindow() {}

  /** Waits for a window apart from the program, which knows nothing of it. */
  private static void sayWhenDrawn(boolean once) {
    Thread watch = new Thread(() -> watch(once), "first-window");
    watch.setDaemon(true);
    watch.start();
  }

  private static void watch(boolean once) {
    while (true) {
      try {
        Platform.runLater(() -> new Pulses(once).start());
        return;
      } catch (IllegalStateException e) {
        // The toolkit has not been started yet.
        pause();
      }
    }
  }

  private static void pause() {
    try {
      Thread.sleep(2);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** The second pulse after a window shows comes when its first picture is done. */
  private static final class Pulses extends AnimationTimer {

    private final boolean once;
    private int pulses;
    private int pulsesOfAll;

    Pulses(boolean once) {
      this.once = once;
    }

    @Override
    public void handle(long now) {
      if (shows("") && ++pulses == 2) {
        System.out.println(DRAWN);
      }
      if (shows(LAST_PART) && ++pulsesOfAll == 2) {
        System.out.println(WHOLE);
      }
      if (once && (pulsesOfAll == 2 || pulses == 100)) {
        System.exit(0);
      }
    }

    private static boolean shows(String part) {
      return Window.getWindows().stream()
          .filter(Window::isShowing)
          .anyMatch(window -> part.isEmpty() || window.getScene().lookup(part) != null);
    }
  }

  private static boolean once(String[] arguments) {
    return arguments.length > 0 && arguments[0].equals(ONCE);
  }

  /** A window with one word in it. */
  static final class Bare {
    private Bare() {}

    public static void main(String[] arguments) {
      sayWhenDrawn(once(arguments));
      Application.launch(BareApplication.class);
    }
  }

  /** The program on the demo assignment, the whole way that a person's start takes. */
  static final class Program {
    private Program() {}

    public static void main(String[] arguments) {
      sayWhenDrawn(once(arguments));
      Main.main(new String[] {"demo"});
    }
  }

  /** For the toolkit. */
  public static final class BareApplication extends Application {
    @Override
    public void start(Stage stage) {
      stage.setScene(new Scene(new Label("bare"), 1280, 800));
      stage.show();
    }
  }
}
