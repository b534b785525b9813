package promedio.core.working;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;

/** The reason of a step, told where a student asks for it. */
public enum Why {
  MEAN,
  MIDDLE,
  DIVIDE_BY_N_MINUS_1,
  DIVIDE_BY_N,
  ROOT,
  SQUARES,
  CUBES,
  FOURTH_POWERS,
  ABSOLUTE,
  ASSUMED_MEAN,
  STEP,
  HALVES_WITHOUT_MEDIAN,
  HALVES_WITH_MEDIAN,
  IN_ORDER,
  PLACE,
  FENCES,
  PERCENT,
  STANDARD_ERROR,
  PRODUCT,
  RECIPROCALS,
  STANDARDIZED,
  ADJUSTED,
  TRIMMED,
  RAW_MOMENTS;

  /** {@return its name in files} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static final Map<Quantity, Why> OF_QUANTITY =
      Map.ofEntries(
          Map.entry(Quantity.MEAN, MEAN),
          Map.entry(Quantity.POPULATION_MEAN, MEAN),
          Map.entry(Quantity.MEDIAN, MIDDLE),
          Map.entry(Quantity.VARIANCE, DIVIDE_BY_N_MINUS_1),
          Map.entry(Quantity.POPULATION_VARIANCE, DIVIDE_BY_N),
          Map.entry(Quantity.STANDARD_DEVIATION, ROOT),
          Map.entry(Quantity.POPULATION_DEVIATION, ROOT),
          Map.entry(Quantity.ASSUMED_MEAN, ASSUMED_MEAN),
          Map.entry(Quantity.DEVIATION_FROM_ASSUMED_MEAN, ASSUMED_MEAN),
          Map.entry(Quantity.STEP, STEP),
          Map.entry(Quantity.CODED_VALUE, STEP),
          Map.entry(Quantity.PLACE, PLACE),
          Map.entry(Quantity.LOWER_FENCE, FENCES),
          Map.entry(Quantity.UPPER_FENCE, FENCES),
          Map.entry(Quantity.LOWER_OUTER_FENCE, FENCES),
          Map.entry(Quantity.UPPER_OUTER_FENCE, FENCES),
          Map.entry(Quantity.COEFFICIENT_OF_VARIATION, PERCENT),
          Map.entry(Quantity.STANDARD_ERROR, STANDARD_ERROR),
          Map.entry(Quantity.GEOMETRIC_MEAN, PRODUCT),
          Map.entry(Quantity.HARMONIC_MEAN, RECIPROCALS),
          Map.entry(Quantity.SCORE, STANDARDIZED),
          Map.entry(Quantity.ADJUSTED_SKEWNESS, ADJUSTED),
          Map.entry(Quantity.ADJUSTED_KURTOSIS, ADJUSTED),
          Map.entry(Quantity.LEFT_OUT, TRIMMED),
          Map.entry(Quantity.FIRST_RAW_MOMENT, RAW_MOMENTS),
          Map.entry(Quantity.SECOND_RAW_MOMENT, RAW_MOMENTS),
          Map.entry(Quantity.THIRD_RAW_MOMENT, RAW_MOMENTS),
          Map.entry(Quantity.FOURTH_RAW_MOMENT, RAW_MOMENTS));

  /** {@return why a step finds something in that way} */
  static Optional<Why> of(Formula left, Formula symbols) {
    if (left instanceof Formula.Sum sum) {
      return ofColumn(sum.body());
    }
    return left instanceof Formula.Named named ? ofQuantity(named.quantity(), symbols) : none();
  }

  private static Optional<Why> none() {
    return Optional.empty();
  }

  private static Optional<Why> ofColumn(Formula column) {
    if (column instanceof Formula.Operation operation
        && operation.operator() == Formula.Operator.TIMES) {
      return ofColumn(operation.right());
    }
    if (column instanceof Formula.Absolute) {
      return Optional.of(ABSOLUTE);
    }
    if (column instanceof Formula.Operation operation
        && operation.operator() == Formula.Operator.OVER) {
      return Optional.of(RECIPROCALS);
    }
    boolean deviations =
        column instanceof Formula.Power power && power.base() instanceof Formula.Operation;
    if (!deviations) {
      return none();
    }
    Formula exponent = ((Formula.Power) column).exponent();
    return exponent.equals(Formula.number(2))
        ? Optional.of(SQUARES)
        : Optional.of(exponent.equals(Formula.number(3)) ? CUBES : FOURTH_POWERS);
  }

  private static Optional<Why> ofQuantity(Quantity quantity, Formula symbols) {
    boolean mean = quantity.equals(Quantity.MEAN) || quantity.equals(Quantity.POPULATION_MEAN);
    return mean && symbols.mentions(Quantity.ASSUMED_MEAN)
        ? Optional.of(ASSUMED_MEAN)
        : Optional.ofNullable(OF_QUANTITY.get(quantity));
  }
}
