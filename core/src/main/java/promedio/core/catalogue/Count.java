package promedio.core.catalogue;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.number.Exact;

/** How many values there are: n, or Σf of a table. A bare number above 0. */
final class Count extends BasicMeasure {

  private final boolean ofTable;

  private Count(Quantity quantity, boolean ofTable) {
    super("n", Family.POSITION, quantity);
    this.ofTable = ofTable;
  }

  static Count ofSample() {
    return new Count(Quantity.N, false);
  }

  static Count ofTable() {
    return new Count(Quantity.TABLE_COUNT, true);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(
        ofTable
            ? new Formula.Sum(Quantity.F.formula())
            : new Formula.Numeral(context.tally().total()));
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return Dimension.NONE;
  }
}
