package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.measure.Layout;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.AnswerField;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.work.Workspace;
import promedio.files.report.TaskTexts;

/**
 * A printed table whose every cell is a question: the result, the student's answer, and what that
 * is worth. A cell asks the same question as the row of its measure on the sheet. Cells that find
 * no room beside the others go on below them.
 */
final class MeasureTable extends MeasuredBox {

  private final Workspace workspace;
  private final List<Cell> cells = new ArrayList<>();
  private @Nullable Analysis shown;

  /** One cell of the table. */
  private record Cell(Request request, Label result, AnswerField answer) {}

  /**
   * Makes the table.
   *
   * @param whole what asks for the whole of it; its name is the head of the table
   */
  MeasureTable(Workspace workspace, Request whole, Layout layout) {
    this.workspace = workspace;
    String id = "asked-" + TaskTexts.node(whole);
    getStyleClass().add("layout-table");
    setId(id);
    Hyperlink name = new Hyperlink(TaskTexts.name(whole.measure()));
    name.setId(id + "-whole");
    name.getStyleClass().add("link");
    name.setOnAction(event -> workspace.chooseTask(whole));
    getChildren().add(name);
    for (int row = 0; row < layout.rows().size(); row++) {
      FlowPane line = new FlowPane(10, 6);
      if (layout.rows().size() > 1) {
        line.getChildren().add(new Label(TaskTexts.ofKey(layout.rows().get(row))));
      }
      for (int column = 0; column < layout.columns().size(); column++) {
        String head = TaskTexts.ofKey(layout.columns().get(column));
        line.getChildren().add(cell(head, layout.cells().get(row).get(column), id));
      }
      getChildren().add(line);
    }
  }

  private VBox cell(String head, Request request, String id) {
    AnswerField answer = AnswerField.ofShown(workspace, request, () -> shown);
    String node = TaskTexts.node(request);
    answer.setId(id + "-answer-" + node);
    answer.mark().setId(id + "-mark-" + node);
    answer.setPrefColumnCount(5);
    Label result = new Label();
    result.setId(id + "-result-" + node);
    result.getStyleClass().add("work-cell");
    result.setOnMousePressed(event -> workspace.chooseTask(request));
    cells.add(new Cell(request, result, answer));
    Label name = new Label(head);
    name.getStyleClass().add("work-head");
    VBox cell = new VBox(1, name, result, answer, answer.mark());
    cell.setAlignment(Pos.TOP_RIGHT);
    return cell;
  }

  /** Shows the results and answers as they are now. */
  void show(Analysis now) {
    shown = now;
    for (Cell cell : cells) {
      String text = now.shown(cell.request());
      cell.result().setText(text);
      String spoken = Texts.of("row.spoken", TaskTexts.name(cell.request(), now.numbers()), text);
      cell.answer().setName(Texts.of("row.answer", spoken));
      cell.answer().show();
    }
  }

  /** Puts the focus on the first answer. */
  void focusAnswer() {
    cells.stream().findFirst().ifPresent(first -> first.answer().requestFocus());
  }
}
