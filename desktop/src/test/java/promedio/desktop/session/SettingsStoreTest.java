package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Queue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.message.BadInputException;
import promedio.core.rules.CourseRules;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

class SettingsStoreTest {

  @TempDir private Path folder;

  /** What the worker was given and has not begun yet. */
  private final Queue<Runnable> given = new ArrayDeque<>();

  private SettingsStore store() {
    SettingsFile file = new SettingsFile(folder.resolve("settings.json"));
    return new SettingsStore(file, file.read(), new Background(given::add, Runnable::run));
  }

  private void work() {
    for (Runnable next = given.poll(); next != null; next = given.poll()) {
      next.run();
    }
  }

  @Test
  void settingsAreRememberedFromOneStartToTheNext() throws BadInputException {
    CourseRules population = CourseRules.DEFAULTS.with("divisor", "n");
    SettingsStore store = store();
    store.remember(old -> old.withDark(true).withTextPercent(150).withCourse("Stats", population));
    store.remember(old -> old.withWindow(new Settings.Place(10, 20, 900, 700)));
    work();

    Settings settings = store().get();
    assertThat(settings.dark()).isTrue();
    assertThat(settings.textPercent()).isEqualTo(150);
    assertThat(settings.courses()).containsEntry("Stats", population);
    assertThat(settings.window()).contains(new Settings.Place(10, 20, 900, 700));
  }

  @Test
  void theFileIsWrittenApartFromTheWindow() {
    SettingsStore store = store();
    store.remember(old -> old.withDark(true));

    assertThat(store.get().dark()).isTrue();
    assertThat(folder.resolve("settings.json")).doesNotExist();
    work();
    assertThat(folder.resolve("settings.json")).exists();
  }

  @Test
  void damagedSettingsNeverStopTheProgram() throws Exception {
    Files.writeString(folder.resolve("settings.json"), "{\"courses\":{\"A\":{\"divisor\":\"m\"}}}");

    assertThat(store().get()).isEqualTo(Settings.INITIAL);
  }
}
