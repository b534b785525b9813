package promedio.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import promedio.core.table.ReadingChoices;
import promedio.desktop.demo.SortingLineLog;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.ReadTable;
import promedio.files.table.TableReader;

/**
 * Commands as whole processes, as a person waits for them, in turns with the least that there is to
 * do: a short command against a virtual machine that only says hello, from the sources and from the
 * package where one was made ({@code ./promedio package}), the contents of a large file against the
 * CSV library's bare pass over it.
 */
final class CommandsBenchmark {

  private static final int SHORT_ROUNDS = 21;
  private static final int LONG_ROUNDS = 7;

  private CommandsBenchmark() {}

  static void run(Path home) throws IOException, InterruptedException {
    String promedio = home.resolve("promedio").toString();
    compareShort("measures --values (at most 8)", home, promedio);
    Path packed = home.resolve("desktop/target/package/promedio/bin/promedio");
    if (Files.exists(packed)) {
      compareShort("the same, packed (at most 8)", home, packed.toString());
    }
    Path log = Files.createTempFile("sorting-line", ".csv");
    try {
      SortingLineLog.write(log, BigFile.ROWS);
      compare(
          "contents of the log (at most 3)",
          List.of(promedio, "contents", log.toString()),
          JavaProcess.command(List.of(), JavaProcess.CLASS_PATH, BarePass.class, log.toString()),
          LONG_ROUNDS);
      once(
          JavaProcess.command(List.of(), JavaProcess.CLASS_PATH, Head.class, log.toString()),
          ProcessBuilder.Redirect.INHERIT);
    } finally {
      Files.delete(log);
    }
  }

  private static void compareShort(String what, Path home, String promedio)
      throws IOException, InterruptedException {
    List<String> least =
        JavaProcess.command(
            List.of(), home.resolve("bench/target/classes").toString(), Hello.class);
    compare(what, List.of(promedio, "measures", "--values", "8 10 11 11"), least, SHORT_ROUNDS);
  }

  private static void compare(String what, List<String> ours, List<String> bare, int rounds)
      throws IOException, InterruptedException {
    once(ours, ProcessBuilder.Redirect.DISCARD);
    once(bare, ProcessBuilder.Redirect.DISCARD);
    List<Double> our = new ArrayList<>();
    List<Double> least = new ArrayList<>();
    List<Double> ratios = new ArrayList<>();
    for (int round = 0; round < rounds; round++) {
      our.add(once(ours, ProcessBuilder.Redirect.DISCARD));
      least.add(once(bare, ProcessBuilder.Redirect.DISCARD));
      ratios.add(our.get(round) / least.get(round));
    }
    System.out.printf(
        Locale.ROOT,
        "%s: %.0f ms, the least %.0f ms, ratio %.2f (medians of %d; the ratio %.2f to %.2f)%n",
        what,
        Times.median(our),
        Times.median(least),
        Times.median(ratios),
        rounds,
        ratios.stream().min(Double::compare).orElseThrow(),
        ratios.stream().max(Double::compare).orElseThrow());
  }

  private static double once(List<String> line, ProcessBuilder.Redirect out)
      throws IOException, InterruptedException {
    ProcessBuilder builder = new ProcessBuilder(line).redirectOutput(out);
    long start = System.nanoTime();
    Process process = builder.redirectError(ProcessBuilder.Redirect.DISCARD).start();
    if (!process.waitFor(2, TimeUnit.MINUTES) || process.exitValue() != 0) {
      process.destroyForcibly();
      throw new IOException("failed: " + line);
    }
    return Times.millisSince(start);
  }

  /** The least that a virtual machine can do. */
  static final class Hello {

    private Hello() {}

    public static void main(String[] arguments) {
      System.out.println("hello");
    }
  }

  /** One pass of the library over the file. */
  static final class BarePass {

    private BarePass() {}

    public static void main(String[] arguments) throws IOException {
      System.out.println(BigFile.barePass(Path.of(arguments[0])));
    }
  }

  /** The first rows and kinds of the columns, in a virtual machine that has done nothing before. */
  static final class Head {

    private Head() {}

    public static void main(String[] arguments) throws RefusedFileException {
      long start = System.nanoTime();
      ReadTable read =
          TableReader.read(
              DataSource.of(Path.of(arguments[0])),
              ReadingChoices.NONE,
              Progress.NONE,
              first ->
                  System.out.printf(
                      Locale.ROOT,
                      "first rows and kinds of %d columns, the first thing a virtual machine does:"
                          + " %.0f ms%n",
                      first.table().columns().size(),
                      Times.millisSince(start)));
      System.out.printf(
          Locale.ROOT, "all %d rows: %.0f ms%n", read.table().rows(), Times.millisSince(start));
    }
  }
}
