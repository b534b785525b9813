package promedio.desktop.window.shell;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Queue;
import javafx.application.Platform;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.session.TableReading;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.UnsavedWork;
import promedio.files.table.DataSource;
import promedio.files.table.TableReader;

/**
 * What is done with files, and what comes in by the clipboard or is dropped: assignments are opened
 * and saved, data imported, work that was not saved offered.
 */
final class FileCommands {

  /** Where what is imported is looked at. */
  interface Importing {

    /** Puts the focus on the way to take it. */
    void focusTake();

    /** Puts the focus where a table is typed. */
    void focusText();
  }

  private final Workspace workspace;
  private final DocumentStore store;
  private final SettingsStore settings;
  private final TableReading reading;
  private final FileChoice fileChoice;
  private final NoticeBar notices;
  private final Importing importing;

  FileCommands(
      Workspace workspace,
      DocumentStore store,
      SettingsStore settings,
      FileChoice fileChoice,
      NoticeBar notices,
      Importing importing) {
    this.workspace = workspace;
    this.store = store;
    this.settings = settings;
    this.reading = new TableReading(workspace.session());
    this.fileChoice = fileChoice;
    this.notices = notices;
    this.importing = importing;
    workspace.whileViewed(
        workspace
            .imports()
            .property()
            .subscribe(
                now -> {
                  if (now == null && !workspace.imports().waiting().isEmpty()) {
                    // Whoever ended this one may be about to choose what came of it.
                    Platform.runLater(this::importNext);
                  }
                }));
  }

  /** Offers what an earlier time left unsaved, and tells what of it cannot be read. */
  void offerLeftOver() {
    store.findLeftOver(
        left -> {
          left.found().forEach(this::offer);
          tellAll(left.notices());
        });
  }

  /** Opens what the person chooses. */
  void open() {
    fileChoice.toOpen().ifPresent(this::open);
  }

  /** Opens an assignment, or imports a data file. */
  void open(Path path) {
    if (isAssignment(path)) {
      openAssignment(path);
    } else {
      openData(path);
    }
  }

  /** Saves the assignment where it came from, or where the person chooses. */
  void save() {
    Path file = store.fileProperty().get();
    if (file == null) {
      saveAs();
    } else {
      saveTo(file, false);
    }
  }

  /** Saves the assignment where the person chooses. */
  void saveAs() {
    String name = workspace.assignment().title().strip().replaceAll("[\\\\/:*?\"<>|]", "-");
    fileChoice
        .toSave((name.isEmpty() ? Texts.of("assignment.untitled") : name) + AssignmentFile.ENDING)
        .ifPresent(chosen -> saveTo(withEnding(chosen), withEnding(chosen).equals(chosen)));
  }

  private void openAssignment(Path path) {
    notices.clear();
    store.open(
        path,
        opened -> {
          rememberRecent(opened.path());
          tellAll(opened.notices());
          opened.unread().forEach(this::offerReading);
        },
        refused -> workspace.tell(Texts.of("open.refused-assignment", refused)));
  }

  private void tellAll(List<String> sentences) {
    if (!sentences.isEmpty()) {
      workspace.tell(String.join("\n", sentences));
    }
  }

  /** What a document from elsewhere refers to is read only when the person wants it. */
  private void offerReading(ImportedTable unread) {
    notices.offer(
        Texts.of("open.elsewhere-table", unread.name(), unread.original().place()),
        Texts.of("open.read-table"),
        () -> reading.read(unread, workspace::tell),
        Texts.of("open.leave-table"),
        () -> {});
  }

  private void openData(Path path) {
    try {
      notices.clear();
      workspace.imports().begin(DataSource.of(path));
      importing.focusTake();
    } catch (RefusedFileException e) {
      workspace.tell(Texts.of("open.refused", e.getMessage()));
    }
  }

  /** Opens assignments, and imports data files in one after the other. */
  void openAll(List<Path> files) {
    files.stream().filter(FileCommands::isAssignment).forEach(this::openAssignment);
    files.stream().filter(file -> !isAssignment(file)).forEach(workspace.imports().waiting()::add);
    if (workspace.imports().property().get() == null) {
      importNext();
    }
  }

  /** What was dropped together is looked at one by one. */
  private void importNext() {
    Queue<Path> waiting = workspace.imports().waiting();
    // Another window over the same work may have taken the turn.
    Path next = workspace.imports().property().get() == null ? waiting.poll() : null;
    if (next != null) {
      openData(next);
      if (!waiting.isEmpty()) {
        workspace.tell(Texts.of("import.waiting", waiting.size()));
      }
    }
  }

  private static boolean isAssignment(Path file) {
    return file.toString().endsWith(AssignmentFile.ENDING);
  }

  void typeTable() {
    workspace.imports().begin(DataSource.of(Texts.of("import.typed"), new byte[0]));
    importing.focusText();
  }

  /** A name that the person typed in full was agreed on where the file was chosen. */
  private void saveTo(Path path, boolean agreed) {
    notices.clear();
    store.save(
        path,
        agreed,
        note -> {
          rememberRecent(path);
          note.ifPresent(workspace::tell);
        },
        problem -> workspace.tell(Texts.of("save.failed", problem)));
  }

  private void rememberRecent(Path path) {
    settings.remember(old -> old.withRecent(path.toAbsolutePath()));
  }

  private static Path withEnding(Path path) {
    return isAssignment(path)
        ? path
        : path.resolveSibling(path.getFileName() + AssignmentFile.ENDING);
  }

  private void offer(UnsavedWork.Found found) {
    String title = found.assignment().title();
    notices.offer(
        Texts.of(
            "recover.offer",
            title,
            found.assignment().items().size() + found.assignment().tables().size()),
        Texts.of("recover.restore"),
        () -> {
          store.restore(found);
          found.unread().forEach(this::offerReading);
        },
        Texts.of("recover.discard"),
        () -> store.discard(found));
  }

  /** A list becomes a sample at once; a table is looked at first. */
  void paste() {
    Clipboard clipboard = Clipboard.getSystemClipboard();
    String html = clipboard.getHtml();
    String text = clipboard.getString();
    if (html != null && html.toLowerCase(Locale.ROOT).contains("<table")) {
      importPasted(html);
    } else if (text == null || text.isBlank()) {
      workspace.tell(Texts.of("paste.nothing"));
    } else if (isTable(text)) {
      importPasted(text);
    } else {
      workspace.shelf().addSample(new Source.ValuesText(text));
    }
  }

  private void importPasted(String text) {
    workspace
        .imports()
        .begin(DataSource.of(Texts.of("import.pasted"), text.getBytes(StandardCharsets.UTF_8)));
    importing.focusTake();
  }

  private static boolean isTable(String text) {
    try {
      DataSource source = DataSource.of("", text.getBytes(StandardCharsets.UTF_8));
      String separator = TableReader.recognise(source, ReadingChoices.NONE).of(Aspect.SEPARATOR);
      return !List.of("list", "none").contains(separator) && text.strip().lines().count() > 1;
    } catch (RefusedFileException e) {
      // What is no table is taken as values, and shown as they are understood.
      return false;
    }
  }

  void acceptFiles(DragEvent event) {
    if (event.getDragboard().hasFiles()) {
      event.acceptTransferModes(TransferMode.COPY);
      event.consume();
    }
  }

  void takeFiles(DragEvent event) {
    openAll(event.getDragboard().getFiles().stream().map(File::toPath).toList());
    event.setDropCompleted(true);
    event.consume();
  }
}
