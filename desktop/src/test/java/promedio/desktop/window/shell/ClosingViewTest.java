package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
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
import promedio.core.assignment.Original;
import promedio.core.table.ReadingChoices;
import promedio.core.tidy.LeaveOutWhere;
import promedio.core.tidy.Replay;
import promedio.desktop.session.Background;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

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
    StringBuilder rows = new StringBuilder("pear,g\n");
    for (int i = 0; i < 21_000; i++) {
      rows.append(i).append(',').append(i % 50).append('\n');
    }
    ImportedTable log =
        new ImportedTable(
            1,
            "log",
            new Original.Kept("l.csv", rows.toString().getBytes(StandardCharsets.UTF_8)),
            ReadingChoices.NONE,
            Replay.of(
                TableReader.read(
                        DataSource.of("l.csv", rows.toString().getBytes(StandardCharsets.UTF_8)),
                        ReadingChoices.NONE,
                        Progress.NONE)
                    .table()));
    robot.interact(
        () -> {
          workspace.tables().addTable(log);
          workspace.tables().addStep(new LeaveOutWhere("g = 3"));
          workspace.tables().addStep(new LeaveOutWhere("g = 4"));
          workspace.tables().addStep(new LeaveOutWhere("g = 5"));
          stage().fireEvent(new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST));
        });
    waitUntil(() -> !stage().isShowing());

    assertThat(workspace.assignment().tables().get(0).replay().steps()).hasSize(3);
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
