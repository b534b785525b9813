package promedio.core.measure;

import promedio.core.formula.Quantity;

/** What is known of some data by some rules. */
public interface FastPathInput {

  /** {@return the data, the rules and the arguments of what is asked} */
  MeasureContext context();

  /** {@return what no course rule changes} */
  Summary summary();

  /** {@return a quantity that formulas name} */
  Result result(Quantity quantity);
}
