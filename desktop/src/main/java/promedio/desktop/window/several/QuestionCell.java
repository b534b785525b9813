package promedio.desktop.window.several;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import promedio.core.marking.Verdict;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;

/** A cell of a printed table: what it tells, and the mark of the answer to what it asks. */
final class QuestionCell extends Label {

  private final Region mark = new Region();

  QuestionCell() {
    getStyleClass().addAll("question-cell", "mark-words");
    mark.getStyleClass().add("mark");
    setGraphic(mark);
    setContentDisplay(ContentDisplay.RIGHT);
    setMaxWidth(Double.MAX_VALUE);
    setAccessibleRole(AccessibleRole.TABLE_CELL);
    setMinWidth(USE_PREF_SIZE);
  }

  /**
   * Shows the cell.
   *
   * @param spoken what it is about
   * @param verdict what the answer is worth; none where there is no answer
   */
  void show(String text, String spoken, Optional<Verdict> verdict) {
    setText(text);
    StyleNames.judge(this, verdict);
    Nodes.setShown(mark, verdict.isPresent());
    String told = spoken.isEmpty() ? text : Texts.of("row.spoken", spoken, text);
    setAccessibleText(
        verdict
            .map(found -> Texts.of("row.answer-marked", told, Texts.of("mark." + found.code())))
            .orElse(told));
  }
}
