package promedio.desktop.window.distribution;

import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import org.jspecify.annotations.Nullable;
import promedio.desktop.projection.distribution.TablePage;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.StyleNames;

/** The page of a printed table; the row and the column that are read are lit. */
final class PageView extends GridPane {

  private @Nullable TablePage shown;

  PageView() {
    setId("distribution-page");
    getStyleClass().add("question-table");
  }

  void show(TablePage page) {
    if (page.equals(shown)) {
      return;
    }
    shown = page;
    getChildren().clear();
    add(label(page.corner(), "question-head", false), 0, 0);
    for (int column = 0; column < page.heads().size(); column++) {
      add(
          label(page.heads().get(column), "question-head", column == page.litColumn()),
          column + 1,
          0);
    }
    for (int row = 0; row < page.rows().size(); row++) {
      add(label(page.rows().get(row), "question-line", row == page.litRow()), 0, row + 1);
      for (int column = 0; column < page.heads().size(); column++) {
        boolean onRow = row == page.litRow();
        boolean onColumn = column == page.litColumn();
        Label cell = label(page.cells().get(row).get(column), "page-cell", onRow || onColumn);
        cell.pseudoClassStateChanged(StyleNames.LEAD, onRow && onColumn);
        if (onRow && onColumn) {
          cell.setId("page-read");
        }
        add(cell, column + 1, row + 1);
      }
    }
  }

  private static Label label(String text, String style, boolean lit) {
    Label label = Controls.literal(new Label(text));
    label.getStyleClass().add(style);
    label.setMaxWidth(Double.MAX_VALUE);
    label.setMinWidth(USE_PREF_SIZE);
    label.pseudoClassStateChanged(StyleNames.CHOSEN, lit);
    return label;
  }
}
