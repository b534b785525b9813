package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.desktop.Folders;
import promedio.desktop.work.Background;
import promedio.desktop.work.DocumentStore;
import promedio.desktop.work.Workspace;

/** A window with an assignment, and someone in front of it who types and clicks. */
abstract class OpenWindow {

  @TempDir private static Path state;

  @TempDir Path folder;

  final AssignmentView.FileChoice fileChoice = mock();
  Workspace workspace;
  DocumentStore store;
  AssignmentView view;
  FxRobot robot;
  private final List<Throwable> failures = new CopyOnWriteArrayList<>();

  /** {@return the assignment that the window opens with} */
  Assignment assignment() {
    return Assignment.empty("Pears");
  }

  private void open(Stage stage) {
    workspace = new Workspace(assignment(), Background.ofWindow());
    store =
        new DocumentStore(workspace, Folders.under(state.resolve(UUID.randomUUID().toString())));
    view = new AssignmentView(workspace, store, fileChoice);
    stage.setScene(PromedioApplication.scene(view));
    stage.show();
    view.startTyping();
  }

  @BeforeAll
  static void startToolkit() throws TimeoutException {
    FxToolkit.registerPrimaryStage();
  }

  @BeforeEach
  void sitDown() throws TimeoutException {
    robot = new QuickRobot();
    robot.interact(
        () ->
            Thread.currentThread()
                .setUncaughtExceptionHandler((thread, thrown) -> failures.add(thrown)));
    FxToolkit.setupStage(this::open);
  }

  @AfterEach
  void closeDesk() {
    robot.interact(store::close);
  }

  /** What a listener throws goes no further than the log; nobody would see it here. */
  @AfterEach
  void nothingWentWrongUnseen() {
    settle();
    assertThat(failures).isEmpty();
  }

  /** Waits until the window has done what it was told. */
  static void settle() {
    QuickRobot.settle();
  }

  static void waitUntil(Callable<Boolean> condition) throws TimeoutException {
    WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, condition);
    settle();
  }

  <T extends Node> T find(String selector, Class<T> type) {
    return robot.lookup(selector).queryAs(type);
  }

  TextField field(String selector) {
    return find(selector, TextField.class);
  }

  /** {@return what a label, a button or a field says} */
  String text(String selector) {
    Node node = find(selector, Node.class);
    return node instanceof Labeled labeled
        ? labeled.getText()
        : ((TextInputControl) node).getText();
  }

  /** {@return what all labels of a kind say} */
  List<String> texts(String selector) {
    return robot.lookup(selector).queryAllAs(Label.class).stream().map(Label::getText).toList();
  }

  boolean shown(String selector) {
    return find(selector, Node.class).isVisible();
  }

  /** Uses a button or a link, wherever it stands. */
  void fire(String selector) {
    robot.interact(() -> find(selector, ButtonBase.class).fire());
    settle();
  }

  /** Pastes where the caret is: quicker than to type where typing is not what is looked at. */
  void paste(String text) {
    robot.interact(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString(text);
          Clipboard.getSystemClipboard().setContent(content);
        });
    robot.push(KeyCode.SHORTCUT, KeyCode.V);
    settle();
  }

  /** Types into a field in place of what stood there. */
  void fill(String selector, String text) {
    robot.interact(
        () -> {
          field(selector).requestFocus();
          field(selector).clear();
        });
    robot.write(text);
    settle();
  }

  /** Types an answer and ends it. */
  void answer(String selector, String answer) {
    fill(selector, answer);
    robot.type(KeyCode.ENTER);
    settle();
  }
}
