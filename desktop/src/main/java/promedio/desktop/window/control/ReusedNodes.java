package promedio.desktop.window.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * The nodes of a drawing, which are used again for the next one: to move a node costs far less than
 * to find the styles of a new one. Those of a kind that are not needed now are hidden.
 */
public final class ReusedNodes {

  private final Pane paper;
  private final Map<String, Kind> kinds = new HashMap<>();

  /** The nodes with the same styles. */
  private static final class Kind {

    private final List<Node> made = new ArrayList<>();
    private int used;
  }

  public ReusedNodes(Pane paper) {
    this.paper = paper;
  }

  /** Begins a new drawing. */
  public void begin() {
    kinds.values().forEach(kind -> kind.used = 0);
  }

  /**
   * {@return a node with these styles}, to be put where it is needed
   *
   * @param over what it stands over: nodes with a smaller number
   * @param make makes one where all that were made are in use
   */
  public <N extends Node> N take(Class<N> type, int over, Supplier<N> make, String... styles) {
    Kind kind =
        kinds.computeIfAbsent(
            type.getSimpleName() + " " + String.join(" ", styles), name -> new Kind());
    if (kind.used == kind.made.size()) {
      N node = make.get();
      node.getStyleClass().addAll(styles);
      node.setManaged(false);
      node.setViewOrder(-over);
      kind.made.add(node);
      paper.getChildren().add(node);
    }
    N node = type.cast(kind.made.get(kind.used++));
    node.setVisible(true);
    return node;
  }

  /** Ends the drawing. */
  public void end() {
    for (Kind kind : kinds.values()) {
      kind.made.subList(kind.used, kind.made.size()).forEach(node -> node.setVisible(false));
    }
  }
}
