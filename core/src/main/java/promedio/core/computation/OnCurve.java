package promedio.core.computation;

import java.util.List;
import promedio.core.distribution.Approximate;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.number.Exact;

/**
 * Where a statistic stands on its curve.
 *
 * @param curve the curve
 * @param degrees its degrees of freedom
 * @param tail which tail is looked at
 * @param statistic the statistic
 */
public record OnCurve(Distribution curve, List<Exact> degrees, Tail tail, Exact statistic) {

  public OnCurve {
    degrees = List.copyOf(degrees);
  }

  /** {@return the value that cuts off the level in the tail; in both tails, the one above 0} */
  public Approximate critical(Exact level) {
    return curve.value(level, degrees, tail);
  }

  /** {@return what the statistic cuts off in the tail} */
  public Approximate p() {
    return curve.area(statistic, degrees, tail);
  }
}
