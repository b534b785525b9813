package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.rules.Rule;
import promedio.desktop.Folders;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.UnsavedWork;
import promedio.files.table.DataSource;

/**
 * Three thousand acts in any order, each done at once: new, open, save, save as, undo, redo, edits,
 * importing in, leaving and coming back. After each of them a few lines of bookkeeping say what is
 * to be on the screen, in which file it is to be, whether that file has it all, and what is to be
 * on the disk.
 */
class WalkThroughFilesTest {

  private static final int ACTS = 300;

  @TempDir private Path folder;

  /** A document as it should be known: its file, and what the file was last given. */
  private static final class Known {
    private @Nullable Path file;
    private @Nullable Assignment saved;
    private Assignment latest;

    /** What the file was known to hold; anything else there came from elsewhere. */
    private @Nullable Assignment seen;

    Known(Assignment first) {
      latest = first;
    }
  }

  /** What is on the screen: a document and its state. */
  private record Shown(Known document, Assignment assignment) {}

  private final Map<Path, Assignment> disk = new LinkedHashMap<>();
  private final Deque<Shown> past = new ArrayDeque<>();
  private final Deque<Shown> future = new ArrayDeque<>();
  private final List<Known> documents = new ArrayList<>();
  private Shown shown = new Shown(new Known(Assignment.empty("")), Assignment.empty(""));
  private String running = "";
  private Random random = new Random();
  private Workspace workspace = workspace();
  private @Nullable DocumentStore store;
  private int titles;

  private static Workspace workspace() {
    return new Workspace(Assignment.empty("first"), new Background(Runnable::run, Runnable::run));
  }

  private DocumentStore store() {
    DocumentStore now = store;
    if (now == null) {
      throw new IllegalStateException("nobody has sat down");
    }
    return now;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void whatIsOnTheScreenAndOnTheDiskIsWhatShouldBe(long seed) throws Exception {
    random = new Random(seed);
    sitDown();
    for (int act = 0; act < ACTS; act++) {
      String what = act();
      check("act %d of %d: %s".formatted(act, seed, what));
    }
    store().close();
  }

  private void sitDown() {
    workspace = workspace();
    store = new DocumentStore(workspace.session(), Folders.under(folder.resolve("state")));
    past.clear();
    future.clear();
    documents.clear();
    running = "";
    Assignment first = workspace.assignment();
    Known document = new Known(first);
    document.saved = first;
    documents.add(document);
    shown = new Shown(document, first);
  }

  private void check(String what) throws RefusedFileException {
    assertThat(workspace.assignment()).as(what).isEqualTo(shown.assignment());
    assertThat(store().fileProperty().get()).as(what).isEqualTo(shown.document().file);
    assertThat(store().savedProperty().get())
        .as(what)
        .isEqualTo(shown.assignment().equals(shown.document().saved));
    // The files that nothing was written to were looked at before.
    for (Map.Entry<Path, Assignment> file : disk.entrySet()) {
      if (file.getKey().equals(shown.document().file) || random.nextInt(20) == 0) {
        assertThat(AssignmentFile.read(file.getKey())).as(what).isEqualTo(file.getValue());
      }
    }
  }

  private String act() throws Exception {
    return switch (random.nextInt(24)) {
      case 0 -> begin();
      case 1, 2 -> open();
      case 3, 4, 5 -> save();
      case 6 -> saveAs();
      case 7, 8, 9, 10 -> undo();
      case 11, 12, 13 -> redo();
      case 14 -> someoneElseWrites();
      case 15 -> leaveAndComeBack();
      case 16 -> importView();
      case 17 -> remove();
      default -> edit();
    };
  }

  /** What the window shows after an edit; ids that are given are part of that. */
  private void edited(String key) {
    if (workspace.assignment().equals(shown.assignment())) {
      return;
    }
    if (key.isEmpty() || !key.equals(running)) {
      past.push(shown);
    }
    future.clear();
    running = key;
    show(new Shown(shown.document(), workspace.assignment()));
  }

  private void show(Shown now) {
    shown = now;
    now.document().latest = now.assignment();
  }

  private String edit() {
    int n = random.nextInt(100);
    switch (random.nextInt(5)) {
      case 0 -> {
        workspace.setRule(Rule.PLACES, n % 13);
        edited("");
      }
      case 1 -> {
        workspace.setTitle("title " + titles++);
        edited("title");
      }
      case 2 -> {
        workspace.shelf().addSample(new Source.ValuesText("1 " + n));
        edited("");
      }
      case 3 -> {
        Item chosen = workspace.item();
        String key =
            "values " + (chosen == null ? workspace.assignment().ids().item() : chosen.id());
        workspace.items().type("3 " + n);
        edited(key);
      }
      default -> {
        workspace.shelf().duplicateChosen();
        edited("");
      }
    }
    return "edit";
  }

  private String remove() {
    workspace.shelf().removeChosen();
    edited("");
    return "remove";
  }

  private String importView() throws IOException {
    byte[] bytes = "a,b\n1,2\n3,4\n".getBytes(StandardCharsets.UTF_8);
    ImportSession importing = workspace.imports().begin(DataSource.of("trays.csv", bytes));
    workspace.tables().addTable(importing.chosen(true).table());
    edited("");
    return "bring in";
  }

  private String begin() {
    past.push(shown);
    future.clear();
    running = "";
    Assignment fresh = Assignment.empty("new " + titles++);
    workspace.replace(fresh);
    Known document = new Known(fresh);
    document.saved = fresh;
    documents.add(document);
    show(new Shown(document, fresh));
    return "new";
  }

  private String open() throws Exception {
    if (disk.isEmpty()) {
      return "nothing to open";
    }
    Path file = List.copyOf(disk.keySet()).get(random.nextInt(disk.size()));
    AtOnce.open(store(), file);
    past.push(shown);
    future.clear();
    running = "";
    Known document = new Known(disk.get(file));
    document.file = file;
    document.saved = disk.get(file);
    document.seen = disk.get(file);
    documents.add(document);
    show(new Shown(document, disk.get(file)));
    return "open " + file.getFileName();
  }

  private String save() throws IOException {
    Path file = shown.document().file;
    if (file == null) {
      return saveAs();
    }
    saveTo(file);
    return "save";
  }

  private String saveAs() throws IOException {
    saveTo(folder.resolve("file " + random.nextInt(6) + ".promedio"));
    return "save as";
  }

  /** What the document did not come from is replaced only when that was told before. */
  private void saveTo(Path file) throws IOException {
    Known document = shown.document();
    Assignment there = disk.get(file);
    // What is typed after saving is undone by itself.
    running = "";
    boolean expected = there == null || (file.equals(document.file) && there.equals(document.seen));
    if (!expected) {
      assertThatThrownBy(() -> AtOnce.save(store(), file)).isInstanceOf(IOException.class);
      assertThat(AssignmentFileContent.of(file)).isEqualTo(there);
    }
    try {
      AtOnce.save(store(), file);
    } catch (IOException e) {
      // Equal assignments may have been written as other bytes: the next ids are no part of them.
      assertThat(expected && there != null).as(e.getMessage()).isTrue();
      AtOnce.save(store(), file);
    }
    disk.put(file, shown.assignment());
    document.file = file;
    document.saved = shown.assignment();
    document.seen = shown.assignment();
  }

  /** Reads a file without checked exceptions getting in the way. */
  private static final class AssignmentFileContent {
    static Assignment of(Path file) {
      try {
        return AssignmentFile.read(file);
      } catch (RefusedFileException e) {
        throw new IllegalStateException(e);
      }
    }
  }

  private String undo() {
    workspace.session().undo();
    if (!past.isEmpty()) {
      future.push(shown);
      show(past.pop());
      running = "";
    }
    return "undo";
  }

  private String redo() {
    workspace.session().redo();
    if (!future.isEmpty()) {
      past.push(shown);
      show(future.pop());
      running = "";
    }
    return "redo";
  }

  private String someoneElseWrites() throws IOException {
    Path file = folder.resolve("file " + random.nextInt(6) + ".promedio");
    Assignment other = Assignment.empty("of someone else " + titles++);
    AssignmentFile.write(other, file);
    disk.put(file, other);
    return "someone else writes " + file.getFileName();
  }

  /** The window is closed; the next one offers each document that was not saved, and no other. */
  private String leaveAndComeBack() throws IOException {
    List<Known> unsaved =
        documents.stream().filter(document -> !document.latest.equals(document.saved)).toList();
    store().close();
    sitDown();
    List<String> notices = new ArrayList<>();
    List<UnsavedWork.Found> found = AtOnce.leftOver(store(), notices::add);
    assertThat(notices).isEmpty();
    assertThat(found.stream().map(UnsavedWork.Found::assignment))
        .containsExactlyInAnyOrderElementsOf(
            unsaved.stream().map(document -> document.latest).toList());
    for (UnsavedWork.Found each : found) {
      Known before =
          unsaved.stream()
              .filter(
                  known ->
                      known.latest.equals(each.assignment())
                          && Objects.equals(
                              known.file, each.home().map(UnsavedWork.Home::path).orElse(null)))
              .findFirst()
              .orElseThrow();
      if (random.nextInt(3) == 0) {
        store().discard(each);
      } else {
        store().restore(each);
        past.push(shown);
        Known document = new Known(each.assignment());
        document.file = before.file;
        document.seen = before.seen;
        documents.add(document);
        show(new Shown(document, each.assignment()));
      }
    }
    assertThat(AtOnce.leftOver(store(), notices::add)).isEmpty();
    assertThat(Files.exists(folder.resolve("state").resolve("unsaved").resolve("unreadable")))
        .isFalse();
    return "leave and come back";
  }
}
