package promedio.desktop.projection.handin;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.Grouping;
import promedio.core.message.BadInputException;
import promedio.core.sample.Categories;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.GraphPlan;
import promedio.desktop.projection.several.GroupGraph;
import promedio.desktop.projection.several.PairGraph;
import promedio.document.Block;
import promedio.graph.CategoryGraph;
import promedio.graph.GraphExport;
import promedio.graph.Picture;
import promedio.graph.ScatterGraph;

/** The graph of an item, as it is drawn on its sheet. */
final class HandInGraph {

  private static final Logger LOG = LoggerFactory.getLogger(HandInGraph.class);

  /** As wide as half of a page. */
  private static final int WIDTH = 340;

  private static final int HEIGHT = 230;

  private HandInGraph() {}

  /** {@return the graph; none where the data have none} */
  static Optional<Block.Figure> of(Assignment assignment, Analysis now) {
    try {
      Optional<Picture> picture = picture(assignment, now);
      if (picture.isEmpty()) {
        return Optional.empty();
      }
      GraphExport graph = GraphExport.of(picture.get(), WIDTH, picture.get().height(HEIGHT));
      return Optional.of(new Block.Figure(graph, picture.get().inWords()));
    } catch (BadInputException e) {
      LOG.info("no graph of {}: {}", now.item().name(), e.getMessage());
      return Optional.empty();
    }
  }

  private static Optional<Picture> picture(Assignment assignment, Analysis now)
      throws BadInputException {
    Data data = now.typed().data();
    Optional<Groups> groups = data.groups();
    if (groups.isPresent()) {
      return Optional.of(GroupGraph.of(now, groups.get()));
    }
    Optional<Pairs> pairs = data.pairs();
    if (pairs.isPresent()) {
      return Optional.of(
          PairGraph.of(
              now,
              pairs.get(),
              PairGraph.categories(assignment, now.item()),
              Set.of(ScatterGraph.Extra.LINE),
              OptionalInt.empty()));
    }
    if (data.categories().isPresent()) {
      return data.categories()
          .filter(counted -> !counted.rows().isEmpty())
          .map(counted -> bars(counted, now));
    }
    return data.cross().isPresent() ? Optional.empty() : ofValues(assignment, now);
  }

  private static Picture bars(Categories counted, Analysis now) {
    return new CategoryGraph(
        List.of(
            new CategoryGraph.Series(now.item().name(), counted.in(now.item().graph().order()))),
        now.item().graph().height().filter(each -> each != Height.DENSITY).orElse(Height.FREQUENCY),
        CategoryGraph.Arrangement.BESIDE,
        now.item().graph().text(GraphText.TITLE).strip(),
        now.item().name(),
        Set.of(),
        Optional.empty(),
        now.rules(),
        now.sign());
  }

  private static Optional<Picture> ofValues(Assignment assignment, Analysis now) {
    if (now.typed().data().tally().isEmpty()) {
      return Optional.empty();
    }
    Optional<Grouping> grouped =
        now.item().classes().group(now.typed().data(), now.rules(), now.sign()).grouping();
    Optional<GraphPlan.Other> beside =
        assignment
            .item(now.item().graph().beside())
            .filter(GraphPlan.of(now)::takesBeside)
            .map(
                (Item other) ->
                    new GraphPlan.Other(other.name(), other.source().read(now.sign()).data()));
    return grouped.map(classes -> GraphPlan.of(now).graph(classes, Optional.empty(), beside));
  }
}
