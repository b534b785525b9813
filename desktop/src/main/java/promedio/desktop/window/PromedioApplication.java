package promedio.desktop.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.FileChooser;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.desktop.Texts;
import promedio.desktop.work.Background;
import promedio.desktop.work.Workspace;

/** The window on one assignment. */
public final class PromedioApplication extends Application {

  private static final Logger LOG = LoggerFactory.getLogger(PromedioApplication.class);
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;

  /** What the toolkit cannot be told by its own arguments, which are texts. */
  private static Assignment initial = Assignment.empty("");

  private static @Nullable Path file;

  /** For the toolkit. */
  public PromedioApplication() {}

  /**
   * Opens the window and returns when it is closed.
   *
   * @param assignment what it shows
   * @param dataFile a data file to bring in at once
   */
  public static void open(Assignment assignment, Optional<Path> dataFile) {
    initial = assignment;
    file = dataFile.orElse(null);
    launch(PromedioApplication.class);
  }

  @Override
  public void start(Stage stage) {
    Thread.setDefaultUncaughtExceptionHandler(
        (thread, failure) -> LOG.error("unexpected in {}", thread.getName(), failure));
    Workspace workspace = new Workspace(initial, Background.ofWindow());
    AssignmentView view = new AssignmentView(workspace, () -> chooseFile(stage));
    Thread.currentThread()
        .setUncaughtExceptionHandler(
            (thread, failure) -> {
              LOG.error("unexpected in the window", failure);
              view.tell(Texts.of("notice.unexpected"));
            });
    stage.setTitle(Texts.of("window.title", initial.title()));
    workspace
        .assignmentProperty()
        .subscribe(now -> stage.setTitle(Texts.of("window.title", now.title())));
    stage.setScene(scene(view));
    fitToScreen(stage);
    stage.setMinWidth(760);
    stage.setMinHeight(520);
    stage.show();
    view.startTyping();
    if (file != null) {
      view.openFile(file);
    }
  }

  /** {@return a scene with the view, in our type and colours} */
  public static Scene scene(AssignmentView view) {
    Look.loadFonts();
    Scene scene = new Scene(view, WIDTH, HEIGHT);
    scene.getStylesheets().add(Look.stylesheet());
    return scene;
  }

  private static void fitToScreen(Stage stage) {
    Rectangle2D screen = Screen.getPrimary().getVisualBounds();
    stage.setWidth(Math.min(WIDTH, screen.getWidth()));
    stage.setHeight(Math.min(HEIGHT, screen.getHeight()));
  }

  private static Optional<Path> chooseFile(Stage stage) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Texts.of("open.title"));
    chooser
        .getExtensionFilters()
        .addAll(
            new FileChooser.ExtensionFilter(
                Texts.of("open.tables"), "*.csv", "*.tsv", "*.txt", "*.tab"),
            new FileChooser.ExtensionFilter(Texts.of("open.all"), "*.*"));
    return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
  }
}
