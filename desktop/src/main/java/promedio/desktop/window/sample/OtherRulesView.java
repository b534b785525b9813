package promedio.desktop.window.sample;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import promedio.core.message.Texts;
import promedio.desktop.projection.OtherRules;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;

/** The chosen measure by every other value of its rule. */
final class OtherRulesView extends MeasuredBox {

  private final GridPane lines = new GridPane();
  private List<OtherRules.Line> shown = List.of();

  OtherRulesView() {
    getStyleClass().add("other-rules");
    setId("other-rules");
    Nodes.setShown(this, false);
    Label heading = new Label(Texts.of("margin.other-rules"));
    heading.getStyleClass().add("family-heading");
    ColumnConstraints words = new ColumnConstraints();
    words.setHgrow(Priority.ALWAYS);
    lines.getColumnConstraints().add(words);
    getChildren().addAll(heading, lines);
  }

  void show(List<OtherRules.Line> others) {
    if (others.equals(shown)) {
      return;
    }
    shown = others;
    Nodes.setShown(this, !others.isEmpty());
    lines.getChildren().clear();
    for (int row = 0; row < others.size(); row++) {
      OtherRules.Line line = others.get(row);
      Label words = new Label(Texts.of("rule." + line.rule() + "." + line.value()));
      words.setWrapText(true);
      Label shown = new Label(line.shown());
      shown.getStyleClass().add("other-result");
      shown.setMinWidth(USE_PREF_SIZE);
      Label remark = new Label(remark(line));
      remark.getStyleClass().add(line.answered() ? "your-answer" : "quiet");
      remark.setMinWidth(USE_PREF_SIZE);
      lines.addRow(row, words, shown, remark);
    }
  }

  private static String remark(OtherRules.Line line) {
    if (line.answered() && !line.same()) {
      return Texts.of("margin.your-answer");
    }
    return line.same() ? Texts.of("margin.same") : "";
  }
}
