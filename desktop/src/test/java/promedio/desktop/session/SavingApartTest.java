package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.desktop.Folders;
import promedio.desktop.work.Workspace;
import promedio.files.assignment.AssignmentFile;

/** The person goes on while a document is written and opened. */
class SavingApartTest {

  @TempDir private Path folder;

  /** What the worker was given and has not begun yet. */
  private final Queue<Runnable> given = new ArrayDeque<>();

  private final List<String> told = new ArrayList<>();
  private final Workspace workspace =
      new Workspace(Assignment.empty("Pears"), new Background(given::add, Runnable::run));
  private Optional<DocumentStore> made = Optional.empty();

  private DocumentStore store() {
    if (made.isEmpty()) {
      made =
          Optional.of(
              new DocumentStore(workspace.session(), Folders.under(folder.resolve("state"))));
    }
    return made.get();
  }

  @AfterEach
  void close() {
    work();
    store().close();
  }

  private void work() {
    for (Runnable next = given.poll(); next != null; next = given.poll()) {
      next.run();
    }
  }

  private void save(Path file) {
    store().save(file, false, note -> told.add("saved"), told::add);
  }

  private static String text(Path file) throws Exception {
    return ((Source.ValuesText) AssignmentFile.read(file).items().get(0).source()).text();
  }

  @Test
  void whatIsTypedWhileItIsWrittenIsNotSavedYet() throws Exception {
    Path file = folder.resolve("pears.promedio");
    store();
    workspace.items().type("8 10");
    save(file);
    assertThat(Files.exists(file)).isFalse();
    workspace.items().type("8 10 12");
    work();

    assertThat(text(file)).isEqualTo("8 10");
    assertThat(told).containsExactly("saved");
    assertThat(store().fileProperty().get()).isEqualTo(file);
    assertThat(store().savedProperty().get()).isFalse();
    workspace.items().type("8 10");
    assertThat(store().savedProperty().get()).isTrue();
  }

  @Test
  void savesAreWrittenInTheOrderInWhichTheyWereAskedFor() throws Exception {
    Path file = folder.resolve("pears.promedio");
    store();
    for (String values : List.of("8", "8 10", "8 10 12")) {
      workspace.items().type(values);
      save(file);
    }
    work();

    assertThat(told).containsExactly("saved", "saved", "saved");
    assertThat(text(file)).isEqualTo("8 10 12");
    assertThat(store().savedProperty().get()).isTrue();
  }

  @Test
  void anotherDocumentThatIsBegunMeanwhileHasNoFile() throws Exception {
    Path file = folder.resolve("pears.promedio");
    store();
    workspace.items().type("8 10");
    save(file);
    workspace.replace(Assignment.empty("Apples"));
    work();

    assertThat(text(file)).isEqualTo("8 10");
    assertThat(store().fileProperty().get()).isNull();
    workspace.session().undo();
    assertThat(store().fileProperty().get()).isEqualTo(file);
    assertThat(store().savedProperty().get()).isTrue();
  }

  @Test
  void whatIsOpenedRightAfterSavingIsWhatWasSaved() {
    Path file = folder.resolve("pears.promedio");
    store();
    workspace.items().type("8 10");
    save(file);
    store().open(file, opened -> told.add("opened"), told::add);
    work();

    assertThat(told).containsExactly("saved", "opened");
    assertThat(workspace.assignment().items()).hasSize(1);
  }
}
