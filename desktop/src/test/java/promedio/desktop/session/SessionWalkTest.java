package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Language;
import promedio.core.rules.Rule;
import promedio.core.tidy.LeaveOutWhere;
import promedio.desktop.Folders;
import promedio.desktop.projection.Computations;
import promedio.desktop.projection.MeasureLine;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.ShelfLine;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.StepChange;
import promedio.desktop.work.Workspace;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.UnsavedWork;
import promedio.files.table.DataSource;

/**
 * Ten thousand acts with long work under way at random speeds: edits, imports, steps, files,
 * languages, undo, leaving and coming back. What is shown is always the document, a file that is
 * saved always holds it, and whatever the person asked for is there or was refused in words.
 */
class SessionWalkTest {

  private static final int ACTS = 1000;

  /** Tables of more rows are tidied apart from the window. */
  private static final int LONG = 5;

  private static final long SLOWEST_NANOS = 500_000;

  @TempDir private Path folder;

  private final ExecutorService window = Executors.newSingleThreadExecutor();
  private final ExecutorService workers = Executors.newCachedThreadPool();
  private final Map<DocumentKey, Assignment> latest = new HashMap<>();
  private final Map<DocumentKey, Assignment> saved = new HashMap<>();
  private final Map<Path, Assignment> disk = new HashMap<>();

  /**
   * What was asked for and takes a while, by a text that stands in the document once it is done.
   */
  private final Map<String, DocumentKey> asked = new LinkedHashMap<>();

  private final Map<DocumentKey, Set<String>> seen = new HashMap<>();
  private final List<String> astray = new ArrayList<>();
  private final List<String> told = new ArrayList<>();
  private Random random = new Random();
  private Optional<Workspace> shown = Optional.empty();
  private Optional<DocumentStore> opened = Optional.empty();
  private Optional<Projection> published = Optional.empty();
  private int count;

  @AfterEach
  void stop() {
    Language.speak(Language.of("en").orElseThrow());
    window.shutdownNow();
    workers.shutdownNow();
  }

  private Workspace workspace() {
    return shown.orElseThrow();
  }

  private Session session() {
    return workspace().session();
  }

  private DocumentStore store() {
    return opened.orElseThrow();
  }

  private <T> T onWindow(Callable<T> act) throws Exception {
    FutureTask<T> request = new FutureTask<>(act);
    window.execute(request);
    try {
      return request.get(30, TimeUnit.SECONDS);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      throw e;
    }
  }

  /** Some work takes longer than other. */
  private void work(Runnable request) {
    long nanos = Math.floorMod(request.hashCode() * 31L + count, SLOWEST_NANOS);
    workers.execute(
        () -> {
          LockSupport.parkNanos(nanos);
          request.run();
        });
  }

  private void sitDown() {
    Session session = new Session(Assignment.empty("first"), new Background(this::work, window));
    shown = Optional.of(new Workspace(session, LONG));
    opened = Optional.of(new DocumentStore(session, Folders.under(folder.resolve("state"))));
    seen.clear();
    latest.clear();
    saved.clear();
    note(session.document());
    saved.put(session.document().key(), session.assignment());
    session.subscribe(
        (before, now) -> {
          if (before.key() == now.key()) {
            noteAstray(now);
          }
          note(now);
        });
    look();
  }

  private void note(Document now) {
    if (latest.put(now.key(), now.assignment()) == null) {
      saved.putIfAbsent(now.key(), now.assignment());
    }
    seen(now.key()).addAll(names(now.assignment()).toList());
  }

  private Set<String> seen(DocumentKey document) {
    return seen.computeIfAbsent(document, key -> new HashSet<>());
  }

  /**
   * What was asked for in one document and turns up in another one, which was not opened with it.
   */
  private void noteAstray(Document now) {
    names(now.assignment())
        .filter(name -> !seen(now.key()).contains(name))
        .filter(name -> asked.getOrDefault(name, now.key()) != now.key())
        .forEach(astray::add);
  }

  private void ask(String name) {
    asked.put(name, session().document().key());
  }

  private void look() {
    workspace().show((before, now) -> published = Optional.of(now));
    workspace().whenTold(told::add);
  }

  /** All that can be asked for by name: samples, tables, and conditions of steps. */
  private static Stream<String> names(Assignment now) {
    return Stream.of(
            now.items().stream().map(Item::name),
            now.tables().stream().map(ImportedTable::name),
            now.tables().stream()
                .flatMap(table -> table.pipeline().steps().stream())
                .map(step -> step.step().toString()))
        .flatMap(each -> each);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void nothingIsLostHoweverLongWorkTakes(long seed) throws Exception {
    random = new Random(seed);
    onWindow(
        () -> {
          sitDown();
          return null;
        });
    for (int act = 0; act < ACTS; act++) {
      count++;
      String what = onWindow(this::act);
      String where = "act %d of %d: %s".formatted(act, seed, what);
      if (random.nextInt(8) == 0) {
        settle();
      }
      onWindow(
          () -> {
            check(where);
            return null;
          });
      if (random.nextInt(150) == 0) {
        leaveAndComeBack(where);
      }
    }
    settle();
    onWindow(
        () -> {
          checkAllIsThere();
          store().close();
          return null;
        });
  }

  /** Waits for all long work, and for what its end begins. */
  private void settle() throws Exception {
    while (Boolean.TRUE.equals(onWindow(this::isBusy))) {
      Thread.onSpinWait();
    }
  }

  private boolean isBusy() {
    return Stream.of(Background.Lane.values()).anyMatch(session().background()::isBusy);
  }

  private void check(String where) throws Exception {
    Projection now = published.orElseThrow();
    assertThat(now).as(where).isSameAs(workspace().projection());
    assertThat(now.document()).as(where).isSameAs(session().document());
    Projection fresh = Projection.of(session().document(), now.choice(), new Computations());
    assertThat(texts(now)).as(where).isEqualTo(texts(fresh));
    Document document = session().document();
    if (!session().background().isBusy(Background.Lane.DOCUMENTS)) {
      // A file that is written already counts as saved a moment before that is told here.
      assertThat(store().savedProperty().get())
          .as(where)
          .isEqualTo(document.assignment().equals(saved.get(document.key())));
    }
    for (Map.Entry<Path, Assignment> file : disk.entrySet()) {
      if (random.nextInt(60) == 0 && !session().background().isBusy(Background.Lane.DOCUMENTS)) {
        assertThat(AssignmentFile.read(file.getKey())).as(where).isEqualTo(file.getValue());
      }
    }
  }

  /** What stands on the shelf, and what is asked of what is chosen. */
  private static List<Object> texts(Projection all) {
    List<Object> texts = new ArrayList<>(ShelfLine.items(all));
    texts.addAll(ShelfLine.tables(all));
    if (all.analysis() != null && all.ofOne().isPresent()) {
      Request request = Request.of(Measures.MEAN);
      texts.add(MeasureLine.of(request, all.analysis(), all.trying(null).moving(Map.of())));
    }
    return texts;
  }

  /** Whatever was asked for was in the document once, or the person was told why it was not. */
  private void checkAllIsThere() {
    assertThat(astray).isEmpty();
    List<String> missing =
        asked.entrySet().stream()
            .filter(each -> !seen(each.getValue()).contains(each.getKey()))
            .map(Map.Entry::getKey)
            .toList();
    assertThat(told).as("missing: %s", missing).hasSizeGreaterThanOrEqualTo(missing.size());
    for (String each : missing) {
      assertThat(
              told.stream()
                  .anyMatch(
                      text ->
                          text.contains("Nothing was changed") || text.contains("No se cambió")))
          .as(each)
          .isTrue();
    }
    asked.clear();
    told.clear();
  }

  private String act() throws Exception {
    return switch (random.nextInt(22)) {
      case 0 -> begin();
      case 1 -> open();
      case 2, 3 -> save();
      case 4, 5, 6 -> undo();
      case 7, 8 -> redo();
      case 9, 10 -> importTable();
      case 11, 12, 13 -> step();
      case 14 -> together();
      case 15 -> speak();
      case 16 -> choose();
      default -> edit();
    };
  }

  private String begin() {
    workspace().replace(Assignment.empty("new " + count));
    return "new";
  }

  private Path file() {
    return folder.resolve("file " + random.nextInt(4) + ".promedio");
  }

  private String open() {
    Path file = file();
    store()
        .open(
            file,
            opened -> {
              Document now = session().document();
              saved.put(now.key(), now.assignment());
            },
            why -> {});
    return "open " + file.getFileName();
  }

  private String save() {
    Path file = Optional.ofNullable(store().fileProperty().get()).orElseGet(this::file);
    Document now = session().document();
    store()
        .save(
            file,
            true,
            note -> {
              saved.put(now.key(), now.assignment());
              disk.put(file, now.assignment());
            },
            why -> {
              throw new IllegalStateException(why);
            });
    return "save " + file.getFileName();
  }

  @SuppressWarnings("ReferenceEquality") // a document that is the same was not changed
  private String undo() {
    Document before = session().document();
    session().undo();
    if (random.nextBoolean() && session().document() != before) {
      session().redo();
      assertThat(session().assignment()).isEqualTo(before.assignment());
    }
    return "undo";
  }

  private String redo() {
    session().redo();
    return "redo";
  }

  private String importTable() throws Exception {
    String name = "t" + count;
    StringBuilder rows = new StringBuilder("pear,g\n");
    for (int i = 0; i < 12; i++) {
      rows.append(i).append(',').append(i + 100).append('\n');
    }
    byte[] bytes = rows.toString().getBytes(StandardCharsets.UTF_8);
    ImportSession importing = workspace().imports().begin(DataSource.of(name + ".csv", bytes));
    importing
        .readProperty()
        .subscribe(
            read -> {
              if (read != null) {
                ask(name);
                workspace().tables().importTable(importing, true);
              }
            });
    return "import " + name;
  }

  private String step() {
    List<ImportedTable> tables = session().assignment().tables();
    if (tables.isEmpty()) {
      return "no table";
    }
    ImportedTable table = tables.get(random.nextInt(tables.size()));
    workspace().chooseTable(table.id());
    int steps = table.pipeline().steps().size();
    if (steps > 3) {
      StepChange.Seen seen = new StepChange.Seen(0, table.pipeline().steps().get(0));
      workspace()
          .tables()
          .changeSteps(
              "edit.step",
              random.nextBoolean() ? StepChange.removing(seen) : StepChange.moving(seen, 1));
      return "change a step";
    }
    LeaveOutWhere step = new LeaveOutWhere("g = " + (1000 + count));
    ask(step.toString());
    workspace().tables().addStep(step);
    if (random.nextBoolean()) {
      workspace().tables().renameTable("named " + count);
    }
    return "step " + count;
  }

  private String together() {
    List<ImportedTable> tables = session().assignment().tables();
    if (tables.isEmpty()) {
      return "no table";
    }
    ImportedTable table = tables.get(random.nextInt(tables.size()));
    String name = "both " + count;
    ask(name);
    workspace()
        .tables()
        .addTogether(name, new Link.OfPairs(table.id(), "pear", "g"), made -> Optional.empty());
    return "together";
  }

  private String speak() {
    Language.speak(Language.of(random.nextBoolean() ? "es" : "en").orElseThrow());
    workspace().endViews();
    look();
    return "language";
  }

  private String choose() {
    List<Item> items = session().assignment().items();
    if (!items.isEmpty()) {
      workspace().choose(items.get(random.nextInt(items.size())).id());
    }
    return "choose";
  }

  private String edit() {
    switch (random.nextInt(5)) {
      case 0 -> workspace().setRule(Rule.PLACES, count % 13);
      case 1 -> workspace().setTitle("title " + count);
      case 2 -> {
        ask("s" + count);
        workspace().shelf().addNamed("s" + count, new Source.ValuesText("1 2 " + count));
      }
      case 3 -> {
        workspace().items().answer(Request.of(Measures.MEAN), "" + count);
        session().endAct();
      }
      default -> {
        Item chosen = workspace().item();
        if (chosen != null && chosen.source() instanceof Source.OfText) {
          workspace().items().type("3 " + count);
          assertThat(workspace().item().source().typedText()).contains("3 " + count);
        }
      }
    }
    return "edit";
  }

  /** The window is closed; the next one offers each document that was not saved, and no other. */
  private void leaveAndComeBack(String where) throws Exception {
    settle();
    onWindow(
        () -> {
          checkAllIsThere();
          store().close();
          List<Assignment> unsaved =
              latest.entrySet().stream()
                  .filter(document -> !document.getValue().equals(saved.get(document.getKey())))
                  .map(Map.Entry::getValue)
                  .collect(Collectors.toList());
          sitDown();
          store()
              .findLeftOver(
                  left -> {
                    assertThat(left.notices()).as(where).isEmpty();
                    assertThat(left.found().stream().map(UnsavedWork.Found::assignment))
                        .as(where)
                        .containsExactlyInAnyOrderElementsOf(unsaved);
                    left.found().forEach(store()::discard);
                  });
          return null;
        });
    settle();
    assertThat(Files.exists(folder.resolve("state").resolve("unsaved").resolve("unreadable")))
        .as(where)
        .isFalse();
  }
}
