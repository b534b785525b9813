package promedio.graph;

import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Pairs;

/**
 * Pairs as points over two axes, with a cross where both means meet.
 *
 * @param pairs the pairs
 * @param title above the graph, empty for none
 * @param xName what x is, with its unit
 * @param yName what y is, with its unit
 * @param withLine whether the line of regression of y on x is drawn
 * @param rules the course rules
 * @param sign how numbers are written
 */
public record ScatterGraph(
    Pairs pairs,
    String title,
    String xName,
    String yName,
    boolean withLine,
    CourseRules rules,
    DecimalSign sign) {

  /** {@return what it shows, in a sentence for those who cannot see it} */
  public String inWords() {
    return InWords.of(this);
  }
}
