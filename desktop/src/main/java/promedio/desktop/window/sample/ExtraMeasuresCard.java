package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Layout;
import promedio.core.measure.Measure;
import promedio.core.measure.Parameter;
import promedio.core.measure.Request;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;
import promedio.files.report.TaskTexts;

/** What is asked besides the measures that all data have: a percentile, a z-score and the like. */
public final class ExtraMeasuresCard extends MeasuredBox {

  private final Workspace workspace;
  private final FlowPane shown = new FlowPane(14, 2);
  private final VBox shownTables = new VBox(4);
  private final ChoiceBox<Measure> measures = new ChoiceBox<>();
  private final TextField number = new TextField();
  private final Label problem = Controls.wrapped("", "problem-text");

  /** Each made when it is first shown. */
  private final Map<Request, MeasureRow> rows = new HashMap<>();

  private final Map<Request, MeasureTable> tables = new HashMap<>();

  private @Nullable Analysis analysis;

  /** Makes the card of a sample. */
  ExtraMeasuresCard(Workspace workspace) {
    this(workspace, "asked.heading", ofSample());
  }

  private static List<Measure> ofSample() {
    return Stream.concat(Measures.others().stream(), Measures.intervals().stream()).toList();
  }

  /**
   * Makes a card.
   *
   * @param key of its heading
   * @param offered what can be asked
   */
  public ExtraMeasuresCard(Workspace workspace, String key, List<Measure> offered) {
    super(4);
    this.workspace = workspace;
    measures.getItems().addAll(offered);
    measures.setValue(offered.contains(Measures.PERCENTILE) ? Measures.PERCENTILE : offered.get(0));
    Nodes.setShown(measures, offered.size() > 1);
    getStyleClass().addAll("card", "asked");
    setId("asked");
    Label heading = new Label(Texts.of(key));
    heading.getStyleClass().add("family-heading");
    problem.setId("ask-problem");
    Nodes.setShown(problem, false);
    getChildren().addAll(heading, shownTables, shown, adding(), problem);
  }

  private HBox adding() {
    measures.setId("ask-measure");
    measures.setAccessibleText(Texts.of("asked.measure"));
    Controls.inWords(measures, TaskTexts::name);
    measures.setOnAction(event -> showNumbers());
    number.setId("ask-number");
    number.setPrefColumnCount(5);
    number.getStyleClass().add("answer");
    showNumbers();
    number.setOnAction(event -> ask());
    Button add = new Button(Texts.of("asked.add"));
    add.setId("ask-add");
    add.setOnAction(event -> ask());
    HBox line = new HBox(8, measures, number, add);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  /** Whatever it is about besides the data is typed in this order. */
  private void showNumbers() {
    Nodes.setShown(number, needsNumber());
    boolean one = measures.getValue().parameters().size() < 2;
    number.setPromptText(
        one
            ? Texts.of("asked.number")
            : measures.getValue().parameters().stream()
                .map(ExtraMeasuresCard::name)
                .collect(Collectors.joining("; ")));
    number.setAccessibleText(number.getPromptText());
  }

  private static String name(Parameter parameter) {
    String name = parameter.quantity().plain();
    return parameter.isOptional() ? Texts.of("asked.optional", name) : name;
  }

  private boolean needsNumber() {
    return !measures.getValue().parameters().isEmpty();
  }

  private void ask() {
    if (!needsNumber()) {
      ask(Request.of(measures.getValue()));
      return;
    }
    List<Exact> arguments = new ArrayList<>();
    for (String text : number.getText().strip().split("[;\\s]+", -1)) {
      Reading reading = NumberText.read(text, workspace.assignment().sign());
      if (reading instanceof Reading.Unreadable unreadable) {
        refuse(unreadable.why());
        return;
      }
      arguments.add(((Reading.Numeral) reading).value());
    }
    Optional<Message> refusal = Request.refusal(measures.getValue(), arguments);
    if (refusal.isPresent()) {
      refuse(refusal.get());
    } else {
      ask(new Request(measures.getValue(), arguments));
    }
  }

  private void ask(Request request) {
    Nodes.setShown(problem, false);
    workspace.items().ask(request);
    number.clear();
    workspace.chooseTask(request);
    Optional.ofNullable(rows.get(request)).ifPresent(MeasureRow::focusAnswer);
    Optional.ofNullable(tables.get(request)).ifPresent(MeasureTable::focusAnswer);
  }

  /** What was typed stays there, to be mended. */
  private void refuse(Message why) {
    problem.setText(why.text());
    Nodes.setShown(problem, true);
    number.requestFocus();
  }

  /** Shows what is asked of the item; categories are asked nothing of the kind. */
  public void show(Analysis now, Projection all) {
    boolean words = now.computation().context().categories().isPresent();
    Nodes.setShown(this, !words);
    boolean same =
        analysis != null
            && analysis.item().id() == now.item().id()
            && analysis.asked().equals(now.asked());
    analysis = now;
    if (!same) {
      show(shownTables, now.asked().stream().filter(request -> layout(request).isPresent()));
      show(shown, now.asked().stream().filter(request -> layout(request).isEmpty()));
    }
    for (Request request : now.asked()) {
      layout(request)
          .ifPresentOrElse(
              layout -> table(request, layout).show(now), () -> row(request).show(now, all));
    }
  }

  private void show(Pane pane, Stream<Request> asked) {
    pane.getChildren().setAll(asked.map(this::line).toList());
    Nodes.setShown(pane, !pane.getChildren().isEmpty());
  }

  /** The table that is asked for; whether it is one depends on the task alone. */
  private Optional<Layout> layout(Request request) {
    Analysis now = analysis;
    return now == null ? Optional.empty() : now.computation().definition(request).layout();
  }

  private MeasureRow row(Request request) {
    return rows.computeIfAbsent(request, made -> new MeasureRow(workspace, made));
  }

  private MeasureTable table(Request request, Layout layout) {
    return tables.computeIfAbsent(request, made -> new MeasureTable(workspace, made, layout));
  }

  private Node line(Request request) {
    Button remove = new Button("×");
    remove.setId("ask-remove-" + TaskTexts.node(request));
    remove.getStyleClass().add("link");
    Analysis now = analysis;
    String name =
        now == null ? TaskTexts.name(request.measure()) : TaskTexts.name(request, now.numbers());
    remove.setAccessibleText(Texts.of("asked.remove", name));
    remove.setOnAction(event -> workspace.items().stopAsking(request));
    Optional<Layout> layout = layout(request);
    Region asked = layout.isPresent() ? table(request, layout.get()) : row(request);
    HBox.setHgrow(asked, Priority.ALWAYS);
    HBox line = new HBox(2, asked, remove);
    line.setAlignment(Pos.TOP_LEFT);
    line.getStyleClass().add(layout.isEmpty() ? "asked-row" : "asked-table");
    return line;
  }
}
