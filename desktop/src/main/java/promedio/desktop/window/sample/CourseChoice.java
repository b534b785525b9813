package promedio.desktop.window.sample;

import java.util.Map;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import promedio.core.assignment.Assignment;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.Controls;
import promedio.desktop.work.Workspace;

/**
 * Named sets of course rules: those the person keeps, and the one that came with the assignment.
 */
final class CourseChoice extends MenuButton {

  private final Workspace workspace;
  private final SettingsStore settings;

  CourseChoice(Workspace workspace, SettingsStore settings) {
    this.workspace = workspace;
    this.settings = settings;
    setMnemonicParsing(false);
    setId("course");
    getStyleClass().add("rule");
    workspace.show(
        (before, now) -> {
          if (before == null || !before.assignment().course().equals(now.assignment().course())) {
            showSets();
          }
        });
    workspace.whileViewed(settings.settingsProperty().subscribe((old, now) -> showSets()));
  }

  private void showSets() {
    Assignment now = workspace.assignment();
    String name = now.course().name();
    setText(name.isEmpty() ? Texts.of("course.these") : Texts.of("course.named", name));
    setAccessibleText(Texts.of("course.name", getText()));
    getItems().clear();
    ToggleGroup group = new ToggleGroup();
    Map<String, CourseRules> kept = settings.get().courses();
    if (!name.isEmpty() && !kept.containsKey(name)) {
      addSet(name, now.rules(), group);
    }
    kept.forEach((other, rules) -> addSet(other, rules, group));
    MenuItem usual = new MenuItem(Texts.of("course.usual"));
    usual.setOnAction(event -> workspace.takeCourse("", CourseRules.DEFAULTS));
    getItems().addAll(usual, new SeparatorMenuItem(), keeping());
    if (!kept.isEmpty()) {
      getItems().add(forgetting(kept));
    }
  }

  private void addSet(String name, CourseRules rules, ToggleGroup group) {
    RadioMenuItem item = Controls.literal(new RadioMenuItem(name));
    item.setToggleGroup(group);
    item.setSelected(name.equals(workspace.assignment().course().name()));
    item.setOnAction(event -> workspace.takeCourse(name, rules));
    getItems().add(item);
  }

  private MenuItem keeping() {
    TextField name = new TextField();
    name.setId("course-name");
    name.setPromptText(Texts.of("course.prompt"));
    name.setAccessibleText(Texts.of("course.keep"));
    name.setOnAction(event -> keep(name.getText().strip()));
    HBox box = new HBox(8, new Label(Texts.of("course.keep")), name);
    box.getStyleClass().add("course-keep");
    CustomMenuItem item = new CustomMenuItem(box, false);
    item.getStyleClass().add("course-item");
    return item;
  }

  private void keep(String name) {
    if (!name.isEmpty()) {
      hide();
      settings.remember(old -> old.withCourse(name, workspace.assignment().rules()));
      workspace.takeCourse(name, workspace.assignment().rules());
    }
  }

  private Menu forgetting(Map<String, CourseRules> kept) {
    Menu menu = new Menu(Texts.of("course.forget"));
    for (String name : kept.keySet()) {
      MenuItem item = Controls.literal(new MenuItem(name));
      item.setOnAction(event -> settings.remember(old -> old.withoutCourse(name)));
      menu.getItems().add(item);
    }
    return menu;
  }
}
