package promedio.core.marking;

import java.math.BigInteger;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import promedio.core.formula.Quantity;
import promedio.core.formula.Rewriting;
import promedio.core.measure.ClassPositions;
import promedio.core.measure.Measure;
import promedio.core.measure.Place;
import promedio.core.measure.Quantiles;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Tally;
import promedio.core.sample.Values;

/** Slips with the order of the values and the positions in it. */
final class OrderSlips {

  private static final Exact HALF = Exact.of(1, 2);
  private static final Exact QUARTER = Exact.of(1, 4);

  /** What is made of median and quartiles. */
  private static final Set<Measure> OF_POSITIONS =
      Set.of(
          Measure.IQR,
          Measure.QUARTILE_DEVIATION,
          Measure.LOWER_FENCE,
          Measure.UPPER_FENCE,
          Measure.LOWER_OUTER_FENCE,
          Measure.UPPER_OUTER_FENCE,
          Measure.MEAN_DEVIATION_MEDIAN,
          Measure.SKEWNESS_PEARSON_MEDIAN,
          Measure.SKEWNESS_QUARTILE);

  private OrderSlips() {}

  static void find(Question question, Candidates out) {
    share(question.measure())
        .ifPresent(share -> out.add(Cause.POSITION_GIVEN, position(question, share)));
    Tally tally = question.data().tally();
    if (question.data() instanceof ClassTable || !tally.hasPositions()) {
      return;
    }
    BigInteger n = tally.total().numerator();
    if (question.measure() == Measure.MEDIAN && !n.testBit(0)) {
      BigInteger half = n.shiftRight(1);
      out.add(Cause.MIDDLE_NOT_AVERAGED, Optional.of(tally.at(half)));
      out.add(Cause.MIDDLE_NOT_AVERAGED, Optional.of(tally.at(half.add(BigInteger.ONE))));
    }
    if (question.data() instanceof Sample sample) {
      findUnsorted(question, sample.values().present(), new Quantiles(tally), out);
    }
  }

  /** {@return which share of the values the measure is not exceeded by, if it is such a one} */
  static Optional<Exact> share(Measure measure) {
    return switch (measure) {
      case MEDIAN -> Optional.of(HALF);
      case Q1 -> Optional.of(QUARTER);
      case Q3 -> Optional.of(Exact.ONE.minus(QUARTER));
      default -> Optional.empty();
    };
  }

  /** Single values stand at (n+1)/2; in classes what is sought follows the course rule. */
  private static Optional<Exact> position(Question question, Exact share) {
    Exact total = question.data().tally().total();
    return Optional.of(
        question.data() instanceof ClassTable
            ? ClassPositions.position(question.rules(), total, share)
            : total.plus(Exact.ONE).times(share));
  }

  private static void findUnsorted(
      Question question, Values given, Quantiles quantiles, Candidates out) {
    QuantileRule rule = question.rules().get(Rule.QUARTILES);
    Map<Quantity, UnaryOperator<Exact>> unsorted = new EnumMap<>(Quantity.class);
    Exact median = at(given, quantiles.median());
    Optional<Exact> lower = quantiles.lower(rule).map(place -> at(given, place));
    Optional<Exact> upper = quantiles.upper(rule).map(place -> at(given, place));
    unsorted.put(Quantity.MEDIAN, value -> median);
    lower.ifPresent(q -> unsorted.put(Quantity.LOWER_QUARTILE, value -> q));
    upper.ifPresent(q -> unsorted.put(Quantity.UPPER_QUARTILE, value -> q));
    switch (question.measure()) {
      case MEDIAN -> out.add(Cause.NOT_SORTED, Optional.of(median));
      case Q1 -> out.add(Cause.NOT_SORTED, lower);
      case Q3 -> out.add(Cause.NOT_SORTED, upper);
      default -> {
        if (OF_POSITIONS.contains(question.measure())) {
          out.add(
              Cause.NOT_SORTED,
              question
                  .formulas()
                  .rewritten(Rewriting.ofResults(unsorted))
                  .value(question.measure()));
        }
      }
    }
  }

  private static Exact at(Values given, Place place) {
    Exact low = at(given, place.below());
    Exact high = at(given, place.below().add(BigInteger.ONE));
    return low.plus(high.minus(low).times(place.share()));
  }

  private static Exact at(Values given, BigInteger position) {
    int last = given.size() - 1;
    return given.get(Math.max(0, Math.min(last, position.intValueExact() - 1)));
  }
}
