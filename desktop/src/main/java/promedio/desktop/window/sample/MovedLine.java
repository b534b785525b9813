package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import promedio.core.measure.Task;
import promedio.desktop.TaskTexts;
import promedio.desktop.Texts;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Analysis;
import promedio.desktop.work.Results;
import promedio.desktop.work.Workspace;

/** Says which results the change of a rule moved, before and after. */
public final class MovedLine extends HBox {

  private static final int MOST_NAMED = 5;

  private final Workspace workspace;
  private final Label text = new Label();

  public MovedLine(Workspace workspace) {
    this.workspace = workspace;
    getStyleClass().add("moved-line");
    text.setWrapText(true);
    text.setId("moved");
    getChildren().add(text);
    workspace.movedProperty().subscribe(moved -> show());
  }

  private void show() {
    Map<Task, String> moved = workspace.movedProperty().get();
    Analysis now = workspace.analysisProperty().get();
    Nodes.setShown(this, !moved.isEmpty() && now != null);
    if (now == null || moved.isEmpty()) {
      return;
    }
    List<String> steps = new ArrayList<>();
    moved.forEach(
        (task, before) -> {
          if (steps.size() < MOST_NAMED) {
            String after = Results.shown(now.computation().result(task), task, now);
            String name = TaskTexts.name(task, now);
            steps.add(Texts.of("what-if.step", name, before, after));
          }
        });
    String named = String.join(" · ", steps);
    int more = moved.size() - steps.size();
    text.setText(more > 0 ? Texts.of("moved.more", named, more) : Texts.of("moved.results", named));
  }
}
