package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Map;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * How many values lie below one, and how many are equal to it.
 *
 * @param value the value that is looked for, which need not be one of the data
 */
public record RankOfValue(Exact value) implements Inspection {

  @Override
  public Seen look(MeasureContext context) {
    Tally tally = context.tally();
    int rank = 0;
    while (rank < tally.size() && tally.value(rank).compareTo(value) < 0) {
      rank++;
    }
    Exact below = rank == 0 ? Exact.ZERO : tally.cumulative(rank - 1);
    boolean stands = rank < tally.size() && tally.value(rank).equals(value);
    Exact equal = stands ? tally.frequency(rank) : Exact.ZERO;
    Formula counted = Quantity.BELOW.formula().plus(Quantity.EQUAL.formula().over(number(2)));
    return new Numbers(
        List.of(
            InspectionResult.of(
                Map.of(Quantity.BELOW, below, Quantity.EQUAL, equal),
                number(100).times(counted).over(context.n()))));
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.rankOfValue(this);
  }
}
