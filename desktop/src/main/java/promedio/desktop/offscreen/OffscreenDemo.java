package promedio.desktop.offscreen;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.measure.Measure;
import promedio.desktop.window.AssignmentView;
import promedio.desktop.window.PromedioApplication;
import promedio.desktop.work.Background;
import promedio.desktop.work.Workspace;
import promedio.files.report.Extras;
import promedio.files.report.MeasuresText;

/** Runs the demo through where there is no display: its pictures and its results, in a folder. */
public final class OffscreenDemo {

  /** Formulas are set apart from the window; a picture waits for them so long. */
  private static final long SETTLE_MILLIS = 1500;

  private final Path folder;
  private final List<Path> written = new ArrayList<>();

  private OffscreenDemo(Path folder) {
    this.folder = folder;
  }

  /**
   * {@return the files written}
   *
   * @param demo the assignment to show
   * @param folder where they go; made if it is not there
   * @throws IOException if a file cannot be written
   * @throws InterruptedException if the program is stopped meanwhile
   */
  public static List<Path> run(Assignment demo, Path folder)
      throws IOException, InterruptedException {
    Files.createDirectories(folder);
    OffscreenDemo run = new OffscreenDemo(folder);
    run.writeResults(demo);
    run.takePictures(demo);
    return run.written;
  }

  private void writeResults(Assignment demo) throws IOException {
    List<String> lines = new ArrayList<>();
    for (Item item : demo.items()) {
      lines.addAll(
          MeasuresText.of(
              item.name(), item.source().read(demo.sign()).data(), demo.rules(), Extras.NONE));
      lines.add("");
    }
    Path results = folder.resolve("measures.txt");
    Files.write(results, lines, StandardCharsets.UTF_8);
    written.add(results);
  }

  private void takePictures(Assignment demo) throws IOException, InterruptedException {
    Headless.prepare();
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Workspace workspace = new Workspace(demo, Background.ofWindow());
    Scene scene =
        onToolkit(
            () -> {
              AssignmentView view = new AssignmentView(workspace, Optional::empty);
              Scene made = PromedioApplication.scene(view);
              Stage stage = new Stage();
              stage.setScene(made);
              stage.show();
              view.startTyping();
              return made;
            });
    picture(scene, "demo.png", () -> workspace.measureProperty().set(Measure.Q1));
    picture(
        scene,
        "frequency-table.png",
        () -> {
          workspace.choose(demo.items().get(demo.items().size() - 1).id());
          workspace.measureProperty().set(Measure.MEAN);
        });
    picture(
        scene,
        "unreadable-entries.png",
        () -> {
          workspace.addSample(new Source.ValuesText("12.5 14o 13.25 — 12,875 about 13 12.75"));
          workspace.measureProperty().set(Measure.SD);
        });
    picture(scene, "empty.png", () -> workspace.replace(Assignment.empty("")));
    Platform.exit();
  }

  private void picture(Scene scene, String name, Runnable before)
      throws IOException, InterruptedException {
    onToolkit(
        () -> {
          before.run();
          return scene;
        });
    TimeUnit.MILLISECONDS.sleep(SETTLE_MILLIS);
    WritableImage image = onToolkit(() -> scene.snapshot(null));
    Path target = folder.resolve(name);
    ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", target.toFile());
    written.add(target);
  }

  private static <T> T onToolkit(Callable<T> work) throws InterruptedException {
    FutureTask<T> task = new FutureTask<>(work);
    Platform.runLater(task);
    try {
      return task.get();
    } catch (ExecutionException e) {
      throw new IllegalStateException("the window could not be drawn", e.getCause());
    }
  }
}
