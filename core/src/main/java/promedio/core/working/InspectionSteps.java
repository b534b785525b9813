package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.ClassPlace;
import promedio.core.measure.Inspection;
import promedio.core.measure.InspectionResult;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.ModalClasses;
import promedio.core.measure.MostFrequent;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.QuantilePosition;
import promedio.core.measure.Quantiles;
import promedio.core.measure.RankInClasses;
import promedio.core.measure.RankOfValue;
import promedio.core.measure.ReachedClass;
import promedio.core.measure.Trimming;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.GroupedPositionRule;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Tally;

/** The steps that find what is found by looking. */
final class InspectionSteps implements Inspection.Visitor<Optional<List<Real>>> {

  private static final Formula PLACE = Quantity.PLACE.formula();
  private static final Formula P = Quantity.PROPORTION.formula();
  private static final Formula K = Quantity.HALF.formula();

  /** Longer lists are looked up in the data themselves. */
  private static final int MOST_LISTED = 60;

  private static final Formula ONE = number(1);
  private static final Formula TWO = number(2);

  private final WorkingBuilder working;
  private final MeasureContext context;
  private final Tally tally;
  private final Formula left;

  /**
   * Makes those of a quantity.
   *
   * @param left what is found
   */
  InspectionSteps(WorkingBuilder working, MeasureContext context, Formula left) {
    this.working = working;
    this.context = context;
    this.tally = context.tally();
    this.left = left;
  }

  private Optional<List<Real>> found(boolean found) {
    return found ? Optional.of(List.of(working.value(left))) : Optional.empty();
  }

  private static List<InspectionResult> sightings(Inspection.Seen seen) {
    return seen instanceof Inspection.Numbers numbers ? numbers.sightings() : List.of();
  }

  @Override
  public Optional<List<Real>> orderedPlace(OrderedPlace how) {
    List<InspectionResult> seen = sightings(how.look(context));
    if (seen.isEmpty()) {
      return Optional.empty();
    }
    Quantiles quantiles = new Quantiles(tally);
    QuantilePosition place = how.place(quantiles).orElseThrow();
    Optional<BigInteger> half = quantiles.half(how.rule());
    switch (how.role()) {
      case MEDIAN -> steps(place, 1, count(), Why.MIDDLE, this::middle);
      case PERCENTILE -> byPosition(how, place);
      case LOWER_QUARTILE, UPPER_QUARTILE -> {
        if (half.isEmpty()) {
          byPosition(how, place);
        } else {
          inHalf(how, place, half.get());
        }
      }
    }
    return found(working.find(left, seen.get(0).formula()));
  }

  private int count() {
    return tally.total().numerator().intValueExact();
  }

  private void byPosition(OrderedPlace how, QuantilePosition place) {
    steps(place, 1, count(), Why.IN_ORDER, () -> byPosition(how.rule(), how.share(), place));
  }

  private void inHalf(OrderedPlace how, QuantilePosition place, BigInteger half) {
    boolean lower = how.role() == OrderedPlace.Role.LOWER_QUARTILE;
    int n = count();
    int k = half.intValueExact();
    Why why =
        how.rule() == QuantileRule.HALVES_WITHOUT_MEDIAN
            ? Why.HALVES_WITHOUT_MEDIAN
            : Why.HALVES_WITH_MEDIAN;
    steps(place, lower ? 1 : n - k + 1, lower ? k : n, why, () -> inHalf(how.rule(), lower, half));
  }

  /** The class that a position lies in, and what the interpolation within it needs. */
  @Override
  public Optional<List<Real>> reachedClass(ReachedClass how) {
    List<InspectionResult> seen = sightings(how.look(context));
    if (seen.isEmpty()) {
      return Optional.empty();
    }
    ClassPlace place = how.place(context);
    Formula n = context.n();
    boolean plusOne =
        context.rules().get(Rule.MEDIAN_POSITION) == GroupedPositionRule.HALF_N_PLUS_1;
    working.need(n);
    working.know(P, how.share());
    Formula sought = (plusOne ? n.plus(ONE) : n).times(P);
    Formula halved = (plusOne ? n.plus(ONE) : n).over(TWO);
    Exact exact = how.position(context.rules(), tally.total());
    working.compute(
        PLACE, how.share().equals(Exact.of(1, 2)) ? halved : sought, exact, place.position());
    if (!exact.equals(place.position())) {
      see(Sight.HELD, exact, place.position());
    }
    working.table().addCumulative();
    see(
        Sight.CLASS_TO_REACH,
        place.position(),
        place.before().plus(place.interval().frequency()),
        place.interval().lower().orElseThrow(),
        place.interval().upper().orElseThrow());
    for (Quantity read :
        List.of(
            Quantity.CLASS_LOWER,
            Quantity.CUMULATIVE_BEFORE,
            Quantity.CLASS_FREQUENCY,
            Quantity.CLASS_WIDTH)) {
      working.agree(read.formula(), seen.get(0).found().get(read));
    }
    return found(working.find(left, seen.get(0).formula()));
  }

  @Override
  public Optional<List<Real>> mostFrequent(MostFrequent how) {
    List<Exact> modes = new ArrayList<>();
    for (InspectionResult inspection : sightings(how.look(context))) {
      modes.add(working.evaluate(inspection.formula()).orElseThrow());
    }
    Exact most = tally.highestFrequency();
    Sight sight = modes.isEmpty() ? Sight.NO_MODE : modes.size() == 1 ? Sight.MODE : Sight.MODES;
    working.add(
        new WorkingStep.Seen(sight, Stream.concat(Stream.of(most), modes.stream()).toList()));
    return Optional.of(List.copyOf(modes));
  }

  @Override
  public Optional<List<Real>> modalClasses(ModalClasses how) {
    List<InspectionResult> seen = sightings(how.look(context));
    return seen.isEmpty()
        ? Optional.empty()
        : Optional.of(new ModalSteps(working, left, context.classes().orElseThrow()).modes(seen));
  }

  @Override
  public Optional<List<Real>> trimming(Trimming how) {
    List<InspectionResult> seen = sightings(how.look(context));
    if (seen.isEmpty()) {
      return Optional.empty();
    }
    // Of a table too: Σf would be that of what is left.
    Formula n = Quantity.N.formula();
    working.agree(n, tally.total());
    working.agree(P, how.proportion());
    Exact share = tally.total().times(how.proportion());
    Exact whole = how.leftOut(tally);
    Formula out = Quantity.LEFT_OUT.formula();
    working.compute(out, n.times(P), share, whole);
    see(Sight.LEFT_OUT, share, whole);
    int ends = whole.numerator().intValueExact();
    working.add(
        new WorkingStep.InOrder(
            context.inOrder(), 1, count(), ends + 1, count() - ends, Optional.of(Why.TRIMMED)));
    return working.meanOfRest(left, seen.get(0).rest().orElseThrow(), n.minus(TWO.times(out)));
  }

  @Override
  public Optional<List<Real>> rankOfValue(RankOfValue how) {
    List<InspectionResult> seen = sightings(how.look(context));
    if (seen.isEmpty()) {
      return Optional.empty();
    }
    working.need(context.n());
    working.agree(Quantity.ONE_VALUE.formula(), how.value());
    Exact below = seen.get(0).found().get(Quantity.BELOW);
    Exact equal = seen.get(0).found().get(Quantity.EQUAL);
    if (tally.hasPositions()) {
      int from = below.numerator().intValueExact() + 1;
      int to = from - 1 + equal.numerator().intValueExact();
      working.add(
          new WorkingStep.InOrder(
              context.inOrder(), 1, count(), from, to, Optional.of(Why.IN_ORDER)));
    }
    see(Sight.BELOW_AND_EQUAL, below, how.value(), equal);
    working.know(Quantity.BELOW.formula(), below);
    working.know(Quantity.EQUAL.formula(), equal);
    return found(working.find(left, seen.get(0).formula()));
  }

  @Override
  public Optional<List<Real>> rankInClasses(RankInClasses how) {
    List<InspectionResult> seen = sightings(how.look(context));
    if (seen.isEmpty()) {
      return Optional.empty();
    }
    working.need(context.n());
    working.agree(Quantity.ONE_VALUE.formula(), how.value());
    working.table().addCumulative();
    int row = seen.get(0).row();
    if (row >= 0) {
      Interval interval = context.classes().orElseThrow().intervals().get(row);
      see(
          Sight.CLASS_OF_VALUE,
          how.value(),
          interval.lower().orElseThrow(),
          interval.upper().orElseThrow());
    }
    for (Quantity read :
        List.of(
            Quantity.CUMULATIVE_BEFORE,
            Quantity.CLASS_FREQUENCY,
            Quantity.CLASS_LOWER,
            Quantity.CLASS_WIDTH)) {
      Optional.ofNullable(seen.get(0).found().get(read))
          .ifPresent(number -> working.agree(read.formula(), number));
    }
    return found(working.find(left, seen.get(0).formula()));
  }

  /** The positions are told by arithmetic, or seen in the list; both end at the same values. */
  private void steps(QuantilePosition place, int first, int last, Why why, Runnable arithmetic) {
    List<Integer> kept = kept(place);
    int from = kept.get(0);
    int to = kept.get(kept.size() - 1);
    if (working.method() == Method.CROSSING_OFF) {
      working.add(
          new WorkingStep.InOrder(context.inOrder(), first, last, from, to, Optional.of(why)));
      return;
    }
    if (working.method() == Method.DEFINITION) {
      showAll();
    }
    arithmetic.run();
    if (working.method() == Method.CUMULATIVE) {
      working.table().addCumulative();
      for (int position : kept) {
        int rank = tally.rankAt(BigInteger.valueOf(position));
        working.add(
            new WorkingStep.Seen(
                Sight.FIRST_TO_REACH,
                List.of(Exact.of(position), tally.cumulative(rank), tally.value(rank))));
      }
    }
  }

  /** The values in order, or F beside them, so that positions can be looked up. */
  private void showAll() {
    if (context.isTable()) {
      working.table().addCumulative();
    } else if (count() <= MOST_LISTED && working.isWithoutList()) {
      working.add(
          new WorkingStep.InOrder(
              context.inOrder(), 1, count(), 1, count(), Optional.of(Why.IN_ORDER)));
    }
  }

  /** {@return the one or two positions, within 1 and n, that the result is made of} */
  private List<Integer> kept(QuantilePosition place) {
    BigInteger n = tally.total().numerator();
    List<Integer> kept = new ArrayList<>();
    if (place.share().compareTo(Exact.ONE) < 0) {
      kept.add(place.below().max(BigInteger.ONE).min(n).intValueExact());
    }
    if (place.share().signum() > 0) {
      int above = place.below().add(BigInteger.ONE).max(BigInteger.ONE).min(n).intValueExact();
      if (!kept.contains(above)) {
        kept.add(above);
      }
    }
    return kept;
  }

  private void middle() {
    position(context.n().plus(ONE).over(TWO));
  }

  /** The middle of the lower half, or of the upper one counted from the first value. */
  private void inHalf(QuantileRule rule, boolean lower, BigInteger half) {
    Formula n = context.n();
    boolean odd = tally.total().numerator().testBit(0);
    Formula size =
        !odd ? n : rule == QuantileRule.HALVES_WITHOUT_MEDIAN ? n.minus(ONE) : n.plus(ONE);
    if (working.isUnknown(K)) {
      working.need(n);
      working.compute(K, size.over(TWO), Exact.of(half), Exact.of(half));
    }
    Formula middle = K.plus(ONE).over(TWO);
    position(lower ? middle : n.minus(K).plus(middle));
  }

  private void byPosition(QuantileRule rule, Exact p, QuantilePosition place) {
    working.know(P, p);
    Exact sought = position(position(rule));
    BigInteger n = tally.total().numerator();
    Exact at = place.position(n);
    boolean beyond = sought.compareTo(Exact.ONE) < 0 || sought.compareTo(Exact.of(n)) > 0;
    if (sought.isWhole() && !beyond) {
      boolean averaged = place.share().signum() > 0 && rule == QuantileRule.HF2;
      see(
          averaged ? Sight.WHOLE_AVERAGED : Sight.WHOLE,
          sought,
          averaged ? sought.plus(Exact.ONE) : sought);
    } else if (rule == QuantileRule.HF1 || rule == QuantileRule.HF2) {
      see(Sight.TAKEN_UP, sought, at);
    } else if (rule == QuantileRule.HF3) {
      see(Sight.NEAREST, sought, at);
    } else if (beyond) {
      see(Sight.HELD, sought, at);
    } else {
      Exact below = Exact.of(place.below());
      see(Sight.BETWEEN, sought, below, place.share(), below.plus(Exact.ONE));
    }
  }

  private void see(Sight sight, Exact... numbers) {
    working.add(new WorkingStep.Seen(sight, List.of(numbers)));
  }

  private Exact position(Formula symbols) {
    working.need(context.n());
    Exact value = working.evaluate(symbols).orElseThrow();
    working.compute(PLACE, symbols, value, value);
    return value;
  }

  /** The position as a course says it; Hyndman and Fan's np + m, tidied up. */
  private Formula position(QuantileRule rule) {
    Formula n = context.n();
    Formula third = ONE.over(number(3));
    return switch (rule) {
      case HF1, HF2, HF3, HF4 -> n.times(P);
      case HF5 -> n.times(P).plus(new Formula.Numeral(Exact.of(1, 2)));
      case HF6 -> n.plus(ONE).times(P);
      case HF7 -> ONE.plus(n.minus(ONE).times(P));
      case HF8 -> n.plus(third).times(P).plus(third);
      case HF9 ->
          n.plus(new Formula.Numeral(Exact.of(1, 4)))
              .times(P)
              .plus(new Formula.Numeral(Exact.of(3, 8)));
      case HALVES_WITHOUT_MEDIAN, HALVES_WITH_MEDIAN ->
          throw new IllegalArgumentException(rule.code() + " takes halves, not a position");
    };
  }
}
