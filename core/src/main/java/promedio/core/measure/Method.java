package promedio.core.measure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A way of working something by hand. A measure says what its formula is by each. */
public enum Method {
  /** By the formulas that define it; variance and sd by the deviations. */
  DEFINITION(Goal.CENTRE),
  /** Sums of squares and products by the numbers as they are: Σx² − (Σx)²/n. */
  SHORTCUT(Goal.SPREAD),
  /** Variance and sd by the mean of the squares less the square of the mean: Σx²/n − x̄². */
  MEAN_SQUARE(Goal.SPREAD),
  /** By the distances from an assumed mean. */
  ASSUMED_MEAN(Goal.CENTRE),
  /** The same with the distances counted in steps. */
  STEP(Goal.CENTRE),
  /** Median and quartiles by the ordered list, crossed off from its ends. */
  CROSSING_OFF(Goal.ORDER),
  /** Median and quartiles by cumulative frequencies. */
  CUMULATIVE(Goal.ORDER),
  /** Central moments, skewness and kurtosis from the moments about 0. */
  RAW_MOMENTS(Goal.MOMENTS),
  /** The rank correlation by the differences of the ranks. */
  RANK_DIFFERENCES(Goal.ASSOCIATION),
  /** χ² by ΣO²/E − n. */
  SQUARES_OVER_EXPECTED(Goal.ASSOCIATION),
  /** χ² of two rows and two columns by n(ad − bc)²/((a+b)(c+d)(a+c)(b+d)). */
  CROSS_PRODUCTS(Goal.ASSOCIATION);

  /**
   * What a method is there for. Of a result that is made of several such things the last here is
   * the one that decides how it is worked: the skewness 3(x̄ − Md)/s by the ways to s.
   */
  public enum Goal {
    CENTRE,
    ORDER,
    SPREAD,
    MOMENTS,
    ASSOCIATION
  }

  private final Goal goal;

  Method(Goal goal) {
    this.goal = goal;
  }

  /** {@return what it is there for} */
  public Goal goal() {
    return goal;
  }

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return the method of this code} */
  public static Optional<Method> ofCode(String code) {
    return Arrays.stream(values()).filter(method -> method.code().equals(code)).findFirst();
  }
}
