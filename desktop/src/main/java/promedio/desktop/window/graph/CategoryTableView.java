package promedio.desktop.window.graph;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.files.report.GroupingText;
import promedio.files.report.ShownNumbers;

/** Categories as they are printed, their shares filling themselves. */
final class CategoryTableView extends GridPane {

  /** More rows than anybody reads; the rest is told by its number. */
  static final int MOST_ROWS = 200;

  private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

  CategoryTableView() {
    getStyleClass().add("class-table");
    setId("category-table");
    setVgap(2);
  }

  /** Shows the table; a click on a category tells it. */
  void show(Categories categories, ShownNumbers numbers, Consumer<String> chosen) {
    getChildren().clear();
    String[] heads = Texts.of("category.table-heads").split("\\|", -1);
    for (int column = 0; column < heads.length; column++) {
      Label head = cell(heads[column], column, 0, "class-head");
      if (column == heads.length - 1) {
        head.setAlignment(Pos.CENTER_LEFT);
      }
    }
    Exact total = categories.total();
    int row = 1;
    for (Categories.Row each : categories.rows().stream().limit(MOST_ROWS).toList()) {
      List<String> cells =
          List.of(
              each.name(),
              numbers.shown(each.frequency()),
              numbers.shown(each.relative(total)),
              numbers.result(each.relative(total).times(100)),
              GroupingText.tally(each.frequency()));
      for (int column = 0; column < cells.size(); column++) {
        boolean tally = column == cells.size() - 1;
        Label cell = cell(cells.get(column), column, row, tally ? "tally" : "work-cell");
        cell.setUserData(each.name());
        cell.setOnMouseClicked(event -> chosen.accept(each.name()));
        if (column == 0) {
          reachByKeys(cell, () -> chosen.accept(each.name()));
        }
      }
      row++;
    }
    List<String> totals = List.of("Σ", numbers.shown(total), "1", numbers.result(Exact.of(100)));
    for (int column = 0; column < totals.size(); column++) {
      cell(totals.get(column), column, row, "work-totals");
    }
  }

  private static void reachByKeys(Label cell, Runnable chosen) {
    cell.setFocusTraversable(true);
    cell.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            chosen.run();
            event.consume();
          }
        });
  }

  /** Makes the row of the category stand out, none where there is no such row. */
  void choose(Optional<String> name) {
    getChildren()
        .forEach(
            cell ->
                cell.pseudoClassStateChanged(
                    LIT, name.filter(n -> n.equals(cell.getUserData())).isPresent()));
  }

  /** Names and tallies begin at the left, numbers end at the right. */
  private Label cell(String text, int column, int row, String styleClass) {
    Label cell = new Label(text);
    cell.getStyleClass().add(styleClass);
    boolean ofWords = column == 0 || styleClass.equals("tally");
    cell.setAlignment(ofWords ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
    cell.setMaxWidth(Double.MAX_VALUE);
    add(cell, column, row);
    return cell;
  }
}
