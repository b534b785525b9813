package promedio.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** How another virtual machine is started. */
final class JavaProcess {

  /** The class path of this one. */
  static final String CLASS_PATH = System.getProperty("java.class.path");

  private JavaProcess() {}

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
