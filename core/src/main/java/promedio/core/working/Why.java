package promedio.core.working;

import java.util.Locale;
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
    return switch (quantity) {
      case MEAN, POPULATION_MEAN ->
          Optional.of(symbols.mentions(Quantity.ASSUMED_MEAN) ? ASSUMED_MEAN : MEAN);
      case MEDIAN -> Optional.of(MIDDLE);
      case VARIANCE -> Optional.of(DIVIDE_BY_N_MINUS_1);
      case POPULATION_VARIANCE -> Optional.of(DIVIDE_BY_N);
      case DEVIATION, POPULATION_DEVIATION -> Optional.of(ROOT);
      case ASSUMED_MEAN, DISTANCE -> Optional.of(ASSUMED_MEAN);
      case STEP, STEPS -> Optional.of(STEP);
      case PLACE -> Optional.of(PLACE);
      case LOWER_FENCE, UPPER_FENCE, LOWER_OUTER_FENCE, UPPER_OUTER_FENCE -> Optional.of(FENCES);
      case VARIATION -> Optional.of(PERCENT);
      case STANDARD_ERROR -> Optional.of(Why.STANDARD_ERROR);
      case GEOMETRIC_MEAN -> Optional.of(PRODUCT);
      case HARMONIC_MEAN -> Optional.of(RECIPROCALS);
      case SCORE -> Optional.of(STANDARDIZED);
      case ADJUSTED_SKEWNESS, ADJUSTED_KURTOSIS -> Optional.of(ADJUSTED);
      case LEFT_OUT -> Optional.of(TRIMMED);
      case FIRST_RAW_MOMENT, SECOND_RAW_MOMENT, THIRD_RAW_MOMENT, FOURTH_RAW_MOMENT ->
          Optional.of(RAW_MOMENTS);
      default -> none();
    };
  }
}
