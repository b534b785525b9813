package promedio.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;

/**
 * Kills a program at random moments while it saves without pause, and looks each time whether the
 * file is one of the two that it writes in turns, whole.
 */
final class KillWhileSaving {

  private static final int KILLS = 200;
  private static final int LATEST_MILLIS = 60;
  private static final String SAVING = "saving";

  private KillWhileSaving() {}

  static void run() throws IOException, InterruptedException, RefusedFileException {
    Path folder = Files.createTempDirectory("promedio-kill");
    Path file = folder.resolve("pears.promedio");
    Random moments = new Random();
    int first = 0;
    for (int kill = 0; kill < KILLS; kill++) {
      Process process =
          new ProcessBuilder(
                  "java",
                  "-XX:TieredStopAtLevel=1",
                  "-cp",
                  System.getProperty("java.class.path"),
                  Saver.class.getName(),
                  file.toString())
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      try (BufferedReader out =
          new BufferedReader(
              new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
        Objects.requireNonNull(out.readLine(), "the saving program did not start");
        TimeUnit.MICROSECONDS.sleep(moments.nextInt(1000 * LATEST_MILLIS));
        process.destroyForcibly().waitFor();
      }
      Assignment found = AssignmentFile.read(file);
      if (!found.equals(assignment(1)) && !found.equals(assignment(2))) {
        throw new IllegalStateException("kill " + kill + " left a file that was never saved");
      }
      first += found.equals(assignment(1)) ? 1 : 0;
    }
    System.out.printf(
        "%d kills while saving: the file was whole each time (%d times the one, %d the other)%n",
        KILLS, first, KILLS - first);
  }

  /** Two assignments of very different length. */
  private static Assignment assignment(int which) {
    String values = (which == 1 ? "118.5 " : "121 ").repeat(which * 20_000);
    return Assignment.empty("Pears " + which)
        .with(Item.of(which, "Row", "g", new Source.ValuesText(values)));
  }

  /** The program that is killed. */
  static final class Saver {
    private Saver() {}

    public static void main(String[] arguments) throws IOException {
      Path file = Path.of(arguments[0]);
      Assignment one = assignment(1);
      Assignment other = assignment(2);
      AssignmentFile.write(one, file);
      System.out.println(SAVING);
      while (true) {
        AssignmentFile.write(other, file);
        AssignmentFile.write(one, file);
      }
    }
  }
}
