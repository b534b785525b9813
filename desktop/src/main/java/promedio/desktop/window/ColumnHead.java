package promedio.desktop.window;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import promedio.core.number.DecimalSign;
import promedio.core.table.Column;
import promedio.core.table.ColumnSummary;
import promedio.core.table.PlainText;
import promedio.desktop.Texts;
import promedio.desktop.work.Facts;

/** The head of a column: its name and kind, what there is in it, and how that is spread. */
final class ColumnHead extends VBox {

  private static final int LONGEST_NUMBER = 10;

  private final Label counts = new Label("…");
  private final Label extent = new Label();
  private final DistributionDrawing drawing = new DistributionDrawing();

  ColumnHead(Column column, Facts.Finder finder, DecimalSign sign, Runnable chosen) {
    getStyleClass().addAll("column-head", column.kind().code());
    Label name = new Label(column.name());
    name.getStyleClass().add("column-name");
    Label kind = new Label(Texts.of("kind." + column.kind().code()));
    kind.getStyleClass().add("column-kind");
    counts.getStyleClass().add("column-facts");
    extent.getStyleClass().add("column-facts");
    getChildren().addAll(name, kind, drawing, counts, extent);
    setOnMousePressed(
        event -> {
          chosen.run();
          event.consume();
        });
    finder.find(column, facts -> show(facts, sign));
  }

  private void show(Facts facts, DecimalSign sign) {
    ColumnSummary summary = facts.summary();
    drawing.show(facts.bars());
    StringBuilder text = new StringBuilder(Texts.of("head.n", Describe.grouped(summary.n())));
    if (summary.missing() > 0) {
      text.append(Texts.of("head.missing", Describe.grouped(summary.missing())));
    }
    if (summary.unreadable() > 0) {
      text.append(Texts.of("head.unreadable", Describe.grouped(summary.unreadable())));
    }
    counts.setText(text.toString());
    extent.setText(
        summary
            .extent()
            .map(
                e ->
                    Texts.of(
                        "head.extent",
                        shown(PlainText.of(e.min()), sign),
                        shown(PlainText.of(e.max()), sign)))
            .orElseGet(() -> Texts.of("head.distinct", Describe.grouped(summary.distinct()))));
  }

  private static String shown(String number, DecimalSign sign) {
    String text = number.replace('.', sign.sign()).replace('-', '−');
    return text.length() > LONGEST_NUMBER ? text.substring(0, LONGEST_NUMBER - 1) + "…" : text;
  }
}
