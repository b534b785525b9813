package promedio.desktop.window.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import promedio.core.assignment.Item;
import promedio.core.graph.GraphChoice;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.work.Workspace;

/** Which other item stands beside the chosen one in its graph, on the same scale. */
final class BesideChoice extends HBox {

  private static final double WIDTH = 150;

  private final Workspace workspace;
  private final ChoiceBox<Integer> other = new ChoiceBox<>();
  private List<String> names = List.of();
  private boolean showing;

  /** Makes the choice; the id is that of its control. */
  BesideChoice(Workspace workspace, String id) {
    super(8);
    this.workspace = workspace;
    other.setId(id);
    other.setPrefWidth(WIDTH);
    other.setAccessibleText(Texts.of("graph.beside"));
    Controls.inWords(other, this::nameOf);
    other.setOnAction(event -> take());
    setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(new Label(Texts.of("graph.beside")), other);
  }

  private void take() {
    Integer chosen = other.getValue();
    if (!showing && chosen != null) {
      workspace.items().setGraph(now -> now.beside(chosen));
    }
  }

  private String nameOf(int id) {
    return workspace.assignment().item(id).map(Item::name).orElse(Texts.of("graph.beside.none"));
  }

  /** Shows the items that can stand there, and which one does. */
  void show(GraphChoice choice, Predicate<Item> fitting) {
    List<Integer> others = new ArrayList<>(List.of(GraphChoice.NO_OTHER));
    workspace.assignment().items().stream().filter(fitting).forEach(item -> others.add(item.id()));
    List<String> named = others.stream().map(this::nameOf).toList();
    showing = true;
    if (!others.equals(other.getItems()) || !named.equals(names)) {
      names = named;
      other.getItems().setAll(others);
    }
    other.setValue(others.contains(choice.beside()) ? choice.beside() : GraphChoice.NO_OTHER);
    showing = false;
  }
}
