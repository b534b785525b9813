package promedio.desktop.projection.several;

import java.util.OptionalInt;
import java.util.Set;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphText;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Pairs;
import promedio.core.sample.Portion;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.files.report.ShownNumbers;
import promedio.graph.ScatterGraph;

/** The scatter graph of pairs, and what is told of a point in it. */
public final class PairGraph {

  private PairGraph() {}

  /** {@return the graph of the pairs with what is to be drawn beside the points} */
  public static ScatterGraph of(
      Analysis now, Pairs pairs, Set<ScatterGraph.Extra> shown, OptionalInt chosen) {
    return new ScatterGraph(
        pairs,
        now.item().graph().text(GraphText.TITLE).strip(),
        PortionText.x(now.item()),
        PortionText.y(now.item()),
        shown,
        chosen,
        now.rules(),
        now.sign());
  }

  /** {@return what the point of a row gives to Sxy, in numbers} */
  public static String told(Analysis now, Pairs pairs, int row) {
    ShownNumbers numbers = now.numbers().in("");
    if (now.in(Portion.X).filter(of -> of.coversAny(Measures.MEAN)).isPresent()
        || now.in(Portion.Y).filter(of -> of.coversAny(Measures.MEAN)).isPresent()) {
      return Texts.of(
          "cover.point",
          row + 1,
          numbers.shown(pairs.x().get(row)),
          numbers.shown(pairs.y().get(row)));
    }
    Exact x = pairs.x().get(row);
    Exact y = pairs.y().get(row);
    Exact fromX = x.minus(pairs.sums().meanX());
    Exact fromY = y.minus(pairs.sums().meanY());
    return Texts.of(
        "pairs.point",
        row + 1,
        numbers.shown(x),
        numbers.shown(y),
        numbers.shown(fromX),
        numbers.shown(fromY),
        numbers.shown(fromX.times(fromY)));
  }
}
