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
import promedio.core.measure.Task;
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
  private static final Set<Task> USUAL =
      Set.of(
          Task.of(Measures.MEAN),
          Task.of(Measures.MEDIAN),
          Task.of(Measures.MODES),
          Task.of(Measures.Q1),
          Task.of(Measures.Q3),
          Task.of(Measures.SUM),
          Task.of(Measures.RANGE),
          Task.of(Measures.IQR),
          Task.of(Measures.VARIANCE),
          Task.of(Measures.SD),
          Task.of(Measures.CV),
          Task.of(Measures.STANDARD_ERROR),
          Task.of(Measures.SKEWNESS),
          Task.of(Measures.SKEWNESS_PEARSON_MEDIAN),
          Task.of(Measures.SKEWNESS_QUARTILE),
          Task.of(Measures.KURTOSIS_EXCESS));

  private final Workspace workspace;
  private final List<Task> measures;
  private final BorderPane head = new BorderPane();

  /** Each made when it is first shown, since most never are. */
  private final Map<Task, MeasureRow> rows = new HashMap<>();

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

  private static List<Task> inOrder(Family family) {
    List<Task> measures = new ArrayList<>();
    for (Measure measure : Measures.all()) {
      if (measure.family() == family) {
        measures.add(Task.of(measure));
      }
    }
    measures.sort((a, b) -> Boolean.compare(!USUAL.contains(a), !USUAL.contains(b)));
    if (measures.remove(Task.of(Measures.SUM))) {
      // The sum is an intermediate result, not the first thing one asks for.
      measures.add(measures.indexOf(Task.of(Measures.Q3)) + 1, Task.of(Measures.SUM));
    }
    return measures;
  }

  private boolean isShown(Task task) {
    return words ? task.measure() == Measures.MODES : more.isSelected() || USUAL.contains(task);
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
