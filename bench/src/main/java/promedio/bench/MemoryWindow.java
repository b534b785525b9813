package promedio.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import promedio.desktop.Folders;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.shell.AssignmentView;
import promedio.desktop.window.shell.NoFileChoice;
import promedio.desktop.window.shell.PromedioApplication;
import promedio.desktop.work.Workspace;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/** The window, drawn into memory. */
final class MemoryWindow {

  private MemoryWindow() {}

  /** Opens the window on the assignment of the workspace, without a display. */
  static Scene open(Workspace workspace) throws Exception {
    System.setProperty("glass.platform", "Monocle");
    System.setProperty("monocle.platform", "Headless");
    System.setProperty("prism.order", "sw");
    System.setProperty("java.awt.headless", "true");
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Path own = Files.createTempDirectory("promedio-bench");
    CompletableFuture<Scene> scene = new CompletableFuture<>();
    onToolkit(
        () -> {
          DocumentStore store = new DocumentStore(workspace.session(), Folders.under(own));
          SettingsStore settings =
              new SettingsStore(
                  new SettingsFile(own.resolve("settings.json")),
                  Settings.INITIAL,
                  workspace.background());
          Scene made =
              PromedioApplication.scene(
                  new AssignmentView(workspace, store, settings, new NoFileChoice()));
          Stage stage = new Stage();
          stage.setScene(made);
          stage.show();
          scene.complete(made);
        });
    return scene.get();
  }

  /** Does something on the thread of the window, and waits for it. */
  static void onToolkit(Runnable work) throws Exception {
    FutureTask<Void> task = new FutureTask<>(work, null);
    Platform.runLater(task);
    task.get();
  }
}
