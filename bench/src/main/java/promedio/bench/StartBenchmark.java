package promedio.bench;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * Start to first window: the program on the demo against a bare JavaFX window, each in a virtual
 * machine of its own, in turns, drawn into memory.
 */
final class StartBenchmark {

  private static final int ROUNDS = 9;

  private StartBenchmark() {}

  static void run(Path home) throws IOException {
    List<Long> bare = new ArrayList<>();
    List<Long> program = new ArrayList<>();
    String classPath = System.getProperty("java.class.path");
    Path archive = home.resolve("desktop/target/classes.jsa");
    String app = home.resolve("desktop/target/app") + "/*";
    for (int round = 0; round < ROUNDS; round++) {
      bare.add(start(List.of(), classPath, FirstWindow.Bare.class.getName()));
      program.add(
          start(
              List.of("-XX:SharedArchiveFile=" + archive, "-Xshare:auto"),
              app + File.pathSeparator + home.resolve("bench/target/classes"),
              FirstWindow.Program.class.getName()));
    }
    System.out.printf(
        Locale.ROOT, "bare window       %5d ms (median of %d)%n", median(bare), ROUNDS);
    System.out.printf(Locale.ROOT, "promedio, demo    %5d ms%n", median(program));
    System.out.printf(
        Locale.ROOT,
        "ratio             %5.2f (at most 1.8)%n",
        median(program) / (double) median(bare));
  }

  /** From the start of the process until it says that its window has been drawn. */
  private static long start(List<String> options, String classPath, String main)
      throws IOException {
    List<String> command = new ArrayList<>(List.of("java"));
    command.addAll(options);
    command.addAll(
        Arrays.asList(
            "-Dglass.platform=Monocle",
            "-Dmonocle.platform=Headless",
            "-Dprism.order=sw",
            "-Djava.awt.headless=true",
            "-Xlog:cds=off",
            "-Xlog:cds+dynamic=off",
            "-cp",
            classPath,
            main));
    long begin = System.nanoTime();
    Process process =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    try (BufferedReader out =
        new BufferedReader(
            new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
      String line = Objects.requireNonNull(out.readLine(), () -> main + " opened no window");
      long millis = (System.nanoTime() - begin) / 1_000_000;
      if (!line.equals(FirstWindow.DRAWN)) {
        throw new IOException(line);
      }
      return millis;
    } finally {
      process.destroyForcibly();
    }
  }

  private static long median(List<Long> times) {
    return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
  }
}
