package promedio.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the program keeps for itself stands where each system expects it. */
class FoldersTest {

  private static final Path HOME = Path.of("/home/ana");

  @Test
  void onLinuxSettingsAndStateAreApart() {
    Folders folders = Folders.ofPerson("Linux", HOME, Map.of());

    assertThat(folders.settings()).isEqualTo(HOME.resolve(".config/promedio/settings.json"));
    assertThat(folders.unsaved()).isEqualTo(HOME.resolve(".local/state/promedio/unsaved"));
    assertThat(folders.log()).isEqualTo(HOME.resolve(".local/state/promedio/promedio.log"));
  }

  @Test
  void whatTheEnvironmentNamesIsUsedUnlessItIsNotAbsolute() {
    Folders folders =
        Folders.ofPerson(
            "Linux", HOME, Map.of("XDG_CONFIG_HOME", "/etc/mine", "XDG_STATE_HOME", "state"));

    assertThat(folders.settings()).isEqualTo(Path.of("/etc/mine/promedio/settings.json"));
    assertThat(folders.own()).isEqualTo(HOME.resolve(".local/state/promedio/own"));
  }

  @Test
  void settingsThatStoodBesideTheStateStayInUse(@TempDir Path home) throws Exception {
    Folders folders = Folders.ofPerson("Linux", home, Map.of());
    Path before = home.resolve(".local/state/promedio/settings.json");

    assertThat(folders.withSettingsOfBefore()).isEqualTo(folders);
    Files.createDirectories(before.getParent());
    Files.writeString(before, "{}");
    assertThat(folders.withSettingsOfBefore().settings()).isEqualTo(before);
    Files.createDirectories(folders.settings().getParent());
    Files.writeString(folders.settings(), "{}");
    assertThat(folders.withSettingsOfBefore()).isEqualTo(folders);
  }

  @Test
  void otherSystemsHaveTheirOwnPlaces() {
    assertThat(Folders.ofPerson("Windows 11", HOME, Map.of()).settings())
        .isEqualTo(HOME.resolve("AppData/Local/promedio/settings.json"));
    assertThat(Folders.ofPerson("Mac OS X", HOME, Map.of()).claims())
        .isEqualTo(HOME.resolve("Library/Application Support/promedio/claims"));
    assertThat(Folders.ofPerson("Mac OS X", HOME, Map.of()).log())
        .isEqualTo(HOME.resolve("Library/Logs/promedio/promedio.log"));
  }
}
