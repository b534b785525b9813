package promedio.desktop.window.sample;

import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.jspecify.annotations.Nullable;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.MeasureLine;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.AnswerField;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Workspace;
import promedio.files.report.TaskTexts;

/** One measure: symbol, name and result, the student's answer, and whether it agrees. */
public final class MeasureRow extends GridPane {

  private final Request request;
  private final Label symbol = new Label();
  private final Label name;
  private final Label result = new ResultLabel();

  /** A result that is too long for its row is read here. */
  private final Tooltip whole = new Tooltip();

  private final AnswerField answer;
  private final Label aside = new Label();
  private @Nullable Analysis shown;
  private @Nullable Projection last;

  /** Makes the row of what is asked. */
  public MeasureRow(Workspace workspace, Request request) {
    this.request = request;
    this.name = Controls.literal(new Label());
    getStyleClass().add("measure");
    setId("measure-" + TaskTexts.node(request));
    this.answer = AnswerField.ofShown(workspace, request, () -> shown);
    build();
    setOnMousePressed(event -> choose(workspace));
  }

  /** The row is asked of what it shows. */
  private void choose(Workspace workspace) {
    Analysis now = shown;
    if (now != null) {
      workspace.chooseTask(now.subset(), request);
    }
  }

  Request request() {
    return request;
  }

  /** Puts the focus on the answer. */
  public void focusAnswer() {
    answer.requestFocus();
  }

  /** Shows the result and the answer as they are now. */
  public void show(Analysis now, Projection all) {
    shown = now;
    pseudoClassStateChanged(StyleNames.CHOSEN, all.isChosen(request, now));
    if (!all.hasSameResults(last)) {
      show(MeasureLine.of(request, now, all));
    }
    last = all;
    answer.show();
  }

  private void show(MeasureLine now) {
    symbol.setText(now.symbol());
    name.setText(now.name());
    result.setText(now.result());
    whole.setText(now.result());
    setAccessibleText(now.spoken());
    answer.setName(Texts.of("row.answer", now.spoken()));
    aside.setText(now.aside());
    pseudoClassStateChanged(StyleNames.MOVED, now.isMoved());
    Nodes.setShown(aside, now.isMoved());
  }

  private void build() {
    ColumnConstraints wide = new ColumnConstraints();
    wide.setHgrow(Priority.ALWAYS);
    ColumnConstraints narrow = new ColumnConstraints();
    getColumnConstraints().addAll(new ColumnConstraints(), wide, narrow);
    symbol.getStyleClass().add("symbol");
    symbol.setMinWidth(USE_PREF_SIZE);
    name.getStyleClass().add("quiet");
    name.setMaxWidth(Double.MAX_VALUE);
    // Beside what has moved a long name takes a second line; cut off, it would tell nothing.
    name.setWrapText(true);
    name.setMinHeight(USE_PREF_SIZE);
    HBox.setHgrow(name, Priority.ALWAYS);
    result.getStyleClass().add("result");
    result.setId("result-" + TaskTexts.node(request));
    GridPane.setHalignment(result, HPos.RIGHT);
    answer.setId("answer-" + TaskTexts.node(request));
    answer.setPrefColumnCount(6);
    answer.setMinWidth(56);
    result.setTooltip(whole);
    answer.mark().setId("mark-" + TaskTexts.node(request));
    aside.getStyleClass().add("aside");
    aside.setId("aside-" + TaskTexts.node(request));
    aside.setMinWidth(USE_PREF_SIZE);
    // Beside what has moved a long verdict takes a second line; else the row would be too wide.
    answer.mark().setWrapText(true);
    answer.mark().setMinWidth(0);
    answer.mark().setMinHeight(USE_PREF_SIZE);
    add(symbol, 0, 0);
    add(result, 1, 0);
    add(answer, 2, 0);
    HBox below = new HBox(6, name, aside, answer.mark());
    below.setAlignment(Pos.CENTER_LEFT);
    add(below, 0, 1, 3, 1);
  }

  /** The field for the answer gives way before a result of usual length is cut. */
  private static final class ResultLabel extends Label {

    private static final double USUAL_LENGTH_IN_FONT_SIZES = 6.6;

    @Override
    protected double computeMinWidth(double height) {
      return Math.min(prefWidth(-1), getFont().getSize() * USUAL_LENGTH_IN_FONT_SIZES);
    }
  }
}
