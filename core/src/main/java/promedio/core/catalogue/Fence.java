package promedio.core.catalogue;

import java.util.List;
import java.util.Map;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * A fence Q₁ − k·IQR or Q₃ + k·IQR; what lies beyond k = 1.5 is an outlier, beyond k = 3 far out
 * (Tukey, "Exploratory Data Analysis", 1977). In the unit of the values. Absent where a quartile
 * is.
 */
final class Fence extends BasicMeasure {

  private static final Exact NEAR = Exact.of(3, 2);
  private static final Exact FAR = Exact.of(3);

  private final boolean lower;
  private final Exact factor;

  private Fence(String key, Quantity quantity, boolean lower, Exact factor) {
    super(key, Family.SPREAD, quantity);
    this.lower = lower;
    this.factor = factor;
  }

  static Fence lower() {
    return new Fence("lower_fence", Quantity.LOWER_FENCE, true, NEAR);
  }

  static Fence upper() {
    return new Fence("upper_fence", Quantity.UPPER_FENCE, false, NEAR);
  }

  static Fence lowerOuter() {
    return new Fence("lower_outer_fence", Quantity.LOWER_OUTER_FENCE, true, FAR);
  }

  static Fence upperOuter() {
    return new Fence("upper_outer_fence", Quantity.UPPER_OUTER_FENCE, false, FAR);
  }

  /** Q₁ − k·IQR, or Q₃ + k·IQR. */
  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(at(factor));
  }

  private Formula at(Exact distance) {
    Formula beyond = new Numeral(distance).times(Quantity.INTERQUARTILE_RANGE.formula());
    return lower
        ? Quantity.LOWER_QUARTILE.formula().minus(beyond)
        : Quantity.UPPER_QUARTILE.formula().plus(beyond);
  }

  /** The inner fence for the outer one, or the other way round. */
  @Override
  public List<Slip> slips(MeasureContext context) {
    boolean near = factor.equals(NEAR);
    String other = (lower ? "lower_" : "upper_") + (near ? "outer_fence" : "fence");
    return List.of(new Slip(Cause.OTHER_MEASURE, Map.of("measure", other), at(near ? FAR : NEAR)));
  }
}
