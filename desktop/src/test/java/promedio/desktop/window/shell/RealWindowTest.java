package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.desktop.Folders;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.work.Workspace;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/** The main path once more in a window of the system, which the tests offscreen do without. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class RealWindowTest {

  @TempDir private static Path state;

  private Stage window;

  @Start
  void open(Stage stage) {
    Workspace workspace = new Workspace(Assignment.empty("Pears"), Background.ofWindow());
    DocumentStore store = new DocumentStore(workspace.session(), Folders.under(state));
    SettingsStore settings =
        new SettingsStore(
            new SettingsFile(state.resolve("settings.json")),
            Settings.INITIAL,
            workspace.background());
    AssignmentView view = new AssignmentView(workspace, store, settings, mock());
    stage.setScene(PromedioApplication.scene(view));
    PromedioApplication.show(stage, settings.get());
    window = stage;
    view.startTyping();
  }

  @Test
  void valuesAreTypedAndAnAnswerIsMarked(FxRobot robot) {
    robot.clickOn("#values").write("2 4 4 4 5 5 7 9");
    robot.clickOn("#answer-sd").write("2.14").type(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();

    assertThat(robot.lookup("#result-sd").queryAs(Label.class).getText()).isEqualTo("2.14");
    assertThat(robot.lookup("#mark-sd").queryAs(Label.class).getText()).isEqualTo("right");
  }

  /** A window manager that draws the frame made it as small as it can be. */
  @Test
  void theWindowOpensAsLargeAsItIsWanted() {
    WaitForAsyncUtils.sleep(2, TimeUnit.SECONDS);
    Rectangle2D screen = Screen.getPrimary().getVisualBounds();

    assertThat(window.getWidth()).isEqualTo(Math.min(1280, screen.getWidth()));
    assertThat(window.getHeight()).isEqualTo(Math.min(800, screen.getHeight()));
  }
}
