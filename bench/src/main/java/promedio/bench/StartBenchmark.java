package promedio.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * Start to first window: the program on the demo against a bare JavaFX window, each in a virtual
 * machine of its own, in turns, drawn into memory. Both have the same class path and an archive of
 * the classes that they load; the program's is the one that it ships.
 */
final class StartBenchmark {

  private static final int ROUNDS = 9;

  private StartBenchmark() {}

  static void run(Path home) throws IOException {
    Path scratch = Files.createTempDirectory("promedio-start");
    String classPath = JavaProcess.classPath(home);
    Path bareArchive = scratch.resolve("bare.jsa");
    start(scratch, classPath, FirstWindow.Bare.class, 1, "-XX:ArchiveClassesAtExit=" + bareArchive);
    String ofBare = "-XX:SharedArchiveFile=" + bareArchive;
    String ofProgram = JavaProcess.archive(home);
    List<Double> bare = new ArrayList<>();
    List<Double> program = new ArrayList<>();
    List<Double> whole = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      bare.addAll(start(scratch, classPath, FirstWindow.Bare.class, 1, ofBare));
      List<Double> ours = start(scratch, classPath, FirstWindow.Program.class, 2, ofProgram);
      program.add(ours.get(0));
      whole.add(ours.get(1));
    }
    System.out.printf(
        Locale.ROOT, "bare window       %5.0f ms (median of %d)%n", Times.median(bare), ROUNDS);
    System.out.printf(Locale.ROOT, "promedio, demo    %5.0f ms%n", Times.median(program));
    System.out.printf(Locale.ROOT, "  all of it       %5.0f ms%n", Times.median(whole));
    System.out.printf(
        Locale.ROOT,
        "ratio             %5.2f (at most 1.8)%n",
        Times.median(program) / Times.median(bare));
  }

  /** From the start of the process until it says so many times that something is drawn. */
  private static List<Double> start(
      Path scratch, String classPath, Class<?> main, int times, String archive) throws IOException {
    List<String> command =
        List.of(
            "java",
            archive,
            "-Xshare:auto",
            "-Dglass.platform=Monocle",
            "-Dmonocle.platform=Headless",
            "-Dprism.order=sw",
            "-Djava.awt.headless=true",
            "-Dpromedio.home=" + scratch,
            "-Dpromedio.log=" + scratch.resolve("log"),
            "-Xlog:cds=off",
            "-Xlog:cds+dynamic=off",
            "-cp",
            classPath,
            main.getName(),
            archive.contains("AtExit") ? "once" : "");
    ProcessBuilder builder =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
    // The program asks whether there is a display before it opens a window; none is used here.
    builder.environment().put("DISPLAY", ":none");
    long begin = System.nanoTime();
    Process process = builder.start();
    try (BufferedReader out =
        new BufferedReader(
            new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
      List<Double> millis = new ArrayList<>();
      for (int i = 0; i < times; i++) {
        String line = Objects.requireNonNull(out.readLine(), () -> main + " opened no window");
        millis.add(Times.millisSince(begin));
        if (!line.equals(i == 0 ? FirstWindow.DRAWN : FirstWindow.WHOLE)) {
          throw new IOException(line);
        }
      }
      if (archive.contains("AtExit")) {
        process.waitFor();
      }
      return millis;
    } catch (InterruptedException e) {
      throw new IOException(e);
    } finally {
      process.destroyForcibly();
    }
  }
}
