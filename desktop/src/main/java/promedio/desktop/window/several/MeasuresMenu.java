package promedio.desktop.window.several;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
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

  /** Those that several samples are first compared by, in the order of the catalogue. */
  static final List<Measure> USUAL =
      Measures.all().stream().filter(Analysis.USUAL::contains).toList();

  private final Map<Measure, CheckMenuItem> items = new LinkedHashMap<>();

  /**
   * Makes the menu.
   *
   * @param changed takes those that are chosen from now on, in the order of the catalogue
   */
  MeasuresMenu(String id, Consumer<List<Measure>> changed) {
    super(Texts.of("several.measures"));
    setId(id);
    getStyleClass().add("rule");
    for (Measure measure : Measures.all()) {
      CheckMenuItem item = Controls.literal(new CheckMenuItem(TaskTexts.name(measure)));
      item.setId(id + "-" + measure.key());
      item.setOnAction(event -> changed.accept(chosen()));
      items.put(measure, item);
      getItems().add(item);
    }
  }

  private List<Measure> chosen() {
    return items.entrySet().stream()
        .filter(item -> item.getValue().isSelected())
        .map(Map.Entry::getKey)
        .toList();
  }

  /** Shows which are chosen. */
  void show(List<Measure> chosen) {
    items.forEach((measure, item) -> item.setSelected(chosen.contains(measure)));
  }
}
