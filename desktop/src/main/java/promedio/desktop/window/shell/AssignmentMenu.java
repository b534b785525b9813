package promedio.desktop.window.shell;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCombination;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.desktop.session.DocumentStore;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Keys;
import promedio.desktop.work.Workspace;

/** What can be done with the assignment as a whole, under its title. */
public final class AssignmentMenu extends MenuButton {

  private final Workspace workspace;
  private final MenuItem undo = Controls.literal(new MenuItem());
  private final MenuItem redo = Controls.literal(new MenuItem());
  private final Menu recent = new Menu(Texts.of("menu.recent"));

  /** What the menu asks the window to do. */
  interface Actions {
    void save();

    void saveAs();

    void open();

    void open(Path path);

    void begin();

    void showKeys();

    void showHowTo();

    void showParts();

    void markAnswers();

    void showDistributions();

    void showQuestion();

    void showHandIn();

    void speak(Language language);
  }

  private final CheckMenuItem cover = new CheckMenuItem(Texts.of("menu.cover"));

  AssignmentMenu(
      Workspace workspace,
      DocumentStore store,
      SettingsStore settings,
      Appearance appearance,
      Actions actions) {
    this.workspace = workspace;
    setId("assignment-menu");
    getStyleClass().add("assignment-menu");
    setAccessibleText(Texts.of("menu.name"));
    undo.setOnAction(event -> workspace.session().undo());
    redo.setOnAction(event -> workspace.session().redo());
    CheckMenuItem dark = new CheckMenuItem(Texts.of("menu.dark"));
    dark.setId("menu-dark");
    dark.selectedProperty().bindBidirectional(appearance.darkProperty());
    cover.setId("menu-cover");
    cover.setOnAction(event -> workspace.items().setCovered(cover.isSelected()));
    getItems()
        .addAll(
            item("menu.save", Keys.SAVE, actions::save),
            item("menu.save-as", Keys.SAVE_AS, actions::saveAs),
            item("menu.open", Keys.OPEN, actions::open),
            recent,
            item("menu.begin", null, actions::begin),
            new SeparatorMenuItem(),
            item("menu.parts", Keys.PARTS, actions::showParts),
            item("menu.question", Keys.QUESTION, actions::showQuestion),
            item("menu.hand-in", Keys.HAND_IN, actions::showHandIn),
            cover,
            item("menu.class-answers", null, actions::markAnswers),
            item("menu.distributions", Keys.DISTRIBUTIONS, actions::showDistributions),
            new SeparatorMenuItem(),
            undo,
            redo,
            new SeparatorMenuItem(),
            dark,
            item("menu.larger", Keys.LARGER, appearance::larger),
            item("menu.smaller", Keys.SMALLER, appearance::smaller),
            languages(actions),
            item("menu.how-to", Keys.HOW_TO, actions::showHowTo),
            item("menu.keys", null, actions::showKeys));
    workspace.show((before, now) -> showHistory());
    workspace.whileViewed(
        settings.settingsProperty().subscribe(now -> showRecent(now.recent(), actions)));
    workspace.whileViewed(
        store
            .savedProperty()
            .subscribe(saved -> setText(Texts.of(saved ? "menu.title" : "menu.title-unsaved"))));
  }

  private static Menu languages(Actions actions) {
    Menu menu = new Menu(Texts.of("menu.language"));
    menu.setId("menu-language");
    ToggleGroup one = new ToggleGroup();
    for (Language language : Language.all()) {
      RadioMenuItem item = new RadioMenuItem(language.name());
      item.setId("menu-language-" + language.code());
      item.setToggleGroup(one);
      item.setSelected(language.equals(Language.current()));
      item.setOnAction(event -> actions.speak(language));
      menu.getItems().add(item);
    }
    return menu;
  }

  private static MenuItem item(String key, @Nullable KeyCombination keys, Runnable action) {
    MenuItem item =
        Controls.literal(
            new MenuItem(
                keys == null
                    ? Texts.of(key)
                    : Texts.of("menu.with-keys", Texts.of(key), keys.getDisplayText())));
    item.setId(key.replace('.', '-'));
    item.setOnAction(event -> action.run());
    return item;
  }

  private void showHistory() {
    cover.setSelected(workspace.assignment().covered());
    undo.setDisable(workspace.session().nameOfUndo().isEmpty());
    undo.setText(Texts.of("menu.undo", workspace.session().nameOfUndo().orElse("")).strip());
    redo.setDisable(workspace.session().nameOfRedo().isEmpty());
    redo.setText(Texts.of("menu.redo", workspace.session().nameOfRedo().orElse("")).strip());
  }

  private void showRecent(List<Path> paths, Actions actions) {
    recent.setDisable(paths.isEmpty());
    recent
        .getItems()
        .setAll(
            paths.stream()
                .map(
                    path -> {
                      MenuItem item = Controls.literal(new MenuItem(path.toString()));
                      item.setOnAction(event -> actions.open(path));
                      return item;
                    })
                .toList());
  }
}
