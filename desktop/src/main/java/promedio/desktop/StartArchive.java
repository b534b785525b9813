package promedio.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.LoggerFactory;

/**
 * The class archive beside the jars of an unpacked program, which makes starts quick. It is valid
 * for one folder only, so that the program makes a new one, once, when it is started from another.
 */
final class StartArchive {

  /** Where the jars are; the launcher of an unpacked program says so. */
  private static final String FOLDER = "promedio.app";

  /** Where the launcher itself is; it says this too. */
  private static final String LAUNCHER = "promedio.launcher";

  private final Path folder;
  private final String launcher;

  StartArchive(Path folder, String launcher) {
    this.folder = folder;
    this.launcher = launcher;
  }

  /** Makes the archive where there is none for this folder, in a process that nobody waits for. */
  static void renew() {
    String folder = System.getProperty(FOLDER);
    String launcher = System.getProperty(LAUNCHER);
    if (folder == null || launcher == null) {
      return;
    }
    try {
      new StartArchive(Path.of(folder), launcher).renewIfElsewhere();
    } catch (IOException e) {
      LoggerFactory.getLogger(StartArchive.class)
          .warn("the class archive cannot be made; starts stay slow", e);
    }
  }

  /** Without the right to write beside the jars, the archive stays as it is. */
  void renewIfElsewhere() throws IOException {
    Path place = folder.resolve("classes.place");
    String here = folder.toAbsolutePath().toString();
    boolean known = Files.exists(place) && Files.readString(place).equals(here);
    if (known || !Files.isWritable(folder)) {
      return;
    }
    // Written first, so that a second start in the meantime does not make it too.
    Files.writeString(place, here, StandardCharsets.UTF_8);
    ProcessBuilder maker = new ProcessBuilder(launcher);
    maker
        .environment()
        .put(
            "JAVA_TOOL_OPTIONS",
            "-Xshare:dump \"-XX:SharedClassListFile=" + folder.resolve("classes.list") + "\"");
    maker.redirectOutput(ProcessBuilder.Redirect.DISCARD);
    maker.redirectError(ProcessBuilder.Redirect.DISCARD);
    maker.start();
  }
}
