package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.MEAN_X;
import static promedio.core.catalogue.association.PairParts.MEAN_Y;
import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.SXX;
import static promedio.core.catalogue.association.PairParts.SXY;
import static promedio.core.catalogue.association.PairParts.SYY;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.pairs;
import static promedio.core.catalogue.association.PairParts.xVaries;
import static promedio.core.catalogue.association.PairParts.yVaries;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Parameter;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The lines of least squares ŷ = a + b·x and x̂ = aₓ + bₓ·y with b = Sxy/Sxx and bₓ = Sxy/Syy, the
 * value ŷ at some x, and the spread of y about its line, √((Syy − Sxy²/Sxx)/(n−2)). Absent where
 * the variable that is given does not vary; the spread also of fewer than three pairs.
 */
public final class RegressionLine {

  static final Quantity SLOPE = Quantity.of("slope", "b", "b");
  private static final Quantity INTERCEPT = Quantity.of("intercept", "a", "a");
  private static final Quantity SLOPE_OF_X = Quantity.of("slope_of_x", "b_x", "bₓ");
  private static final Quantity INTERCEPT_OF_X = Quantity.of("intercept_of_x", "a_x", "aₓ");
  private static final Quantity PREDICTION = Quantity.of("prediction", "\\hat{y}", "ŷ");
  private static final Quantity AT = Quantity.of("x", "x_0", "x₀");
  static final Quantity RESIDUAL_SD = Quantity.of("residual_sd", "s_e", "sₑ");

  private RegressionLine() {}

  /** {@return both lines, and the spread about that of y} */
  public static List<Measure> all() {
    Formula rest = SYY.formula().minus(SXY.formula().power(2).over(SXX.formula()));
    return List.of(
        measure("slope", SLOPE, SXY.formula().over(SXX.formula()), xVaries())
            .slipping(swapped(SLOPE_OF_X.formula())),
        measure("intercept", INTERCEPT, intercept(MEAN_Y, SLOPE, MEAN_X), xVaries())
            .slipping(
                swapped(INTERCEPT_OF_X.formula()),
                new Slip(
                    Cause.SIGN_REVERSED,
                    MEAN_Y.formula().plus(SLOPE.formula().times(MEAN_X.formula())))),
        measure("slope_of_x", SLOPE_OF_X, SXY.formula().over(SYY.formula()), yVaries())
            .slipping(swapped(SLOPE.formula())),
        measure("intercept_of_x", INTERCEPT_OF_X, intercept(MEAN_X, SLOPE_OF_X, MEAN_Y), yVaries())
            .slipping(swapped(INTERCEPT.formula())),
        measure(
            "residual_sd", RESIDUAL_SD, rest.over(N.minus(number(2))).root(), pairs(3), xVaries()));
  }

  /** {@return ŷ at some x} */
  public static Measure prediction() {
    return measure("prediction", PREDICTION, at(INTERCEPT, SLOPE), xVaries())
        .slipping(swapped(at(INTERCEPT_OF_X, SLOPE_OF_X)))
        .about(Parameter.any(AT));
  }

  private static Formula intercept(Quantity mean, Quantity slope, Quantity other) {
    return mean.formula().minus(slope.formula().times(other.formula()));
  }

  private static Formula at(Quantity intercept, Quantity slope) {
    return intercept.formula().plus(slope.formula().times(AT.formula()));
  }

  private static Slip swapped(Formula other) {
    return new Slip(Cause.AXES_SWAPPED, other);
  }
}
