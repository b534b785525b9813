package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.formula.Quantity;
import promedio.core.measure.ClassPlace;
import promedio.core.measure.ClassPositions;
import promedio.core.measure.Place;
import promedio.core.measure.Quantiles;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.MedianPosition;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Tally;

/** The steps that find where a median, a quartile or a percentile stands. */
final class OrderedSteps {

  private static final Formula PLACE = Quantity.PLACE.formula();
  private static final Formula P = Quantity.PROPORTION.formula();
  private static final Formula K = Quantity.HALF.formula();
  private static final Formula ONE = number(1);
  private static final Formula TWO = number(2);

  private final WorkingBuilder working;
  private final Tally tally;
  private final Formulas formulas;
  private final CourseRules rules;
  private final Method method;

  OrderedSteps(
      WorkingBuilder working, Tally tally, Formulas formulas, CourseRules rules, Method method) {
    this.working = working;
    this.tally = tally;
    this.formulas = formulas;
    this.rules = rules;
    this.method = method;
  }

  /** {@return whether the quantity is found by a position} */
  static boolean finds(Quantity quantity) {
    return quantity == Quantity.MEDIAN
        || quantity == Quantity.LOWER_QUARTILE
        || quantity == Quantity.UPPER_QUARTILE;
  }

  /** Adds the steps that find where the quantity stands; none where the values have no order. */
  void before(Quantity quantity) {
    if (formulas.classes().isPresent()) {
      inClasses(
          quantity == Quantity.MEDIAN
              ? Exact.of(1, 2)
              : Exact.of(quantity == Quantity.LOWER_QUARTILE ? 1 : 3, 4));
      return;
    }
    if (!tally.hasPositions()) {
      return;
    }
    Quantiles quantiles = new Quantiles(tally);
    QuantileRule rule = rules.get(Rule.QUARTILES);
    boolean lower = quantity == Quantity.LOWER_QUARTILE;
    int n = quantiles.n().intValueExact();
    if (quantity == Quantity.MEDIAN) {
      steps(quantiles.median(), 1, n, Why.MIDDLE, () -> middle());
      return;
    }
    Optional<Place> place = lower ? quantiles.lower(rule) : quantiles.upper(rule);
    Optional<BigInteger> half = quantiles.half(rule);
    if (place.isEmpty()) {
      return;
    }
    if (half.isEmpty()) {
      Exact p = Exact.of(lower ? 1 : 3, 4);
      steps(place.get(), 1, n, Why.IN_ORDER, () -> byPosition(rule, p, place.get()));
      return;
    }
    int k = half.get().intValueExact();
    Why why =
        rule == QuantileRule.HALVES_WITHOUT_MEDIAN
            ? Why.HALVES_WITHOUT_MEDIAN
            : Why.HALVES_WITH_MEDIAN;
    steps(
        place.get(),
        lower ? 1 : n - k + 1,
        lower ? k : n,
        why,
        () -> inHalf(rule, lower, half.get()));
  }

  /** The class that a position lies in, and what the interpolation within it needs. */
  private void inClasses(Exact share) {
    ClassPlace place = formulas.place(share).orElseThrow();
    if (place.value().isEmpty()) {
      return;
    }
    Formula n = formulas.n();
    boolean plusOne = rules.get(Rule.MEDIAN_POSITION) == MedianPosition.HALF_N_PLUS_1;
    working.need(n);
    working.know(P, share);
    Formula sought = (plusOne ? n.plus(ONE) : n).times(P);
    Formula halved = (plusOne ? n.plus(ONE) : n).over(TWO);
    Exact exact = ClassPositions.position(rules, tally.total(), share);
    working.compute(PLACE, share.equals(Exact.of(1, 2)) ? halved : sought, exact, place.position());
    if (!exact.equals(place.position())) {
      see(Sight.HELD, exact, place.position());
    }
    working.table().addCumulative();
    Exact lower = place.interval().lower().orElseThrow();
    see(
        Sight.CLASS_TO_REACH,
        place.position(),
        place.before().plus(place.interval().frequency()),
        lower,
        place.interval().upper().orElseThrow());
    working.agree(Quantity.CLASS_LOWER.formula(), lower);
    working.agree(Quantity.CUMULATIVE_BEFORE.formula(), place.before());
    working.agree(Quantity.CLASS_FREQUENCY.formula(), place.interval().frequency());
    working.agree(Quantity.CLASS_WIDTH.formula(), place.interval().width().orElseThrow());
  }

  /** L + (pos − F)/f · h. */
  static Formula interpolated() {
    return Quantity.CLASS_LOWER
        .formula()
        .plus(
            PLACE
                .minus(Quantity.CUMULATIVE_BEFORE.formula())
                .over(Quantity.CLASS_FREQUENCY.formula())
                .times(Quantity.CLASS_WIDTH.formula()));
  }

  /** {@return the percentile, after the steps that find it} */
  Optional<Exact> percentile(Exact p) {
    if (formulas.classes().isPresent()) {
      boolean open = formulas.place(p).flatMap(ClassPlace::value).isEmpty();
      if (open) {
        return Optional.empty();
      }
      inClasses(p);
      Formula left = Quantity.PERCENTILE.formula();
      return working.find(left, interpolated())
          ? Optional.of(working.value(left))
          : Optional.empty();
    }
    Quantiles quantiles = new Quantiles(tally);
    QuantileRule rule = rules.get(Rule.PERCENTILES);
    Place place = Place.of(rule, quantiles.n(), p);
    int n = quantiles.n().intValueExact();
    steps(place, 1, n, Why.IN_ORDER, () -> byPosition(rule, p, place));
    Formula left = Quantity.PERCENTILE.formula();
    boolean found = working.find(left, Formulas.at(place, quantiles.n()));
    return found ? Optional.of(working.value(left)) : Optional.empty();
  }

  /** The positions are told by arithmetic, or seen in the list; both end at the same values. */
  private void steps(Place place, int first, int last, Why why, Runnable arithmetic) {
    List<Integer> kept = kept(place);
    int from = kept.get(0);
    int to = kept.get(kept.size() - 1);
    if (method == Method.CROSSING_OFF) {
      working.add(
          new WorkingStep.InOrder(working.inOrder(), first, last, from, to, Optional.of(why)));
      return;
    }
    arithmetic.run();
    if (method == Method.CUMULATIVE) {
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

  /** {@return the one or two positions, within 1 and n, that the result is made of} */
  private List<Integer> kept(Place place) {
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
    position(formulas.n().plus(ONE).over(TWO));
  }

  /** The middle of the lower half, or of the upper one counted from the first value. */
  private void inHalf(QuantileRule rule, boolean lower, BigInteger half) {
    Formula n = formulas.n();
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

  private void byPosition(QuantileRule rule, Exact p, Place place) {
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
    working.need(formulas.n());
    Exact value = working.evaluate(symbols).orElseThrow();
    working.compute(PLACE, symbols, value, value);
    return value;
  }

  /** The position as a course says it; Hyndman and Fan's np + m, tidied up. */
  private Formula position(QuantileRule rule) {
    Formula n = formulas.n();
    Formula third = new Formula.Numeral(Exact.of(1, 3));
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
