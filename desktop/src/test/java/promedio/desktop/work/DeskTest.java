package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.measure.Measure;
import promedio.core.rules.CourseRules;
import promedio.desktop.Folders;
import promedio.files.RefusedFileException;
import promedio.files.assignment.UnsavedWork;
import promedio.files.settings.Settings;

class DeskTest {

  @TempDir private Path folder;

  private Workspace workspace() {
    return new Workspace(Assignment.empty("Pears"), new Background(Runnable::run, Runnable::run));
  }

  private Desk desk(Workspace workspace) {
    return new Desk(workspace, Folders.under(folder.resolve("state")));
  }

  private List<Path> unsaved() throws IOException {
    Path kept = folder.resolve("state").resolve("unsaved");
    if (!Files.exists(kept)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(kept)) {
      return files.toList();
    }
  }

  private void waitUntilKept(int files) throws Exception {
    long end = System.nanoTime() + Duration.ofSeconds(10).toNanos();
    while (unsaved().size() != files && System.nanoTime() < end) {
      Thread.sleep(20);
    }
    assertThat(unsaved()).hasSize(files);
  }

  @Test
  void whatIsSavedIsOpenedEqual() throws Exception {
    Workspace first = workspace();
    Path file = folder.resolve("pears.promedio");
    try (Desk desk = desk(first)) {
      first.items().type("8 10 — 14o");
      first.items().answer(Measure.MEAN, "9");
      assertThat(desk.savedProperty().get()).isFalse();
      assertThat(desk.save(file)).isEmpty();
      assertThat(desk.savedProperty().get()).isTrue();
      first.items().type("8 10");
      assertThat(desk.savedProperty().get()).isFalse();
      first.undo();
      assertThat(desk.savedProperty().get()).isTrue();
    }
    Workspace second = workspace();
    try (Desk desk = desk(second)) {
      desk.open(file);

      assertThat(second.assignment()).isEqualTo(first.assignment());
      assertThat(desk.fileProperty().get()).isEqualTo(file);
      assertThat(desk.settingsProperty().get().recent()).containsExactly(file.toAbsolutePath());
    }
  }

  @Test
  void unsavedWorkIsKeptWhileItGoesOnAndForgottenWhenSaved() throws Exception {
    Workspace workspace = workspace();
    try (Desk desk = desk(workspace)) {
      workspace.items().type("8");
      workspace.items().type("8 10");
      waitUntilKept(2);

      desk.save(folder.resolve("pears.promedio"));

      assertThat(unsaved()).isEmpty();
    }
    assertThat(unsaved()).isEmpty();
  }

  @Test
  void workThatWasNotSavedIsOfferedAndGoesOn() throws Exception {
    Workspace crashed = workspace();
    try (Desk desk = desk(crashed)) {
      crashed.items().type("8 10 11");
      assertThat(desk.fileProperty().get()).isNull();
    }
    Workspace next = workspace();
    try (Desk desk = desk(next)) {
      List<UnsavedWork.Found> found = desk.leftOver();
      assertThat(found).hasSize(1);

      desk.bringBack(found.get(0));

      assertThat(next.assignment()).isEqualTo(crashed.assignment());
      assertThat(desk.savedProperty().get()).isFalse();
      assertThat(desk.leftOver()).isEmpty();
    }
    Workspace last = workspace();
    try (Desk desk = desk(last)) {
      assertThat(desk.leftOver()).hasSize(1);
      desk.throwAway(desk.leftOver().get(0));
      assertThat(desk.leftOver()).isEmpty();
    }
  }

  @Test
  void twoWindowsOnOneFileAreNoticed() throws Exception {
    Path file = folder.resolve("pears.promedio");
    Workspace first = workspace();
    Workspace second = workspace();
    try (Desk one = desk(first);
        Desk other = desk(second)) {
      assertThat(one.save(file)).isEmpty();
      assertThat(other.open(file).orElseThrow()).contains("open in another window");
    }
    try (Desk again = desk(workspace())) {
      assertThat(again.open(file)).isEmpty();
    }
  }

  @Test
  void aFileThatSomeoneElseChangedIsNotReplacedUnasked() throws Exception {
    Path file = folder.resolve("pears.promedio");
    Workspace workspace = workspace();
    try (Desk desk = desk(workspace)) {
      desk.save(file);
      Files.setLastModifiedTime(file, FileTime.fromMillis(1_000_000));
      workspace.items().type("8");

      assertThatThrownBy(() -> desk.save(file)).hasMessageContaining("changed by someone else");
      assertThat(desk.savedProperty().get()).isFalse();

      desk.save(file);
      assertThat(desk.savedProperty().get()).isTrue();
    }
  }

  @Test
  void aFileThatCannotBeOpenedLeavesTheWorkAsItIs() throws Exception {
    Workspace workspace = workspace();
    workspace.items().type("8 10");
    Assignment before = workspace.assignment();
    try (Desk desk = desk(workspace)) {
      Path foreign = Files.writeString(folder.resolve("notes.promedio"), "only notes");

      assertThatThrownBy(() -> desk.open(foreign)).isInstanceOf(RefusedFileException.class);

      assertThat(workspace.assignment()).isEqualTo(before);
      assertThat(desk.fileProperty().get()).isNull();
    }
  }

  @Test
  void settingsAreRememberedFromOneStartToTheNext() {
    CourseRules population = CourseRules.DEFAULTS.with("divisor", "n");
    try (Desk desk = desk(workspace())) {
      desk.remember(old -> old.withDark(true).withTextPercent(150).withCourse("Stats", population));
      desk.remember(old -> old.withWindow(new Settings.Place(10, 20, 900, 700)));
    }
    try (Desk desk = desk(workspace())) {
      Settings settings = desk.settingsProperty().get();

      assertThat(settings.dark()).isTrue();
      assertThat(settings.textPercent()).isEqualTo(150);
      assertThat(settings.courses()).containsEntry("Stats", population);
      assertThat(settings.window()).contains(new Settings.Place(10, 20, 900, 700));
    }
  }

  @Test
  void damagedSettingsNeverStopTheProgram() throws Exception {
    Path state = Files.createDirectories(folder.resolve("state"));
    Files.writeString(state.resolve("settings.json"), "{\"courses\":{\"A\":{\"divisor\":\"m\"}}}");
    try (Desk desk = desk(workspace())) {
      assertThat(desk.settingsProperty().get()).isEqualTo(Settings.INITIAL);
    }
  }
}
