package promedio.desktop.window.table;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.PlainText;
import promedio.core.table.Column;
import promedio.core.table.ColumnSummary;
import promedio.desktop.projection.Describe;
import promedio.desktop.work.ColumnProfile;

/** The head of a column: its name and kind, what there is in it, and how that is spread. */
final class ColumnHead extends VBox {

  private static final int LONGEST_NUMBER = 10;

  private final Label counts = new Label("…");
  private final Label gaps = new Label();
  private final Label extent = new Label();
  private final Runnable grown;
  private final DistributionDrawing drawing = new DistributionDrawing();

  /**
   * Makes a head.
   *
   * @param chosen is told when the head is pressed
   * @param grown is told when the head needs more room than before
   */
  ColumnHead(
      Column column,
      ColumnProfile.Finder finder,
      DecimalSign sign,
      Runnable chosen,
      Runnable grown) {
    this.grown = grown;
    getStyleClass().addAll("column-head", column.kind().code());
    Label name = new Label(column.name());
    name.getStyleClass().add("column-name");
    Label kind = new Label(Texts.of("kind." + column.kind().code()));
    kind.getStyleClass().add("column-kind");
    counts.getStyleClass().add("column-facts");
    gaps.getStyleClass().add("column-facts");
    extent.getStyleClass().add("column-facts");
    getChildren().addAll(name, kind, drawing, counts, gaps, extent);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.BUTTON);
    setOnMousePressed(
        event -> {
          chosen.run();
          event.consume();
        });
    setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            chosen.run();
            event.consume();
          }
        });
    speak(column.name(), kind.getText());
    finder.find(
        column,
        facts -> {
          show(facts, sign);
          speak(column.name(), kind.getText());
        });
  }

  private void speak(String column, String kind) {
    String facts =
        Stream.of(counts, gaps, extent)
            .map(Label::getText)
            .filter(text -> !text.isEmpty())
            .collect(Collectors.joining(", "));
    setAccessibleText(Texts.of("head.spoken", column, kind, facts));
  }

  private void show(ColumnProfile facts, DecimalSign sign) {
    ColumnSummary summary = facts.summary();
    drawing.show(facts.bars());
    counts.setText(Texts.of("head.n", Describe.grouped(summary.n())));
    gaps.setText(ImportPreviewModel.gaps(summary.missing(), summary.unreadable()));
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
    grown.run();
  }

  private static String shown(String number, DecimalSign sign) {
    String text = number.replace('.', sign.sign()).replace('-', '−');
    return text.length() > LONGEST_NUMBER ? text.substring(0, LONGEST_NUMBER - 1) + "…" : text;
  }
}
