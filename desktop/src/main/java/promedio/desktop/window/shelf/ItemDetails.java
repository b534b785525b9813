package promedio.desktop.window.shelf;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.work.Workspace;

/** Name, unit and note of the chosen item, and what can be done with it on the shelf. */
final class ItemDetails extends GridPane {

  private final Workspace workspace;
  private final TextField name = Fields.ofAssignment(new TextField());
  private final TextField unit = Fields.ofAssignment(new TextField());
  private final TextField note = Fields.ofAssignment(new TextField());
  private final MenuButton actions = new MenuButton(Texts.of("item.actions"));
  private final Menu append = new Menu(Texts.of("item.append"));

  ItemDetails(Workspace workspace) {
    this.workspace = workspace;
    getStyleClass().add("item-details");
    name.setId("item-name");
    name.getStyleClass().add("item-name");
    name.setAccessibleText(Texts.of("values.name"));
    unit.setId("item-unit");
    unit.setPrefColumnCount(3);
    note.setId("item-note");
    note.setPromptText(Texts.of("values.note-prompt"));
    note.setAccessibleText(Texts.of("values.note"));
    name.textProperty().subscribe((old, text) -> workspace.items().rename(text));
    unit.textProperty().subscribe((old, text) -> workspace.items().setUnit(text));
    note.textProperty().subscribe((old, text) -> workspace.items().setNote(text));
    buildActions();
    Label unitName = new Label(Texts.of("values.unit"));
    unitName.getStyleClass().add("quiet");
    unitName.setLabelFor(unit);
    unitName.setMinWidth(USE_PREF_SIZE);
    unit.setMinWidth(USE_PREF_SIZE);
    actions.setMinWidth(USE_PREF_SIZE);
    note.setMinWidth(40);
    note.setPrefColumnCount(6);
    ColumnConstraints wide = new ColumnConstraints();
    wide.setHgrow(Priority.ALWAYS);
    getColumnConstraints().addAll(wide, new ColumnConstraints());
    add(name, 0, 0);
    add(actions, 1, 0);
    add(note, 0, 1);
    HBox unitBox = new HBox(4, unitName, unit);
    unitBox.setAlignment(Pos.CENTER_RIGHT);
    add(unitBox, 1, 1);
  }

  void show(@Nullable Item item) {
    setDisable(item == null);
    Fields.show(name, item == null ? "" : item.name());
    Fields.show(unit, item == null ? "" : item.unit());
    Fields.show(note, item == null ? "" : item.note());
  }

  private void buildActions() {
    actions.setId("item-actions");
    actions.getStyleClass().add("rule");
    actions.setAccessibleText(Texts.of("item.actions-name"));
    actions
        .getItems()
        .addAll(
            action("item.duplicate", workspace.shelf()::duplicateChosen),
            append,
            action("item.up", () -> workspace.shelf().moveChosen(-1)),
            action("item.down", () -> workspace.shelf().moveChosen(1)),
            action("item.remove", workspace.shelf()::removeChosen));
    actions.setOnShowing(event -> showOthers());
  }

  private static MenuItem action(String key, Runnable action) {
    MenuItem item = Controls.literal(new MenuItem(Texts.of(key)));
    item.setId(key.replace('.', '-'));
    item.setOnAction(event -> action.run());
    return item;
  }

  private void showOthers() {
    Item chosen = workspace.item();
    append.getItems().clear();
    for (Item other : workspace.assignment().items()) {
      if (chosen != null
          && other.id() != chosen.id()
          && chosen.source().append(other.source()).isPresent()) {
        MenuItem item = Controls.literal(new MenuItem(other.name()));
        item.setOnAction(event -> workspace.items().append(other));
        append.getItems().add(item);
      }
    }
    append.setDisable(append.getItems().isEmpty());
  }
}
