package promedio.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.LoggerFactory;

/**
 * The archive beside the jars of an unpacked program, from which the virtual machine takes the
 * classes of a start as it wants them. It holds for one place on the disk only, so that the program
 * makes it anew, once, when it finds itself in another.
 */
final class StartArchive {

  /** Where the jars are; the launcher of an unpacked program says so. */
  private static final String FOLDER = "promedio.app";

  /** Where the launcher itself is; it says so, too. */
  private static final String LAUNCHER = "promedio.launcher";

  private final Path folder;
  private final String launcher;

  StartArchive(Path folder, String launcher) {
    this.folder = folder;
    this.launcher = launcher;
  }

  /** Has the archive made by a program of its own, for which nobody waits, where there is need. */
  static void renew() {
    String folder = System.getProperty(FOLDER);
    String launcher = System.getProperty(LAUNCHER);
    if (folder == null || launcher == null) {
      return;
    }
    try {
      new StartArchive(Path.of(folder), launcher).renewIfElsewhere();
    } catch (IOException e) {
      LoggerFactory.getLogger(StartArchive.class).warn("every start stays a slower one", e);
    }
  }

  /** Who may not write beside the jars is content with what is there. */
  void renewIfElsewhere() throws IOException {
    Path place = folder.resolve("classes.place");
    String here = folder.toAbsolutePath().toString();
    boolean known = Files.exists(place) && Files.readString(place).equals(here);
    if (known || !Files.isWritable(folder)) {
      return;
    }
    // Said before it is so: a second start meanwhile is not to make it, too.
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
