package promedio.graph;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Pairs;
import promedio.core.table.PairCategories;

/**
 * Pairs as points over two axes, with a cross where both means meet.
 *
 * @param pairs the pairs
 * @param title above the graph, empty for none
 * @param xName what x is, with its unit
 * @param yName what y is, with its unit
 * @param categories by which points differ in colour and shape; none for all alike
 * @param shown what is drawn beside the points
 * @param chosen the row of the pair that stands out, with its rectangle to the cross; none for none
 * @param rules the course rules
 * @param sign how numbers are written
 */
public record ScatterGraph(
    Pairs pairs,
    String title,
    String xName,
    String yName,
    Optional<PairCategories> categories,
    Set<Extra> shown,
    OptionalInt chosen,
    CourseRules rules,
    DecimalSign sign)
    implements Picture {

  /** What can be drawn beside the points. */
  public enum Extra {
    /** The line of regression of y on x. */
    LINE,
    /** The line of regression of x on y. */
    LINE_OF_X,
    /** How far each point lies from the line of y on x. */
    RESIDUALS
  }

  /** So many categories can be told apart. */
  public static final int MOST_CATEGORIES = 6;

  public ScatterGraph {
    shown = Set.copyOf(shown);
  }

  @Override
  public String name() {
    return yName;
  }

  @Override
  public List<Drawable.Scale> scales() {
    return List.of(Drawable.Scale.of(xName, pairs.x()), Drawable.Scale.of(yName, pairs.y()));
  }

  @Override
  public String inWords() {
    return InWords.of(this);
  }
}
