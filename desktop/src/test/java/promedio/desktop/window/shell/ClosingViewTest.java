package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.ImportedTable;
import promedio.core.tidy.LeaveOutWhere;
import promedio.desktop.ReadTables;
import promedio.desktop.session.Background;

/** The window closes when what was asked for is written, and not before. */
class ClosingViewTest extends OpenWindow {

  private final CountDownLatch go = new CountDownLatch(1);

  private Stage stage() {
    return (Stage) view.getScene().getWindow();
  }

  @BeforeEach
  void closeAsTheProgramDoes() {
    robot.interact(
        () -> {
          Closing closing = new Closing(stage(), workspace.background(), store, () -> view);
          stage().setOnCloseRequest(closing::request);
        });
  }

  private void wish() {
    robot.interact(
        () -> stage().fireEvent(new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
    settle();
  }

  /** Writes a file that is not finished before it is let go on. */
  private Path export() {
    Path file = folder.resolve("pears.csv");
    robot.interact(
        () ->
            workspace
                .background()
                .run(
                    Background.Lane.EXPORT,
                    "Writing pears.csv",
                    () -> {
                      go.await();
                      return Files.writeString(file, "weight");
                    },
                    written -> {},
                    failure -> {}));
    return file;
  }

  private Button stay() {
    return robot.lookup(".offer-line .button").queryAllAs(Button.class).stream()
        .filter(button -> button.getText().equals("Keep the window open"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void waitsForAFileThatIsBeingWritten() throws TimeoutException {
    Path file = export();
    wish();
    assertThat(stage().isShowing()).isTrue();
    assertThat(stay().isVisible()).isTrue();
    go.countDown();
    waitUntil(() -> !stage().isShowing());

    assertThat(file).hasContent("weight");
  }

  @Test
  void canBeCalledOffWhileItWaits() throws TimeoutException {
    Path file = export();
    wish();
    robot.interact(stay()::fire);
    go.countDown();
    await(Background.Lane.EXPORT);
    settle();

    assertThat(file).hasContent("weight");
    assertThat(stage().isShowing()).isTrue();
    wish();
    waitUntil(() -> !stage().isShowing());
  }

  @Test
  void waitsForStepsThatWaitForEachOther() throws Exception {
    ImportedTable log = ReadTables.imported("log", ReadTables.manyRows());
    robot.interact(
        () -> {
          workspace.tables().addTable(log);
          workspace.tables().addStep(new LeaveOutWhere("g = 3"));
          workspace.tables().addStep(new LeaveOutWhere("g = 4"));
          workspace.tables().addStep(new LeaveOutWhere("g = 5"));
          stage().fireEvent(new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST));
        });
    waitUntil(() -> !stage().isShowing());

    assertThat(workspace.assignment().tables().get(0).pipeline().steps()).hasSize(3);
  }

  @Test
  void keepsWhatIsNotSaved() throws Exception {
    robot.interact(() -> workspace.items().type("8 10 12"));
    wish();
    waitUntil(() -> !stage().isShowing());

    assertThat(store.keepAll()).isEmpty();
    assertThat(store.savedProperty().get()).isFalse();
  }
}
