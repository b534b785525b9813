package promedio.desktop;

import java.nio.file.Path;

/**
 * Where the program keeps what is not the student's own files.
 *
 * @param settings the file of the settings
 * @param unsaved the folder of work that is not saved yet
 * @param claims the folder of marks of open files
 * @param own the folder of notes about files that were saved here
 */
public record Folders(Path settings, Path unsaved, Path claims, Path own) {

  /** {@return the folders of this person, or those under the system property promedio.home} */
  public static Folders ofPerson() {
    String home = System.getProperty("promedio.home");
    return under(
        home == null
            ? Path.of(System.getProperty("user.home"), ".local", "state", "promedio")
            : Path.of(home));
  }

  /** {@return the folders under this one} */
  public static Folders under(Path folder) {
    return new Folders(
        folder.resolve("settings.json"),
        folder.resolve("unsaved"),
        folder.resolve("claims"),
        folder.resolve("own"));
  }
}
