package promedio.bench;

import java.io.IOException;
import java.nio.file.Path;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.CommandLineOptionException;
import org.openjdk.jmh.runner.options.CommandLineOptions;

/** Runs the benchmarks: {@code start}, or those of JMH whose name matches. */
public final class Bench {

  private Bench() {}

  /** Runs what the arguments name; without any, everything. */
  public static void main(String[] arguments)
      throws IOException, RunnerException, CommandLineOptionException {
    boolean start = arguments.length > 0 && arguments[0].equals("start");
    if (start || arguments.length == 0) {
      StartBenchmark.run(Path.of(System.getProperty("promedio.home", ".")));
    }
    if (!start) {
      new Runner(new CommandLineOptions(arguments)).run();
    }
  }
}
