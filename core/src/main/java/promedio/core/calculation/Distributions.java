package promedio.core.calculation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.number.Exact;

/**
 * Areas and values of the distributions, for calculations: {@code below_t(2.228; 10)} is the area
 * below 2.228, {@code value_t(0.975; 10)} the value that has this area below it. Their first twelve
 * digits are sure.
 */
final class Distributions {

  private static final String AREA = "below_";
  private static final String VALUE = "value_";

  private static final Map<String, Distribution> CURVES =
      Map.of(
          "z",
          Distribution.NORMAL,
          "t",
          Distribution.T,
          "chi2",
          Distribution.CHI_SQUARED,
          "F",
          Distribution.F);

  private Distributions() {}

  /** {@return the names of all functions} */
  static List<String> names() {
    List<String> names = new ArrayList<>();
    for (String curve : CURVES.keySet()) {
      names.add(AREA + curve);
      names.add(VALUE + curve);
    }
    return names;
  }

  /** {@return how many numbers a function takes; none where there is no such function} */
  static Optional<Integer> arguments(String function) {
    return curve(function).map(curve -> 1 + curve.degrees());
  }

  private static Optional<Distribution> curve(String function) {
    boolean known = function.startsWith(AREA) || function.startsWith(VALUE);
    return known
        ? Optional.ofNullable(CURVES.get(function.substring(AREA.length())))
        : Optional.empty();
  }

  /**
   * {@return the function of these numbers}; degrees of freedom that are not above 0, an area that
   * is not between 0 and 1, and what has no sure digits, give nothing
   *
   * @param function one of {@link #names}, with as many numbers as it takes
   */
  static Operand.Numbers of(String function, List<Operand.Numbers> arguments) {
    Distribution curve = curve(function).orElseThrow();
    boolean ofArea = function.startsWith(VALUE);
    return row -> {
      List<Exact> numbers = new ArrayList<>();
      for (Operand.Numbers argument : arguments) {
        Exact number = argument.at(row);
        if (number == null) {
          return null;
        }
        numbers.add(number);
      }
      return read(curve, ofArea, numbers.get(0), numbers.subList(1, numbers.size()));
    };
  }

  private static @Nullable Exact read(
      Distribution curve, boolean ofArea, Exact given, List<Exact> degrees) {
    return (ofArea
            ? curve.sureValue(given, degrees, Tail.LOWER)
            : curve.sureArea(given, degrees, Tail.LOWER))
        .orElse(null);
  }
}
