package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Controls;
import promedio.files.report.TaskTexts;

/** Which measures a table of groups has as its columns. */
final class MeasuresMenu extends MenuButton {

  private final Set<Measure> chosen = new LinkedHashSet<>(Analysis.USUAL);

  MeasuresMenu(String id, Runnable changed) {
    super(Texts.of("several.measures"));
    setId(id);
    getStyleClass().add("rule");
    for (Measure measure : Measures.all()) {
      CheckMenuItem item = Controls.literal(new CheckMenuItem(TaskTexts.name(measure)));
      item.setId(id + "-" + measure.key());
      item.setSelected(chosen.contains(measure));
      item.setOnAction(
          event -> {
            if (item.isSelected()) {
              chosen.add(measure);
            } else {
              chosen.remove(measure);
            }
            changed.run();
          });
      getItems().add(item);
    }
  }

  /** {@return those that are chosen, in the order of the catalogue} */
  List<Measure> chosen() {
    List<Measure> inOrder = new ArrayList<>(Measures.all());
    inOrder.retainAll(chosen);
    return inOrder;
  }
}
