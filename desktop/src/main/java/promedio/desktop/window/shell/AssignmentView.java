package promedio.desktop.window.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.howto.Place;
import promedio.desktop.projection.ViewState;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.BandDivider;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.HowToEvent;
import promedio.desktop.window.control.Keys;
import promedio.desktop.window.sample.RuleChangeBanner;
import promedio.desktop.window.sample.RulesStrip;
import promedio.desktop.window.shelf.Shelf;
import promedio.desktop.work.Workspace;
import promedio.files.answers.ChosenAnswers;

/** The whole window: rules at the top, then shelf, sheet and margin from left to right. */
public final class AssignmentView extends StackPane implements AssignmentMenu.Actions {

  private static final Logger LOG = LoggerFactory.getLogger(AssignmentView.class);

  /**
   * From this width on, in points of the usual text, shelf, sheet and margin stand side by side.
   */
  private static final double THREE_BANDS = 600;

  private final Workspace workspace;
  private final DocumentStore store;
  private final SettingsStore settings;
  private final FileChoice fileChoice;
  private final Appearance appearance;
  private final NoticeBar notices;
  private final FileCommands files;
  private final PageHost bands;
  private final Shelf shelf;
  private final RulesStrip strip;

  private final ShowMe places;
  private final Overlays overlays;

  private final Map<KeyCombination, Runnable> actions;

  /** Makes the window on a workspace and the store it is kept on. */
  public AssignmentView(
      Workspace workspace, DocumentStore store, SettingsStore settings, FileChoice fileChoice) {
    this.workspace = workspace;
    this.store = store;
    this.settings = settings;
    this.fileChoice = fileChoice;
    this.appearance = new Appearance(settings.get());
    this.notices = new NoticeBar(workspace);
    this.files = new FileCommands(workspace, store, settings, fileChoice, notices, lookAtImport());
    EmptyState empty =
        new EmptyState(
            this::startTyping, files::paste, this::showQuestion, this::open, this::showDemo);
    this.bands = new PageHost(workspace, settings, fileChoice, appearance, empty);
    this.shelf =
        new Shelf(
            workspace, appearance, this::open, files::typeTable, form -> bands.sheet().add(form));
    this.strip =
        new RulesStrip(
            workspace, settings, new AssignmentMenu(workspace, store, settings, appearance, this));
    this.places = new ShowMe(workspace, this, bands, strip);
    this.overlays = new Overlays(this, workspace, places, this::startTyping);
    this.actions = buildActions();
    BorderPane frame = new BorderPane(bands.centre());
    frame.setTop(
        new VBox(
            strip, notices, new RuleChangeBanner(workspace), new HintLine(workspace, settings)));
    frame.setLeft(new HBox(shelf, new BandDivider(shelf, "shelf", 1, settings)));
    frame.setRight(bands.right());
    appearance.textPercentProperty().subscribe(percent -> foldWhereNarrow());
    widthProperty().subscribe(width -> foldWhereNarrow());
    getStyleClass().add("assignment");
    sceneProperty()
        .flatMap(Scene::focusOwnerProperty)
        .subscribe(owner -> workspace.session().endAct());
    getChildren().add(frame);
    appearance.dress(this);
    rememberLook();
    addEventFilter(KeyEvent.KEY_PRESSED, this::handleKey);
    addEventHandler(KeyEvent.KEY_PRESSED, this::close);
    addEventHandler(HowToEvent.ASKED, event -> overlays.showHowTo(Optional.of(event.about())));
    setOnDragOver(files::acceptFiles);
    setOnDragDropped(files::takeFiles);
    workspace.whenTold(notices::tell);
    files.offerLeftOver();
    workspace.whileViewed(
        store.problemProperty().subscribe((old, problem) -> tellProblem(problem)));
  }

  /** Makes what the first picture of the window does without: the sheet and the margin. */
  public void finish() {
    bands.finish();
  }

  /** Goes through what takes long when it is done for the first time, while nobody waits for it. */
  public void rehearse() {
    bands.rehearseImport();
  }

  /** The files come first, and what they import is looked at in what is made after them. */
  private FileCommands.Importing lookAtImport() {
    return new FileCommands.Importing() {
      @Override
      public void focusTake() {
        bands.importView().focusTake();
      }

      @Override
      public void focusText() {
        bands.importView().focusText();
      }
    };
  }

  /** Where large text leaves too little room for three bands, the margin is a key away. */
  private void foldWhereNarrow() {
    if (getWidth() > 0) {
      bands.foldWhereNarrow(getWidth() / appearance.textScale() < THREE_BANDS);
    }
  }

  /** Tells the person something in the window, until it is put away. */
  public void tell(String message) {
    notices.tell(message);
  }

  /** Tells that the window closes once all is written, and how to stay. */
  void offerToStay(Runnable stay) {
    notices.offer(Texts.of("close.waiting"), Texts.of("close.stay"), stay);
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
    files.open();
  }

  @Override
  public void open(Path path) {
    files.open(path);
  }

  /** Opens assignments, and imports data files one after the other. */
  void openAll(List<Path> paths) {
    files.openAll(paths);
  }

  @Override
  public void save() {
    files.save();
  }

  @Override
  public void saveAs() {
    files.saveAs();
  }

  @Override
  public void begin() {
    workspace.replace(
        Assignment.empty(Texts.of("assignment.untitled")).withSign(settings.get().sign()));
    startTyping();
  }

  @Override
  public void showKeys() {
    overlays.showKeys();
  }

  /** Goes to a place of the how-to. */
  void show(Place place) {
    places.go(place);
  }

  @Override
  public void showHowTo() {
    overlays.showHowTo(HowToContext.of(getScene().getFocusOwner(), workspace.projection()));
  }

  /** {@return what each key of the window does} */
  private Map<KeyCombination, Runnable> buildActions() {
    return Map.ofEntries(
        Map.entry(Keys.UNDO, workspace.session()::undo),
        Map.entry(Keys.REDO, workspace.session()::redo),
        Map.entry(Keys.REDO_OTHER, workspace.session()::redo),
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
        Map.entry(Keys.LINE_UP, () -> bands.sheet().focusLineUp()),
        Map.entry(Keys.ANSWERS, bands::focusAnswers),
        Map.entry(Keys.RULES, strip::focusRules),
        Map.entry(Keys.CELLS, bands::focusCells),
        Map.entry(Keys.STEPS, bands::focusSteps),
        Map.entry(Keys.WORKING, bands::workOnSheet),
        Map.entry(Keys.PARTS, this::showParts),
        Map.entry(Keys.DISTRIBUTIONS, this::showDistributions),
        Map.entry(Keys.QUESTION, this::showQuestion),
        Map.entry(Keys.HAND_IN, this::showHandIn),
        Map.entry(Keys.SCRATCH, () -> bands.margin().focusScratch()),
        Map.entry(Keys.PREVIOUS, () -> chooseBeside(-1)),
        Map.entry(Keys.NEXT, () -> chooseBeside(1)),
        Map.entry(Keys.HOW_TO, this::showHowTo));
  }

  /** The fields would undo for themselves alone, so these keys are taken before they see them. */
  private void handleKey(KeyEvent event) {
    if (Keys.PASTE.match(event)) {
      if (!(getScene().getFocusOwner() instanceof TextInputControl)) {
        event.consume();
        files.paste();
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

  /** Escape closes what was opened last, unless what has the focus has a use for it. */
  private void close(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE
        && (overlays.close() || notices.close() || bands.close())) {
      event.consume();
    }
  }

  /** Whether something else stands before the assignment, which must not change unseen. */
  private boolean isHidden() {
    return workspace.imports().property().get() != null
        || workspace.projection().choice().answers() != null;
  }

  private void chooseBeside(int places) {
    List<Item> items = workspace.assignment().items();
    int next = items.indexOf(workspace.item()) + places;
    if (next >= 0 && next < items.size()) {
      workspace.choose(items.get(next).id());
    }
  }

  @Override
  public void showParts() {
    boolean wanted = workspace.projection().choice().page() != ViewState.Page.PARTS;
    workspace.showParts(wanted);
    if (wanted) {
      bands.focusParts();
    }
  }

  @Override
  public void showDistributions() {
    workspace.showDistributions();
    bands.focusDistributions();
  }

  @Override
  public void showHandIn() {
    boolean there = workspace.projection().choice().page() == ViewState.Page.HAND_IN;
    workspace.showHandIn(!there);
    if (!there) {
      bands.focusHandIn();
    }
  }

  @Override
  public void showQuestion() {
    workspace.showQuestion();
    bands.focusQuestion();
  }

  @Override
  public void markAnswers() {
    List<Path> files = fileChoice.toMark();
    if (!files.isEmpty()) {
      markAnswers(files);
    }
  }

  /** Samples of the answers may be those of the assignment, by name. */
  private void markAnswers(List<Path> files) {
    Assignment now = workspace.assignment();
    Path file = files.get(0).getFileName();
    boolean several = files.size() > 1;
    notices.clear();
    workspace
        .background()
        .watch(
            Background.Lane.CLASS_ANSWERS,
            Texts.of(
                "work.marking",
                several ? Texts.of("class-answers.all-files", files.size()) : file.toString()),
            progress -> ChosenAnswers.read(files, now, progress),
            workspace::showClassAnswers,
            failure -> {
              if (!(failure instanceof CancellationException)) {
                LOG.warn("cannot mark {}", files, failure);
                notices.tell(
                    several
                        ? Texts.of("class-answers.refused-several", failure.getMessage())
                        : Texts.of("class-answers.refused", file, failure.getMessage()));
              }
            });
  }

  /** All is made anew in the other language, on the same document and what of it is looked at. */
  @Override
  public void speak(Language language) {
    if (language.equals(Language.current())) {
      return;
    }
    settings.remember(old -> old.withLanguage(language));
    Language.speak(language);
    if (workspace.assignment().items().isEmpty()) {
      workspace.setSign(DecimalSign.of(language));
    }
    WindowRoot root = WindowRoot.of(getScene());
    workspace.endViews();
    AssignmentView other = new AssignmentView(workspace, store, settings, fileChoice);
    other.finish();
    root.show(other);
    other.startTyping();
  }

  private void showDemo() {
    workspace.replace(DemoAssignment.withoutTables());
    DemoTables.readLater(workspace.session());
  }

  private void rememberLook() {
    appearance
        .darkProperty()
        .subscribe((was, dark) -> settings.remember(old -> old.withDark(dark)));
    appearance
        .textPercentProperty()
        .subscribe(
            (was, percent) -> settings.remember(old -> old.withTextPercent(percent.intValue())));
    workspace.show(
        (before, now) -> {
          if (before != null && before.assignment().sign() != now.assignment().sign()) {
            settings.remember(old -> old.withSign(now.assignment().sign()));
          }
        });
  }
}
