package promedio.desktop.window.shelf;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.work.Workspace;

/** Which samples of the shelf a comparison is made of. */
final class PickedSamples extends ScrollPane {

  private final Workspace workspace;
  private final VBox boxes = new VBox(4);
  private List<Integer> offered = List.of();

  PickedSamples(Workspace workspace) {
    this.workspace = workspace;
    Label heading = new Label(Texts.of("picked.heading"));
    heading.getStyleClass().add("quiet");
    setContent(new VBox(6, heading, boxes));
    setFitToWidth(true);
    getStyleClass().add("problems");
    setId("picked-samples");
  }

  /** Shows which samples there are, and which of them the comparison has. */
  void show(Assignment all, Item comparison) {
    List<Item> samples =
        all.items().stream().filter(item -> item.source().shape() == Source.Shape.VALUES).toList();
    List<Integer> ids = samples.stream().map(Item::id).toList();
    if (!ids.equals(offered)) {
      offered = ids;
      boxes.getChildren().setAll(samples.stream().map(this::box).toList());
    }
    for (int i = 0; i < samples.size(); i++) {
      CheckBox box = (CheckBox) boxes.getChildren().get(i);
      box.setText(samples.get(i).name());
      box.setSelected(comparison.source().items().contains(samples.get(i).id()));
    }
  }

  private CheckBox box(Item sample) {
    CheckBox box = Controls.literal(new CheckBox());
    box.setId("picked-" + sample.id());
    box.setOnAction(event -> pick(sample.id(), box.isSelected()));
    return box;
  }

  private void pick(int id, boolean picked) {
    Item comparison = workspace.item();
    if (comparison != null) {
      List<Integer> items = new ArrayList<>(comparison.source().items());
      items.remove((Integer) id);
      if (picked) {
        items.add(id);
      }
      workspace.items().pick(items);
    }
  }
}
