package promedio.desktop.window.graph;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.message.Texts;
import promedio.desktop.projection.GraphPlan;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.HowToEvent;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Workspace;
import promedio.graph.Graph;

/** How the chosen item is drawn: all that the student can choose of its graph. */
final class GraphLook extends MeasuredBox {

  private final Workspace workspace;
  private final FlowPane kinds = new FlowPane(4, 2);
  private final ChoiceBox<Optional<Height>> height = new ChoiceBox<>();
  private final Map<GraphMark, CheckBox> marks = new EnumMap<>(GraphMark.class);
  private final BesideChoice beside;
  private final Map<GraphText, TextField> texts = new EnumMap<>(GraphText.class);
  private final Map<GraphText, HBox> named = new EnumMap<>(GraphText.class);
  private final Label problem = Controls.wrapped("", "problem-text");
  private GraphKind drawn = GraphKind.HISTOGRAM;
  private final Hyperlink howTo = HowToEvent.link("graph-how-to", () -> "graph." + drawn.code());
  private boolean showing;

  GraphLook(Workspace workspace) {
    super(8);
    this.workspace = workspace;
    this.beside = new BesideChoice(workspace, "graph-other");
    for (GraphKind each : GraphKind.values()) {
      kinds.getChildren().add(button(each));
    }
    problem.setId("graph-look-problem");
    HBox.setHgrow(kinds, Priority.ALWAYS);
    getChildren().addAll(new HBox(4, kinds, howTo), buildChoices(), problem);
  }

  private ToggleButton button(GraphKind kind) {
    ToggleButton button = Controls.literal(new ToggleButton(Texts.of("graph.kind." + kind.code())));
    button.setId("graph-" + kind.code());
    button.getStyleClass().add("link");
    button.setUserData(kind);
    button.setOnAction(
        event -> {
          // Chosen once more, a graph stays chosen.
          button.setSelected(true);
          workspace.items().setGraph(now -> now.with(kind));
        });
    return button;
  }

  private HBox buildHeight() {
    height.getItems().add(Optional.empty());
    for (Height each : Height.values()) {
      height.getItems().add(Optional.of(each));
    }
    Controls.inWords(
        height, each -> Texts.of("graph.height." + each.map(Height::code).orElse("auto")));
    height.setId("graph-height");
    height.setAccessibleText(Texts.of("graph.height"));
    height.setOnAction(event -> take(now -> now.with(height.getValue())));
    HBox box = new HBox(8, new Label(Texts.of("graph.height")), height);
    box.setAlignment(Pos.CENTER_LEFT);
    return box;
  }

  private FlowPane buildChoices() {
    FlowPane look = new FlowPane(8, 4, buildHeight(), buildMarks());
    look.setAlignment(Pos.CENTER_LEFT);
    look.getChildren().add(beside);
    add(look, GraphText.TITLE, 8);
    add(look, GraphText.AXIS, 8);
    add(look, GraphText.TICKS, 3);
    add(look, GraphText.PERCENTILES, 7);
    return look;
  }

  private FlowPane buildMarks() {
    FlowPane box = new FlowPane(8, 2, new Label(Texts.of("graph.mark")));
    box.setAlignment(Pos.CENTER_LEFT);
    for (GraphMark each : GraphMark.values()) {
      CheckBox mark = Controls.literal(new CheckBox(Texts.of("graph.mark." + each.code())));
      mark.setId("graph-mark-" + each.code());
      mark.setOnAction(event -> take(now -> now.with(each, mark.isSelected())));
      marks.put(each, mark);
      box.getChildren().add(mark);
    }
    return box;
  }

  private void add(FlowPane look, GraphText which, int columns) {
    TextField field = Fields.ofAssignment(new TextField());
    field
        .textProperty()
        .subscribe(
            (old, text) -> {
              if (!showing) {
                workspace.items().typeGraph(which, text);
              }
            });
    HBox box = Controls.named("graph." + which.code(), field, columns);
    texts.put(which, field);
    named.put(which, box);
    look.getChildren().add(box);
  }

  private void take(UnaryOperator<GraphChoice> change) {
    if (!showing) {
      workspace.items().setGraph(change);
    }
  }

  /** Shows how the item is drawn. */
  void show(GraphPlan plan) {
    showing = true;
    drawn = plan.kind();
    kinds
        .getChildren()
        .forEach(
            node -> {
              GraphKind each = (GraphKind) node.getUserData();
              ((ToggleButton) node).setSelected(each == drawn);
              Nodes.setShown(node, plan.offers(each));
            });
    height.setValue(plan.choice().height().filter(each -> Graph.fits(each, drawn)));
    marks.forEach((mark, box) -> box.setSelected(plan.choice().marks().contains(mark)));
    texts.forEach((which, field) -> Fields.show(field, plan.choice().text(which)));
    texts.get(GraphText.AXIS).setPromptText(plan.usualAxis());
    boolean ogive = drawn.isCumulative();
    Nodes.setShown(named.get(GraphText.PERCENTILES), ogive);
    showing = false;
    beside.show(plan.choice(), plan::takesBeside);
    tell(plan, ogive);
  }

  private void tell(GraphPlan plan, boolean ogive) {
    List<String> problems = new ArrayList<>();
    texts.forEach(
        (which, field) -> {
          Optional<String> why =
              which == GraphText.PERCENTILES && !ogive ? Optional.empty() : plan.problem(which);
          field.pseudoClassStateChanged(StyleNames.WRONG, why.isPresent());
          why.ifPresent(problems::add);
        });
    problem.setText(String.join(" ", problems));
    Nodes.setShown(problem, !problems.isEmpty());
  }
}
