package promedio.bench;

import java.nio.file.Path;
import java.util.List;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.CommandLineOptions;

/**
 * Runs what the first argument names: {@code start}, {@code commands}, {@code kill}, {@code big},
 * {@code rows}, {@code keys}, {@code workbook}, {@code switching}, {@code fuzz}, or the benchmarks
 * of JMH whose name matches; without any, everything.
 */
public final class Bench {

  private Bench() {}

  /** Runs what the arguments name. */
  public static void main(String[] arguments) throws Exception {
    String first = arguments.length == 0 ? "" : arguments[0];
    if (first.isEmpty() || first.equals("start")) {
      StartBenchmark.run(Path.of(System.getProperty("promedio.sources", ".")));
    }
    if (first.isEmpty() || first.equals("commands")) {
      CommandsBenchmark.run(Path.of(System.getProperty("promedio.sources", ".")));
    }
    if (first.isEmpty() || first.equals("kill")) {
      KillWhileSaving.run();
    }
    if (first.isEmpty() || first.equals("big")) {
      BigFile.run();
    }
    if (first.isEmpty() || first.equals("rows")) {
      FirstRows.run(Path.of(System.getProperty("promedio.sources", ".")));
    }
    if (first.isEmpty() || first.equals("keys")) {
      KeyPress.run(Path.of(System.getProperty("promedio.sources", ".")));
    }
    if (first.isEmpty() || first.equals("workbook")) {
      BigWorkbook.run();
    }
    if (first.isEmpty() || first.equals("switching")) {
      Switching.run();
    }
    if (first.equals("fuzz")) {
      Fuzz.run(List.of(arguments).subList(1, arguments.length));
    }
    if (!List.of(
            "start", "commands", "kill", "big", "rows", "keys", "workbook", "switching", "fuzz")
        .contains(first)) {
      new Runner(new CommandLineOptions(arguments)).run();
    }
  }
}
