package promedio.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import promedio.core.assignment.Assignment;
import promedio.desktop.demo.SortingLineLog;
import promedio.desktop.session.Background;
import promedio.desktop.window.shell.WindowRoot;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.Workspace;
import promedio.files.table.DataSource;

/**
 * From the choice of the sorting-line log of 389,724 rows and 28 columns until its first rows and
 * the kinds of its columns are drawn in the window, and until all of it is read; each time in a
 * program that has just been started.
 */
final class FirstRows {

  private static final int ROUNDS = 5;
  private static final int SETTLING_MILLIS = 1000;

  private FirstRows() {}

  static void run(Path home) throws IOException, InterruptedException {
    Path file = Files.createTempFile("sorting-line", ".csv");
    try {
      SortingLineLog.write(file, BigFile.ROWS);
      List<String> command =
          JavaProcess.command(
              List.of(JavaProcess.archive(home), "-Xlog:cds=off", "-Xlog:cds+dynamic=off"),
              JavaProcess.classPath(home),
              FirstRows.class,
              file.toString());
      for (int round = 0; round < ROUNDS; round++) {
        if (new ProcessBuilder(command).inheritIO().start().waitFor() != 0) {
          throw new IOException("failed: " + command);
        }
      }
    } finally {
      Files.delete(file);
    }
  }

  /** Does it once, in a virtual machine that has done nothing before but open the window. */
  public static void main(String[] arguments) throws Exception {
    Workspace workspace = new Workspace(Assignment.empty("Pears"), Background.ofWindow());
    Scene scene = MemoryWindow.open(workspace);
    DataSource source = DataSource.of(Path.of(arguments[0]));
    MemoryWindow.onToolkit(WindowRoot.of(scene).view()::rehearse);
    // As the program does by itself when it is let alone for a moment; nobody chooses a file
    // sooner.
    Thread.sleep(SETTLING_MILLIS);
    long start = System.nanoTime();
    MemoryWindow.onToolkit(() -> workspace.imports().begin(source));
    await(() -> showsRows(scene, workspace));
    double first = Times.millisSince(start);
    await(() -> isRead(workspace));
    System.out.printf(
        Locale.ROOT,
        "first rows drawn after %.0f ms (at most 1000), all of them read after %.0f ms%n",
        first,
        Times.millisSince(start));
    Platform.exit();
  }

  /** The names of columns stand there as soon as their rows are laid out. */
  private static boolean showsRows(Scene scene, Workspace workspace) {
    ImportSession importing = workspace.imports().property().get();
    return importing.headProperty().get() != null
        && scene.lookup("#import-grid .column-name") != null;
  }

  private static boolean isRead(Workspace workspace) {
    ImportSession importing = workspace.imports().property().get();
    return importing != null && importing.readProperty().get() != null;
  }

  /** Waits until something holds, and the picture that shows it is drawn. */
  private static void await(BooleanSupplier condition) throws Exception {
    CountDownLatch drawn = new CountDownLatch(1);
    MemoryWindow.onToolkit(
        () ->
            new AnimationTimer() {
              private int pulses;

              @Override
              public void handle(long now) {
                // The second pulse comes when the picture of the first one is done.
                pulses += condition.getAsBoolean() ? 1 : 0;
                if (pulses == 2) {
                  stop();
                  drawn.countDown();
                }
              }
            }.start());
    drawn.await();
  }
}
