package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.desktop.Folders;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;

/** Two programs save one file at the same moment: one of them is told so, and nothing is lost. */
class SavingTogetherTest {

  private static final int TIMES = 1000;

  @TempDir private Path folder;

  /** One of the two programs. */
  private static final class Program {

    private final Path file;
    private final String name;
    private final Session session =
        new Session(Assignment.empty(""), new Background(Runnable::run, Runnable::run));
    private final DocumentStore store;

    Program(Path folder, String name) {
      this.file = folder.resolve("shared.promedio");
      this.name = name;
      this.store = new DocumentStore(session, Folders.under(folder.resolve("state")));
    }

    void openAndEdit(int time) throws RefusedFileException {
      AtOnce.open(store, file);
      session.edit("edit.title", "", now -> now.withTitle(name + " " + time));
    }

    /** {@return whether the person was told that it is saved} */
    boolean save() {
      try {
        AtOnce.save(store, file);
        return true;
      } catch (IOException e) {
        // Nothing is left that copies would be kept of.
        session.undo();
        return false;
      }
    }
  }

  /** The other program: opens at each line that it is given, then saves at the next. */
  public static void main(String[] arguments) throws Exception {
    Program program = new Program(Path.of(arguments[0]), "other");
    BufferedReader in = reader(System.in);
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    for (String line = in.readLine(); line != null; line = in.readLine()) {
      if (line.equals("save")) {
        out.println(program.save());
      } else {
        program.openAndEdit(Integer.parseInt(line));
        out.println("ready");
      }
    }
    Runtime.getRuntime().halt(0);
  }

  private static BufferedReader reader(InputStream in) {
    return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
  }

  @Test
  void nobodyIsToldThatItIsSavedAndReplaced() throws Exception {
    AssignmentFile.write(Assignment.empty("first"), folder.resolve("shared.promedio"));
    Process other =
        new ProcessBuilder(
                List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-XX:TieredStopAtLevel=1",
                    "-cp",
                    System.getProperty("java.class.path"),
                    SavingTogetherTest.class.getName(),
                    folder.toString()))
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    Program mine = new Program(folder, "mine");
    int saved = 0;
    try (BufferedReader answers = reader(other.getInputStream());
        PrintStream orders =
            new PrintStream(other.getOutputStream(), true, StandardCharsets.UTF_8)) {
      for (int time = 0; time < TIMES; time++) {
        orders.println(time);
        mine.openAndEdit(time);
        assertThat(answers.readLine()).isEqualTo("ready");
        orders.println("save");
        boolean isMine = mine.save();
        boolean isOther = Boolean.parseBoolean(answers.readLine());

        assertThat(isMine).as("time %d", time).isNotEqualTo(isOther);
        assertThat(AssignmentFile.read(folder.resolve("shared.promedio")).title())
            .isEqualTo((isMine ? "mine " : "other ") + time);
        saved += isMine ? 1 : 0;
      }
    } finally {
      other.destroy();
      mine.store.close();
    }
    // Where one of them is always first, they were not there at the same moment.
    assertThat(saved).isBetween(1, TIMES - 1);
  }
}
