package promedio.desktop.window.shelf;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.ShelfLine;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
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
  private final MenuButton several = Controls.literal(new MenuButton(Texts.of("shelf.several")));
  private final MenuButton menu = Controls.literal(new MenuButton(Texts.of("shelf.add")));

  /** Whether there is little room for the text: names alone, and one menu for what is added. */
  private boolean compact;

  /**
   * Makes the shelf.
   *
   * @param onSheet puts the form for printed tables on the sheet
   */
  public Shelf(
      Workspace workspace,
      Appearance appearance,
      Runnable openFile,
      Runnable typeTable,
      Consumer<Node> onSheet) {
    this.workspace = workspace;
    this.appearance = appearance;
    this.values = new ValuesField(workspace, onSheet);
    getStyleClass().add("shelf");
    cards = new Cards(new VBox(6, items, tablesHeading, tables));
    VBox.setVgrow(values, Priority.ALWAYS);
    getChildren()
        .addAll(
            heading(Texts.of("shelf.heading")),
            Controls.link("shelf.parts", "shelf-parts", () -> workspace.showParts(true)),
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
    workspace.show((before, now) -> show(now));
    workspace.whileViewed(workspace.imports().property().subscribe(importing -> showValues()));
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

  /** Makes new pairs and puts the caret into them. */
  void newPairs() {
    workspace.shelf().addPairs();
    startTyping();
  }

  /** Makes a new two-way table and puts the caret into it. */
  void newCounts() {
    workspace.shelf().addCounts();
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
    addSeveral("shelf.new-comparison", "new-comparison", workspace.shelf()::addComparison);
    addSeveral("shelf.new-pairs", "new-pairs", this::newPairs);
    addSeveral("shelf.new-counts", "new-counts", this::newCounts);
    several.setId("new-several");
    several.getStyleClass().add("link-menu");
    several.setAccessibleText(Texts.of("shelf.several.name"));
    buttons.getChildren().add(several);
    add("shelf.type-table", "type-table", typeTable);
    add("shelf.open", "open-file", openFile);
  }

  /** What is of several samples stands in a menu of its own, or in the one of all. */
  private void addSeveral(String key, String id, Runnable action) {
    several.getItems().add(entry(key, id, action));
    menu.getItems().add(entry(key, id + "-entry", action));
  }

  private static MenuItem entry(String key, String id, Runnable action) {
    MenuItem entry = Controls.literal(new MenuItem(Texts.of(key + ".name")));
    entry.setId(id);
    entry.setOnAction(event -> action.run());
    return entry;
  }

  /** What is added stands as links where there is room, otherwise in one menu. */
  private void add(String key, String id, Runnable action) {
    Button button = Controls.literal(new Button(Texts.of(key)));
    button.setId(id);
    button.getStyleClass().add("link");
    button.setAccessibleText(Texts.of(key + ".name"));
    button.setOnAction(event -> action.run());
    buttons.getChildren().add(button);
    menu.getItems().add(entry(key, id + "-entry", action));
  }

  /** Several items stay in sight beside the field, however large the text. */
  private void fit() {
    compact = getHeight() > 0 && getHeight() / appearance.textScale() < ROOMY;
    Nodes.setShown(buttons, !compact);
    Nodes.setShown(menu, compact);
    show(workspace.projection());
  }

  private static Label heading(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("band-heading");
    return label;
  }

  private void show(Projection all) {
    show(items, "item-", ShelfLine.items(all), workspace::choose);
    show(tables, "table-", ShelfLine.tables(all), workspace::chooseTable);
    boolean any = !tables.getChildren().isEmpty();
    Nodes.setShown(tablesHeading, any);
    Nodes.setShown(tables, any);
    cards.setSpare(compact ? IN_SIGHT : 0);
    showValues();
    if (Nodes.hasFocusUnseen(values)) {
      // What was typed in is gone; the keys go on at the item that took its place.
      Stream.of(items, tables)
          .flatMap(box -> box.getChildren().stream())
          .filter(card -> card.getPseudoClassStates().contains(StyleNames.CHOSEN))
          .findFirst()
          .ifPresent(Node::requestFocus);
    }
  }

  /** Cards stay, with their focus, as long as the same samples are there. */
  private void show(VBox box, String kind, List<ShelfLine> lines, IntConsumer choose) {
    List<String> wanted = lines.stream().map(line -> kind + line.id()).toList();
    if (!box.getChildren().stream().map(Node::getId).toList().equals(wanted)) {
      box.getChildren().setAll(lines.stream().map(line -> card(kind, line, choose)).toList());
    }
    for (int i = 0; i < lines.size(); i++) {
      show((Button) box.getChildren().get(i), lines.get(i));
    }
  }

  private static Button card(String kind, ShelfLine line, IntConsumer choose) {
    Button card = Controls.literal(new Button());
    card.setId(kind + line.id());
    card.getStyleClass().add("item");
    card.setMaxWidth(Double.MAX_VALUE);
    card.setOnAction(event -> choose.accept(line.id()));
    return card;
  }

  private void show(Button card, ShelfLine line) {
    card.setText(compact ? line.name() : line.name() + "\n" + line.facts());
    card.setAccessibleText(line.spoken());
    boolean was = card.getPseudoClassStates().contains(StyleNames.CHOSEN);
    card.pseudoClassStateChanged(StyleNames.CHOSEN, line.chosen());
    if (line.chosen() && !was) {
      cards.bringIntoSight(card);
    }
  }

  /** Values are typed for samples, not where a table of several columns is looked at. */
  private void showValues() {
    boolean elsewhere = workspace.table() != null || workspace.imports().property().get() != null;
    Nodes.setShown(values, !elsewhere);
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
      Scene scene = getScene();
      if (scene == null) {
        return;
      }
      scene.addPostLayoutPulseListener(
          new Runnable() {
            @Override
            public void run() {
              scene.removePostLayoutPulseListener(this);
              scrollTo(card);
            }
          });
      Platform.requestNextPulse();
    }

    private void scrollTo(Node card) {
      double seen = getViewportBounds().getHeight();
      double hidden = cards.getHeight() - seen;
      Bounds place = cards.sceneToLocal(card.localToScene(card.getBoundsInLocal()));
      if (hidden <= 0 || place == null || card.getParent() == null) {
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
