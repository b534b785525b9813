package promedio.core.distribution;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.ContinuousDistribution;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.apache.commons.statistics.distribution.TDistribution;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.Exact;

/**
 * A curve of probability. Areas and values come from a library for distributions that reckons in
 * binary numbers; at least {@link Approximate#SURE_DIGITS} digits of them are right up to 10,000
 * degrees of freedom, two fewer beyond, and where {@link #problem} says so, nobody knows how many.
 */
public enum Distribution {
  NORMAL("normal", 0, 1) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return NormalDistribution.of(0, 1);
    }
  },
  T("t", 1, 10_000_000) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return TDistribution.of(near(degrees.get(0)));
    }
  },
  CHI_SQUARED("chi-squared", 1, 1_000_000) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return ChiSquaredDistribution.of(near(degrees.get(0)));
    }
  },
  F("f", 2, 1_000_000) {
    @Override
    ContinuousDistribution of(List<Exact> degrees) {
      return FDistribution.of(near(degrees.get(0)), near(degrees.get(1)));
    }
  };

  private static final Exact SMALLEST_AREA = Exact.of(10).pow(-100);
  private static final Exact FEWEST = Exact.of(1, 2);
  private static final double FARTHEST = 1e150;

  private final String code;
  private final int degrees;
  private final long most;

  Distribution(String code, int degrees, long most) {
    this.code = code;
    this.degrees = degrees;
    this.most = most;
  }

  /**
   * {@return why nothing is read off a curve of these degrees of freedom}; none where its digits
   * are sure
   */
  public Optional<Message> problem(List<Exact> degreesOfFreedom) {
    for (Exact each : degreesOfFreedom) {
      if (each.signum() <= 0) {
        return Optional.of(Texts.message("curve.degrees"));
      }
      if (each.compareTo(FEWEST) < 0 || each.compareTo(Exact.of(most)) > 0) {
        return Optional.of(Texts.message("curve.unsure-degrees", FEWEST, most));
      }
    }
    return Optional.empty();
  }

  /** {@return why no value is looked for that cuts off an area; none where its digits are sure} */
  public static Optional<Message> problem(Exact area) {
    Exact rest = Exact.ONE.minus(area);
    Exact smaller = area.compareTo(rest) < 0 ? area : rest;
    return smaller.compareTo(SMALLEST_AREA) < 0
        ? Optional.of(Texts.message("curve.unsure-number"))
        : Optional.empty();
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
  public static Optional<Distribution> ofCode(String code) {
    return Arrays.stream(values()).filter(curve -> curve.code.equals(code)).findFirst();
  }

  abstract ContinuousDistribution of(List<Exact> degreesOfFreedom);

  private static double near(Exact value) {
    return value.significant(20).doubleValue();
  }

  /**
   * {@return the area below or beyond a value}; 0 where it is smaller than any binary number
   *
   * @param degreesOfFreedom as many as {@link #degrees}, without a {@link #problem}
   */
  public Approximate area(Exact value, List<Exact> degreesOfFreedom, Tail tail) {
    ContinuousDistribution curve = of(degreesOfFreedom);
    // Farther out there is nothing, and binary numbers end.
    double at = Math.max(-FARTHEST, Math.min(FARTHEST, near(value)));
    return switch (tail) {
      case LOWER -> Approximate.of(curve.cumulativeProbability(at));
      case UPPER -> Approximate.of(curve.survivalProbability(at));
      case TWO -> Approximate.of(2 * curve.survivalProbability(Math.abs(at)));
    };
  }

  /**
   * {@return the value that has this area below or beyond it}
   *
   * @param area above 0 and below 1, not nearer to either than 10^−100
   * @param degreesOfFreedom as many as {@link #degrees}, without a {@link #problem}
   */
  public Approximate value(Exact area, List<Exact> degreesOfFreedom, Tail tail) {
    ContinuousDistribution curve = of(degreesOfFreedom);
    Exact rest = Exact.ONE.minus(area);
    return switch (tail) {
      case LOWER -> Approximate.of(quantile(curve, near(area), near(rest)));
      case UPPER -> Approximate.of(quantile(curve, near(rest), near(area)));
      case TWO -> {
        Exact beyond = area.over(2);
        yield Approximate.of(quantile(curve, near(Exact.ONE.minus(beyond)), near(beyond)));
      }
    };
  }

  /** {@return the {@link #area}; none where its digits are not sure} */
  public Optional<Exact> sureArea(Exact value, List<Exact> degreesOfFreedom, Tail tail) {
    return problem(degreesOfFreedom).isEmpty()
        ? Optional.of(area(value, degreesOfFreedom, tail).decimal())
        : Optional.empty();
  }

  /** {@return the {@link #value}; none where its digits are not sure} */
  public Optional<Exact> sureValue(Exact area, List<Exact> degreesOfFreedom, Tail tail) {
    return problem(degreesOfFreedom).isEmpty() && problem(area).isEmpty()
        ? Optional.of(value(area, degreesOfFreedom, tail).decimal())
            .filter(DistributionLookup::isSure)
        : Optional.empty();
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
    // Where binary numbers end, the value is as far out as they go, which nobody takes as sure.
    return Double.isFinite(near) ? polished(curve, near, below, beyond) : Double.MAX_VALUE;
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
