package promedio.core.catalogue.several;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.distribution.Tail;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Request;
import promedio.core.measure.SeveralQuantities;
import promedio.core.rules.Rule;
import promedio.core.sample.Subject;

/** The measures of data of more than one variable, and what one sample tells of its mean. */
public final class Several {

  /** How many pairs there are. */
  static final Quantity N = Quantity.N;

  /** How many values there are in all groups. */
  static final Quantity N_OF_GROUPS = Quantity.of("n_of_groups", "N", "N");

  /** How many were counted. */
  static final Quantity N_OF_COUNTS = SeveralQuantities.COUNTED;

  public static final Measure PREDICTION = OfPairs.prediction();

  private static final List<Measure> OF_PAIRS = OfPairs.all();
  private static final List<Measure> OF_GROUPS = OfGroups.all();
  private static final List<Measure> OF_TWO = OfGroups.ofTwo();
  private static final List<Measure> OF_COUNTS = OfCounts.all();
  private static final List<Measure> OF_CELL = OfCounts.ofCell();
  private static final List<Measure> OF_FIT = OfCounts.ofFit();
  private static final List<Measure> T = OfOneMean.t();
  private static final List<Measure> Z = OfOneMean.z();
  private static final List<Measure> INTERVAL = OfOneMean.interval();
  private static final List<Measure> INTERVAL_BY_SIGMA = OfOneMean.intervalBySigma();

  private static final List<Measure> HELPERS =
      Stream.of(List.of(OfPairs.count()), OfPairs.helpers(), OfGroups.helpers(), OfCounts.helpers())
          .flatMap(List::stream)
          .toList();

  private static final List<Measure> ASKED =
      Stream.of(
              OF_PAIRS,
              List.of(PREDICTION),
              OF_GROUPS,
              OF_TWO,
              OF_COUNTS,
              OF_CELL,
              OF_FIT,
              T,
              Z,
              INTERVAL,
              INTERVAL_BY_SIGMA)
          .flatMap(List::stream)
          .toList();

  private static final List<Request> NAMED =
      Stream.of(OF_PAIRS, OF_GROUPS, OF_TWO, OF_COUNTS, OF_FIT, HELPERS)
          .flatMap(List::stream)
          .map(Request::of)
          .toList();

  public static final Measure CORRELATION = of("correlation");
  public static final Measure CHI_SQUARED = of("chi_squared");

  private Several() {}

  private static Measure of(String key) {
    return ASKED.stream().filter(each -> each.key().equals(key)).findFirst().orElseThrow();
  }

  /** The tail that the course rules want of t, z and r. */
  static Tail tail(MeasureContext context) {
    return switch (context.rules().get(Rule.TAILS)) {
      case TWO -> Tail.TWO;
      case UPPER -> Tail.UPPER;
      case LOWER -> Tail.LOWER;
    };
  }

  /**
   * {@return those that all data about this have, in the order in which they are told}; of one
   * variable none, since those are listed elsewhere
   */
  public static List<Measure> of(Subject subject) {
    return switch (subject) {
      case ONE -> List.of();
      case PAIRS -> OF_PAIRS;
      case GROUPS -> OF_GROUPS;
      case CROSS -> OF_COUNTS;
      case FIT -> OF_FIT;
    };
  }

  /** {@return those of two groups} */
  public static List<Measure> ofTwoGroups() {
    return OF_TWO;
  }

  /** {@return those of one cell of a table of counts; they take its row and its column} */
  public static List<Measure> ofCell() {
    return OF_CELL;
  }

  /** {@return t of one sample with its degrees of freedom and its p; they take a mean} */
  public static List<Measure> tOfOne() {
    return T;
  }

  /** {@return z of one sample with its p; they take a mean and a standard deviation} */
  public static List<Measure> zOfOne() {
    return Z;
  }

  /** {@return the ends of the interval of the mean; they take a level in percent} */
  public static List<Measure> interval() {
    return INTERVAL;
  }

  /** {@return the same where σ is known; they take a level and a standard deviation} */
  public static List<Measure> intervalBySigma() {
    return INTERVAL_BY_SIGMA;
  }

  /** {@return the same end of the interval where σ is known; none of another measure} */
  public static Optional<Measure> bySigma(Measure end) {
    int index = INTERVAL.indexOf(end);
    return index < 0 ? Optional.empty() : Optional.of(INTERVAL_BY_SIGMA.get(index));
  }

  /** {@return the key under which reports of all measures tell it: σ or not, it is that end} */
  public static String reported(Measure measure) {
    int index = INTERVAL_BY_SIGMA.indexOf(measure);
    return index < 0 ? measure.key() : INTERVAL.get(index).key();
  }

  /** {@return every measure here that somebody may ask for by its key} */
  public static List<Measure> asked() {
    return ASKED;
  }

  /** {@return those that formulas name, whether anybody asks for them or not} */
  public static List<Request> named() {
    return NAMED;
  }
}
