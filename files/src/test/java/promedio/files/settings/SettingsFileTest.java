package promedio.files.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.files.ByCode;

class SettingsFileTest {

  @TempDir private Path folder;

  @Test
  void everythingIsRememberedAsItWas() {
    SettingsFile file = new SettingsFile(folder.resolve("deep").resolve("settings.json"));
    Settings settings =
        Settings.INITIAL
            .withDark(true)
            .withBand("shelf", new Settings.Band(301.5, false))
            .withBand("margin", new Settings.Band(312, true))
            .withTextPercent(130)
            .withSign(DecimalSign.COMMA)
            .withWindow(new Settings.Place(-5, 10, 1024, 700))
            .withRecent(Path.of("/a.promedio"))
            .withRecent(Path.of("/b.promedio"))
            .withCourse("Statistics I", ByCode.with(CourseRules.DEFAULTS, "divisor", "n"))
            .withCourse("Señor “Ruiz”", ByCode.with(CourseRules.DEFAULTS, "quartiles", "hf6"));

    file.write(settings);

    assertThat(file.read()).isEqualTo(settings);
    assertThat(file.read().courses().keySet()).containsExactly("Statistics I", "Señor “Ruiz”");
  }

  @Test
  void withoutAFileTheInitialSettingsHold() {
    assertThat(new SettingsFile(folder.resolve("none.json")).read()).isEqualTo(Settings.INITIAL);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "{", "not json", "{\"courses\":{\"A\":{\"none\":\"x\"}}}"})
  void aDamagedFileIsForgotten(String text) throws Exception {
    Path path = Files.writeString(folder.resolve("settings.json"), text);

    assertThat(new SettingsFile(path).read().courses()).isEmpty();
  }

  @Test
  void whatCannotBeReadIsPutAsideAndSaidInsteadOfWrittenOver() throws Exception {
    Path path = Files.writeString(folder.resolve("settings.json"), "{ \"dark\": tru");
    SettingsFile file = new SettingsFile(path);

    file.read();
    file.write(Settings.INITIAL);

    assertThat(file.problem()).hasValueSatisfying(why -> assertThat(why).contains("put aside"));
    assertThat(folder.resolve("settings-unreadable.json")).hasContent("{ \"dark\": tru");
    assertThat(new SettingsFile(path).read()).isEqualTo(Settings.INITIAL);
    assertThat(new SettingsFile(path).problem()).isEmpty();
  }

  @Test
  void aPlaceThatCannotBeWrittenStopsNothing() throws Exception {
    Path file = Files.writeString(folder.resolve("file"), "in the way");

    new SettingsFile(file.resolve("settings.json")).write(Settings.INITIAL);

    assertThat(file).hasContent("in the way");
  }

  @Test
  void recentFilesAreFewAndTheLatestIsFirst() {
    Settings settings = Settings.INITIAL;
    for (int i = 0; i < 12; i++) {
      settings = settings.withRecent(Path.of("/" + i));
    }
    settings = settings.withRecent(Path.of("/7"));

    assertThat(settings.recent()).hasSize(8).startsWith(Path.of("/7"), Path.of("/11"));
    assertThat(settings.recent()).doesNotHaveDuplicates();
  }

  @Test
  void textIsHeldWithinWhatCanBeRead() {
    assertThat(Settings.INITIAL.withTextPercent(5).textPercent()).isEqualTo(80);
    assertThat(Settings.INITIAL.withTextPercent(900).textPercent()).isEqualTo(200);
  }

  @Test
  void aCourseIsForgottenByItsName() {
    Settings settings = Settings.INITIAL.withCourse("A", CourseRules.DEFAULTS);

    assertThat(settings.withoutCourse("B")).isEqualTo(settings);
    assertThat(settings.withoutCourse("A")).isEqualTo(Settings.INITIAL);
  }
}
