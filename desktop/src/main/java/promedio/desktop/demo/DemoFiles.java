package promedio.desktop.demo;

import static java.util.regex.Matcher.quoteReplacement;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Pattern;
import promedio.core.message.Texts;
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

  /** What stands between separators, without the blanks around it. */
  private static final Pattern CELL = Pattern.compile("[^,;\\s](?:[^,;\\n]*[^,;\\s])?");

  private static final Pattern NO_LETTERS = Pattern.compile("[^a-z]+");

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

  /** {@return the text of the file, its words in the language that is spoken} */
  public static String text(String name) {
    return CELL.matcher(shipped(name)).replaceAll(cell -> quoteReplacement(word(cell.group())));
  }

  /** {@return the bytes of that text} */
  public static byte[] bytes(String name) {
    return text(name).getBytes(StandardCharsets.UTF_8);
  }

  /** {@return a word of the files in the language that is spoken; a name or a number as it is} */
  public static String word(String cell) {
    String letters = NO_LETTERS.matcher(cell.toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
    String key = "demo.word." + letters.replace(' ', '-');
    return Texts.has(key) ? Texts.of(key) : cell;
  }

  private static String shipped(String name) {
    try (InputStream in = open(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new IllegalStateException("the demo file " + name + " is damaged", e);
    }
  }

  private static InputStream open(String name) {
    return Objects.requireNonNull(
        DemoFiles.class.getResourceAsStream("/promedio/desktop/demo/" + name));
  }
}
