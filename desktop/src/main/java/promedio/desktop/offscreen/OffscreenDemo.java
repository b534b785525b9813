package promedio.desktop.offscreen;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.Item;
import promedio.core.message.BadInputException;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoFiles;
import promedio.desktop.projection.handin.HandIn;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.shell.AssignmentView;
import promedio.desktop.window.shell.NoFileChoice;
import promedio.desktop.window.shell.PromedioApplication;
import promedio.desktop.work.Workspace;
import promedio.document.DocumentFormat;
import promedio.files.assignment.AssignmentFile;
import promedio.files.report.MeasuresReport;
import promedio.files.report.MeasuresText;
import promedio.files.report.RequestedMeasures;
import promedio.files.report.SeveralText;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/** Runs the demo through where there is no display: its pictures and its results, in a folder. */
public final class OffscreenDemo {

  private final Path folder;

  private final List<Path> written = new ArrayList<>();

  /** Whether pictures are taken; without, every view is only opened. */
  private final boolean drawn;

  private OffscreenDemo(Path folder, boolean drawn) {
    this.folder = folder;
    this.drawn = drawn;
  }

  /**
   * {@return the files written}
   *
   * @param demo the assignment to show
   * @param folder where they go; made if it is not there
   * @param drawn whether pictures are taken; without, every view is only opened, in less time
   * @throws IOException if a file cannot be written
   * @throws InterruptedException if the program is stopped meanwhile
   */
  public static List<Path> run(Assignment demo, Path folder, boolean drawn)
      throws IOException, InterruptedException {
    Files.createDirectories(folder);
    OffscreenDemo run = new OffscreenDemo(folder, drawn);
    run.writeResults(demo);
    run.takePictures(demo);
    return run.written;
  }

  private void writeResults(Assignment demo) throws IOException {
    List<String> lines = new ArrayList<>();
    for (Item item : demo.items()) {
      lines.addAll(results(item, demo));
      lines.add("");
    }
    Path results = folder.resolve("measures.txt");
    Files.write(results, lines, StandardCharsets.UTF_8);
    written.add(results);
    Path document = folder.resolve("hand-in.pdf");
    DocumentFormat.PDF.write(HandIn.of(demo, HandInChoice.usual(demo)), document).into(document);
    written.add(document);
  }

  private static List<String> results(Item item, Assignment demo) throws IOException {
    Data data = item.source().read(demo.sign()).data();
    if (data.subject() == Subject.ONE) {
      return MeasuresText.of(item.name(), data, demo.rules(), RequestedMeasures.NONE);
    }
    try {
      return SeveralText.of(
          item.name(), MeasuresReport.of(data, demo.rules(), RequestedMeasures.NONE, true));
    } catch (BadInputException e) {
      throw new IOException(e);
    }
  }

  private void takePictures(Assignment demo) throws IOException, InterruptedException {
    Headless.prepare();
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    // Nothing of the person's own settings or unsaved work shows in the pictures.
    Path own = Files.createTempDirectory("promedio-demo");
    Path data = own.resolve("data");
    DemoFiles.write(data);
    Workspace workspace = new Workspace(demo, Background.ofWindow());
    try (DocumentStore store = new DocumentStore(workspace.session(), Folders.under(own))) {
      Path file = folder.resolve("pears" + AssignmentFile.ENDING);
      save(store, file);
      Scene scene =
          Headless.call(
              () -> open(workspace, store, new SettingsFile(own.resolve("settings.json"))));
      written.addAll(new DemoPictures(demo, workspace, scene, data, folder, drawn).take());
    }
    Platform.exit();
  }

  private void save(DocumentStore store, Path file) throws IOException, InterruptedException {
    CompletableFuture<String> problem = new CompletableFuture<>();
    Headless.run(() -> store.save(file, true, note -> problem.complete(""), problem::complete));
    String why = problem.join();
    if (!why.isEmpty()) {
      throw new IOException(why);
    }
    written.add(file);
  }

  private static Scene open(Workspace workspace, DocumentStore store, SettingsFile file) {
    SettingsStore settings = new SettingsStore(file, Settings.INITIAL, workspace.background());
    AssignmentView view = new AssignmentView(workspace, store, settings, new NoFileChoice());
    Scene scene = PromedioApplication.scene(view);
    Stage stage = new Stage();
    stage.setScene(scene);
    stage.show();
    view.startTyping();
    return scene;
  }
}
