package promedio.core.marking;

import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.QuantilePosition;
import promedio.core.measure.Quantiles;
import promedio.core.measure.ReachedClass;
import promedio.core.measure.Request;
import promedio.core.measure.Rewriting;
import promedio.core.measure.Trimming;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;

/** Slips with the order of the values and the positions in it. */
final class OrderSlips {

  /** What is made of median and quartiles. */
  private OrderSlips() {}

  static void find(Problem problem, Candidates out) {
    problem.share().ifPresent(share -> out.add(Cause.POSITION_GIVEN, position(problem, share)));
    Tally tally = problem.data().tally();
    if (problem.context().classes().isPresent() || !tally.hasPositions()) {
      return;
    }
    BigInteger n = tally.total().numerator();
    if (problem.measure() == Measures.MEDIAN && !n.testBit(0)) {
      BigInteger half = n.shiftRight(1);
      out.add(Cause.MIDDLE_NOT_AVERAGED, Optional.of(tally.at(half)));
      out.add(Cause.MIDDLE_NOT_AVERAGED, Optional.of(tally.at(half.add(BigInteger.ONE))));
    }
    problem
        .context()
        .sample()
        .ifPresent(sample -> findUnsorted(problem, sample.values().present(), out));
  }

  /** Single values stand at (n+1)/2; in classes what is sought follows the course rule. */
  private static Optional<Exact> position(Problem problem, Exact share) {
    Exact total = problem.data().tally().total();
    return Optional.of(
        problem.context().classes().isPresent()
            ? new ReachedClass(share).position(problem.rules(), total)
            : total.plus(Exact.ONE).times(share));
  }

  /** The places of the values as they were given. */
  private static void findUnsorted(Problem problem, Values given, Candidates out) {
    Quantiles quantiles = new Quantiles(problem.data().tally());
    Optional<Exact> own =
        problem
            .inspection()
            .filter(OrderedPlace.class::isInstance)
            .flatMap(how -> ((OrderedPlace) how).place(quantiles))
            .map(place -> at(given, place));
    if (own.isPresent()) {
      out.add(Cause.NOT_SORTED, own);
      return;
    }
    if (problem.inspection().orElse(null) instanceof Trimming trimming) {
      out.add(Cause.NOT_SORTED, trimmed(given, trimming.leftOut(problem.data().tally())));
      return;
    }
    Computation computation = problem.computation();
    Map<Quantity, UnaryOperator<Exact>> unsorted = new HashMap<>();
    for (Measure measure : List.of(Measures.MEDIAN, Measures.Q1, Measures.Q3)) {
      if (computation.dependsOn(problem.request(), computation.symbol(measure))) {
        Problem.of(computation, Request.of(measure))
            .inspection()
            .flatMap(how -> ((OrderedPlace) how).place(quantiles))
            .map(place -> at(given, place))
            .ifPresent(found -> unsorted.put(computation.symbol(measure), value -> found));
      }
    }
    if (!unsorted.isEmpty()) {
      out.add(Cause.NOT_SORTED, problem.by(Rewriting.ofResults(unsorted)));
    }
  }

  /** The mean of what is left where so many go at each end, in the order given. */
  private static Optional<Exact> trimmed(Values given, Exact leftOut) {
    List<Exact> values = given.list();
    int out = leftOut.numerator().intValueExact();
    int left = values.size() - 2 * out;
    if (left <= 0) {
      return Optional.empty();
    }
    Exact sum = Exact.ZERO;
    for (Exact value : values.subList(out, out + left)) {
      sum = sum.plus(value);
    }
    return Optional.of(sum.over(left));
  }

  private static Exact at(Values given, QuantilePosition place) {
    Exact low = at(given, place.below());
    Exact high = at(given, place.below().add(BigInteger.ONE));
    return low.plus(high.minus(low).times(place.share()));
  }

  private static Exact at(Values given, BigInteger position) {
    int last = given.size() - 1;
    return given.get(Math.max(0, Math.min(last, position.intValueExact() - 1)));
  }
}
