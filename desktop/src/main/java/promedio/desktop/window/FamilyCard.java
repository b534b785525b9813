package promedio.desktop.window;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import promedio.core.measure.Family;
import promedio.core.measure.Measure;
import promedio.core.sample.Categories;
import promedio.desktop.Texts;
import promedio.desktop.work.Reckoning;
import promedio.desktop.work.Workspace;

/** The measures of one family: the usual ones, and on request all. */
final class FamilyCard extends VBox {

  /** The measures that most assignments ask for; the rest is a button away. */
  private static final Set<Measure> USUAL =
      EnumSet.of(
          Measure.MEAN,
          Measure.MEDIAN,
          Measure.MODES,
          Measure.Q1,
          Measure.Q3,
          Measure.SUM,
          Measure.RANGE,
          Measure.IQR,
          Measure.VARIANCE,
          Measure.SD,
          Measure.CV,
          Measure.STANDARD_ERROR,
          Measure.SKEWNESS,
          Measure.SKEWNESS_PEARSON_MEDIAN,
          Measure.SKEWNESS_QUARTILE,
          Measure.KURTOSIS_EXCESS);

  private final List<MeasureRow> rows = new ArrayList<>();
  private final ToggleButton more = new ToggleButton();

  /** Whether categories are shown, which have no measures but their modes. */
  private boolean words;

  FamilyCard(Workspace workspace, Family family) {
    String code = family.name().toLowerCase(Locale.ROOT);
    getStyleClass().addAll("card", code);
    Label heading = new Label(Texts.of("family." + code));
    heading.getStyleClass().add("family-heading");
    Label answer = new Label(Texts.of("card.answer"));
    answer.getStyleClass().add("quiet");
    BorderPane head = new BorderPane();
    head.setLeft(heading);
    head.setRight(answer);
    getChildren().add(head);
    for (Measure measure : inOrder(family)) {
      MeasureRow row = new MeasureRow(workspace, measure);
      rows.add(row);
      getChildren().add(row);
    }
    more.getStyleClass().add("link");
    more.setId("more-" + code);
    more.selectedProperty().subscribe(all -> showRows());
    getChildren().add(more);
  }

  /** Shows the measures; of categories the modes alone. */
  void show(Reckoning reckoning) {
    rows.forEach(row -> row.show(reckoning));
    boolean now = reckoning.typed().data() instanceof Categories;
    if (now != words) {
      words = now;
      showRows();
    }
  }

  /** Puts the focus on the first answer. */
  void focusAnswers() {
    rows.stream().filter(MeasureRow::isVisible).findFirst().ifPresent(MeasureRow::focusAnswer);
  }

  private static List<Measure> inOrder(Family family) {
    List<Measure> measures = new ArrayList<>();
    for (Measure measure : Measure.values()) {
      if (measure.family() == family) {
        measures.add(measure);
      }
    }
    measures.sort((a, b) -> Boolean.compare(!USUAL.contains(a), !USUAL.contains(b)));
    if (measures.remove(Measure.SUM)) {
      // The sum is an intermediate result, not the first thing one asks for.
      measures.add(measures.indexOf(Measure.Q3) + 1, Measure.SUM);
    }
    return measures;
  }

  private void showRows() {
    boolean all = more.isSelected();
    more.setText(Texts.of(all ? "card.fewer" : "card.more"));
    for (MeasureRow row : rows) {
      boolean told = words ? row.measure() == Measure.MODES : all || USUAL.contains(row.measure());
      Nodes.setShown(row, told);
    }
    Nodes.setShown(more, !words);
    Nodes.setShown(this, rows.stream().anyMatch(MeasureRow::isVisible));
  }
}
