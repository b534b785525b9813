package promedio.bench;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** How another virtual machine is started. */
final class JavaProcess {

  /** The class path of this one. */
  static final String CLASS_PATH = System.getProperty("java.class.path");

  private JavaProcess() {}

  /**
   * {@return the class path of the program as it is built, and of the benchmarks}
   *
   * @param home the folder of the sources
   */
  static String classPath(Path home) throws IOException {
    return Files.readString(home.resolve("desktop/target/class-path"))
        + File.pathSeparator
        + home.resolve("bench/target/classes");
  }

  /** {@return the option for the archive of the classes that the program loads} */
  static String archive(Path home) {
    return "-XX:SharedArchiveFile=" + home.resolve("desktop/target/classes.jsa");
  }

  /** {@return the command that runs a class in a virtual machine of its own} */
  static List<String> command(
      List<String> options, String classPath, Class<?> main, String... arguments) {
    List<String> line = new ArrayList<>();
    line.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    line.addAll(options);
    line.addAll(List.of("-cp", classPath, main.getName()));
    line.addAll(List.of(arguments));
    return line;
  }
}
