package promedio.desktop.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import promedio.files.SafeWrite;

/** The data files of the demo, shipped with the program. */
public final class DemoFiles {

  private static final List<String> NAMES =
      List.of(
          "terraces.csv",
          "picking-times.csv",
          "sugar.csv",
          "pears-per-basket.csv",
          "sorted-out.csv",
          "sorted-out-by-variety.csv",
          "trees.csv",
          "weights.csv",
          "weights-in-classes.csv",
          "answers.csv",
          "trays.csv");

  private DemoFiles() {}

  /**
   * {@return the files written into the folder}
   *
   * @param folder made if it is not there
   * @throws IOException if a file cannot be written
   */
  public static List<Path> write(Path folder) throws IOException {
    List<Path> written = of(folder);
    for (Path target : written) {
      SafeWrite.write(target, bytes(String.valueOf(target.getFileName())));
    }
    return written;
  }

  /** {@return the files that are written into the folder} */
  public static List<Path> of(Path folder) {
    return NAMES.stream().map(folder::resolve).toList();
  }

  /** {@return the text of the file} */
  public static String text(String name) {
    return new String(bytes(name), StandardCharsets.UTF_8);
  }

  /** {@return the bytes of the file} */
  public static byte[] bytes(String name) {
    try (InputStream in = open(name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new IllegalStateException("the demo file " + name + " is damaged", e);
    }
  }

  private static InputStream open(String name) {
    return Objects.requireNonNull(
        DemoFiles.class.getResourceAsStream("/promedio/desktop/demo/" + name));
  }
}
