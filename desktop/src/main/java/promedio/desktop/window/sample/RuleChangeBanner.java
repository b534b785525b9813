package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;
import promedio.files.report.TaskTexts;

/** Says which results the change of a rule moved, before and after. */
public final class RuleChangeBanner extends HBox {

  private static final int MOST_NAMED = 5;

  private final Label text = new Label();

  public RuleChangeBanner(Workspace workspace) {
    getStyleClass().add("moved-line");
    text.setWrapText(true);
    text.setId("moved");
    getChildren().add(text);
    workspace.show((before, now) -> show(now));
  }

  private void show(Projection all) {
    Map<Request, String> moved = all.moved();
    Analysis now = all.analysis();
    Nodes.setShown(this, !moved.isEmpty() && now != null);
    if (now == null || moved.isEmpty()) {
      return;
    }
    List<String> steps = new ArrayList<>();
    moved.forEach(
        (request, before) -> {
          if (steps.size() < MOST_NAMED) {
            String after = now.shown(request);
            String name = TaskTexts.name(request, now.numbers());
            steps.add(Texts.of("what-if.step", name, before, after));
          }
        });
    String named = String.join(" · ", steps);
    int more = moved.size() - steps.size();
    text.setText(more > 0 ? Texts.of("moved.more", named, more) : Texts.of("moved.results", named));
  }
}
