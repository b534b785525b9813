package promedio.desktop.window.sample;

import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Equation;
import promedio.core.marking.Explanation;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.working.Method;
import promedio.desktop.TaskTexts;
import promedio.desktop.Texts;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Look;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.working.FormulaView;
import promedio.desktop.window.working.ScratchPane;
import promedio.desktop.window.working.WorkingPane;
import promedio.desktop.work.Analysis;
import promedio.desktop.work.ByHand;
import promedio.desktop.work.Results;
import promedio.desktop.work.Workspace;

/** What the chosen measure says about the sample, its formula, and what the answer tells. */
public final class Margin extends ScrollPane {

  private static final double WIDER_WITH_TEXT = 80;

  /** So much of what stands before a step stays in sight above it. */
  private static final double ABOVE = 0.3;

  private final Workspace workspace;
  private final Label heading = new Label();
  private final Label sentence = Controls.wrapped("", "margin-sentence");
  private final FormulaView formula;
  private final Label result = Controls.wrapped("", "margin-result");
  private final Label exact = Controls.wrapped("", "quiet");
  private final OtherRulesView otherRules = new OtherRulesView();
  private final ByHand byHand;
  private final WorkingPane working;
  private final VBox workingBox;
  private final ScratchPane scratch;
  private final AnswerCard answerBox;

  public Margin(Workspace workspace, ByHand byHand, Appearance appearance) {
    this.workspace = workspace;
    this.answerBox = new AnswerCard(workspace, this::openStep);
    this.byHand = byHand;
    this.working =
        new WorkingPane(byHand, appearance, "working-", Task.of(Measures.MEAN), this::chooseMethod);
    this.workingBox = buildWorking();
    this.scratch = new ScratchPane(byHand);
    this.formula = new FormulaView(appearance);
    formula.setId("formula");
    getStyleClass().add("margin-scroll");
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    heading.getStyleClass().add("serif-heading");
    heading.setWrapText(true);
    heading.setId("margin-heading");
    sentence.setId("margin-sentence");
    VBox content =
        new VBox(
            heading, sentence, formula, result, exact, answerBox, workingBox, otherRules, scratch);
    content.getStyleClass().add("margin-band");
    setContent(content);
    appearance
        .textPercentProperty()
        .subscribe(
            now ->
                setPrefWidth(Look.MARGIN_WIDTH + WIDER_WITH_TEXT * (appearance.textScale() - 1)));
    workspace.analysisProperty().subscribe(now -> show());
    workspace.taskProperty().subscribe(now -> show());
    workspace.assignmentProperty().map(now -> now.course().methods()).subscribe(now -> show());
    byHand.onSheetProperty().subscribe(task -> showWorkingBox());
  }

  /** The method of what has arguments is remembered as long as the window is open. */
  private void chooseMethod(Method method) {
    byHand.choose(workspace.taskProperty().get(), method);
    show();
  }

  private VBox buildWorking() {
    Label title = new Label(Texts.of("working.heading"));
    title.getStyleClass().add("family-heading");
    Hyperlink onSheet =
        Controls.link(
            "working.on-sheet",
            "working-on-sheet",
            () -> byHand.onSheetProperty().set(workspace.taskProperty().get()));
    FlowPane line = new FlowPane(8, 0, title, onSheet);
    line.setRowValignment(VPos.BASELINE);
    return new VBox(4, line, working);
  }

  /** Puts the caret on the scratch paper. */
  public void focusScratch() {
    scratch.focusField();
  }

  private void show() {
    Analysis analysis = workspace.analysisProperty().get();
    getContent().setVisible(analysis != null);
    if (analysis == null) {
      return;
    }
    Task task = workspace.taskProperty().get();
    Result value = analysis.computation().result(task);
    heading.setText(TaskTexts.title(task, ByHand.numbers(analysis)));
    sentence.setText(Sentences.about(task, value, analysis));
    Optional<Equation> equation = analysis.computation().equation(task);
    formula.show(equation);
    String relation = isShownWhole(value, analysis.rules()) ? " = " : " ≈ ";
    result.setText(
        analysis.computation().symbol(task).plain()
            + relation
            + Results.shown(value, task, analysis));
    showExact(value, analysis);
    answerBox.show(task, analysis);
    working.show(task, byHand.method(task), analysis);
    showWorkingBox();
    scratch.show(analysis);
    otherRules.show(task, analysis);
  }

  /** Counting is all the working that categories have, and their table shows it. */
  private void showWorkingBox() {
    Analysis analysis = workspace.analysisProperty().get();
    boolean words = analysis != null && analysis.typed().data().categories().isPresent();
    Nodes.setShown(workingBox, byHand.onSheetProperty().get() == null && !words);
  }

  private void showExact(Result value, Analysis analysis) {
    String text = value.number().filter(Exact.class::isInstance).map(ExactText::of).orElse("");
    boolean told = !isShownWhole(value, analysis.rules()) && !text.isEmpty() && text.length() <= 40;
    exact.setText(told ? Texts.of("margin.exactly", text) : "");
    Nodes.setShown(exact, told);
  }

  /** Whether rounding to the places of the rules takes nothing away. */
  private static boolean isShownWhole(Result value, CourseRules rules) {
    return value
        .number()
        .map(
            number ->
                number instanceof Exact exact
                    && exact.isRational()
                    && exact.times(Exact.of(10).pow(rules.get(Rule.PLACES))).isWhole())
        .orElse(true);
  }

  /** Opens the working at the step in which something was done, and shows the value it was. */
  private void openStep(Explanation explanation) {
    explanation.value().ifPresent(workspace::chooseValue);
    Optional<Node> step = working.point(explanation.step());
    // Where it stands is known only once it is laid out.
    step.ifPresent(node -> Platform.runLater(() -> Platform.runLater(() -> scrollTo(node))));
  }

  /** Brings the node into sight, in the upper part of the margin. */
  private void scrollTo(Node node) {
    double seen = getViewportBounds().getHeight();
    double hidden = getContent().getBoundsInLocal().getHeight() - seen;
    double top = getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal())).getMinY();
    if (hidden > 0) {
      setVvalue(Math.min(1, Math.max(0, (top - seen * ABOVE) / hidden)));
    }
  }
}
