package promedio.desktop.window.shell;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CancellationException;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.measure.Task;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.desktop.Texts;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.Grip;
import promedio.desktop.window.control.Keys;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.parts.PartsView;
import promedio.desktop.window.parts.PileView;
import promedio.desktop.window.sample.Margin;
import promedio.desktop.window.sample.MovedLine;
import promedio.desktop.window.sample.RulesStrip;
import promedio.desktop.window.sample.Sheet;
import promedio.desktop.window.shelf.Shelf;
import promedio.desktop.window.table.ImportView;
import promedio.desktop.window.table.ReadingPane;
import promedio.desktop.window.table.StepsPane;
import promedio.desktop.window.table.TableExchange;
import promedio.desktop.window.table.TableSheet;
import promedio.desktop.window.working.WorkingSheet;
import promedio.desktop.work.Background;
import promedio.desktop.work.ByHand;
import promedio.desktop.work.DocumentStore;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.UnsavedWork;
import promedio.files.pile.PileReader;
import promedio.files.settings.Settings;
import promedio.files.table.DataSource;
import promedio.files.table.TableReader;

/** The whole window: rules at the top, then shelf, sheet and margin from left to right. */
public final class AssignmentView extends StackPane implements AssignmentMenu.Actions {

  private static final Logger LOG = LoggerFactory.getLogger(AssignmentView.class);

  /**
   * From this width on, in points of the usual text, shelf, sheet and margin stand side by side.
   */
  private static final double THREE_BANDS = 600;

  private final Workspace workspace;
  private final DocumentStore store;
  private final FileChoice fileChoice;
  private final Appearance appearance;
  private final BorderPane bands = new BorderPane();
  private final Shelf shelf;
  private final Sheet sheet;
  private final TableExchange exchange;
  private final ByHand byHand;

  /** Data files that were dropped together and are not looked at yet. */
  private final Deque<Path> waiting = new ArrayDeque<>();

  /** Made when something is first worked on the sheet. */
  private @Nullable WorkingSheet workingSheet;

  /** Made when the parts are first shown as a sheet. */
  private @Nullable PartsView parts;

  /** Made when a pile of answers is first marked. */
  private @Nullable PileView pile;

  private final StackPane centre;
  private final StackPane right;

  /** What stands on the right, with its edge. */
  private final HBox edge;

  /** Made when a table is first looked at, since most starts do without. */
  private @Nullable TableSheet tableSheet;

  private @Nullable StepsPane steps;

  /** Made when something is first imported. */
  private @Nullable ImportView importView;

  private @Nullable ReadingPane reading;
  private final Margin margin;
  private final RulesStrip strip;
  private final NoticeBar notices;

  /** Made when first asked for. */
  private @Nullable KeySheet keySheet;

  private final Map<KeyCombination, Runnable> actions;

  /** Makes the window on a workspace and the store it is kept on. */
  public AssignmentView(Workspace workspace, DocumentStore store, FileChoice fileChoice) {
    this.workspace = workspace;
    this.store = store;
    this.fileChoice = fileChoice;
    this.appearance = new Appearance(store.settingsProperty().get());
    this.notices = new NoticeBar(workspace.background());
    this.shelf = new Shelf(workspace, appearance, this::open, this::typeTable);
    EmptyState empty = new EmptyState(this::startTyping, this::paste, this::open, this::showDemo);
    this.sheet = new Sheet(workspace, appearance, fileChoice, empty, this::workOnSheet);
    this.exchange = new TableExchange(workspace, fileChoice, notices::tell);
    this.byHand = new ByHand(workspace);
    this.margin = new Margin(workspace, byHand, appearance);
    AssignmentMenu menu = new AssignmentMenu(workspace, store, appearance, this);
    this.strip = new RulesStrip(workspace, store, menu);
    this.actions = buildActions();
    bands.setTop(new VBox(strip, notices, new MovedLine(workspace)));
    this.centre = new StackPane(sheet);
    this.right = new StackPane(margin);
    Grip marginGrip = new Grip(right, "margin", -1);
    this.edge = new HBox(marginGrip, right);
    appearance.textPercentProperty().subscribe(percent -> foldWhereNarrow(marginGrip));
    widthProperty().subscribe(width -> foldWhereNarrow(marginGrip));
    bands.setLeft(new HBox(shelf, new Grip(shelf, "shelf", 1)));
    bands.setCenter(centre);
    bands.setRight(edge);
    workspace.tableProperty().subscribe(table -> showBand());
    workspace
        .importProperty()
        .subscribe(
            importing -> {
              showBand();
              if (importing == null && !waiting.isEmpty()) {
                // Whoever ended this one may be about to choose what came of it.
                Platform.runLater(this::importNext);
              }
            });
    workspace.chosenProperty().subscribe(item -> showBand());
    byHand.onSheetProperty().subscribe((old, task) -> showBand());
    workspace.onPartsProperty().subscribe((old, shown) -> showBand());
    workspace.pileProperty().subscribe((old, shown) -> showBand());
    workspace.taskProperty().subscribe((old, task) -> followOnSheet(task));
    getStyleClass().add("assignment");
    getChildren().add(bands);
    appearance.dress(this);
    rememberLook();
    addEventFilter(KeyEvent.KEY_PRESSED, this::handleKey);
    setOnDragOver(this::acceptFiles);
    setOnDragDropped(this::takeFiles);
    List<String> unreadable = new ArrayList<>();
    store.leftOver(unreadable::add).forEach(this::offer);
    tellAll(unreadable);
    store.problemProperty().subscribe((old, problem) -> tellProblem(problem));
  }

  /** Where large text leaves too little room for the sheet, the margin is a key away. */
  private void foldWhereNarrow(Grip grip) {
    if (getWidth() > 0) {
      grip.foldByItself(getWidth() / appearance.textScale() < THREE_BANDS);
    }
  }

  /** Tells the person something in the window, until it is put away. */
  public void tell(String message) {
    notices.tell(message);
  }

  private void tellProblem(String problem) {
    if (!problem.isEmpty()) {
      notices.tell(problem);
    }
  }

  /** Shows text of so many percent of the usual size. */
  void setTextPercent(int percent) {
    appearance.setPercent(percent);
  }

  /** Puts the caret where values are typed. */
  public void startTyping() {
    shelf.startTyping();
  }

  @Override
  public void open() {
    fileChoice.toOpen().ifPresent(this::open);
  }

  /** Opens an assignment, or imports a data file. */
  @Override
  public void open(Path path) {
    if (isAssignment(path)) {
      openAssignment(path);
    } else {
      openData(path);
    }
  }

  @Override
  public void save() {
    Path file = store.fileProperty().get();
    if (file == null) {
      saveAs();
    } else {
      saveTo(file, false);
    }
  }

  @Override
  public void saveAs() {
    String name = workspace.assignment().title().strip().replaceAll("[\\\\/:*?\"<>|]", "-");
    fileChoice
        .toSave((name.isEmpty() ? Texts.of("assignment.untitled") : name) + AssignmentFile.ENDING)
        .ifPresent(chosen -> saveTo(withEnding(chosen), withEnding(chosen).equals(chosen)));
  }

  @Override
  public void begin() {
    Settings settings = store.settingsProperty().get();
    workspace.replace(Assignment.empty(Texts.of("assignment.untitled")).withSign(settings.sign()));
    startTyping();
  }

  @Override
  public void showKeys() {
    KeySheet shown = keySheet;
    if (shown == null) {
      shown = new KeySheet(this::hideKeys);
      keySheet = shown;
      getChildren().add(shown);
    }
    Nodes.setShown(shown, true);
    shown.focusButton();
  }

  private void hideKeys() {
    show(keySheet, false);
    startTyping();
  }

  /** {@return what each key of the window does} */
  private Map<KeyCombination, Runnable> buildActions() {
    return Map.ofEntries(
        Map.entry(Keys.UNDO, workspace::undo),
        Map.entry(Keys.REDO, workspace::redo),
        Map.entry(Keys.REDO_OTHER, workspace::redo),
        Map.entry(Keys.NEW_SAMPLE, shelf::newSample),
        Map.entry(Keys.NEW_TABLE, shelf::newTable),
        Map.entry(Keys.OPEN, this::open),
        Map.entry(Keys.SAVE, this::save),
        Map.entry(Keys.SAVE_AS, this::saveAs),
        Map.entry(Keys.LARGER, appearance::larger),
        Map.entry(Keys.LARGER_PLUS, appearance::larger),
        Map.entry(Keys.SMALLER, appearance::smaller),
        Map.entry(Keys.USUAL, appearance::usual),
        Map.entry(Keys.VALUES, this::startTyping),
        Map.entry(Keys.LINE_UP, sheet::focusLineUp),
        Map.entry(Keys.ANSWERS, sheet::focusAnswers),
        Map.entry(Keys.RULES, strip::focusRules),
        Map.entry(Keys.CELLS, this::focusCells),
        Map.entry(Keys.STEPS, this::focusSteps),
        Map.entry(Keys.WORKING, this::workOnSheet),
        Map.entry(Keys.PARTS, this::showParts),
        Map.entry(Keys.SCRATCH, margin::focusScratch),
        Map.entry(Keys.PREVIOUS, () -> chooseBeside(-1)),
        Map.entry(Keys.NEXT, () -> chooseBeside(1)),
        Map.entry(Keys.HELP, this::showKeys));
  }

  /** The fields would undo for themselves alone, so these keys are taken before they see them. */
  private void handleKey(KeyEvent event) {
    if (Keys.PASTE.match(event)) {
      if (!(getScene().getFocusOwner() instanceof TextInputControl)) {
        event.consume();
        paste();
      }
      return;
    }
    boolean history =
        Keys.UNDO.match(event) || Keys.REDO.match(event) || Keys.REDO_OTHER.match(event);
    if (history && (Fields.undoesForItself(getScene().getFocusOwner()) || isHidden())) {
      return;
    }
    actions.entrySet().stream()
        .filter(action -> action.getKey().match(event))
        .findFirst()
        .ifPresent(
            action -> {
              event.consume();
              action.getValue().run();
            });
  }

  /** Whether something else stands before the assignment, which must not change unseen. */
  private boolean isHidden() {
    return workspace.importProperty().get() != null || workspace.pileProperty().get() != null;
  }

  private void chooseBeside(int places) {
    List<Item> items = workspace.assignment().items();
    int next = items.indexOf(workspace.chosenProperty().get()) + places;
    if (next >= 0 && next < items.size()) {
      workspace.choose(items.get(next).id());
    }
  }

  private void openAssignment(Path path) {
    notices.clear();
    store.open(
        path,
        opened -> {
          tellAll(opened.notices());
          opened.unread().forEach(this::offerReading);
        },
        refused -> notices.tell(Texts.of("open.refused-assignment", refused)));
  }

  private void tellAll(List<String> sentences) {
    if (!sentences.isEmpty()) {
      notices.tell(String.join("\n", sentences));
    }
  }

  /** What a document from elsewhere refers to is read only when the person wants it. */
  private void offerReading(ImportedTable unread) {
    notices.offer(
        Texts.of("open.elsewhere-table", unread.name(), unread.original().place()),
        Texts.of("open.read-table"),
        () -> store.readTable(unread, notices::tell),
        Texts.of("open.leave-table"),
        () -> {});
  }

  /** The sheet of a sample, a table, or what is about to be imported; each with its margin. */
  private void showBand() {
    boolean imports = workspace.importProperty().get() != null;
    boolean table = !imports && workspace.tableProperty().get() != null;
    if (imports) {
      importView();
    }
    if (table) {
      steps();
    }
    show(importView, imports);
    show(reading, imports);
    show(tableSheet, table);
    show(steps, table);
    boolean piled = !imports && !table && workspace.pileProperty().get() != null;
    boolean asked = !imports && !table && !piled && workspace.onPartsProperty().get();
    showParts(asked);
    showPile(piled);
    boolean whole = imports || table || piled || asked;
    boolean works = !whole && byHand.onSheetProperty().get() != null;
    if (works) {
      makeWorkingSheet();
    }
    show(workingSheet, works);
    Nodes.setShown(sheet, !whole && !works);
    Nodes.setShown(margin, !whole);
    Nodes.setShown(edge, !piled && !asked);
  }

  private void showParts(boolean shown) {
    if (shown && parts == null) {
      parts = new PartsView(workspace);
      centre.getChildren().add(parts);
    }
    show(parts, shown);
    if (shown && parts != null) {
      parts.refresh();
    }
  }

  private void showPile(boolean shown) {
    if (shown && pile == null) {
      pile = new PileView(workspace, fileChoice);
      centre.getChildren().add(pile);
    }
    show(pile, shown);
  }

  @Override
  public void showParts() {
    workspace.pileProperty().set(null);
    workspace.onPartsProperty().set(!workspace.onPartsProperty().get());
    PartsView shown = parts;
    if (shown != null && workspace.onPartsProperty().get()) {
      // The fields take the focus only once they are laid out.
      Platform.runLater(shown::focusFirst);
    }
  }

  @Override
  public void markPile() {
    fileChoice.toOpen().ifPresent(this::markPile);
  }

  /** Samples of the pile may be those of the assignment, by name. */
  private void markPile(Path file) {
    Assignment now = workspace.assignment();
    notices.clear();
    workspace
        .background()
        .watch(
            Background.Lane.PILE,
            Texts.of("work.marking", file.getFileName()),
            progress -> PileReader.of(now).read(file, progress),
            workspace.pileProperty()::set,
            failure -> {
              if (!(failure instanceof CancellationException)) {
                LOG.warn("cannot mark {}", file, failure);
                notices.tell(Texts.of("pile.refused", file.getFileName(), failure.getMessage()));
              }
            });
  }

  /** The measure that is chosen elsewhere is worked next. */
  private void followOnSheet(Task task) {
    if (byHand.onSheetProperty().get() != null) {
      byHand.onSheetProperty().set(task);
    }
  }

  private void makeWorkingSheet() {
    if (workingSheet == null) {
      workingSheet = new WorkingSheet(workspace, byHand, appearance);
      centre.getChildren().add(workingSheet);
    }
  }

  /** Works the chosen measure on the sheet, or goes back to the measures. */
  private void workOnSheet() {
    boolean works = byHand.onSheetProperty().get() != null;
    byHand.onSheetProperty().set(works ? null : workspace.taskProperty().get());
  }

  private static void show(@Nullable Node view, boolean shown) {
    if (view != null) {
      Nodes.setShown(view, shown);
    }
  }

  private ImportView importView() {
    ImportView made = importView;
    if (made == null) {
      made = new ImportView(workspace);
      importView = made;
      reading = new ReadingPane(workspace);
      centre.getChildren().add(made);
      right.getChildren().add(reading);
    }
    return made;
  }

  private StepsPane steps() {
    StepsPane made = steps;
    if (made == null) {
      made = new StepsPane(workspace, exchange);
      steps = made;
      tableSheet = new TableSheet(workspace, tableActions());
      centre.getChildren().add(tableSheet);
      right.getChildren().add(made);
    }
    return made;
  }

  private TableSheet.Actions tableActions() {
    return new TableSheet.Actions() {
      @Override
      public void export(Table table, String name) {
        exchange.export(table, name);
      }

      @Override
      public void read(ImportedTable unread) {
        store.readTable(unread, notices::tell);
      }
    };
  }

  private void focusCells() {
    TableSheet shown = tableSheet;
    if (shown != null) {
      shown.focusCells();
    }
  }

  private void focusSteps() {
    if (workspace.tableProperty().get() != null) {
      steps().focusAdd();
    }
  }

  private void openData(Path path) {
    try {
      notices.clear();
      workspace.beginImport(DataSource.of(path));
      importView().focusTake();
    } catch (RefusedFileException e) {
      notices.tell(Texts.of("open.refused", e.getMessage()));
    }
  }

  /** Opens assignments, and imports data files in one after the other. */
  void openAll(List<Path> files) {
    files.stream().filter(AssignmentView::isAssignment).forEach(this::openAssignment);
    files.stream().filter(file -> !isAssignment(file)).forEach(waiting::add);
    if (workspace.importProperty().get() == null) {
      importNext();
    }
  }

  /** What was dropped together is looked at one by one. */
  private void importNext() {
    Path next = waiting.poll();
    if (next != null) {
      openData(next);
      if (!waiting.isEmpty()) {
        notices.tell(Texts.of("bring.waiting", waiting.size()));
      }
    }
  }

  private static boolean isAssignment(Path file) {
    return file.toString().endsWith(AssignmentFile.ENDING);
  }

  private void typeTable() {
    workspace.beginImport(DataSource.of(Texts.of("bring.typed"), new byte[0]));
    importView().focusText();
  }

  /** A name that the person typed in full was agreed on where the file was chosen. */
  private void saveTo(Path path, boolean agreed) {
    notices.clear();
    store.save(
        path,
        agreed,
        note -> note.ifPresent(notices::tell),
        problem -> notices.tell(Texts.of("save.failed", problem)));
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
        Texts.of("recover.bring-back"),
        () -> store.bringBack(found),
        Texts.of("recover.throw-away"),
        () -> store.throwAway(found));
  }

  /** A list becomes a sample at once; a table is looked at first. */
  private void paste() {
    Clipboard clipboard = Clipboard.getSystemClipboard();
    String html = clipboard.getHtml();
    String text = clipboard.getString();
    if (html != null && html.toLowerCase(Locale.ROOT).contains("<table")) {
      importPasted(html);
    } else if (text == null || text.isBlank()) {
      notices.tell(Texts.of("paste.nothing"));
    } else if (isTable(text)) {
      importPasted(text);
    } else {
      workspace.shelf().addSample(new Source.ValuesText(text));
    }
  }

  private void importPasted(String text) {
    workspace.beginImport(
        DataSource.of(Texts.of("bring.pasted"), text.getBytes(StandardCharsets.UTF_8)));
    importView().focusTake();
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

  private void showDemo() {
    workspace.replace(DemoAssignment.create());
  }

  private void rememberLook() {
    appearance
        .darkProperty()
        .subscribe((old, dark) -> store.remember(settings -> settings.withDark(dark)));
    appearance
        .textPercentProperty()
        .subscribe(
            (old, percent) ->
                store.remember(settings -> settings.withTextPercent(percent.intValue())));
    workspace
        .assignmentProperty()
        .subscribe((old, now) -> store.remember(settings -> settings.withSign(now.sign())));
  }

  private void acceptFiles(DragEvent event) {
    if (event.getDragboard().hasFiles()) {
      event.acceptTransferModes(TransferMode.COPY);
      event.consume();
    }
  }

  private void takeFiles(DragEvent event) {
    openAll(event.getDragboard().getFiles().stream().map(File::toPath).toList());
    event.setDropCompleted(true);
    event.consume();
  }
}
