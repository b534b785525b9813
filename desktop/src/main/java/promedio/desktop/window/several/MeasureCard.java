package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.sample.MeasureRow;
import promedio.desktop.work.Workspace;

/** Measures of the whole of the data, each a row with its answer. */
final class MeasureCard extends MeasuredBox {

  private final List<MeasureRow> rows = new ArrayList<>();

  /**
   * Makes the card.
   *
   * @param key of its heading
   * @param style the colour of the family that its measures belong to
   * @param keys those of the measures
   */
  MeasureCard(Workspace workspace, String key, String style, List<String> keys) {
    getStyleClass().addAll("card", style);
    setMinWidth(0);
    Label heading = new Label(Texts.of(key));
    heading.getStyleClass().add("family-heading");
    getChildren().add(heading);
    for (String each : keys) {
      rows.add(new MeasureRow(workspace, Request.of(Measures.ofKey(each).orElseThrow())));
    }
    getChildren().addAll(rows);
  }

  void show(Analysis now, Projection all) {
    rows.forEach(row -> row.show(now, all));
  }

  void focusAnswer() {
    rows.stream().findFirst().ifPresent(MeasureRow::focusAnswer);
  }
}
