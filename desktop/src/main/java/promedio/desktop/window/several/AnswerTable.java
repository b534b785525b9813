package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Question;
import promedio.core.marking.Mark;
import promedio.core.marking.Verdict;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.MarkCache;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.several.QuestionGrid;
import promedio.desktop.projection.several.QuestionGrid.Asked;
import promedio.desktop.window.control.AnswerField;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Workspace;
import promedio.files.report.TaskTexts;

/**
 * A printed table in the window. A cell is chosen by the mouse or the arrow keys, opens into its
 * working in the margin, and is answered in the line below the table.
 */
final class AnswerTable extends MeasuredBox {

  private final Workspace workspace;
  private final GridPane paper = new GridPane();
  private final List<List<QuestionCell>> cells = new ArrayList<>();
  private final Label answerName = Controls.wrapped("", "quiet");
  private final AnswerField answer;
  private final FlowPane answerLine;
  private @Nullable IntConsumer headChosen;
  private @Nullable QuestionGrid shown;
  private @Nullable Analysis whole;

  /** Makes the table; the id is that of its paper. */
  AnswerTable(Workspace workspace, String id) {
    super(6);
    this.workspace = workspace;
    paper.setId(id);
    paper.getStyleClass().add("question-table");
    this.answer = new AnswerField(workspace, this::question, this::marks);
    answer.setId(id + "-answer");
    answer.setPrefColumnCount(8);
    answer.mark().setId(id + "-mark");
    answerLine = new FlowPane(8, 2, answerName, answer, answer.mark());
    answerLine.setAlignment(Pos.CENTER_LEFT);
    Nodes.setShown(answerLine, false);
    getChildren().addAll(Controls.sideways(paper), answerLine);
    paper.addEventHandler(KeyEvent.KEY_PRESSED, this::move);
    paper.addEventHandler(KeyEvent.KEY_TYPED, this::beginAnswer);
  }

  /** Has heads be chosen, by their index. */
  AnswerTable onHead(IntConsumer chosen) {
    headChosen = chosen;
    return this;
  }

  /** Shows the table of what is computed. */
  void show(Analysis now, Projection all, QuestionGrid grid) {
    QuestionGrid before = shown;
    whole = now;
    shown = grid;
    if (before == null || !before.hasSameQuestions(grid)) {
      build(grid);
    }
    Asked chosen = new Asked(all.choice().subset(), all.choice().request());
    for (int line = 0; line < cells.size(); line++) {
      for (int column = 0; column < cells.get(line).size(); column++) {
        show(grid, line, column, chosen);
      }
    }
    boolean mine = isHere(chosen);
    Nodes.setShown(answerLine, mine);
    if (mine) {
      String name = name(chosen);
      answerName.setText(Texts.of("table.my-answer", name));
      answer.setName(Texts.of("row.answer", name));
    }
    answer.show();
  }

  private void show(QuestionGrid grid, int line, int column, Asked chosen) {
    QuestionGrid.Cell cell = grid.lines().get(line).cells().get(column);
    QuestionCell node = cells.get(line).get(column);
    boolean isChosen = cell.question().filter(chosen::equals).isPresent();
    node.pseudoClassStateChanged(StyleNames.CHOSEN, isChosen);
    String head = grid.heads().get(column + 1).spoken();
    node.show(
        cell.text(),
        Texts.of("table.cell", head, grid.lines().get(line).name()),
        cell.question().flatMap(this::verdict));
  }

  private Optional<Verdict> verdict(Asked asked) {
    return of(asked)
        .map(of -> of.question(asked.request()))
        .filter(question -> question.work().isAnswered())
        .map(
            question ->
                marks(question)
                    .flatMap(known -> known.atOnce(question))
                    .map(Mark::verdict)
                    .orElse(Verdict.UNEXPLAINED));
  }

  private Optional<Analysis> of(Asked asked) {
    return Optional.ofNullable(whole).flatMap(all -> all.in(asked.subset()));
  }

  private boolean isHere(Asked asked) {
    QuestionGrid grid = shown;
    return grid != null
        && grid.lines().stream()
            .flatMap(line -> line.cells().stream())
            .anyMatch(cell -> cell.question().filter(asked::equals).isPresent());
  }

  private Asked chosen() {
    Projection all = workspace.projection();
    return new Asked(all.choice().subset(), all.choice().request());
  }

  private Optional<Question> question() {
    Asked asked = chosen();
    return isHere(asked) ? of(asked).map(of -> of.question(asked.request())) : Optional.empty();
  }

  private Optional<MarkCache> marks(Question question) {
    return Optional.ofNullable(whole)
        .flatMap(all -> all.in(question.about().subset()))
        .map(Analysis::marks);
  }

  private String name(Asked asked) {
    Analysis now = whole;
    if (now == null) {
      return "";
    }
    String request = TaskTexts.name(asked.request(), now.numbers());
    String subset = PortionText.of(asked.subset(), now.item());
    return subset.isEmpty() ? request : Texts.of("table.cell", request, subset);
  }

  private void build(QuestionGrid grid) {
    paper.getChildren().clear();
    cells.clear();
    for (int column = 0; column < grid.heads().size(); column++) {
      paper.add(head(grid.heads().get(column), column), column, 0);
    }
    for (int line = 0; line < grid.lines().size(); line++) {
      Label name = Controls.literal(new Label(grid.lines().get(line).name()));
      name.getStyleClass().add("question-line");
      name.setMinWidth(USE_PREF_SIZE);
      paper.add(name, 0, line + 1);
      List<QuestionCell> row = new ArrayList<>();
      for (int column = 0; column < grid.lines().get(line).cells().size(); column++) {
        QuestionCell cell = cell(grid, line, column);
        paper.add(cell, column + 1, line + 1);
        row.add(cell);
      }
      cells.add(row);
    }
  }

  private Region head(QuestionGrid.Head head, int column) {
    IntConsumer chosen = headChosen;
    if (chosen == null) {
      Label label = Controls.literal(new Label(head.text()));
      label.setAccessibleText(head.spoken());
      return dressed(label, column);
    }
    Button button = Controls.literal(new Button(head.text()));
    button.setId(paper.getId() + "-head-" + column);
    button.setAccessibleText(Texts.of("table.sort-by", head.spoken()));
    button.setOnAction(event -> chosen.accept(column));
    return dressed(button, column);
  }

  private static Region dressed(Region head, int column) {
    head.getStyleClass().add("question-head");
    if (column == 0) {
      head.getStyleClass().add("first");
    }
    head.setMaxWidth(Double.MAX_VALUE);
    head.setMinWidth(USE_PREF_SIZE);
    GridPane.setHalignment(head, column == 0 ? HPos.LEFT : HPos.RIGHT);
    return head;
  }

  private QuestionCell cell(QuestionGrid grid, int line, int column) {
    QuestionCell cell = new QuestionCell();
    cell.setId(paper.getId() + "-" + line + "-" + column);
    Optional<Asked> asked = grid.lines().get(line).cells().get(column).question();
    asked.ifPresent(each -> cell.getStyleClass().add("asked-cell"));
    cell.setFocusTraversable(asked.isPresent() && isFirst(grid, line, column));
    cell.setOnMousePressed(
        event -> {
          // The answer that is being typed is finished before another one is looked at.
          cell.requestFocus();
          asked.ifPresent(this::choose);
        });
    cell.focusedProperty()
        .subscribe(
            (was, focused) -> {
              if (focused) {
                asked.ifPresent(this::choose);
              }
            });
    return cell;
  }

  /** One cell is reached by Tab, the others from there by the arrow keys. */
  private static boolean isFirst(QuestionGrid grid, int line, int column) {
    return line == 0
        && grid.lines().get(0).cells().subList(0, column).stream()
            .allMatch(cell -> cell.question().isEmpty());
  }

  private void choose(Asked asked) {
    workspace.chooseTask(asked.subset(), asked.request());
  }

  private void move(KeyEvent event) {
    int line = 0;
    int column = 0;
    switch (event.getCode()) {
      case UP -> line = -1;
      case DOWN -> line = 1;
      case LEFT -> column = -1;
      case RIGHT -> column = 1;
      case ENTER -> {
        if (event.getTarget() instanceof QuestionCell) {
          answer.requestFocus();
          event.consume();
        }
        return;
      }
      default -> {
        return;
      }
    }
    if (event.getTarget() instanceof QuestionCell from && move(from, line, column)) {
      event.consume();
    }
  }

  private boolean move(QuestionCell from, int down, int right) {
    int line = -1;
    int column = -1;
    for (int i = 0; i < cells.size(); i++) {
      if (cells.get(i).contains(from)) {
        line = i;
        column = cells.get(i).indexOf(from);
      }
    }
    line += down;
    column += right;
    if (line < 0 || line >= cells.size() || column < 0 || column >= cells.get(line).size()) {
      return false;
    }
    cells.get(line).get(column).requestFocus();
    return true;
  }

  /** Whoever types over a cell answers it. */
  private void beginAnswer(KeyEvent event) {
    String typed = event.getCharacter();
    boolean begins =
        event.getTarget() instanceof QuestionCell
            && answerLine.isVisible()
            && typed.length() == 1
            && (Character.isDigit(typed.charAt(0)) || "-−.,<".contains(typed))
            && !event.isShortcutDown();
    if (begins) {
      answer.requestFocus();
      answer.setText(typed);
      answer.end();
      event.consume();
    }
  }

  /** Puts the focus on the first cell that asks something. */
  void focusFirst() {
    cells.stream()
        .flatMap(List::stream)
        .filter(QuestionCell::isFocusTraversable)
        .findFirst()
        .ifPresent(QuestionCell::requestFocus);
  }

  /** Copies the table, to be pasted as one. */
  void copy() {
    QuestionGrid grid = shown;
    if (grid != null) {
      Controls.copy(grid.tabbed());
    }
  }
}
