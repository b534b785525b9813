package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Family;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** The measures of one family: the usual ones, and on request all. */
final class FamilyCard extends MeasuredBox {

  /** The measures that most assignments ask for; the rest is a button away. */
  private static final Set<Request> USUAL =
      Set.of(
          Request.of(Measures.MEAN),
          Request.of(Measures.MEDIAN),
          Request.of(Measures.MODES),
          Request.of(Measures.Q1),
          Request.of(Measures.Q3),
          Request.of(Measures.SUM),
          Request.of(Measures.RANGE),
          Request.of(Measures.IQR),
          Request.of(Measures.VARIANCE),
          Request.of(Measures.SD),
          Request.of(Measures.CV),
          Request.of(Measures.STANDARD_ERROR),
          Request.of(Measures.SKEWNESS),
          Request.of(Measures.SKEWNESS_PEARSON_MEDIAN),
          Request.of(Measures.SKEWNESS_QUARTILE),
          Request.of(Measures.KURTOSIS_EXCESS));

  private final Workspace workspace;
  private final List<Request> measures;
  private final BorderPane head = new BorderPane();

  /** Each made when it is first shown, since most never are. */
  private final Map<Request, MeasureRow> rows = new HashMap<>();

  private List<MeasureRow> shown = List.of();
  private final ToggleButton more = Controls.literal(new ToggleButton());

  /** Whether categories are shown, which have no measures but their modes. */
  private boolean words;

  private @Nullable Analysis analysis;
  private @Nullable Projection all;

  FamilyCard(Workspace workspace, Family family) {
    this.workspace = workspace;
    this.measures = inOrder(family);
    String code = family.name().toLowerCase(Locale.ROOT);
    getStyleClass().addAll("card", code);
    Label heading = new Label(Texts.of("family." + code));
    heading.getStyleClass().add("family-heading");
    Label answer = new Label(Texts.of("card.answer"));
    answer.getStyleClass().add("quiet");
    head.setLeft(heading);
    head.setRight(answer);
    more.getStyleClass().add("link");
    more.setId("more-" + code);
    more.selectedProperty().subscribe(all -> showRows());
  }

  /** Shows the measures; of categories the modes alone. */
  void show(Analysis now, Projection projection) {
    analysis = now;
    all = projection;
    boolean ofWords = now.typed().data().categories().isPresent();
    if (ofWords == words) {
      shown.forEach(row -> row.show(now, projection));
    } else {
      words = ofWords;
      showRows();
    }
  }

  /** Puts the focus on the first answer. */
  void focusAnswers() {
    shown.stream().findFirst().ifPresent(MeasureRow::focusAnswer);
  }

  private static List<Request> inOrder(Family family) {
    List<Request> measures = new ArrayList<>();
    for (Measure measure : Measures.all()) {
      if (measure.family() == family) {
        measures.add(Request.of(measure));
      }
    }
    measures.sort((a, b) -> Boolean.compare(!USUAL.contains(a), !USUAL.contains(b)));
    if (measures.remove(Request.of(Measures.SUM))) {
      // The sum is an intermediate result, not the first thing one asks for.
      measures.add(measures.indexOf(Request.of(Measures.Q3)) + 1, Request.of(Measures.SUM));
    }
    return measures;
  }

  private boolean isShown(Request request) {
    return words
        ? request.measure() == Measures.MODES
        : more.isSelected() || USUAL.contains(request);
  }

  private void showRows() {
    more.setText(Texts.of(more.isSelected() ? "card.fewer" : "card.more"));
    shown =
        measures.stream()
            .filter(this::isShown)
            .map(each -> rows.computeIfAbsent(each, made -> new MeasureRow(workspace, made)))
            .toList();
    Analysis now = analysis;
    Projection projection = all;
    if (now != null && projection != null) {
      shown.forEach(row -> row.show(now, projection));
    }
    getChildren().setAll(head);
    getChildren().addAll(shown);
    getChildren().add(more);
    Nodes.setShown(more, !words);
    Nodes.setShown(this, !shown.isEmpty());
  }
}
