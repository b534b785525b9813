package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Original;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepPipeline;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.UnsavedWork;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

class DocumentStoreTest {

  @TempDir private Path folder;

  private Workspace workspace() {
    return new Workspace(Assignment.empty("Pears"), new Background(Runnable::run, Runnable::run));
  }

  private DocumentStore store(Workspace workspace) {
    return new DocumentStore(workspace.session(), Folders.under(folder.resolve("state")));
  }

  private List<Path> unsaved() throws IOException {
    Path kept = folder.resolve("state").resolve("unsaved");
    if (!Files.exists(kept)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(kept)) {
      return files.toList();
    }
  }

  private void waitUntilKept(int files) throws Exception {
    long end = System.nanoTime() + Duration.ofSeconds(10).toNanos();
    while (unsaved().size() != files && System.nanoTime() < end) {
      Thread.sleep(20);
    }
    assertThat(unsaved()).hasSize(files);
  }

  @Test
  void whatIsSavedIsOpenedEqual() throws Exception {
    Workspace first = workspace();
    Path file = folder.resolve("pears.promedio");
    try (DocumentStore store = store(first)) {
      first.items().type("8 10 — 14o");
      first.items().answer(Request.of(Measures.MEAN), "9");
      assertThat(store.savedProperty().get()).isFalse();
      assertThat(AtOnce.save(store, file)).isEmpty();
      assertThat(store.savedProperty().get()).isTrue();
      first.items().type("8 10");
      assertThat(store.savedProperty().get()).isFalse();
      first.session().undo();
      assertThat(store.savedProperty().get()).isTrue();
    }
    Workspace second = workspace();
    try (DocumentStore store = store(second)) {
      AtOnce.open(store, file);

      assertThat(second.assignment()).isEqualTo(first.assignment());
      assertThat(store.fileProperty().get()).isEqualTo(file);
    }
  }

  @Test
  void unsavedWorkIsKeptWhileItGoesOnAndForgottenWhenSaved() throws Exception {
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      workspace.items().type("8");
      workspace.items().type("8 10");
      waitUntilKept(2);

      AtOnce.save(store, folder.resolve("pears.promedio"));

      assertThat(unsaved()).isEmpty();
    }
    assertThat(unsaved()).isEmpty();
  }

  @Test
  void workThatWasNotSavedIsOfferedAndGoesOn() throws Exception {
    Workspace crashed = workspace();
    try (DocumentStore store = store(crashed)) {
      crashed.items().type("8 10 11");
      assertThat(store.fileProperty().get()).isNull();
    }
    Workspace next = workspace();
    try (DocumentStore store = store(next)) {
      List<UnsavedWork.Found> found = AtOnce.leftOver(store, notice -> {});
      assertThat(found).hasSize(1);

      store.restore(found.get(0));

      assertThat(next.assignment()).isEqualTo(crashed.assignment());
      assertThat(store.savedProperty().get()).isFalse();
      assertThat(AtOnce.leftOver(store, notice -> {})).isEmpty();
    }
    Workspace last = workspace();
    try (DocumentStore store = store(last)) {
      assertThat(AtOnce.leftOver(store, notice -> {})).hasSize(1);
      store.discard(AtOnce.leftOver(store, notice -> {}).get(0));
      assertThat(AtOnce.leftOver(store, notice -> {})).isEmpty();
    }
  }

  @Test
  void twoWindowsOnOneFileAreNoticed() throws Exception {
    Path file = folder.resolve("pears.promedio");
    Workspace first = workspace();
    Workspace second = workspace();
    try (DocumentStore one = store(first);
        DocumentStore other = store(second)) {
      assertThat(AtOnce.save(one, file)).isEmpty();
      assertThat(AtOnce.open(other, file).notices())
          .singleElement()
          .asString()
          .contains("open in another window");
    }
    try (DocumentStore again = store(workspace())) {
      assertThat(AtOnce.open(again, file).notices()).isEmpty();
    }
  }

  @Test
  void aFileThatSomeoneElseChangedIsNotReplacedUnasked() throws Exception {
    Path file = folder.resolve("pears.promedio");
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      AtOnce.save(store, file);
      AssignmentFile.write(Assignment.empty("of someone else"), file);
      workspace.items().type("8");

      assertThatThrownBy(() -> AtOnce.save(store, file))
          .hasMessageContaining("was changed outside this window");
      assertThat(store.savedProperty().get()).isFalse();

      AtOnce.save(store, file);
      assertThat(store.savedProperty().get()).isTrue();
    }
    assertThat(AssignmentFile.read(file)).isEqualTo(workspace.assignment());
  }

  /** A file with one sample, and a store on which nothing is known of it. */
  private Path saved(String name, String values) throws IOException {
    Path file = folder.resolve(name);
    AssignmentFile.write(
        Assignment.empty(name).with(Item.of(1, name, "", new Source.ValuesText(values))), file);
    return file;
  }

  @Test
  void aNewAssignmentIsNotSavedOverTheFileOfTheOneBefore() throws Exception {
    Path file = saved("pears.promedio", "8 10");
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      AtOnce.open(store, file);
      workspace.replace(Assignment.empty("new"));

      assertThat(store.fileProperty().get()).isNull();
      assertThat(store.savedProperty().get()).isTrue();
      workspace.items().type("3 4");
      assertThatThrownBy(() -> AtOnce.save(store, file)).hasMessageContaining("already exists");
    }
    assertThat(AssignmentFile.read(file).items().get(0).source())
        .isEqualTo(new Source.ValuesText("8 10"));
  }

  @Test
  void undoingAnOpeningGoesBackToTheFileOfBeforeAndRedoingToTheOther() throws Exception {
    Path first = saved("a.promedio", "1 2");
    Path second = saved("b.promedio", "3 4");
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      AtOnce.open(store, first);
      workspace.items().type("1 2 9");
      AtOnce.open(store, second);
      assertThat(store.savedProperty().get()).isTrue();

      workspace.session().undo();
      assertThat(store.fileProperty().get()).isEqualTo(first);
      assertThat(store.savedProperty().get()).isFalse();
      AtOnce.save(store, first);
      workspace.session().redo();
      assertThat(store.fileProperty().get()).isEqualTo(second);
      assertThat(store.savedProperty().get()).isTrue();
    }
    assertThat(AssignmentFile.read(first).title()).isEqualTo("a.promedio");
    assertThat(AssignmentFile.read(first).items().get(0).source())
        .isEqualTo(new Source.ValuesText("1 2 9"));
    assertThat(AssignmentFile.read(second).title()).isEqualTo("b.promedio");
  }

  @Test
  void aNewAssignmentThatEqualsTheOneBeforeHasNoFileEither() throws Exception {
    Path file = folder.resolve("empty.promedio");
    AssignmentFile.write(Assignment.empty("Pears"), file);
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      AtOnce.open(store, file);
      workspace.replace(Assignment.empty("Pears"));

      assertThat(store.fileProperty().get()).isNull();
    }
  }

  @Test
  void aTableThatIsReadLaterIsNoEditAndTakesNobodysPlace() throws Exception {
    Workspace workspace =
        new Workspace(DemoAssignment.withoutTables(), new Background(Runnable::run, Runnable::run));
    try (DocumentStore store = store(workspace)) {
      TableReading reading = new TableReading(workspace.session());
      reading.addLater("Trays", DemoAssignment.TRAYS, () -> DemoAssignment.trays(1));
      reading.addLater(
          "Weights",
          DemoAssignment.WEIGHTS,
          () -> {
            workspace.tables().addTable(DemoAssignment.trays(7));
            return DemoAssignment.weights();
          });

      assertThat(workspace.assignment().tables())
          .extracting(ImportedTable::id)
          .containsExactly(DemoAssignment.TRAYS, 3, DemoAssignment.WEIGHTS);
      workspace.session().undo();
      assertThat(workspace.assignment()).isEqualTo(DemoAssignment.create());
      assertThat(workspace.session().nameOfUndo()).isEmpty();
      assertThat(store.savedProperty().get()).isTrue();
    }
    assertThat(unsaved()).isEmpty();
  }

  @Test
  void openingAloneLeavesNoUnsavedWork() throws Exception {
    Path file = saved("pears.promedio", "8 10");
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      workspace.show(
          (before, now) -> {
            if (before != null) {
              sleep(600);
            }
          });
      AtOnce.open(store, file);
      assertThat(unsaved()).isEmpty();
    }
    assertThat(unsaved()).isEmpty();
  }

  private static void sleep(int millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Test
  void savingOneDocumentLeavesTheUnsavedWorkOfAnother() throws Exception {
    Path other = saved("b.promedio", "3 4");
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      workspace.items().type("8 10 11");
      AtOnce.open(store, other);
      workspace.items().type("3 4 5");
      AtOnce.save(store, other);
    }
    List<UnsavedWork.Found> found = AtOnce.leftOver(store(workspace()), notice -> {});

    assertThat(found)
        .singleElement()
        .extracting(work -> work.assignment().items().get(0).source())
        .isEqualTo(new Source.ValuesText("8 10 11"));
  }

  @Test
  void workThatIsBroughtBackIsNotSavedOverANewerFile() throws Exception {
    Path file = saved("pears.promedio", "8 10");
    Workspace crashed = workspace();
    try (DocumentStore store = store(crashed)) {
      AtOnce.open(store, file);
      crashed.items().type("8 10 11");
    }
    AssignmentFile.write(Assignment.empty("newer"), file);
    Workspace next = workspace();
    try (DocumentStore store = store(next)) {
      store.restore(AtOnce.leftOver(store, notice -> {}).get(0));

      assertThat(store.fileProperty().get()).isEqualTo(file);
      assertThatThrownBy(() -> AtOnce.save(store, file))
          .hasMessageContaining("was changed outside this window");
      assertThat(AssignmentFile.read(file).title()).isEqualTo("newer");
    }
  }

  @Test
  void whatCannotBeKeptIsToldAtOnceAndWhenTheWindowCloses() throws Exception {
    Files.writeString(
        Files.createDirectories(folder.resolve("state")).resolve("unsaved"), "in the way");
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      workspace.items().type("8 10");
      long end = System.nanoTime() + Duration.ofSeconds(10).toNanos();
      while (store.problemProperty().get().isEmpty() && System.nanoTime() < end) {
        Thread.sleep(20);
      }
      assertThat(store.problemProperty().get()).contains("cannot be backed up").contains("unsaved");
      assertThat(store.keepAll().orElseThrow()).contains("cannot be backed up");

      AtOnce.save(store, folder.resolve("pears.promedio"));
      assertThat(store.keepAll()).isEmpty();
    }
  }

  /** Types and leaves without saving. */
  private void crash(String values) {
    Workspace crashed = workspace();
    DocumentStore store = store(crashed);
    crashed.items().type(values);
    store.close();
  }

  @Test
  void whatCannotBeReadOfUnsavedWorkIsPutAsideAndToldOnce() throws Exception {
    Path unsaved = Files.createDirectories(folder.resolve("state").resolve("unsaved"));
    Files.writeString(unsaved.resolve("a.json"), "{\"process\":1,\"started\":\"never\"}");
    Files.writeString(unsaved.resolve("b.json"), "{\"process\":-5,\"file\":\"a\\u0000b\"}");
    Files.write(unsaved.resolve("c.json"), new byte[] {(byte) 0xff, 0});
    AssignmentFile.write(Assignment.empty("b"), unsaved.resolve("b.promedio"));
    crash("8 10");
    List<String> notices = new ArrayList<>();
    try (DocumentStore store = store(workspace())) {
      assertThat(AtOnce.leftOver(store, notices::add)).hasSize(1);
      assertThat(notices).hasSize(3).allMatch(notice -> notice.contains("cannot be read"));
      notices.clear();
      assertThat(AtOnce.leftOver(store, notices::add)).hasSize(1);
      assertThat(notices).isEmpty();
    }
    assertThat(unsaved.resolve("unreadable").resolve("b.promedio")).exists();
  }

  @Test
  void aLivingProcessThatOnlyHasTheSameNumberHidesNoWork() throws Exception {
    crash("8 10");
    Path about =
        unsaved().stream().filter(path -> path.toString().endsWith(".json")).findFirst().get();
    long living = ProcessHandle.current().parent().orElseThrow().pid();
    Files.writeString(about, "{\"process\":" + living + ",\"started\":\"2001-01-01T00:00:00Z\"}");

    assertThat(AtOnce.leftOver(store(workspace()), notice -> {})).hasSize(1);
    Files.writeString(about, "{\"process\":" + living + "}");
    assertThat(AtOnce.leftOver(store(workspace()), notice -> {})).isEmpty();
  }

  private Path referring(Path data) throws Exception {
    Original original = new Original.Referred(data.toString(), Fingerprint.of(DataSource.of(data)));
    Table table = TableReader.read(DataSource.of(data), ReadingChoices.NONE, Progress.NONE).table();
    ImportedTable imported =
        new ImportedTable(1, "log", original, ReadingChoices.NONE, StepPipeline.of(table));
    Path file = Files.createDirectories(folder.resolve("mine")).resolve("pears.promedio");
    AssignmentFile.write(Assignment.empty("Pears").with(imported), file);
    return file;
  }

  @Test
  void whatADocumentFromElsewhereRefersToIsReadOnlyWhenThePersonWantsIt() throws Exception {
    Path secret = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n3,4\n");
    Path file = referring(secret);
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      DocumentStore.Opened opened = AtOnce.open(store, file);
      assertThat(opened.unread()).hasSize(1);
      assertThat(workspace.assignment().tables().get(0).table().rows()).isZero();
      assertThat(store.savedProperty().get()).isTrue();

      new TableReading(workspace.session()).read(opened.unread().get(0), notice -> {});
      assertThat(workspace.assignment().tables().get(0).table().rows()).isEqualTo(2);
      assertThat(store.savedProperty().get()).isTrue();
      assertThat(workspace.session().nameOfUndo())
          .hasValueSatisfying(n -> assertThat(n).contains("assignment"));

      AtOnce.save(store, file);
      assertThat(AtOnce.open(store, file).unread()).isEmpty();
    }
  }

  @Test
  void whoDidNotAgreeIsAskedAgainAfterSavingAndAfterACrash() throws Exception {
    Path secret = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n3,4\n");
    Path file = referring(secret);
    try (DocumentStore store = store(workspace())) {
      AtOnce.open(store, file);
      AtOnce.save(store, file);

      assertThat(AtOnce.open(store, file).unread()).hasSize(1);
    }
    Workspace workspace = workspace();
    DocumentStore crashing = store(workspace);
    AtOnce.open(crashing, file);
    workspace.session().edit("edit.title", "title", now -> now.withTitle("changed"));
    assertThat(crashing.keepAll()).isEmpty();

    try (DocumentStore next = store(workspace())) {
      List<UnsavedWork.Found> found = AtOnce.leftOver(next, notice -> {});
      assertThat(found).hasSize(1);
      assertThat(found.get(0).unread()).hasSize(1);
      assertThat(found.get(0).assignment().tables().get(0).isRead()).isFalse();
    }
  }

  @Test
  void whatWasAgreedToForOneAssignmentIsNotReadForAnother() throws Exception {
    Path secret = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n3,4\n");
    Path file = referring(secret);
    Path other = folder.resolve("mine/other.promedio");
    Files.copy(file, other);
    Workspace workspace = workspace();
    try (DocumentStore store = store(workspace)) {
      DocumentStore.Opened opened = AtOnce.open(store, file);
      new TableReading(workspace.session()).read(opened.unread().get(0), notice -> {});
      AtOnce.save(store, file);

      assertThat(AtOnce.open(store, file).unread()).isEmpty();
      assertThat(AtOnce.open(store, other).unread()).hasSize(1);
    }
  }

  @Test
  void aFileInTheFolderOfTheAssignmentIsReadAndALinkOutOfItIsNot() throws Exception {
    Path secret = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n");
    Path mine = Files.createDirectories(folder.resolve("mine"));
    Path beside = Files.writeString(mine.resolve("beside.csv"), "a,b\n1,2\n");
    Path link = Files.createSymbolicLink(mine.resolve("link.csv"), secret);
    try (DocumentStore store = store(workspace())) {
      assertThat(AtOnce.open(store, referring(beside)).unread()).isEmpty();
      assertThat(AtOnce.open(store, referring(link)).unread()).hasSize(1);
    }
  }

  @Test
  void aFileThatCannotBeOpenedLeavesTheWorkAsItIs() throws Exception {
    Workspace workspace = workspace();
    workspace.items().type("8 10");
    Assignment before = workspace.assignment();
    try (DocumentStore store = store(workspace)) {
      Path foreign = Files.writeString(folder.resolve("notes.promedio"), "only notes");

      assertThatThrownBy(() -> AtOnce.open(store, foreign))
          .isInstanceOf(RefusedFileException.class);

      assertThat(workspace.assignment()).isEqualTo(before);
      assertThat(store.fileProperty().get()).isNull();
    }
  }
}
