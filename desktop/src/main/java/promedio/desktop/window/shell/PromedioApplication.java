package promedio.desktop.window.shell;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javafx.application.Application;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.ContextMenu;
import javafx.scene.image.Image;
import javafx.stage.PopupWindow;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.Session;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Workspace;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/** The window on one assignment. */
public final class PromedioApplication extends Application {

  private static final Logger LOG = LoggerFactory.getLogger(PromedioApplication.class);
  static final double WIDTH = 1280;
  static final double HEIGHT = 800;
  private static final List<Integer> ICON_SIZES = List.of(16, 24, 32, 48, 64, 128, 256);

  /** What the toolkit cannot be told by its own arguments, which are texts. */
  private static @Nullable Path file;

  private static final Set<String> MENUS =
      Set.of(PopupWindow.class.getName(), ContextMenu.class.getName());

  /** Whether the table of the demo is read as soon as the window shows. */
  private static boolean demo;

  /** Whether the command line named the language. */
  private static boolean languageAsked;

  private final Folders folders = Folders.ofPerson();
  private final SettingsFile settingsFile = new SettingsFile(folders.settings());
  private Settings read = Settings.INITIAL;

  /** For the toolkit. */
  public PromedioApplication() {}

  /**
   * Opens the window on an empty assignment and returns when it is closed.
   *
   * @param opened a file to open or import at once
   */
  public static void open(Optional<Path> opened) {
    file = opened.orElse(null);
    launch(PromedioApplication.class);
  }

  /** Speaks the language that is asked for, whichever was chosen in a window before. */
  public static void speakAsAsked() {
    languageAsked = true;
  }

  /** Opens the window on the demo assignment and returns when it is closed. */
  public static void openDemo() {
    demo = true;
    open(Optional.empty());
  }

  /**
   * {@return whether only a menu could not be shown}: leaving a field may take another one away
   * between the press of the mouse and the toolkit's menu for it, which nobody misses
   */
  static boolean isOfGoneNode(Throwable failure) {
    return failure instanceof IllegalArgumentException
        && Arrays.stream(failure.getStackTrace())
            .limit(1)
            .anyMatch(frame -> MENUS.contains(frame.getClassName()));
  }

  /** Reads what is remembered before the window is there, on another thread than its own. */
  @Override
  public void init() {
    read = settingsFile.read();
  }

  @Override
  public void start(Stage stage) {
    Thread.setDefaultUncaughtExceptionHandler(
        (thread, failure) -> LOG.error("unexpected in {}", thread.getName(), failure));
    if (!languageAsked) {
      read.language().flatMap(Language::of).ifPresent(Language::speak);
    }
    Assignment first =
        demo
            ? DemoAssignment.withoutTables()
            : Assignment.empty(Texts.of("assignment.untitled")).withSign(read.sign());
    Background background = Background.ofWindow();
    Session session = new Session(first, background);
    SettingsStore settings = new SettingsStore(settingsFile, read, background);
    DocumentStore store = new DocumentStore(session, folders);
    AssignmentView view =
        new AssignmentView(new Workspace(session), store, settings, new StageFileChoice(stage));
    Thread.currentThread()
        .setUncaughtExceptionHandler(
            (thread, failure) -> {
              LOG.error("unexpected in the window", failure);
              if (!isOfGoneNode(failure)) {
                shown(stage).tell(Texts.of("notice.unexpected"));
              }
            });
    stage.setScene(unfinishedScene(view));
    settingsFile.problem().ifPresent(view::tell);
    // Another language makes all views anew, and the title with them.
    store.savedProperty().subscribe(() -> showTitle(stage, session, store));
    WindowRoot.of(stage.getScene())
        .viewProperty()
        .subscribe(() -> showTitle(stage, session, store));
    session.subscribe((before, now) -> showTitle(stage, session, store));
    ICON_SIZES.forEach(size -> stage.getIcons().add(icon(size)));
    Closing closing = new Closing(stage, background, store, () -> shown(stage));
    stage.setOnCloseRequest(closing::request);
    stage.setOnHiding(event -> close(stage, store, settings));
    show(stage, read);
    view.startTyping();
    FirstPicture.then(() -> finish(view, session));
  }

  private static AssignmentView shown(Stage stage) {
    return WindowRoot.of(stage.getScene()).view();
  }

  /** What the first picture does without, so that it comes soon. */
  private static void finish(AssignmentView view, Session session) {
    view.finish();
    if (demo) {
      DemoTables.readLater(session);
    }
    if (file != null) {
      view.open(file);
    }
    IdleTask.then(view.getScene(), view::rehearse);
  }

  private static void showTitle(Stage stage, Session session, DocumentStore store) {
    String key = store.savedProperty().get() ? "window.title" : "window.title-unsaved";
    stage.setTitle(Texts.of(key, session.assignment().title()));
  }

  private static void close(Stage stage, DocumentStore store, SettingsStore settings) {
    settings.remember(
        old ->
            old.withWindow(
                new Settings.Place(
                    stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight())));
    store.close();
  }

  /** {@return a scene with the whole view, in our type and colours} */
  public static Scene scene(AssignmentView view) {
    view.finish();
    return unfinishedScene(view);
  }

  private static Scene unfinishedScene(AssignmentView view) {
    StyleNames.loadFonts();
    Scene scene = new Scene(new WindowRoot(view), WIDTH, HEIGHT);
    scene.getStylesheets().add(StyleNames.stylesheet());
    return scene;
  }

  /**
   * Shows the window where it was last, if a screen still shows that place; else as large as fits.
   */
  static void show(Stage stage, Settings settings) {
    stage.setMinWidth(760);
    stage.setMinHeight(520);
    place(stage, settings);
    stage.show();
    // Under a window manager that draws the frame, the size set before is forgotten.
    place(stage, settings);
  }

  private static void place(Stage stage, Settings settings) {
    Optional<Settings.Place> last =
        settings
            .window()
            .filter(
                p -> !Screen.getScreensForRectangle(p.x(), p.y(), p.width(), p.height()).isEmpty());
    if (last.isPresent()) {
      stage.setX(last.get().x());
      stage.setY(last.get().y());
      stage.setWidth(last.get().width());
      stage.setHeight(last.get().height());
    } else {
      fitToScreen(stage);
    }
  }

  private static void fitToScreen(Stage stage) {
    Rectangle2D screen = Screen.getPrimary().getVisualBounds();
    stage.setWidth(Math.min(WIDTH, screen.getWidth()));
    stage.setHeight(Math.min(HEIGHT, screen.getHeight()));
  }

  private static Image icon(int size) {
    return new Image(
        Objects.requireNonNull(
            PromedioApplication.class.getResourceAsStream(
                "/promedio/desktop/icons/promedio-" + size + ".png")));
  }
}
