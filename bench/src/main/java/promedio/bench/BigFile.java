package promedio.bench;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.rules.CourseRules;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.desktop.demo.SortingLineLog;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/**
 * Brings in the sorting-line log of 389,724 rows and 28 columns, and computes every measure of its
 * 21 columns of numbers by every quartile rule, against a bare pass of the CSV library over the
 * same file. Then does both once in a virtual machine whose heap is six times the file.
 */
final class BigFile {

  /** The rows of the log. */
  static final int ROWS = 389_724;

  /** So many rounds are timed, the first two of which only warm up. */
  static final int ROUNDS = 7;

  /** How much heap there is in the second machine, as a multiple of the file. */
  private static final int HEAP = 6;

  private BigFile() {}

  static void run() throws IOException, InterruptedException, RefusedFileException {
    Path file = Files.createTempFile("sorting-line", ".csv");
    try {
      SortingLineLog.write(file, ROWS);
      compare(file);
      runInSmallHeap(file);
    } finally {
      Files.delete(file);
    }
  }

  private static void compare(Path file) throws IOException, RefusedFileException {
    PrintStream out = System.out;
    double[] bare = new double[ROUNDS];
    double[] read = new double[ROUNDS];
    double[] measured = new double[ROUNDS];
    for (int round = 0; round < ROUNDS; round++) {
      long start = System.nanoTime();
      long fields = barePass(file);
      bare[round] = Times.millisSince(start);
      start = System.nanoTime();
      Table table = read(file);
      read[round] = Times.millisSince(start);
      start = System.nanoTime();
      long results = measure(table);
      measured[round] = Times.millisSince(start);
      out.printf(
          "round %d: bare pass %.0f ms (%d cells), brought in %.0f ms, measured %.0f ms (%d)%n",
          round + 1, bare[round], fields, read[round], measured[round], results);
    }
    out.printf(
        "medians of the last %d: bare pass %.0f ms; importing %.2f times that (at most 2.5);"
            + " every measure by every quartile rule %.2f times (at most 3)%n",
        ROUNDS - 2, median(bare), median(read) / median(bare), median(measured) / median(bare));
  }

  /** The first two rounds only warm up. */
  static double median(double[] times) {
    return Times.median(Arrays.stream(times).skip(2).boxed().toList());
  }

  static long barePass(Path file) throws IOException {
    long fields = 0;
    try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(file)) {
      for (CsvRecord row : reader) {
        fields += row.getFieldCount();
      }
    }
    return fields;
  }

  private static Table read(Path file) throws IOException, RefusedFileException {
    return TableReader.read(DataSource.of(file), ReadingChoices.NONE, Progress.NONE).table();
  }

  /** Samples anew, so that nothing is sorted before; the columns on all cores. */
  private static long measure(Table table) {
    return table.columns().parallelStream()
        .filter(NumberColumn.class::isInstance)
        .mapToLong(BigFile::measure)
        .sum();
  }

  private static long measure(Column column) {
    Computation measures =
        Computation.of(new Sample(((NumberColumn) column).values()), CourseRules.DEFAULTS);
    long results = 0;
    for (QuantileRule rule : QuantileRule.values()) {
      Computation under = measures.under(CourseRules.DEFAULTS.with(Rule.QUARTILES, rule));
      for (Measure measure : Measures.all()) {
        results += under.result(measure).number().isPresent() ? 1 : 0;
      }
    }
    return results;
  }

  private static void runInSmallHeap(Path file) throws IOException, InterruptedException {
    long most = HEAP * Files.size(file);
    List<String> command =
        JavaProcess.command(
            List.of("-Xmx" + most / 1024 + "k"),
            JavaProcess.CLASS_PATH,
            Once.class,
            file.toString());
    Process process = new ProcessBuilder(command).inheritIO().start();
    boolean ended = process.waitFor(120, TimeUnit.SECONDS) && process.exitValue() == 0;
    System.out.printf(
        "in a heap of %d times the file (%d MB): %s%n",
        HEAP, most >> 20, ended ? "done" : "NOT done");
  }

  /** Does both once. */
  static final class Once {

    private Once() {}

    public static void main(String[] arguments) throws IOException, RefusedFileException {
      System.out.printf("%d results%n", measure(read(Path.of(arguments[0]))));
    }
  }
}
