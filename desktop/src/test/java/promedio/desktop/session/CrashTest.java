package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.work.Workspace;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.UnsavedWork;

/** The machine stops at a moment of somebody's work; the next start offers what was not saved. */
class CrashTest {

  /** Copies are written a moment after the last letter. */
  private static final long PATIENCE_NANOS = TimeUnit.SECONDS.toNanos(10);

  private static final String DEAD = "{\"process\":1,\"started\":\"2001-01-01T00:00:00Z\"}";

  @TempDir private Path folder;
  private int crashes;

  /** What stands in the folder of the state at this moment, as another process finds it later. */
  private List<Assignment> leftOver() throws IOException {
    Path state = folder.resolve("state");
    Path after = folder.resolve("after-" + crashes++);
    try (Stream<Path> files = Files.walk(state)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Path copy = after.resolve(state.relativize(file));
        Files.createDirectories(copy.getParent());
        Files.copy(file, copy);
        if (copy.getParent().endsWith("unsaved") && copy.toString().endsWith(".json")) {
          Files.writeString(copy, DEAD);
        }
      }
    }
    Workspace next =
        new Workspace(Assignment.empty(""), new Background(Runnable::run, Runnable::run));
    try (DocumentStore store = new DocumentStore(next.session(), Folders.under(after))) {
      return AtOnce.leftOver(store, notice -> {}).stream()
          .map(UnsavedWork.Found::assignment)
          .toList();
    }
  }

  private void awaitLeftOver(String moment, Assignment wanted) throws Exception {
    long end = System.nanoTime() + PATIENCE_NANOS;
    List<Assignment> found = List.of();
    while (System.nanoTime() < end) {
      found = settledLeftOver();
      if (found.contains(wanted)) {
        return;
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    assertThat(found).as(moment).contains(wanted);
  }

  /** A copy that is written while this looks is looked at again. */
  private List<Assignment> settledLeftOver() {
    try {
      return leftOver();
    } catch (IOException | UncheckedIOException e) {
      // Walking through a folder tells of a file that goes meanwhile in the other way.
      return List.of();
    }
  }

  @Test
  void workIsOfferedAfterACrashAtAnyMoment() throws Exception {
    Path file = folder.resolve("pears.promedio");
    AssignmentFile.write(DemoAssignment.create(), file);
    Workspace workspace =
        new Workspace(Assignment.empty("Pears"), new Background(Runnable::run, Runnable::run));
    try (DocumentStore store =
        new DocumentStore(workspace.session(), Folders.under(folder.resolve("state")))) {
      Map<String, Runnable> moments = new LinkedHashMap<>();
      moments.put("typed", () -> workspace.items().type("8 10 12"));
      moments.put("answered", () -> workspace.items().answer(Request.of(Measures.MEAN), "10"));
      moments.put("a new one begun", () -> workspace.replace(Assignment.empty("Apples")));
      moments.put("typed into the new one", () -> workspace.items().type("1 2 3"));
      moments.put("opened and changed", () -> openAndChange(store, workspace, file));
      moments.put("two tables imported", () -> importTwo(workspace));
      moments.put("undone", workspace.session()::undo);
      moments.put("undone to the one before", () -> undoTo(workspace, "Apples"));
      Assignment first = workspace.assignment();
      for (Map.Entry<String, Runnable> moment : moments.entrySet()) {
        moment.getValue().run();
        Assignment now = workspace.assignment();
        if (!store.savedProperty().get()) {
          awaitLeftOver(moment.getKey(), now);
        }
        if (moment.getKey().equals("answered")) {
          first = now;
        }
      }
      // What was begun before and never saved is still there beside it.
      awaitLeftOver("at the end", first);
    }
  }

  private static void openAndChange(DocumentStore store, Workspace workspace, Path file) {
    store.open(file, opened -> workspace.setTitle("Changed"), why -> {});
  }

  private static void importTwo(Workspace workspace) {
    for (int i = 0; i < 2; i++) {
      int id = workspace.assignment().ids().table();
      workspace.tables().addTable(DemoAssignment.trays(id));
    }
  }

  private static void undoTo(Workspace workspace, String title) {
    while (!workspace.assignment().title().equals(title)) {
      workspace.session().undo();
    }
  }
}
