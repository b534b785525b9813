package promedio.desktop.offscreen;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphKind;
import promedio.core.measure.Task;
import promedio.core.message.BadInputException;
import promedio.core.sample.Data;
import promedio.core.sample.Portion;
import promedio.core.sample.Subject;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.demo.DemoFiles;
import promedio.desktop.projection.WhatIf;
import promedio.desktop.projection.handin.HandIn;
import promedio.desktop.projection.handin.HandInChoice;
import promedio.desktop.window.shell.AssignmentView;
import promedio.desktop.window.shell.NoFileChoice;
import promedio.desktop.window.shell.PromedioApplication;
import promedio.desktop.window.table.CellGrid;
import promedio.desktop.work.Background;
import promedio.desktop.work.CellBlock;
import promedio.desktop.work.DocumentStore;
import promedio.desktop.work.Workspace;
import promedio.document.DocumentFormat;
import promedio.files.RefusedFileException;
import promedio.files.answers.ClassAnswers;
import promedio.files.answers.ClassAnswersReader;
import promedio.files.assignment.AssignmentFile;
import promedio.files.report.Extras;
import promedio.files.report.MeasuresReport;
import promedio.files.report.MeasuresText;
import promedio.files.report.SeveralText;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;

/** Runs the demo through where there is no display: its pictures and its results, in a folder. */
public final class OffscreenDemo {

  /** Formulas are set apart from the window; a picture waits for them so long. */
  private static final long SETTLE_MILLIS = 900;

  /** Where no picture waits for them. */
  private static final long SOON_MILLIS = 50;

  private final Path folder;

  /** Where the demo files are while it runs. */
  private Path data = Path.of(".");

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
      return MeasuresText.of(item.name(), data, demo.rules(), Extras.NONE);
    }
    try {
      return SeveralText.of(item.name(), MeasuresReport.of(data, demo.rules(), Extras.NONE, true));
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
    data = own.resolve("data");
    DemoFiles.write(data);
    Workspace workspace = new Workspace(demo, Background.ofWindow());
    try (DocumentStore store = new DocumentStore(workspace, Folders.under(own))) {
      Path file = folder.resolve("pears" + AssignmentFile.ENDING);
      save(store, file);
      takePictures(demo, workspace, onToolkit(() -> open(workspace, store)));
    }
    Platform.exit();
  }

  private void save(DocumentStore store, Path file) throws IOException, InterruptedException {
    CompletableFuture<String> problem = new CompletableFuture<>();
    onToolkit(
        () -> {
          store.save(file, true, note -> problem.complete(""), problem::complete);
          return file;
        });
    String why = problem.join();
    if (!why.isEmpty()) {
      throw new IOException(why);
    }
    written.add(file);
  }

  private static Scene open(Workspace workspace, DocumentStore store) {
    AssignmentView view = new AssignmentView(workspace, store, new NoFileChoice());
    Scene scene = PromedioApplication.scene(view);
    Stage stage = new Stage();
    stage.setScene(scene);
    stage.show();
    view.startTyping();
    return scene;
  }

  private void takePictures(Assignment demo, Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    picture(scene, "demo.png", () -> workspace.chooseTask(Task.of(Measures.Q1)));
    takePictureOfHowTo(scene);
    // Other words and colours are no other views.
    if (drawn) {
      takePicturesOfAppearances(demo, workspace, scene);
    }
    takePictureOfHandIn(workspace, scene);
    takePicturesOfWorkings(demo, workspace, scene);
    takePicturesOfMarks(demo, workspace, scene);
    takePicturesOfClasses(demo, workspace, scene);
    takePicturesOfSeveral(workspace, scene);
    takePicturesOfTables(workspace, scene);
    picture(scene, "empty.png", () -> workspace.replace(Assignment.empty("")));
  }

  private void takePicturesOfAppearances(Assignment demo, Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    speak(scene, "es");
    picture(
        scene,
        "dark.png",
        () -> {
          workspace.replace(DemoAssignment.create());
          workspace.chooseTask(Task.of(Measures.SD));
          workspace.chooseEntry(12);
          WhatIf.without(workspace.assignment(), workspace.analysis(), 12)
              .ifPresent(workspace::tryOut);
          ((CheckMenuItem) menu(scene, "menu-dark")).setSelected(true);
        });
    picture(
        scene,
        "large-text.png",
        () -> {
          workspace.tryOut(null);
          ((CheckMenuItem) menu(scene, "menu-dark")).setSelected(false);
          for (int i = 0; i < 10; i++) {
            menu(scene, "menu-larger").fire();
          }
        });
    speak(scene, "en");
    for (int i = 0; i < 10; i++) {
      onToolkit(
          () -> {
            menu(scene, "menu-smaller").fire();
            return scene;
          });
    }
    onToolkit(
        () -> {
          workspace.replace(demo);
          return scene;
        });
  }

  private void takePictureOfHowTo(Scene scene) throws IOException, InterruptedException {
    picture(
        scene,
        "how-to.png",
        () -> {
          menu(scene, "menu-how-to").fire();
          ((TextField) scene.lookup("#how-to-search")).setText("box and whiskers");
        });
    onToolkit(
        () -> {
          ((Button) scene.lookup("#how-to-away")).fire();
          return scene;
        });
  }

  /** As one changes the language in the window. */
  private static void speak(Scene scene, String code) throws InterruptedException {
    onToolkit(
        () -> {
          ((Menu) menu(scene, "menu-language"))
              .getItems().stream()
                  .filter(item -> item.getId().endsWith("-" + code))
                  .forEach(MenuItem::fire);
          return scene;
        });
  }

  /** The document is made and drawn apart from the window. */
  private void takePictureOfHandIn(Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    onToolkit(
        () -> {
          workspace.showHandIn(true);
          return scene;
        });
    for (Background.Lane lane : List.of(Background.Lane.HAND_IN, Background.Lane.PAGES)) {
      do {
        settle();
      } while (workspace.background().isBusy(lane));
    }
    picture(scene, "hand-in.png", () -> {});
    onToolkit(
        () -> {
          workspace.showHandIn(false);
          return scene;
        });
  }

  private void takePicturesOfMarks(Assignment demo, Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    picture(
        scene,
        "slip.png",
        () -> {
          workspace.choose(demo.items().get(0).id());
          workspace.chooseTask(Task.of(Measures.SD));
          Selection chosen = Selection.of(demo.items().get(0).id());
          Question asked = workspace.assignment().question(Task.of(Measures.SD), chosen);
          workspace.items().keepTry(asked);
          workspace.items().answer(Task.of(Measures.SD), "184.23");
          ((Hyperlink) scene.lookup("#answer-explain")).fire();
        });
    picture(
        scene,
        "parts.png",
        () -> {
          workspace.undo();
          workspace.showParts(true);
        });
    picture(
        scene,
        "class-answers.png",
        () -> {
          workspace.showParts(false);
          workspace.showClassAnswers(answers(demo));
        });
    onToolkit(
        () -> {
          workspace.showClassAnswers(null);
          return scene;
        });
  }

  private void takePicturesOfSeveral(Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    picture(
        scene,
        "comparison.png",
        () -> {
          workspace.choose(DemoAssignment.BY_TERRACE);
          workspace.items().setGraph(now -> now.with(GraphKind.DOT));
          workspace.chooseTask(Portion.group(DemoFiles.word("upper")), Task.of(Measures.MEAN));
        });
    picture(
        scene,
        "test.png",
        () -> {
          ((ToggleButton) scene.lookup("#groups-test-variance")).fire();
          scrollTo(scene, "#several-scroll", "#groups-test");
        });
    picture(
        scene,
        "pairs.png",
        () -> {
          workspace.choose(DemoAssignment.TREES);
          scrollTo(scene, "#several-scroll", "#several-name");
          for (int point = 0; point < 9; point++) {
            ((Hyperlink) scene.lookup("#pairs-next")).fire();
          }
        });
    picture(
        scene,
        "two-way.png",
        () -> {
          workspace.choose(DemoAssignment.REASONS);
          ((ToggleButton) scene.lookup("#counts-view-row")).fire();
          ((ToggleButton) scene.lookup("#counts-bars-stacked")).fire();
        });
    picture(scene, "distributions.png", workspace::showDistributions);
    onToolkit(
        () -> {
          workspace.showParts(false);
          return scene;
        });
  }

  /** Brings a node to the upper edge of what is seen of the sheet. */
  private static void scrollTo(Scene scene, String sheet, String node) {
    ScrollPane scroll = (ScrollPane) scene.lookup(sheet);
    scene.getRoot().applyCss();
    scene.getRoot().layout();
    double top = scroll.getContent().sceneToLocal(scene.lookup(node).localToScene(0, 0)).getY();
    double hidden =
        scroll.getContent().getBoundsInLocal().getHeight() - scroll.getViewportBounds().getHeight();
    scroll.setVvalue(hidden <= 0 ? 0 : Math.max(0, Math.min(1, top / hidden)));
  }

  private static ClassAnswers answers(Assignment demo) {
    try {
      return ClassAnswersReader.of(demo).read(DemoFiles.text("answers.csv"), Progress.NONE);
    } catch (RefusedFileException e) {
      throw new IllegalStateException("the demo file answers.csv is damaged", e);
    }
  }

  private void takePicturesOfWorkings(Assignment demo, Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    picture(
        scene,
        "working-two-methods.png",
        () -> {
          workspace.choose(demo.items().get(2).id());
          workspace.chooseTask(Task.of(Measures.VARIANCE));
          ((Hyperlink) scene.lookup("#working-on-sheet")).fire();
          ((ToggleButton) scene.lookup("#working-beside")).fire();
        });
    onToolkit(
        () -> {
          ((Button) scene.lookup("#working-back")).fire();
          return scene;
        });
  }

  private void takePicturesOfClasses(Assignment demo, Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    picture(
        scene,
        "class-table.png",
        () -> {
          workspace.choose(demo.items().get(5).id());
          workspace.chooseTask(Task.of(Measures.MEDIAN));
          ((CheckBox) scene.lookup("#graph-mark-median")).fire();
          ((ToggleButton) scene.lookup("#graph-ogive")).fire();
        });
    onToolkit(
        () -> {
          ((Hyperlink) scene.lookup("#graph-toggle")).fire();
          ((ScrollPane) scene.lookup("#measures-scroll")).setVvalue(0);
          return scene;
        });
    onToolkit(
        () -> {
          workspace
              .shelf()
              .addNamed(
                  "Weights typed",
                  new Source.ClassesText(
                      "100–109\t3\n110–119\t8\n115–129\t12\n120–129\t-5\nn = 30"));
          return scene;
        });
    // The sheet is as long as its table only once it is laid out.
    settle();
    picture(
        scene,
        "printed-table.png",
        () -> ((ScrollPane) scene.lookup("#measures-scroll")).setVvalue(0));
    onToolkit(
        () -> {
          workspace.shelf().removeChosen();
          return scene;
        });
  }

  private void takePicturesOfTables(Workspace workspace, Scene scene)
      throws IOException, InterruptedException {
    picture(scene, "import-to-correct.png", () -> importFile(workspace, "trays.csv"));
    onToolkit(
        () -> {
          workspace.chooseTable(1);
          return scene;
        });
    settle();
    picture(
        scene,
        "steps.png",
        () -> {
          CellGrid.of(scene).select(new CellBlock(4, 15, 4, 5));
          ((MenuButton) scene.lookup("#steps-add")).getItems().get(0).fire();
          ((TextField) scene.lookup("#ask-new-name")).setText("slimness");
          ((TextField) scene.lookup("#ask-formula")).setText("length ÷ √wieght");
        });
  }

  private void importFile(Workspace workspace, String name) {
    try {
      workspace.beginImport(DataSource.of(data.resolve(name)));
    } catch (RefusedFileException e) {
      throw new IllegalStateException(e);
    }
  }

  private static MenuItem menu(Scene scene, String id) {
    return ((MenuButton) scene.lookup("#assignment-menu"))
        .getItems().stream().filter(item -> id.equals(item.getId())).findFirst().orElseThrow();
  }

  private void picture(Scene scene, String name, Runnable before)
      throws IOException, InterruptedException {
    onToolkit(
        () -> {
          before.run();
          return scene;
        });
    settle();
    if (!drawn) {
      return;
    }
    WritableImage image = onToolkit(() -> scene.snapshot(null));
    Path target = folder.resolve(name);
    ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", target.toFile());
    written.add(target);
  }

  private void settle() throws InterruptedException {
    TimeUnit.MILLISECONDS.sleep(drawn ? SETTLE_MILLIS : SOON_MILLIS);
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
