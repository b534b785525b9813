package promedio.bench;

import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import promedio.core.assignment.Item;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.work.Workspace;

/** What the window holds in memory after few and after many switches between items. */
final class Switching {

  private static final int FEW = 10;
  private static final int MANY = 1000;
  private static final int COLLECTIONS = 20;

  private Switching() {}

  static void run() throws Exception {
    Workspace workspace = new Workspace(DemoAssignment.create(), Background.ofWindow());
    MemoryWindow.open(workspace);
    tell(workspace, FEW);
    tell(workspace, MANY);
    tell(workspace, MANY);
    Platform.exit();
  }

  private static void tell(Workspace workspace, int times) throws Exception {
    for (int i = 0; i < times; i++) {
      int turn = i;
      MemoryWindow.onToolkit(
          () -> {
            List<Item> items = workspace.assignment().items();
            workspace.choose(items.get(turn % items.size()).id());
          });
      if (times == FEW) {
        // Slow enough that each is seen whole, its graph too.
        Thread.sleep(1000);
      }
    }
    MemoryWindow.onToolkit(() -> workspace.choose(1));
    Thread.sleep(1000);
    System.out.printf(
        Locale.ROOT, "after %4d switches more %6.1f MB%n", times, used() / (1024.0 * 1024));
  }

  /** The least after several collections: graphs and explanations asked for end meanwhile. */
  private static long used() throws InterruptedException {
    Runtime runtime = Runtime.getRuntime();
    long least = Long.MAX_VALUE;
    for (int i = 0; i < COLLECTIONS; i++) {
      System.gc();
      Thread.sleep(500);
      least = Math.min(least, runtime.totalMemory() - runtime.freeMemory());
    }
    return least;
  }
}
