package promedio.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.stage.Stage;
import promedio.core.assignment.Item;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.window.shell.AssignmentView;
import promedio.desktop.window.shell.NoFileChoice;
import promedio.desktop.window.shell.PromedioApplication;
import promedio.desktop.work.Background;
import promedio.desktop.work.DocumentStore;
import promedio.desktop.work.Workspace;

/** What the window holds in memory after few and after many switches between items. */
final class Switching {

  private static final int FEW = 10;
  private static final int MANY = 1000;
  private static final int COLLECTIONS = 20;

  private Switching() {}

  static void run() throws Exception {
    System.setProperty("glass.platform", "Monocle");
    System.setProperty("monocle.platform", "Headless");
    System.setProperty("prism.order", "sw");
    System.setProperty("java.awt.headless", "true");
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Path own = Files.createTempDirectory("promedio-bench");
    Workspace workspace = new Workspace(DemoAssignment.create(), Background.ofWindow());
    onToolkit(
        () -> {
          DocumentStore store = new DocumentStore(workspace, Folders.under(own));
          Stage stage = new Stage();
          stage.setScene(
              PromedioApplication.scene(new AssignmentView(workspace, store, new NoFileChoice())));
          stage.show();
        });
    tell(workspace, FEW);
    tell(workspace, MANY);
    tell(workspace, MANY);
    Platform.exit();
  }

  private static void tell(Workspace workspace, int times) throws Exception {
    for (int i = 0; i < times; i++) {
      int turn = i;
      onToolkit(
          () -> {
            List<Item> items = workspace.assignment().items();
            workspace.choose(items.get(turn % items.size()).id());
          });
      if (times == FEW) {
        // Slow enough that each is seen whole, its graph too.
        Thread.sleep(1000);
      }
    }
    onToolkit(() -> workspace.choose(1));
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

  private static void onToolkit(Runnable work) throws Exception {
    FutureTask<Void> task = new FutureTask<>(work, null);
    Platform.runLater(task);
    task.get();
  }
}
