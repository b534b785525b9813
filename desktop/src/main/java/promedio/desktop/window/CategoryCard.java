package promedio.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.sample.Categories;
import promedio.core.sample.CategoryOrder;
import promedio.desktop.Texts;
import promedio.desktop.graph.CategoryGraph;
import promedio.desktop.graph.Height;
import promedio.desktop.work.ByHand;
import promedio.desktop.work.Reckoning;
import promedio.desktop.work.Workspace;
import promedio.files.report.CategoryText;
import promedio.files.report.ShownNumbers;

/** The categories of the chosen item, as a printed table and as bars: two views of one thing. */
final class CategoryCard extends VBox {

  private static final int NO_OTHER = -1;

  private final Workspace workspace;
  private final ChoiceBox<CategoryOrder> order = new ChoiceBox<>();
  private final ChoiceBox<Height> height = new ChoiceBox<>();
  private final CheckBox modes = new CheckBox(Texts.of("graph.mark.modes"));
  private final ChoiceBox<Integer> other = new ChoiceBox<>();
  private final TextField title = new TextField();
  private final GraphPicture picture = GraphPicture.ofCategories(this::choose);
  private final CategoryTableView table = new CategoryTableView();
  private final Label note = Controls.wrapped("", "quiet");
  private Optional<String> chosen = Optional.empty();
  private @Nullable Reckoning shown;

  CategoryCard(Workspace workspace, AssignmentView.FileChoice fileChoice) {
    super(8);
    this.workspace = workspace;
    getStyleClass().add("graph-card");
    setId("category-card");
    note.setId("category-note");
    Label heading = new Label(Texts.of("category.heading"));
    heading.getStyleClass().add("family-heading");
    getChildren().addAll(heading, buildLook(), table, note, picture, buildTools(fileChoice));
  }

  private FlowPane buildLook() {
    order.getItems().addAll(CategoryOrder.values());
    order.setValue(CategoryOrder.GIVEN);
    order.setId("category-order");
    order.setAccessibleText(Texts.of("category.order"));
    Controls.inWords(order, each -> Texts.of("category.order." + each.code()));
    order.setOnAction(event -> showShown());
    height.getItems().addAll(Height.FREQUENCY, Height.RELATIVE, Height.PERCENTAGE);
    height.setValue(Height.FREQUENCY);
    height.setId("category-height");
    height.setAccessibleText(Texts.of("graph.height"));
    Controls.inWords(height, each -> Texts.of("graph.height." + each.code()));
    height.setOnAction(event -> draw());
    modes.setId("category-mark-modes");
    modes.setOnAction(event -> draw());
    other.setId("category-other");
    other.setAccessibleText(Texts.of("graph.beside"));
    Controls.inWords(other, this::nameOf);
    other.setOnAction(event -> draw());
    title.textProperty().subscribe((old, text) -> draw());
    HBox beside = new HBox(8, new Label(Texts.of("graph.beside")), other);
    beside.setAlignment(Pos.CENTER_LEFT);
    FlowPane look = new FlowPane(8, 4);
    look.setAlignment(Pos.CENTER_LEFT);
    look.getChildren()
        .addAll(
            new Label(Texts.of("category.order")),
            order,
            new Label(Texts.of("graph.height")),
            height,
            new Label(Texts.of("graph.mark")),
            modes,
            beside,
            Controls.named("category.title", title, 12));
    return look;
  }

  private PictureTools buildTools(AssignmentView.FileChoice fileChoice) {
    PictureTools tools = new PictureTools("category", picture, fileChoice, note::setText);
    tools
        .getChildren()
        .add(Controls.link("graph.copy-table", "category-copy-table", this::copyTable));
    return tools;
  }

  private String nameOf(int id) {
    return workspace.assignment().item(id).map(Item::name).orElse(Texts.of("graph.beside.none"));
  }

  /** Shows the categories of an item; it must hold some. */
  void show(Reckoning reckoning) {
    boolean same = shown != null && shown.item().id() == reckoning.item().id();
    shown = reckoning;
    chosen = same ? chosen : Optional.empty();
    List<Integer> others = new ArrayList<>(List.of(NO_OTHER));
    workspace.assignment().items().stream()
        .filter(item -> item.id() != reckoning.item().id())
        .filter(item -> item.source().shape() == Source.Shape.CATEGORIES)
        .forEach(item -> others.add(item.id()));
    if (!others.equals(other.getItems()) || !same) {
      other.getItems().setAll(others);
      other.setValue(NO_OTHER);
    }
    showShown();
  }

  private static Categories categories(Reckoning reckoning) {
    return (Categories) reckoning.typed().data();
  }

  private void showShown() {
    Reckoning now = shown;
    if (now == null) {
      return;
    }
    Categories counted = categories(now).in(order.getValue());
    boolean empty = counted.rows().isEmpty();
    Nodes.setShown(table, !empty);
    Nodes.setShown(picture, !empty);
    if (!empty) {
      table.show(counted, ByHand.numbers(now), name -> choose(name));
      table.choose(chosen);
    }
    tell();
    draw();
  }

  /** What was counted sums up; of a chosen category, how much of the whole it is. */
  private void tell() {
    Reckoning now = shown;
    if (now == null) {
      return;
    }
    ShownNumbers numbers = ByHand.numbers(now);
    Categories counted = categories(now);
    if (counted.rows().isEmpty()) {
      note.setText(Texts.of("category.empty"));
      return;
    }
    String n = numbers.shown(counted.total());
    String told =
        chosen
            .map(
                name ->
                    Texts.of(
                        "category.chosen",
                        name,
                        numbers.shown(counted.frequency(name)),
                        n,
                        numbers.result(counted.frequency(name).times(100).over(counted.total()))))
            .orElseGet(() -> Texts.of("graph.check", n));
    int left = counted.rows().size() - CategoryTableView.MOST_ROWS;
    note.setText(left > 0 ? told + " " + Texts.of("category.more", left) : told);
  }

  /** The category stands out in the table and in the picture; once more lets it go. */
  private void choose(String name) {
    chosen = chosen.filter(name::equals).isPresent() ? Optional.empty() : Optional.of(name);
    table.choose(chosen);
    tell();
    draw();
  }

  private void draw() {
    picture.draw(graph(), List.of());
  }

  private Optional<CategoryGraph> graph() {
    Reckoning now = shown;
    if (now == null || categories(now).rows().isEmpty()) {
      return Optional.empty();
    }
    List<CategoryGraph.Series> series = new ArrayList<>();
    series.add(new CategoryGraph.Series(now.item().name(), categories(now).in(order.getValue())));
    beside().ifPresent(series::add);
    return Optional.of(
        new CategoryGraph(
            series,
            height.getValue(),
            title.getText().strip(),
            now.item().name(),
            marked(now),
            chosen,
            now.rules(),
            now.sign()));
  }

  private Optional<CategoryGraph.Series> beside() {
    return workspace
        .assignment()
        .item(Optional.ofNullable(other.getValue()).orElse(NO_OTHER))
        .flatMap(
            item ->
                item.source().read(workspace.assignment().sign()).data() instanceof Categories found
                        && !found.rows().isEmpty()
                    ? Optional.of(new CategoryGraph.Series(item.name(), found))
                    : Optional.empty());
  }

  private Set<String> marked(Reckoning now) {
    return modes.isSelected() && now.measures().get(Measure.MODES) instanceof Result.Named named
        ? Set.copyOf(named.names())
        : Set.of();
  }

  private void copyTable() {
    Reckoning now = shown;
    if (now != null && !categories(now).rows().isEmpty()) {
      ClipboardContent content = new ClipboardContent();
      content.putString(CategoryText.tabbed(categories(now).in(order.getValue())));
      Clipboard.getSystemClipboard().setContent(content);
    }
  }
}
