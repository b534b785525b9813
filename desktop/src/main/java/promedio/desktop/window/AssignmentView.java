package promedio.desktop.window;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Source;
import promedio.desktop.Texts;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.work.OpenedFile;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;

/** The whole window: rules at the top, then shelf, sheet and margin from left to right. */
public final class AssignmentView extends BorderPane {

  private static final Logger LOG = LoggerFactory.getLogger(AssignmentView.class);
  private static final KeyCombination UNDO =
      new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN);
  private static final KeyCombination REDO =
      new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
  private static final KeyCombination REDO_OTHER =
      new KeyCodeCombination(KeyCode.Y, KeyCombination.SHORTCUT_DOWN);
  private static final KeyCombination NEW =
      new KeyCodeCombination(KeyCode.N, KeyCombination.SHORTCUT_DOWN);
  private static final KeyCombination OPEN =
      new KeyCodeCombination(KeyCode.O, KeyCombination.SHORTCUT_DOWN);

  private final Workspace workspace;
  private final Supplier<Optional<Path>> fileChoice;
  private final Shelf shelf;
  private final NoticeBar notices;

  /**
   * Makes the window on a workspace.
   *
   * @param fileChoice asks the person for a data file
   */
  public AssignmentView(Workspace workspace, Supplier<Optional<Path>> fileChoice) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.notices = new NoticeBar(workspace.background());
    this.shelf = new Shelf(workspace, this::chooseAndOpen);
    getStyleClass().add("assignment");
    setTop(new VBox(new RulesStrip(workspace), notices));
    setLeft(shelf);
    setCenter(
        new Sheet(
            workspace,
            new EmptyState(this::startTyping, this::paste, this::chooseAndOpen, this::showDemo)));
    setRight(new Margin(workspace));
    addEventFilter(KeyEvent.KEY_PRESSED, this::handleKey);
  }

  /** Tells the person something in the window, until it is put away. */
  public void tell(String message) {
    notices.tell(message);
  }

  /** Puts the caret where values are typed. */
  public void startTyping() {
    shelf.startTyping();
  }

  /** Brings a data file in: its column of numbers, or a choice where there are several. */
  public void openFile(Path path) {
    workspace
        .background()
        .run(
            Texts.of("work.opening", String.valueOf(path.getFileName())),
            () -> OpenedFile.read(path),
            this::bringIn,
            failure -> {
              if (!(failure instanceof RefusedFileException)) {
                LOG.error("cannot open {}", path, failure);
              }
              notices.tell(Texts.of("open.refused", String.valueOf(failure.getMessage())));
            });
  }

  private void bringIn(OpenedFile file) {
    notices.clear();
    shelf.offerColumns(file);
  }

  private void chooseAndOpen() {
    fileChoice.get().ifPresent(this::openFile);
  }

  private void paste() {
    String text = Clipboard.getSystemClipboard().getString();
    if (text == null || text.isBlank()) {
      notices.tell(Texts.of("paste.nothing"));
    } else {
      workspace.addSample(new Source.ValuesText(text));
    }
  }

  private void showDemo() {
    workspace.replace(DemoAssignment.create());
  }

  /** The fields would undo for themselves alone, so these keys are taken before they see them. */
  private void handleKey(KeyEvent event) {
    if (UNDO.match(event)) {
      workspace.undo();
    } else if (REDO.match(event) || REDO_OTHER.match(event)) {
      workspace.redo();
    } else if (NEW.match(event)) {
      shelf.newSample();
    } else if (OPEN.match(event)) {
      chooseAndOpen();
    } else {
      return;
    }
    event.consume();
  }
}
