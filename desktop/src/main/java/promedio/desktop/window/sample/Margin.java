package promedio.desktop.window.sample;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Explanation;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.MarginText;
import promedio.desktop.projection.OtherRules;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.HowToEvent;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.window.working.FormulaView;
import promedio.desktop.window.working.ScratchPane;
import promedio.desktop.window.working.WorkingPane;
import promedio.desktop.work.WorkingService;
import promedio.desktop.work.Workspace;

/** What the chosen measure says about the sample, its formula, and what the answer tells. */
public final class Margin extends ScrollPane {

  private static final double WIDER_WITH_TEXT = 80;

  /** So much of what stands before a step stays in sight above it. */
  private static final double ABOVE = 0.3;

  private final Workspace workspace;
  private final Label heading = new Label();
  private final Hyperlink uncover = Controls.link("cover.uncover", "uncover", this::uncover);
  private final Label sentence = Controls.wrapped("", "margin-sentence");
  private final FormulaView formula;
  private final Label result = Controls.wrapped("", "margin-result");
  private final Label exact = Controls.wrapped("", "quiet");
  private final OtherRulesView otherRules = new OtherRulesView();
  private final WorkingService byHand;
  private final WorkingPane working;
  private final VBox workingBox;
  private final ScratchPane scratch;
  private final AnswerCard answerBox;

  public Margin(Workspace workspace, WorkingService byHand, Appearance appearance) {
    this.workspace = workspace;
    this.answerBox = new AnswerCard(workspace, this::openStep);
    this.byHand = byHand;
    this.working =
        new WorkingPane(
            byHand, appearance, "working-", Request.of(Measures.MEAN), this::chooseMethod);
    this.workingBox = buildWorking();
    this.scratch = new ScratchPane(workspace, byHand);
    this.formula = new FormulaView(appearance);
    formula.setId("formula");
    getStyleClass().add("margin-scroll");
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    heading.getStyleClass().add("serif-heading");
    heading.setWrapText(true);
    heading.setId("margin-heading");
    Hyperlink howTo =
        HowToEvent.link("margin-how-to", () -> "measure." + workspace.request().measure().key());
    sentence.setId("margin-sentence");
    VBox content =
        new VBox(
            heading,
            howTo,
            sentence,
            formula,
            result,
            exact,
            uncover,
            answerBox,
            workingBox,
            otherRules,
            scratch);
    content.getStyleClass().add("margin-band");
    setContent(content);
    FollowFocus.in(this);
    appearance
        .textPercentProperty()
        .subscribe(
            now ->
                setPrefWidth(
                    StyleNames.MARGIN_WIDTH + WIDER_WITH_TEXT * (appearance.textScale() - 1)));
    workspace.show(this::show);
  }

  private void uncover() {
    workspace
        .projection()
        .focus()
        .ifPresent(now -> workspace.items().uncover(now.subset(), workspace.request()));
  }

  private void chooseMethod(Method method) {
    byHand.choose(workspace.request(), method);
  }

  private VBox buildWorking() {
    Label title = new Label(Texts.of("working.heading"));
    title.getStyleClass().add("family-heading");
    Hyperlink onSheet =
        Controls.link(
            "working.on-sheet",
            "working-on-sheet",
            () -> workspace.workOnSheet(workspace.request()));
    FlowPane line = Controls.wrapping(new FlowPane(8, 0, title, onSheet));
    line.setRowValignment(VPos.BASELINE);
    return new VBox(4, line, working);
  }

  /** Puts the caret on the scratch paper. */
  public void focusScratch() {
    scratch.focusField();
  }

  private void show(@Nullable Projection before, Projection all) {
    Analysis analysis = all.focus().orElse(null);
    getContent().setVisible(analysis != null);
    if (analysis == null) {
      return;
    }
    Request request = all.choice().request();
    boolean same =
        all.hasSameResults(before) && before != null && before.isChosen(request, analysis);
    if (!same) {
      show(MarginText.of(request, analysis));
    }
    answerBox.show(request, analysis);
    working.show(request, all.method(request), analysis);
    showWorkingBox(all);
    scratch.show(analysis);
    otherRules.show(analysis.isCovered(request) ? List.of() : OtherRules.of(request, analysis));
  }

  private void show(MarginText text) {
    heading.setText(text.heading());
    sentence.setText(text.sentence());
    formula.show(text.formula());
    result.setText(text.result());
    exact.setText(text.exact());
    Nodes.setShown(exact, !text.exact().isEmpty());
  }

  /** Counting is all the working that categories have, and their table shows it. */
  private void showWorkingBox(Projection all) {
    Analysis analysis = all.focus().orElse(null);
    boolean words = analysis != null && analysis.typed().data().categories().isPresent();
    boolean covered = analysis != null && analysis.isCovered(all.choice().request());
    Nodes.setShown(uncover, covered);
    Nodes.setShown(workingBox, all.choice().working() == null && !words && !covered);
  }

  /** Opens the working at the step in which something was done, and shows the value it was. */
  private void openStep(Explanation explanation) {
    explanation.value().ifPresent(workspace::chooseValue);
    Optional<Node> step = working.point(explanation.at());
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
