package promedio.desktop.window.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.sample.Categories;
import promedio.core.sample.CategoryOrder;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;
import promedio.files.report.CategoryText;
import promedio.files.report.ShownNumbers;
import promedio.graph.CategoryGraph;

/** The categories of the chosen item, as a printed table and as bars: two views of one thing. */
public final class CategoryCard extends MeasuredBox {

  private final Workspace workspace;
  private final ChoiceBox<CategoryOrder> order = new ChoiceBox<>();
  private final ChoiceBox<Height> height = new ChoiceBox<>();
  private final CheckBox modes = new CheckBox(Texts.of("graph.mark.modes"));
  private final BesideChoice beside;
  private final TextField title = Fields.ofAssignment(new TextField());
  private final GraphPicture picture = GraphPicture.ofCategories(this::choose);
  private final CategoryTableView table = new CategoryTableView();
  private final Label note = Controls.wrapped("", "quiet");
  private Optional<String> chosen = Optional.empty();
  private @Nullable Analysis shown;
  private boolean showing;

  public CategoryCard(Workspace workspace, FileChoice fileChoice) {
    super(8);
    this.workspace = workspace;
    this.beside = new BesideChoice(workspace, "category-other");
    getStyleClass().add("graph-card");
    setId("category-card");
    note.setId("category-note");
    Label heading = new Label(Texts.of("category.heading"));
    heading.getStyleClass().add("family-heading");
    getChildren()
        .addAll(
            heading, buildLook(), Controls.sideways(table), note, picture, buildTools(fileChoice));
  }

  private FlowPane buildLook() {
    order.getItems().addAll(CategoryOrder.values());
    order.setId("category-order");
    order.setAccessibleText(Texts.of("category.order"));
    Controls.inWords(order, each -> Texts.of("category.order." + each.code()));
    order.setOnAction(event -> take(now -> now.with(order.getValue())));
    height.getItems().addAll(Height.FREQUENCY, Height.RELATIVE, Height.PERCENTAGE);
    height.setId("category-height");
    height.setAccessibleText(Texts.of("graph.height"));
    Controls.inWords(height, each -> Texts.of("graph.height." + each.code()));
    height.setOnAction(event -> take(now -> now.with(Optional.of(height.getValue()))));
    modes.setId("category-mark-modes");
    modes.setOnAction(event -> take(now -> now.with(GraphMark.MODES, modes.isSelected())));
    title
        .textProperty()
        .subscribe(
            (old, text) -> {
              if (!showing) {
                workspace.items().typeGraph(GraphText.TITLE, text);
              }
            });
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

  private PictureTools buildTools(FileChoice fileChoice) {
    PictureTools tools = new PictureTools("category", picture, fileChoice, note::setText);
    tools
        .getChildren()
        .add(Controls.link("graph.copy-table", "category-copy-table", this::copyTable));
    return tools;
  }

  private void take(UnaryOperator<GraphChoice> change) {
    if (!showing) {
      workspace.items().setGraph(change);
    }
  }

  /** Shows the categories of an item; it must hold some. */
  public void show(Analysis analysis) {
    boolean same = shown != null && shown.item().id() == analysis.item().id();
    shown = analysis;
    chosen = same ? chosen : Optional.empty();
    showing = true;
    GraphChoice choice = analysis.item().graph();
    order.setValue(choice.order());
    height.setValue(height(choice));
    modes.setSelected(choice.marks().contains(GraphMark.MODES));
    Fields.show(title, choice.text(GraphText.TITLE));
    showing = false;
    beside.show(choice, item -> fits(item, analysis));
    showShown();
  }

  private static Height height(GraphChoice choice) {
    return choice.height().filter(each -> each != Height.DENSITY).orElse(Height.FREQUENCY);
  }

  private static boolean fits(Item other, Analysis analysis) {
    return other.id() != analysis.item().id() && other.source().shape() == Source.Shape.CATEGORIES;
  }

  private static Categories categories(Analysis analysis) {
    return (Categories) analysis.typed().data();
  }

  private void showShown() {
    Analysis now = shown;
    if (now == null) {
      return;
    }
    Categories counted = categories(now).in(now.item().graph().order());
    boolean empty = counted.rows().isEmpty();
    Nodes.setShown(table, !empty);
    Nodes.setShown(picture, !empty);
    if (!empty) {
      table.show(counted, now.numbers(), name -> choose(name));
      table.choose(chosen);
    }
    tell();
    draw();
  }

  /** What was counted sums up; of a chosen category, how much of the whole it is. */
  private void tell() {
    Analysis now = shown;
    if (now == null) {
      return;
    }
    ShownNumbers numbers = now.numbers();
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
    Analysis now = shown;
    if (now == null || categories(now).rows().isEmpty()) {
      return Optional.empty();
    }
    List<CategoryGraph.Series> series = new ArrayList<>();
    series.add(
        new CategoryGraph.Series(
            now.item().name(), categories(now).in(now.item().graph().order())));
    beside(now).ifPresent(series::add);
    return Optional.of(
        new CategoryGraph(
            series,
            height(now.item().graph()),
            CategoryGraph.Arrangement.BESIDE,
            now.item().graph().text(GraphText.TITLE).strip(),
            now.item().name(),
            marked(now),
            chosen,
            now.rules(),
            now.sign()));
  }

  private Optional<CategoryGraph.Series> beside(Analysis now) {
    return workspace
        .assignment()
        .item(now.item().graph().beside())
        .flatMap(
            item ->
                item.source()
                    .read(workspace.assignment().sign())
                    .data()
                    .categories()
                    .filter(found -> !found.rows().isEmpty())
                    .map(found -> new CategoryGraph.Series(item.name(), found)));
  }

  private Set<String> marked(Analysis now) {
    return now.item().graph().marks().contains(GraphMark.MODES)
            && now.computation().result(Request.of(Measures.MODES)) instanceof Result.Named named
        ? Set.copyOf(named.names())
        : Set.of();
  }

  private void copyTable() {
    Analysis now = shown;
    if (now != null && !categories(now).rows().isEmpty()) {
      Controls.copy(CategoryText.tabbed(categories(now).in(now.item().graph().order())));
    }
  }
}
