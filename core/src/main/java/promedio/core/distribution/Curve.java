package promedio.core.distribution;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.ContinuousDistribution;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.apache.commons.statistics.distribution.TDistribution;
import promedio.core.number.Exact;

/**
 * A curve of probability. Areas and values come from a library for distributions that reckons in
 * binary numbers; at least {@link Approximate#SURE_DIGITS} digits of them are right.
 */
public enum Curve {
  NORMAL("normal", 0) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return NormalDistribution.of(0, 1);
    }
  },
  T("t", 1) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return TDistribution.of(near(degrees.get(0)));
    }
  },
  CHI_SQUARED("chi-squared", 1) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return ChiSquaredDistribution.of(near(degrees.get(0)));
    }
  },
  F("f", 2) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return FDistribution.of(near(degrees.get(0)), near(degrees.get(1)));
    }
  };

  private final String code;
  private final int degrees;

  Curve(String code, int degrees) {
    this.code = code;
    this.degrees = degrees;
  }

  /** {@return its name on the command line and in files} */
  public String code() {
    return code;
  }

  /** {@return the letter of its statistic, in plain characters} */
  public String letter() {
    return switch (this) {
      case NORMAL -> "z";
      case T -> "t";
      case CHI_SQUARED -> "χ²";
      case F -> "F";
    };
  }

  /** {@return how many degrees of freedom it has} */
  public int degrees() {
    return degrees;
  }

  /** {@return whether the area beyond a value in both directions means something} */
  public boolean isSymmetric() {
    return this == NORMAL || this == T;
  }

  /** {@return the curve of this code} */
  public static Optional<Curve> ofCode(String code) {
    return Arrays.stream(values()).filter(curve -> curve.code.equals(code)).findFirst();
  }

  abstract ContinuousDistribution of(List<Exact> degreesOfFreedom);

  static double near(Exact value) {
    return value.significant(20).doubleValue();
  }

  /**
   * {@return the area below or beyond a value}
   *
   * @param degreesOfFreedom as many as {@link #degrees}, above 0
   */
  public Approximate area(Exact value, List<Exact> degreesOfFreedom, Tail tail) {
    ContinuousDistribution curve = of(degreesOfFreedom);
    double at = near(value);
    return switch (tail) {
      case LOWER -> Approximate.of(curve.cumulativeProbability(at));
      case UPPER -> Approximate.of(curve.survivalProbability(at));
      case TWO -> Approximate.of(2 * curve.survivalProbability(Math.abs(at)));
    };
  }

  /**
   * {@return the value that has this area below or beyond it}
   *
   * @param area above 0 and below 1
   * @param degreesOfFreedom as many as {@link #degrees}, above 0
   */
  public Approximate value(Exact area, List<Exact> degreesOfFreedom, Tail tail) {
    ContinuousDistribution curve = of(degreesOfFreedom);
    double given = near(area);
    return switch (tail) {
      case LOWER -> Approximate.of(quantile(curve, given, near(Exact.ONE.minus(area))));
      case UPPER -> Approximate.of(quantile(curve, near(Exact.ONE.minus(area)), given));
      case TWO -> Approximate.of(curve.inverseSurvivalProbability(given / 2));
    };
  }

  /**
   * {@return how high the curve is above a value}
   *
   * @param degreesOfFreedom as many as {@link #degrees}, above 0
   */
  public Approximate height(Exact value, List<Exact> degreesOfFreedom) {
    return Approximate.of(of(degreesOfFreedom).density(near(value)));
  }

  /** By the smaller of both areas, of which more digits are known. */
  private static double quantile(ContinuousDistribution curve, double below, double beyond) {
    double near =
        below <= beyond
            ? curve.inverseCumulativeProbability(below)
            : curve.inverseSurvivalProbability(beyond);
    return polished(curve, near, below, beyond);
  }

  /** What the library finds by halving intervals is brought nearer by a few of Newton's steps. */
  private static double polished(
      ContinuousDistribution curve, double start, double below, double beyond) {
    double at = start;
    for (int step = 0; step < 4; step++) {
      double density = curve.density(at);
      double error =
          below <= beyond
              ? curve.cumulativeProbability(at) - below
              : beyond - curve.survivalProbability(at);
      double next = at - error / density;
      if (!Double.isFinite(next) || density == 0) {
        return at;
      }
      at = next;
    }
    return at;
  }
}
