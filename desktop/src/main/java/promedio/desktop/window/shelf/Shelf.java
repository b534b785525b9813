package promedio.desktop.window.shelf;

import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.desktop.Texts;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Describe;
import promedio.desktop.window.control.Look;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** The samples and tables of the assignment, and the field where values are typed. */
public final class Shelf extends VBox {

  private static final double WIDTH = 236;
  private static final double WIDER_WITH_TEXT = 80;

  /** From this height on, in points of the usual text, all finds room. */
  private static final double ROOMY = 520;

  /** So many items stay in sight. */
  private static final int IN_SIGHT = 5;

  private final Workspace workspace;
  private final VBox items = new VBox(2);
  private final VBox tables = new VBox(2);
  private final Label tablesHeading = heading(Texts.of("shelf.tables"));
  private final ValuesField values;
  private final Cards cards;
  private final Appearance appearance;
  private final FlowPane buttons = new FlowPane();
  private final MenuButton menu = Controls.literal(new MenuButton(Texts.of("shelf.add")));

  /** Whether there is little room for the text: names alone, and one menu for what is added. */
  private boolean compact;

  public Shelf(Workspace workspace, Appearance appearance, Runnable openFile, Runnable typeTable) {
    this.workspace = workspace;
    this.appearance = appearance;
    this.values = new ValuesField(workspace);
    getStyleClass().add("shelf");
    cards = new Cards(new VBox(6, items, tablesHeading, tables));
    VBox.setVgrow(values, Priority.ALWAYS);
    getChildren()
        .addAll(
            heading(Texts.of("shelf.heading")),
            Controls.link(
                "shelf.parts", "shelf-parts", () -> workspace.onPartsProperty().set(true)),
            cards,
            buttons,
            menu,
            values);
    buildButtons(openFile, typeTable);
    heightProperty().subscribe(height -> fit());
    appearance.textPercentProperty().subscribe(percent -> fit());
    appearance
        .textPercentProperty()
        .subscribe(now -> setPrefWidth(WIDTH + WIDER_WITH_TEXT * (appearance.textScale() - 1)));
    workspace.assignmentProperty().subscribe(this::showItems);
    workspace.chosenProperty().subscribe(this::markChosen);
    workspace.tableProperty().subscribe(this::markTable);
    workspace.tableProperty().subscribe(table -> showValues());
    workspace.importProperty().subscribe(importing -> showValues());
  }

  /** Makes a new sample and puts the caret into its values. */
  public void newSample() {
    workspace.shelf().addSample(new Source.ValuesText(""));
    startTyping();
  }

  /** Makes a new table and puts the caret into its rows. */
  public void newTable() {
    workspace.shelf().addFrequencies();
    startTyping();
  }

  /** Makes a new class table and puts the caret into its rows. */
  void newClasses() {
    workspace.shelf().addClasses();
    startTyping();
  }

  /** Makes new categories and puts the caret into them. */
  void newCategories() {
    workspace.shelf().addCategories();
    startTyping();
  }

  /** Puts the caret where values are typed. */
  public void startTyping() {
    values.startTyping();
  }

  private void buildButtons(Runnable openFile, Runnable typeTable) {
    buttons.getStyleClass().add("shelf-buttons");
    menu.setId("shelf-add");
    menu.getStyleClass().add("quiet-menu");
    menu.setAccessibleText(Texts.of("shelf.add.name"));
    add("shelf.new-sample", "new-sample", this::newSample);
    add("shelf.new-table", "new-table", this::newTable);
    add("shelf.new-classes", "new-classes", this::newClasses);
    add("shelf.new-categories", "new-categories", this::newCategories);
    add("shelf.bring-text", "type-table", typeTable);
    add("shelf.open", "open-file", openFile);
  }

  /** What is added stands as links where there is room, otherwise in one menu. */
  private void add(String key, String id, Runnable action) {
    Button button = Controls.literal(new Button(Texts.of(key)));
    button.setId(id);
    button.getStyleClass().add("link");
    button.setAccessibleText(Texts.of(key + ".name"));
    button.setOnAction(event -> action.run());
    buttons.getChildren().add(button);
    MenuItem entry = Controls.literal(new MenuItem(Texts.of(key + ".name")));
    entry.setId(id + "-entry");
    entry.setOnAction(event -> action.run());
    menu.getItems().add(entry);
  }

  /** Several items stay in sight beside the field, however large the text. */
  private void fit() {
    compact = getHeight() > 0 && getHeight() / appearance.textScale() < ROOMY;
    Nodes.setShown(buttons, !compact);
    Nodes.setShown(menu, compact);
    showItems(workspace.assignment());
  }

  private static Label heading(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("band-heading");
    return label;
  }

  private void showItems(Assignment assignment) {
    List<Integer> shown =
        items.getChildren().stream().map(node -> (Integer) node.getUserData()).toList();
    List<Integer> wanted = assignment.items().stream().map(Item::id).toList();
    if (!shown.equals(wanted)) {
      items.getChildren().setAll(assignment.items().stream().map(this::card).toList());
    }
    for (int i = 0; i < wanted.size(); i++) {
      Button card = (Button) items.getChildren().get(i);
      Item item = assignment.items().get(i);
      card.setText(compact ? item.name() : item.name() + "\n" + Describe.source(item));
    }
    markChosen(workspace.chosenProperty().get());
    Nodes.setShown(tablesHeading, !assignment.tables().isEmpty());
    Nodes.setShown(tables, !assignment.tables().isEmpty());
    showTables(assignment);
    markTable(workspace.tableProperty().get());
    cards.setSpare(compact ? IN_SIGHT : 0);
  }

  /** Cards stay, with their focus, as long as the same tables are there. */
  private void showTables(Assignment assignment) {
    List<Integer> shown =
        tables.getChildren().stream().map(node -> (Integer) node.getUserData()).toList();
    if (!shown.equals(assignment.tables().stream().map(ImportedTable::id).toList())) {
      tables.getChildren().setAll(assignment.tables().stream().map(this::card).toList());
    }
    for (int i = 0; i < assignment.tables().size(); i++) {
      ImportedTable table = assignment.tables().get(i);
      String facts =
          table.isRead()
              ? Texts.of(
                  "describe.brought",
                  Describe.grouped(table.table().rows()),
                  table.table().columns().size())
              : Texts.of("describe.unread");
      ((Button) tables.getChildren().get(i))
          .setText(compact ? table.name() : table.name() + "\n" + facts);
    }
  }

  private Button card(ImportedTable table) {
    Button card = Controls.literal(new Button());
    card.setUserData(table.id());
    card.setId("table-" + table.id());
    card.getStyleClass().add("item");
    card.setMaxWidth(Double.MAX_VALUE);
    card.setOnAction(event -> workspace.chooseTable(table.id()));
    return card;
  }

  /** Values are typed for samples, not where a table of several columns is looked at. */
  private void showValues() {
    boolean elsewhere =
        workspace.tableProperty().get() != null || workspace.importProperty().get() != null;
    Nodes.setShown(values, !elsewhere);
  }

  private void markTable(@Nullable ImportedTable chosen) {
    for (Node node : tables.getChildren()) {
      boolean is = chosen != null && node.getUserData().equals(chosen.id());
      node.pseudoClassStateChanged(Look.CHOSEN, is);
      node.setAccessibleText(
          Texts.of(is ? "shelf.table-chosen" : "shelf.table", ((Button) node).getText()));
    }
  }

  private Button card(Item item) {
    Button card = Controls.literal(new Button());
    card.setUserData(item.id());
    card.setId("item-" + item.id());
    card.getStyleClass().add("item");
    card.setMaxWidth(Double.MAX_VALUE);
    card.setOnAction(event -> workspace.choose(item.id()));
    return card;
  }

  private void markChosen(@Nullable Item chosen) {
    for (Node node : items.getChildren()) {
      boolean is = chosen != null && node.getUserData().equals(chosen.id());
      boolean was = node.getPseudoClassStates().contains(Look.CHOSEN);
      node.pseudoClassStateChanged(Look.CHOSEN, is);
      node.setAccessibleText(
          Texts.of(is ? "shelf.item-chosen" : "shelf.item", ((Button) node).getText()));
      if (is && !was) {
        // Not within the change that made the card: all of it is laid out at once.
        Platform.runLater(() -> cards.bringIntoSight(node));
      }
    }
  }

  /** The cards take the room they need, and scroll where there is less. */
  private static final class Cards extends ScrollPane {

    private static final double GAP = 2;

    private final VBox cards;

    Cards(VBox cards) {
      super(cards);
      this.cards = cards;
      setFitToWidth(true);
      setMinHeight(0);
      getStyleClass().add("shelf-items");
    }

    /** Keeps room for so many cards, as far as there are any. */
    void setSpare(int count) {
      if (count == 0) {
        setMinHeight(0);
        return;
      }
      List<Node> all = ((VBox) cards.getChildren().get(0)).getChildren();
      double each = all.stream().mapToDouble(card -> card.prefHeight(-1)).max().orElse(0);
      int kept = Math.min(count, all.size());
      setMinHeight(kept * each + Math.max(0, kept - 1) * GAP);
    }

    /** Scrolls no further than it must, to where the card stands once it is laid out. */
    void bringIntoSight(Node card) {
      if (getScene() == null || card.getParent() == null) {
        return;
      }
      getScene().getRoot().applyCss();
      getScene().getRoot().layout();
      double seen = getViewportBounds().getHeight();
      double hidden = cards.getHeight() - seen;
      Bounds place = cards.sceneToLocal(card.localToScene(card.getBoundsInLocal()));
      if (hidden <= 0 || place == null) {
        return;
      }
      double from = getVvalue() * hidden;
      if (place.getMinY() < from) {
        setVvalue(place.getMinY() / hidden);
      } else if (place.getMaxY() > from + seen) {
        setVvalue((place.getMaxY() - seen) / hidden);
      }
    }

    @Override
    protected double computePrefHeight(double width) {
      return cards.prefHeight(-1) + 2;
    }
  }
}
