package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.several.ZScores;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** A value of each sample is typed, and its z-score stands beside it: a question like any other. */
final class ZScoreCard extends MeasuredBox {

  private final Workspace workspace;
  private final FlowPane samples = new FlowPane(18, 6);
  private final Label told = Controls.wrapped("", "quiet");
  private final Map<DataSubset, TextField> fields = new HashMap<>();
  private final Map<DataSubset, Hyperlink> scores = new HashMap<>();
  private List<DataSubset> shown = List.of();
  private @Nullable Analysis analysis;

  ZScoreCard(Workspace workspace) {
    super(6);
    this.workspace = workspace;
    told.setId("z-scores-told");
    getChildren().addAll(Controls.wrapped(Texts.of("z-scores.about"), "quiet"), samples, told);
  }

  /** Shows the samples; what was typed for one stays as long as it is there. */
  void show(Analysis now) {
    analysis = now;
    List<DataSubset> groups = ZScores.samples(now);
    if (!groups.equals(shown)) {
      shown = groups;
      fields.keySet().retainAll(groups);
      samples
          .getChildren()
          .setAll(groups.stream().map(group -> line(group, groups.indexOf(group))).toList());
    }
    showScores();
  }

  private HBox line(DataSubset group, int place) {
    Label name = Controls.literal(new Label(group.groups().get(0)));
    TextField field = fields.computeIfAbsent(group, each -> new TextField());
    field.setId("z-value-" + place);
    field.setPrefColumnCount(6);
    field.setAccessibleText(Texts.of("z-scores.value", group.groups().get(0)));
    field.setPromptText("x");
    Hyperlink score = Controls.literal(new Hyperlink());
    score.setId("z-score-" + place);
    field.textProperty().subscribe((old, text) -> showScores());
    scores.put(group, score);
    HBox line = new HBox(6, name, field, score);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private void showScores() {
    Analysis now = analysis;
    if (now == null) {
      return;
    }
    List<ZScores.Line> lines = new ArrayList<>();
    Map<DataSubset, String> typed = new HashMap<>();
    for (DataSubset group : shown) {
      String text = fields.get(group).getText();
      Hyperlink score = scores.get(group);
      Optional<ZScores.Line> line =
          text.isBlank() ? Optional.empty() : ZScores.line(now, group, text);
      line.ifPresent(
          each -> {
            lines.add(each);
            typed.put(group, text.strip());
            score.setText("z = " + each.shown());
            score.setOnAction(event -> workspace.chooseTask(group, each.request()));
          });
      boolean wrong = !text.isBlank() && line.isEmpty();
      if (wrong) {
        score.setText(Texts.of("mark.unreadable"));
        score.setOnAction(event -> {});
      }
      Nodes.setShown(score, wrong || line.isPresent());
    }
    told.setText(ZScores.told(lines, typed));
  }
}
