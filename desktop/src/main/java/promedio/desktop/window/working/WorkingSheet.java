package promedio.desktop.window.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Reading;
import promedio.core.working.Methods;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.WorkingService;
import promedio.desktop.work.Workspace;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;
import promedio.files.report.WorkingTexts;

/** A working with room for its table, by one method or by two beside each other. */
public final class WorkingSheet extends VBox {

  private final Workspace workspace;
  private final WorkingService byHand;
  private final Label title = new Label();
  private final Label meeting = new Label();
  private final ChoiceBox<String> requests = new ChoiceBox<>();
  private final TextField number = new TextField();
  private final ToggleButton beside = new ToggleButton(Texts.of("working.beside"));
  private final WorkingPane first;
  private final WorkingPane second;
  private Method secondMethod = Method.DEFINITION;

  /** Whether what is chosen is being shown, which chooses nothing. */
  private boolean showing;

  public WorkingSheet(Workspace workspace, WorkingService byHand, Appearance appearance) {
    super(10);
    this.workspace = workspace;
    this.byHand = byHand;
    getStyleClass().addAll("sheet-content", "working-sheet");
    Request initial = Request.of(Measures.MEAN);
    first = new WorkingPane(byHand, appearance, "sheet-", initial, this::chooseFirst);
    second = new WorkingPane(byHand, appearance, "beside-", initial, this::chooseSecond);
    title.getStyleClass().add("serif-heading");
    title.setId("working-title");
    title.setWrapText(true);
    title.setMinHeight(USE_PREF_SIZE);
    meeting.setId("working-meeting");
    meeting.setWrapText(true);
    meeting.setMinHeight(USE_PREF_SIZE);
    meeting.getStyleClass().add("working-meeting");
    Button back = new Button(Texts.of("working.back"));
    back.setId("working-back");
    back.setOnAction(event -> workspace.workOnSheet(null));
    beside.setId("working-beside");
    beside.setOnAction(event -> showBeside());
    buildTasks();
    FlowPane line = Controls.wrapping(new FlowPane(10, 6, back, requests, number, beside));
    line.setAlignment(Pos.CENTER_LEFT);
    HBox panes = new HBox(24, first, second);
    for (WorkingPane pane : List.of(first, second)) {
      HBox.setHgrow(pane, Priority.ALWAYS);
      pane.setMinWidth(0);
      pane.setPrefWidth(1);
    }
    VBox content = new VBox(10, meeting, panes);
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    FollowFocus.in(scroll);
    scroll.getStyleClass().add("sheet-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(line, title, scroll);
    workspace.show((before, now) -> show());
  }

  private void buildTasks() {
    requests.setId("working-task");
    requests.setAccessibleText(Texts.of("working.task"));
    requests
        .getItems()
        .addAll(
            Stream.concat(Measures.all().stream(), Measures.others().stream())
                .map(Measure::key)
                .toList());
    Controls.inWords(requests, TaskTexts::ofKey);
    requests.setOnAction(event -> chooseTask());
    number.setId("working-number");
    number.setPrefColumnCount(5);
    number.getStyleClass().add("answer");
    number.setAccessibleText(Texts.of("working.number"));
    number.setOnAction(event -> chooseTask());
    Nodes.setShown(number, false);
  }

  private void chooseTask() {
    String key = requests.getValue();
    if (key == null || showing) {
      return;
    }
    Measure measure = Measures.ofKey(key).orElseThrow();
    boolean needs = !measure.parameters().isEmpty();
    Nodes.setShown(number, needs);
    if (needs && number.getText().isBlank()) {
      number.setText(usualNumber(key));
    }
    List<Exact> arguments = new ArrayList<>();
    if (needs
        && NumberText.read(number.getText(), workspace.assignment().sign())
            instanceof Reading.Numeral numeral) {
      arguments.add(numeral.value());
    }
    if (Request.refusal(measure, arguments).isEmpty()) {
      workspace.workOnSheet(new Request(measure, arguments));
    }
  }

  /** A number as the student would type it. */
  private String typed(Exact argument) {
    return PlainText.of(argument).replace('.', workspace.assignment().sign().sign());
  }

  private static String usualNumber(String key) {
    return switch (key) {
      case "percentile" -> "90";
      case "decile" -> "3";
      case "trimmed_mean" -> "1/10";
      case "moment" -> "3";
      default -> "1";
    };
  }

  private void chooseFirst(Method method) {
    Request request = workspace.projection().choice().working();
    if (request != null) {
      byHand.choose(request, method);
    }
  }

  private void chooseSecond(Method method) {
    secondMethod = method;
    show();
  }

  private void showBeside() {
    if (beside.isSelected()) {
      first.uncoverAll();
    }
    show();
    if (beside.isSelected()) {
      second.uncoverAll();
    }
    showMeeting();
  }

  private Method firstMethod(Request request, Analysis now) {
    Method chosen = byHand.method(request);
    return Methods.of(request, now.rules(), now.typed().data()).contains(chosen)
        ? chosen
        : Method.DEFINITION;
  }

  private void show() {
    Request request = workspace.projection().choice().working();
    Analysis now = workspace.focus().orElse(null);
    if (request == null || now == null) {
      return;
    }
    ShownNumbers numbers = now.numbers();
    title.setText(Texts.of("working.of", TaskTexts.title(request, numbers), name(now)));
    showing = true;
    requests.setValue(request.key());
    Nodes.setShown(number, !request.arguments().isEmpty());
    request.arguments().stream().findFirst().ifPresent(of -> Fields.show(number, typed(of)));
    showing = false;
    Method by = firstMethod(request, now);
    first.show(request, by, now);
    List<Method> choices = Methods.of(request, now.rules(), now.typed().data());
    Nodes.setShown(beside, choices.size() > 1);
    boolean two = beside.isSelected() && choices.size() > 1;
    Nodes.setShown(second, two);
    if (two) {
      boolean sensible = choices.contains(secondMethod) && secondMethod != by;
      if (!sensible) {
        secondMethod = choices.stream().filter(each -> each != by).findFirst().orElse(by);
      }
      second.show(request, secondMethod, now);
    }
    showMeeting();
  }

  private static String name(Analysis now) {
    String subset = PortionText.of(now.subset(), now.item());
    return subset.isEmpty()
        ? now.item().name()
        : Texts.of("margin.of-portion", now.item().name(), subset);
  }

  /** Says what both methods find on the way, and whether they end alike. */
  private void showMeeting() {
    Optional<Working> one = first.working();
    Optional<Working> other = second.isVisible() ? second.working() : Optional.empty();
    Analysis now = workspace.focus().orElse(null);
    Nodes.setShown(meeting, one.isPresent() && other.isPresent());
    if (one.isEmpty() || other.isEmpty() || now == null) {
      return;
    }
    ShownNumbers numbers = now.numbers();
    List<String> shared = shared(one.get(), other.get(), numbers);
    String on = String.join(", ", shared);
    boolean alike = one.get().results().equals(other.get().results());
    String ends = numbers.results(one.get());
    String key = alike ? "working.meet" : "working.part";
    meeting.setText(
        Texts.of(key, ends, numbers.results(other.get()))
            + (on.isEmpty() ? "" : " " + Texts.of("working.shared", on)));
  }

  private static List<String> shared(Working one, Working other, ShownNumbers numbers) {
    List<String> shared = new ArrayList<>();
    List<WorkingStep> before = one.steps().subList(0, Math.max(0, one.steps().size() - 1));
    for (WorkingStep step : before) {
      step.calculation()
          .filter(computed -> other.steps().stream().anyMatch(s -> isSame(s, computed)))
          .ifPresent(computed -> shared.add(WorkingTexts.found(computed, numbers)));
    }
    return shared;
  }

  private static boolean isSame(WorkingStep step, WorkingStep.Computed computed) {
    return step.calculation()
        .filter(c -> c.left().equals(computed.left()) && c.carried().equals(computed.carried()))
        .isPresent();
  }
}
