package promedio.desktop.offscreen;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
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
import javax.imageio.ImageIO;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphKind;
import promedio.core.measure.Request;
import promedio.core.sample.DataSubset;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.demo.DemoFiles;
import promedio.desktop.projection.WhatIf;
import promedio.desktop.session.Background;
import promedio.desktop.window.table.CellGrid;
import promedio.desktop.work.CellBlock;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.answers.ClassAnswers;
import promedio.files.answers.ClassAnswersReader;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;

/**
 * Shows every view of the window on the demo, as a student comes to it, and takes its picture.
 * Formulas are set apart from the window: a picture waits for them.
 */
final class DemoPictures {

  private static final long SETTLE_MILLIS = 900;

  /** Where no picture waits for them. */
  private static final long SOON_MILLIS = 50;

  private final Assignment demo;
  private final Workspace workspace;
  private final Scene scene;

  /** Where the demo files are. */
  private final Path data;

  private final Path folder;
  private final boolean drawn;
  private final List<Path> written = new ArrayList<>();

  /**
   * Makes them ready.
   *
   * @param data where the files of the demo are
   * @param folder where the pictures go
   * @param drawn whether pictures are taken; without, every view is only opened, in less time
   */
  DemoPictures(
      Assignment demo, Workspace workspace, Scene scene, Path data, Path folder, boolean drawn) {
    this.demo = demo;
    this.workspace = workspace;
    this.scene = scene;
    this.data = data;
    this.folder = folder;
    this.drawn = drawn;
  }

  /** {@return the pictures that were taken} */
  List<Path> take() throws IOException, InterruptedException {
    picture("demo.png", () -> workspace.chooseTask(Request.of(Measures.Q1)));
    takePictureOfHowTo();
    // Other words and colours are no other views.
    if (drawn) {
      takePicturesOfAppearances();
    }
    takePictureOfHandIn();
    takePicturesOfWorkings();
    takePicturesOfMarks();
    takePicturesOfClasses();
    takePicturesOfSeveral();
    takePicturesOfTables();
    picture("empty.png", () -> workspace.replace(Assignment.empty("")));
    return written;
  }

  private void takePicturesOfAppearances() throws IOException, InterruptedException {
    speak("es");
    picture(
        "dark.png",
        () -> {
          workspace.replace(DemoAssignment.create());
          workspace.chooseTask(Request.of(Measures.SD));
          workspace.chooseEntry(12);
          WhatIf.without(workspace.assignment(), workspace.analysis(), 12)
              .ifPresent(workspace::tryOut);
          ((CheckMenuItem) menu("menu-dark")).setSelected(true);
        });
    picture(
        "large-text.png",
        () -> {
          workspace.tryOut(null);
          ((CheckMenuItem) menu("menu-dark")).setSelected(false);
          for (int i = 0; i < 10; i++) {
            menu("menu-larger").fire();
          }
        });
    speak("en");
    for (int i = 0; i < 10; i++) {
      Headless.run(
          () -> {
            menu("menu-smaller").fire();
          });
    }
    Headless.run(
        () -> {
          workspace.replace(demo);
        });
  }

  private void takePictureOfHowTo() throws IOException, InterruptedException {
    picture(
        "how-to.png",
        () -> {
          menu("menu-how-to").fire();
          ((TextField) scene.lookup("#how-to-search")).setText("box and whiskers");
        });
    Headless.run(
        () -> {
          ((Button) scene.lookup("#how-to-away")).fire();
        });
  }

  /** As one changes the language in the window. */
  private void speak(String code) throws InterruptedException {
    Headless.run(
        () -> {
          ((Menu) menu("menu-language"))
              .getItems().stream()
                  .filter(item -> item.getId().endsWith("-" + code))
                  .forEach(MenuItem::fire);
        });
  }

  /** The document is made and drawn apart from the window. */
  private void takePictureOfHandIn() throws IOException, InterruptedException {
    Headless.run(
        () -> {
          workspace.showHandIn(true);
        });
    for (Background.Lane lane : List.of(Background.Lane.HAND_IN, Background.Lane.PAGES)) {
      do {
        settle();
      } while (workspace.background().isBusy(lane));
    }
    picture("hand-in.png", () -> {});
    Headless.run(
        () -> {
          workspace.showHandIn(false);
        });
  }

  private void takePicturesOfMarks() throws IOException, InterruptedException {
    picture(
        "slip.png",
        () -> {
          workspace.choose(demo.items().get(0).id());
          workspace.chooseTask(Request.of(Measures.SD));
          Selection chosen = Selection.of(demo.items().get(0).id());
          Question asked = workspace.assignment().question(Request.of(Measures.SD), chosen);
          workspace.items().keepTry(asked);
          workspace.items().answer(Request.of(Measures.SD), "184.23");
          ((Hyperlink) scene.lookup("#answer-explain")).fire();
        });
    picture(
        "parts.png",
        () -> {
          workspace.session().undo();
          workspace.showParts(true);
        });
    picture(
        "class-answers.png",
        () -> {
          workspace.showParts(false);
          workspace.showClassAnswers(answers());
        });
    Headless.run(
        () -> {
          workspace.showClassAnswers(null);
        });
  }

  private void takePicturesOfSeveral() throws IOException, InterruptedException {
    picture(
        "comparison.png",
        () -> {
          workspace.choose(DemoAssignment.BY_TERRACE);
          workspace.items().setGraph(now -> now.with(GraphKind.DOT));
          workspace.chooseTask(
              DataSubset.group(DemoFiles.word("upper")), Request.of(Measures.MEAN));
        });
    picture(
        "test.png",
        () -> {
          ((ToggleButton) scene.lookup("#groups-test-variance")).fire();
          scrollTo("#several-scroll", "#groups-test");
        });
    picture(
        "pairs.png",
        () -> {
          workspace.choose(DemoAssignment.TREES);
          scrollTo("#several-scroll", "#several-name");
          for (int point = 0; point < 9; point++) {
            ((Hyperlink) scene.lookup("#pairs-next")).fire();
          }
        });
    picture(
        "two-way.png",
        () -> {
          workspace.choose(DemoAssignment.REASONS);
          ((ToggleButton) scene.lookup("#counts-view-row")).fire();
          ((ToggleButton) scene.lookup("#counts-bars-stacked")).fire();
        });
    picture("distributions.png", workspace::showDistributions);
    Headless.run(
        () -> {
          workspace.showParts(false);
        });
  }

  /** Brings a node to the upper edge of what is seen of the sheet. */
  private void scrollTo(String sheet, String node) {
    ScrollPane scroll = (ScrollPane) scene.lookup(sheet);
    scene.getRoot().applyCss();
    scene.getRoot().layout();
    double top = scroll.getContent().sceneToLocal(scene.lookup(node).localToScene(0, 0)).getY();
    double hidden =
        scroll.getContent().getBoundsInLocal().getHeight() - scroll.getViewportBounds().getHeight();
    scroll.setVvalue(hidden <= 0 ? 0 : Math.max(0, Math.min(1, top / hidden)));
  }

  private ClassAnswers answers() {
    try {
      return ClassAnswersReader.of(demo).read(DemoFiles.text("answers.csv"), Progress.NONE);
    } catch (RefusedFileException e) {
      throw new IllegalStateException("the demo file answers.csv is damaged", e);
    }
  }

  private void takePicturesOfWorkings() throws IOException, InterruptedException {
    picture(
        "working-two-methods.png",
        () -> {
          workspace.choose(demo.items().get(2).id());
          workspace.chooseTask(Request.of(Measures.VARIANCE));
          ((Hyperlink) scene.lookup("#working-on-sheet")).fire();
          ((ToggleButton) scene.lookup("#working-beside")).fire();
        });
    Headless.run(
        () -> {
          ((Button) scene.lookup("#working-back")).fire();
        });
  }

  private void takePicturesOfClasses() throws IOException, InterruptedException {
    picture(
        "class-table.png",
        () -> {
          workspace.choose(demo.items().get(5).id());
          workspace.chooseTask(Request.of(Measures.MEDIAN));
          ((CheckBox) scene.lookup("#graph-mark-median")).fire();
          ((ToggleButton) scene.lookup("#graph-ogive")).fire();
        });
    Headless.run(
        () -> {
          ((Hyperlink) scene.lookup("#graph-toggle")).fire();
          ((ScrollPane) scene.lookup("#measures-scroll")).setVvalue(0);
        });
    Headless.run(
        () -> {
          workspace
              .shelf()
              .addNamed(
                  "Weights typed",
                  new Source.ClassesText(
                      "100–109\t3\n110–119\t8\n115–129\t12\n120–129\t-5\nn = 30"));
        });
    // The sheet is as long as its table only once it is laid out.
    settle();
    picture(
        "printed-table.png", () -> ((ScrollPane) scene.lookup("#measures-scroll")).setVvalue(0));
    Headless.run(
        () -> {
          workspace.shelf().removeChosen();
        });
  }

  private void takePicturesOfTables() throws IOException, InterruptedException {
    picture("import-to-correct.png", () -> importFile("trays.csv"));
    Headless.run(
        () -> {
          workspace.chooseTable(1);
        });
    settle();
    picture(
        "steps.png",
        () -> {
          CellGrid.of(scene).select(new CellBlock(4, 15, 4, 5));
          ((MenuButton) scene.lookup("#steps-add")).getItems().get(0).fire();
          ((TextField) scene.lookup("#ask-new-name")).setText("slimness");
          ((TextField) scene.lookup("#ask-formula")).setText("length ÷ √wieght");
        });
  }

  private void importFile(String name) {
    try {
      workspace.imports().begin(DataSource.of(data.resolve(name)));
    } catch (RefusedFileException e) {
      throw new IllegalStateException(e);
    }
  }

  private MenuItem menu(String id) {
    return ((MenuButton) scene.lookup("#assignment-menu"))
        .getItems().stream().filter(item -> id.equals(item.getId())).findFirst().orElseThrow();
  }

  private void picture(String name, Runnable before) throws IOException, InterruptedException {
    Headless.run(
        () -> {
          before.run();
        });
    settle();
    if (!drawn) {
      return;
    }
    WritableImage image = Headless.call(() -> scene.snapshot(null));
    Path target = folder.resolve(name);
    ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", target.toFile());
    written.add(target);
  }

  private void settle() throws InterruptedException {
    TimeUnit.MILLISECONDS.sleep(drawn ? SETTLE_MILLIS : SOON_MILLIS);
  }
}
