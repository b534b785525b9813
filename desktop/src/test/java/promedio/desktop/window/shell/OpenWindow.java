package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
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
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.desktop.Folders;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.work.Workspace;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/** A window with an assignment, and someone in front of it who types and clicks. */
public abstract class OpenWindow {

  /** One for all tests, as a machine's user has one: its styles are found out once. */
  private static final AtomicReference<Stage> WINDOW = new AtomicReference<>();

  @TempDir private static Path state;

  @TempDir protected Path folder;

  protected final FileChoice fileChoice = mock();
  protected Workspace workspace;
  protected DocumentStore store;
  protected SettingsStore settings;
  protected AssignmentView view;
  protected FxRobot robot;
  private final List<Throwable> failures = new CopyOnWriteArrayList<>();

  /** {@return the assignment that the window opens with} */
  protected Assignment assignment() {
    return Assignment.empty("Pears");
  }

  private void open() {
    workspace = new Workspace(assignment(), Background.ofWindow());
    Folders folders = Folders.under(state.resolve(UUID.randomUUID().toString()));
    store = new DocumentStore(workspace.session(), folders);
    settings =
        new SettingsStore(
            new SettingsFile(folders.settings()), Settings.INITIAL, workspace.background());
    view = new AssignmentView(workspace, store, settings, fileChoice);
    Stage window = WINDOW.get();
    if (window == null) {
      window = new Stage();
      window.setScene(PromedioApplication.scene(view));
      WINDOW.set(window);
    } else {
      view.finish();
      WindowRoot.of(window.getScene()).show(view);
    }
    window.setOnCloseRequest(null);
    if (window.getWidth() != PromedioApplication.WIDTH
        || window.getHeight() != PromedioApplication.HEIGHT) {
      // Drawn into memory, a window that is shown does not grow without a complaint.
      window.hide();
    }
    window.setWidth(PromedioApplication.WIDTH);
    window.setHeight(PromedioApplication.HEIGHT);
    window.show();
    view.startTyping();
  }

  @BeforeAll
  protected static void startToolkit() throws TimeoutException {
    // A machine that others use too can stand still for long.
    FxToolkit.toolkitContext().setSetupTimeoutInMillis(TimeUnit.MINUTES.toMillis(2));
    FxToolkit.registerPrimaryStage();
    Platform.setImplicitExit(false);
  }

  @BeforeEach
  protected void sitDown() {
    robot = new QuickRobot();
    robot.interact(
        () ->
            Thread.currentThread()
                .setUncaughtExceptionHandler((thread, thrown) -> failures.add(thrown)));
    robot.interact(this::open);
  }

  @AfterEach
  protected void closeDesk() {
    robot.interact(
        () -> {
          store.close();
          List.copyOf(Window.getWindows()).stream()
              .filter(window -> window != WINDOW.get())
              .forEach(Window::hide);
        });
    // Nothing may write into the folder any more when it is taken away.
    await(Background.Lane.EXPORT);
    await(Background.Lane.HAND_IN);
  }

  /** What a listener throws goes no further than the log; nobody would see it here. */
  @AfterEach
  protected void nothingWentWrongUnseen() {
    settle();
    assertThat(failures).isEmpty();
  }

  /** Waits until the window has done what it was told, and documents are opened and saved. */
  protected void settle() {
    QuickRobot.settle();
    await(Background.Lane.DOCUMENTS);
    QuickRobot.settle();
  }

  /** Waits until something holds of the window, which only its own thread looks at safely. */
  protected void waitUntil(Callable<Boolean> condition) throws TimeoutException {
    WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> QuickRobot.holds(condition));
    settle();
  }

  /** Waits until all work of the lane is done. */
  protected void await(Background.Lane lane) {
    try {
      WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !workspace.background().isBusy(lane));
    } catch (TimeoutException e) {
      throw new AssertionError("work does not come to an end: " + lane, e);
    }
  }

  /** Waits until answers are explained, and documents opened and saved; the window cannot wait. */
  private void awaitOutcomes() {
    if (!Platform.isFxApplicationThread()) {
      await(Background.Lane.EXPLAINING);
      await(Background.Lane.DOCUMENTS);
    }
  }

  protected <T extends Node> T find(String selector, Class<T> type) {
    return robot.lookup(selector).queryAs(type);
  }

  protected TextField field(String selector) {
    return find(selector, TextField.class);
  }

  /** {@return what a label, a button or a field says} */
  protected String text(String selector) {
    awaitOutcomes();
    Node node = find(selector, Node.class);
    return node instanceof Labeled labeled
        ? labeled.getText()
        : ((TextInputControl) node).getText();
  }

  /** {@return what all labels of a kind say} */
  protected List<String> texts(String selector) {
    awaitOutcomes();
    return robot.lookup(selector).queryAllAs(Label.class).stream().map(Label::getText).toList();
  }

  /** {@return whether it stands in the window, and is not hidden there} */
  protected boolean shown(String selector) {
    awaitOutcomes();
    return robot.lookup(selector).tryQuery().filter(Node::isVisible).isPresent();
  }

  /** Uses a button or a link, wherever it stands. */
  protected void fire(String selector) {
    awaitOutcomes();
    robot.interact(() -> find(selector, ButtonBase.class).fire());
    settle();
  }

  /** Pastes where the caret is: quicker than to type where typing is not what is looked at. */
  protected void paste(String text) {
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
  protected void fill(String selector, String text) {
    robot.interact(
        () -> {
          field(selector).requestFocus();
          field(selector).clear();
        });
    robot.write(text);
    settle();
  }

  /** Types an answer and ends it. */
  protected void answer(String selector, String answer) {
    fill(selector, answer);
    robot.type(KeyCode.ENTER);
    settle();
  }
}
