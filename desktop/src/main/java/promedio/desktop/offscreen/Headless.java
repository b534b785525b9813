package promedio.desktop.offscreen;

import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;

/** Whether there is a display, and how the toolkit runs without one. */
public final class Headless {

  private Headless() {}

  /** {@return whether a window could be opened} */
  public static boolean hasDisplay() {
    return hasDisplay(System.getProperty("os.name"), System.getenv());
  }

  /** Only the systems that draw through X can be without a display. */
  static boolean hasDisplay(String system, Map<String, String> environment) {
    String name = system.toLowerCase(Locale.ROOT);
    return name.contains("win")
        || name.contains("mac")
        || !environment.getOrDefault("DISPLAY", "").isBlank();
  }

  /** Makes the toolkit draw into memory; must come before its start. */
  static void prepare() {
    System.setProperty("glass.platform", "Monocle");
    System.setProperty("monocle.platform", "Headless");
    System.setProperty("prism.order", "sw");
    System.setProperty("java.awt.headless", "true");
  }

  /** Does something on the thread of the window, and waits for it. */
  static void run(Runnable work) throws InterruptedException {
    call(Executors.callable(work));
  }

  /** {@return what comes of some work on the thread of the window} */
  static <T> T call(Callable<T> work) throws InterruptedException {
    FutureTask<T> task = new FutureTask<>(work);
    Platform.runLater(task);
    try {
      return task.get();
    } catch (ExecutionException e) {
      throw new IllegalStateException("the window could not be drawn", e.getCause());
    }
  }
}
