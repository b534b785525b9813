package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.sample.Sample;
import promedio.core.table.ReadingChoices;
import promedio.core.tidy.LeaveOutWhere;
import promedio.core.tidy.RenameColumn;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;
import promedio.desktop.Folders;
import promedio.desktop.ReadTables;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.StepChange;
import promedio.desktop.work.Workspace;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;

/** Nothing that was typed, imported, tidied or read is lost, whatever else is done meanwhile. */
class SessionTest {

  @TempDir private Path folder;

  /** What the worker was given and has not begun yet. */
  private final Queue<Runnable> given = new ArrayDeque<>();

  private final AtomicLong nanos = new AtomicLong();
  private final Session session =
      new Session(Assignment.empty("Pears"), new Background(given::add, Runnable::run), nanos::get);
  private final Workspace workspace = new Workspace(session);
  private final List<String> told = new ArrayList<>();
  private Optional<DocumentStore> store = Optional.empty();

  @BeforeEach
  void begin() {
    store = Optional.of(new DocumentStore(session, Folders.under(folder.resolve("state"))));
    workspace.whenTold(told::add);
  }

  @AfterEach
  void close() {
    work();
    store().close();
  }

  private DocumentStore store() {
    return store.orElseThrow();
  }

  private void work() {
    for (Runnable next = given.poll(); next != null; next = given.poll()) {
      next.run();
    }
  }

  private void save(Path file) {
    store().save(file, false, note -> {}, told::add);
    work();
  }

  private static String text(Assignment now) {
    return now.items().get(0).source().typedText().orElseThrow();
  }

  private ImportSession read(String text) {
    ImportSession importing =
        workspace
            .imports()
            .begin(DataSource.of("trays.csv", text.getBytes(StandardCharsets.UTF_8)));
    work();
    return importing;
  }

  /** A table so long that it is tidied apart from the window. */
  private void importLongTable() {
    workspace.tables().importTable(read(ReadTables.manyRows()), true);
    work();
  }

  private ImportedTable table() {
    return workspace.assignment().tables().get(0);
  }

  private List<Step> steps() {
    return table().pipeline().steps().stream().map(StepEntry::step).toList();
  }

  @Test
  void anotherLanguageGoesOnKeepingAndCountingWhatIsUnsaved() throws Exception {
    Path file = folder.resolve("pears.promedio");
    workspace.items().type("8 10");
    save(file);
    workspace.endViews();

    workspace.items().type("8 10 12");
    assertThat(store().savedProperty().get()).isFalse();
    save(file);
    assertThat(text(AssignmentFile.read(file))).isEqualTo("8 10 12");

    workspace.replace(Assignment.empty("Apples"));
    assertThat(store().fileProperty().get()).isNull();
    workspace.items().type("1 2");
    save(file);
    assertThat(told).singleElement().asString().contains("already exists");
    assertThat(text(AssignmentFile.read(file))).isEqualTo("8 10 12");
  }

  @Test
  void anImportThatEndsAfterAnotherAssignmentWasOpenedReplacesNothingThere() {
    workspace.tables().importTable(read("tray,g\n1,131\n2,140\n"), true);
    Assignment other =
        Assignment.empty("Other").with(DemoAssignment.trays(1)).with(DemoAssignment.weights());
    workspace.replace(other);
    work();

    assertThat(workspace.assignment()).isEqualTo(other);
    assertThat(told)
        .singleElement()
        .asString()
        .contains("trays.csv")
        .contains("another assignment was opened");
  }

  @Test
  void columnsPutTogetherAfterAnotherAssignmentWasOpenedGoNowhere() {
    workspace.tables().importTable(read("tray,g\n1,131\n2,140\n"), true);
    work();
    workspace
        .tables()
        .addTogether("both", new Link.OfPairs(1, "tray", "g"), made -> Optional.empty());
    Assignment other = Assignment.empty("Other").with(DemoAssignment.trays(1));
    workspace.replace(other);
    work();

    assertThat(workspace.assignment()).isEqualTo(other);
    assertThat(told).singleElement().asString().contains("another assignment was opened");
  }

  @Test
  void twoImportsAtOnceAreTwoTables() {
    workspace.tables().importTable(read("tray,g\n1,131\n2,140\n"), true);
    workspace.tables().importTable(read("tray,h\n1,7\n2,8\n"), true);
    work();

    assertThat(workspace.assignment().tables()).extracting(ImportedTable::id).containsExactly(1, 2);
  }

  @Test
  void anImportThatIsAskedForTwiceIsOneTable() {
    ImportSession importing = read("tray,g\n1,131\n2,140\n");
    workspace.tables().importTable(importing, true);
    workspace.tables().importTable(importing, true);
    work();

    assertThat(workspace.assignment().tables()).hasSize(1);
  }

  @Test
  void whatIsLookedAtWhenAnImportEndsStays() {
    workspace.tables().importTable(read("tray,g\n1,131\n2,140\n"), true);
    ImportSession next = read("tray,h\n1,7\n2,8\n");
    work();

    assertThat(workspace.assignment().tables()).hasSize(1);
    assertThat(workspace.imports().property().get()).isSameAs(next);
  }

  @Test
  void stepsThatFollowEachOtherQuicklyAreAllThere() {
    importLongTable();
    workspace.tables().addStep(new LeaveOutWhere("g = 3"));
    workspace.tables().addStep(new LeaveOutWhere("g = 4"));
    workspace
        .tables()
        .addTogether("both", new Link.OfPairs(1, "pear", "g"), made -> Optional.empty());
    workspace.tables().renameTable("Autumn");
    work();

    assertThat(steps()).containsExactly(new LeaveOutWhere("g = 3"), new LeaveOutWhere("g = 4"));
    assertThat(table().table().rows()).isEqualTo(ReadTables.MANY_ROWS * 48 / 50);
    assertThat(table().name()).isEqualTo("Autumn");
    assertThat(workspace.assignment().items()).extracting(Item::name).containsExactly("both");
    assertThat(session.nameOfUndo()).isPresent();
    session.undo();
    session.undo();
    assertThat(table().pipeline().steps()).hasSize(1);
  }

  @Test
  void whatFollowsALongTableHasItsNewValuesAlsoWhereItIsAddedMeanwhile() {
    importLongTable();
    workspace.tables().addStep(new LeaveOutWhere("g = 3"));
    workspace.tables().addLinked(Map.of("g", Link.of(1, "g")));
    work();

    Source.Linked linked = (Source.Linked) workspace.assignment().items().get(0).source();
    assertThat(((Sample) linked.data()).values().count()).isEqualTo(ReadTables.MANY_ROWS * 49 / 50);
  }

  @Test
  void aStepThatIsChangedAfterItWasRemovedSaysSo() {
    importLongTable();
    workspace.tables().addStep(new LeaveOutWhere("g = 3"));
    work();
    StepChange.Seen seen = new StepChange.Seen(0, table().pipeline().steps().get(0));
    workspace.tables().changeSteps("edit.step-remove", StepChange.removing(seen));
    workspace.tables().changeSteps("edit.step-move", StepChange.moving(seen, 1));
    work();

    assertThat(steps()).isEmpty();
    assertThat(told).singleElement().asString().contains("was removed meanwhile");
  }

  @Test
  void stepsOfATableThatIsRemovedMeanwhileSayThatTheyAreNotDone() {
    importLongTable();
    workspace.tables().addStep(new LeaveOutWhere("g = 3"));
    workspace.tables().removeTable();
    work();

    assertThat(workspace.assignment().tables()).isEmpty();
    assertThat(told).singleElement().asString().contains("was removed meanwhile");
    session.undo();
    assertThat(table().pipeline().steps()).isEmpty();
  }

  @Test
  void aCancelledStepLeavesTheNextOne() {
    importLongTable();
    workspace.tables().addStep(new LeaveOutWhere("g = 3"));
    workspace.tables().addStep(new LeaveOutWhere("g = 4"));
    session.background().running().get(0).cancel();
    work();

    assertThat(steps()).containsExactly(new LeaveOutWhere("g = 4"));
  }

  @Test
  void loadedStepsThatDoNotFitAreToldAboutALongTableToo() {
    importLongTable();
    workspace.tables().loadSteps(List.of(StepEntry.of(new RenameColumn("weight", "w"))));
    work();

    assertThat(steps()).hasSize(1);
    assertThat(told).singleElement().asString().contains("cannot be applied").contains("weight");
  }

  @Test
  void typingAfterSavingIsUndoneByItself() {
    workspace.items().type("8");
    workspace.items().type("8 10");
    save(folder.resolve("pears.promedio"));
    workspace.items().type("8 10 1");
    workspace.items().type("8 10 12");

    session.undo();
    assertThat(text(workspace.assignment())).isEqualTo("8 10");
    session.undo();
    assertThat(workspace.assignment().items()).isEmpty();
  }

  @Test
  void typingAfterAPauseIsUndoneByItself() {
    workspace.items().type("8");
    nanos.addAndGet(TimeUnit.MILLISECONDS.toNanos(1900));
    workspace.items().type("8 10");
    nanos.addAndGet(TimeUnit.MILLISECONDS.toNanos(2000));
    workspace.items().type("8 10 12");

    session.undo();
    assertThat(text(workspace.assignment())).isEqualTo("8 10");
    session.undo();
    assertThat(workspace.assignment().items()).isEmpty();
  }

  @Test
  void typingAfterSomethingElseWasChosenIsUndoneByItself() {
    workspace.items().type("8");
    workspace.shelf().addSample(new Source.ValuesText("1"));
    workspace.choose(1);
    workspace.items().type("8 10");
    workspace.choose(2);
    workspace.choose(1);
    workspace.items().type("8 10 12");

    session.undo();
    assertThat(text(workspace.assignment())).isEqualTo("8 10");
  }

  @Test
  void anAnswerIsUndoneWithTheTryThatItBecame() {
    workspace.items().type("8 10");
    Request mean = Request.of(Measures.MEAN);
    workspace.items().answer(mean, "8");
    session.endAct();
    workspace.items().keepTry(workspace.analysis().question(mean));
    assertThat(workspace.analysis().work(mean).tries()).containsExactly("8");

    session.undo();
    assertThat(workspace.analysis().work(mean).answer()).isEmpty();
    assertThat(workspace.analysis().work(mean).tries()).isEmpty();
  }

  private Assignment referring(Path data) throws Exception {
    Original original = new Original.Referred(data.toString(), Fingerprint.of(DataSource.of(data)));
    StepPipeline read = StepPipeline.of(ReadTables.of(Files.readString(data)));
    ImportedTable imported = new ImportedTable(1, "log", original, ReadingChoices.NONE, read);
    return Assignment.empty("Theirs").with(imported);
  }

  /** Opens an assignment of someone else, whose table is in a file outside its folder. */
  private ImportedTable openTheirs() throws Exception {
    Path data = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n3,4\n");
    Path file = Files.createDirectories(folder.resolve("mine")).resolve("theirs.promedio");
    AssignmentFile.write(referring(data), file);
    List<ImportedTable> unread = new ArrayList<>();
    store().open(file, opened -> unread.addAll(opened.unread()), told::add);
    work();
    return unread.get(0);
  }

  @Test
  void undoingAnEditBeforeAFileWasReadLeavesItRead() throws Exception {
    ImportedTable unread = openTheirs();
    workspace.setTitle("Mine");
    new TableReading(session).read(unread, told::add);
    work();

    session.undo();
    assertThat(workspace.assignment().title()).isEqualTo("Theirs");
    assertThat(table().isRead()).isTrue();
    assertThat(store().savedProperty().get()).isTrue();
    session.redo();
    assertThat(table().isRead()).isTrue();
    assertThat(store().savedProperty().get()).isFalse();
  }

  @Test
  void aFileThatIsReadAfterAnotherAssignmentWasOpenedIsReadInItsOwn() throws Exception {
    ImportedTable unread = openTheirs();
    new TableReading(session).read(unread, told::add);
    workspace.replace(Assignment.empty("Other"));
    work();

    assertThat(workspace.assignment()).isEqualTo(Assignment.empty("Other"));
    session.undo();
    assertThat(table().isRead()).isTrue();
  }

  @Test
  void aColumnWithACommaInItsNameIsImported() {
    ImportSession importing = read("pear;\"weight, g\"\n1;131\n2;140\n");

    assertThat(importing.includeTyped("pear, weight, g")).isEmpty();
    assertThat(importing.columnsProperty().get()).containsExactly("pear", "weight, g");
    assertThat(importing.includeTyped("\"weight, g\"")).isEmpty();
    assertThat(importing.columnsProperty().get()).containsExactly("weight, g");
    assertThat(importing.includeTyped("weight")).contains("weight");
  }
}
