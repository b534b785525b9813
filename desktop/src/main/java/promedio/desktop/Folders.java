package promedio.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/**
 * Where the program keeps what is not the student's own files.
 *
 * @param settings the file of the settings
 * @param unsaved the folder of work that is not saved yet
 * @param claims the folder of marks of open files
 * @param own the folder of notes about files that were saved here
 * @param log the file of the log
 */
public record Folders(Path settings, Path unsaved, Path claims, Path own, Path log) {

  private static final String NAME = "promedio";

  /** {@return the folders of this person, or those under the system property promedio.home} */
  public static Folders ofPerson() {
    String home = System.getProperty("promedio.home");
    return home == null
        ? ofPerson(
                System.getProperty("os.name"),
                Path.of(System.getProperty("user.home")),
                System.getenv())
            .withSettingsOfBefore()
        : under(Path.of(home));
  }

  /** Settings once stood beside the state; where they still do, they stay in use. */
  Folders withSettingsOfBefore() {
    Path before = unsaved.resolveSibling(settings.getFileName());
    return Files.exists(before) && Files.notExists(settings)
        ? new Folders(before, unsaved, claims, own, log)
        : this;
  }

  /**
   * {@return the folders of a person as their system has them}: on Linux those of the XDG base
   * directories, on Windows the local application data, on macOS the application support
   *
   * @param system what it is called
   * @param home the folder of the person
   * @param environment the variables of the environment
   */
  static Folders ofPerson(String system, Path home, Map<String, String> environment) {
    String name = system.toLowerCase(Locale.ROOT);
    if (name.contains("win")) {
      return under(named(environment, "LOCALAPPDATA", home.resolve("AppData/Local")));
    }
    if (name.contains("mac")) {
      Folders folders = under(home.resolve("Library/Application Support").resolve(NAME));
      return folders.logging(home.resolve("Library/Logs").resolve(NAME));
    }
    Path state = named(environment, "XDG_STATE_HOME", home.resolve(".local/state"));
    Path config = named(environment, "XDG_CONFIG_HOME", home.resolve(".config"));
    Folders folders = under(state);
    return new Folders(
        config.resolve("settings.json"), folders.unsaved, folders.claims, folders.own, folders.log);
  }

  private static Path named(Map<String, String> environment, String variable, Path usual) {
    String given = environment.getOrDefault(variable, "");
    // What is not absolute is to be passed over, says the specification of these variables.
    Path folder = given.isBlank() || !Path.of(given).isAbsolute() ? usual : Path.of(given);
    return folder.resolve(NAME);
  }

  private Folders logging(Path folder) {
    return new Folders(settings, unsaved, claims, own, folder.resolve("promedio.log"));
  }

  /** {@return the folders under this one} */
  public static Folders under(Path folder) {
    return new Folders(
        folder.resolve("settings.json"),
        folder.resolve("unsaved"),
        folder.resolve("claims"),
        folder.resolve("own"),
        folder.resolve("promedio.log"));
  }
}
