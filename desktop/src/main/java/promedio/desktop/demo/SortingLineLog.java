package promedio.desktop.demo;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** What the sorting line of the orchard writes down of every pear: a table of any size. */
public final class SortingLineLog {

  private static final List<String> WORDS =
      List.of("time", "line", "variety", "grade", "operator", "remark", "tray");
  private static final List<String> NUMBERS =
      List.of(
          "weight",
          "length",
          "width",
          "firmness",
          "sugar",
          "redness",
          "greenness",
          "spots",
          "belt speed",
          "belt load",
          "air temperature",
          "pear temperature",
          "humidity",
          "light",
          "camera focus",
          "camera gain",
          "arm force",
          "arm time",
          "crate",
          "crate weight",
          "power");
  private static final List<String> VARIETIES =
      List.of("Blanca", "Conference", "Ercolini", "Limonera");
  private static final List<String> OPERATORS = List.of("Ana", "Beto", "Carla", "Darío");
  private static final LocalDateTime START = LocalDateTime.of(2026, 9, 1, 7, 0);

  /** The same log comes out every time. */
  private static final long SEED = 2026;

  private SortingLineLog() {}

  /**
   * Writes a log.
   *
   * @param rows how many pears
   * @throws IOException if the file cannot be written
   */
  public static void write(Path file, int rows) throws IOException {
    SplittableRandom random = new SplittableRandom(SEED);
    try (CsvWriter writer = CsvWriter.builder().build(file)) {
      List<String> header = new ArrayList<>(WORDS);
      header.addAll(NUMBERS);
      writer.writeRecord(header);
      for (int row = 0; row < rows; row++) {
        writer.writeRecord(row(row, random));
      }
    }
  }

  private static List<String> row(int row, SplittableRandom random) {
    List<String> cells = new ArrayList<>(WORDS.size() + NUMBERS.size());
    cells.add(START.plusSeconds(row * 3L).toString().replace('T', ' '));
    cells.add("line " + (1 + random.nextInt(4)));
    cells.add(VARIETIES.get(random.nextInt(VARIETIES.size())));
    cells.add(List.of("A", "B", "C").get(random.nextInt(3)));
    cells.add(OPERATORS.get(random.nextInt(OPERATORS.size())));
    cells.add(random.nextInt(6) == 0 ? "soft" : "");
    cells.add(String.format(Locale.ROOT, "T%06d", row / 25));
    IntStream.range(0, NUMBERS.size()).forEach(i -> cells.add(number(i, random)));
    return cells;
  }

  /** Sums of four dice lie about the middle more than at the ends, as measured things do. */
  private static String number(int column, SplittableRandom random) {
    if (random.nextInt(200) == 0) {
      return column % 2 == 0 ? "" : "NA";
    }
    int places = column % 4;
    int scale = (int) Math.pow(10, places);
    int dice = IntStream.range(0, 4).map(i -> random.nextInt(20 * scale)).sum();
    int value = (100 + 10 * column) * scale + dice;
    return places == 0
        ? String.valueOf(value)
        : value / scale + "." + String.valueOf(value % scale + scale).substring(1);
  }
}
