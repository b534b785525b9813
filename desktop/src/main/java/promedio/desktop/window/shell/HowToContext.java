package promedio.desktop.window.shell;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import org.jspecify.annotations.Nullable;
import promedio.desktop.projection.Projection;

/** What the how-to is asked about, told by what has the focus. */
final class HowToContext {

  /** By which the names of nodes begin, and what they are about. */
  private static final List<Map.Entry<String, String>> PREFIXES =
      List.of(
          Map.entry("rule-", "rule."),
          Map.entry("answer-", "measure."),
          Map.entry("measure-", "measure."),
          Map.entry("graph-", "graph."));

  private HowToContext() {}

  /** {@return what the node, or what it stands in, is about}; otherwise the chosen measure */
  static Optional<String> of(@Nullable Node focused, Projection now) {
    for (Node node = focused; node != null; node = node.getParent()) {
      String id = node.getId() == null ? "" : node.getId();
      for (Map.Entry<String, String> prefix : PREFIXES) {
        if (id.startsWith(prefix.getKey())) {
          return Optional.of(prefix.getValue() + id.substring(prefix.getKey().length()));
        }
      }
    }
    return Optional.of("measure." + now.choice().request().measure().key());
  }
}
