package promedio.core.formula;

import static promedio.core.formula.Formula.number;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Ordered;
import promedio.core.formula.Formula.Product;
import promedio.core.formula.Formula.Root;
import promedio.core.formula.Formula.Sum;
import promedio.core.measure.ClassPlace;
import promedio.core.measure.ClassPositions;
import promedio.core.measure.Grouped;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Place;
import promedio.core.measure.Quantiles;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.rules.Sheppard;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.Sample;
import promedio.core.sample.Tally;

/**
 * The formula of every measure, for some data and by some course rules, and what it comes to. Not
 * for several threads.
 */
public final class Formulas {

  private static final Formula F = Quantity.F.formula();
  private static final Formula MEDIAN = Quantity.MEDIAN.formula();
  private static final Formula LOWER = Quantity.LOWER_QUARTILE.formula();
  private static final Formula UPPER = Quantity.UPPER_QUARTILE.formula();
  private static final Formula IQR = Quantity.INTERQUARTILE_RANGE.formula();
  private static final Formula M2 = Quantity.SECOND_MOMENT.formula();
  private static final Formula M3 = Quantity.THIRD_MOMENT.formula();
  private static final Formula M4 = Quantity.FOURTH_MOMENT.formula();

  private final Data data;
  private final Tally tally;
  private final Optional<Grouped> classes;
  private final Formula x;
  private final CourseRules rules;
  private final boolean table;
  private final boolean population;

  /** What quantities came to when they were first asked for. */
  private final Map<Quantity, Optional<Exact>> known = new EnumMap<>(Quantity.class);

  private final Rewriting rewriting;

  private Formulas(Data data, CourseRules rules, Rewriting rewriting) {
    this.data = data;
    this.rewriting = rewriting;
    this.tally = rewriting.rows().orElse(data.tally());
    this.rules = rules;
    this.table = !(data instanceof Sample);
    this.classes =
        data instanceof ClassTable classTable && !classTable.rows().isEmpty()
            ? Optional.of(Grouped.of(classTable, rules.get(Rule.OPEN_CLASS)))
            : Optional.empty();
    this.x = (classes.isPresent() ? Quantity.MIDPOINT : Quantity.X).formula();
    this.population = rules.get(Rule.DIVISOR) == Divisor.N;
  }

  /** {@return the formulas for the data by the rules} */
  public static Formulas of(Data data, CourseRules rules) {
    return new Formulas(data, rules, Rewriting.NONE);
  }

  /** {@return the same formulas as a hand works them that does something otherwise} */
  public Formulas rewritten(Rewriting other) {
    return new Formulas(data, rules, other);
  }

  /** {@return the formula of the measure; the mode has none, nor has the median of no values} */
  public Optional<Equation> of(Measure measure) {
    return right(measure).map(right -> new Equation(symbol(measure), right));
  }

  /** {@return the symbol of the measure: x̄ and s of a sample, μ and σ of a population} */
  public Quantity symbol(Measure measure) {
    return switch (measure) {
      case SUM ->
          classes.isPresent()
              ? Quantity.CLASS_TOTAL
              : table ? Quantity.TABLE_TOTAL : Quantity.TOTAL;
      case MEAN -> population ? Quantity.POPULATION_MEAN : Quantity.MEAN;
      case MEDIAN -> Quantity.MEDIAN;
      case MODES -> Quantity.MODE;
      case Q1 -> Quantity.LOWER_QUARTILE;
      case Q3 -> Quantity.UPPER_QUARTILE;
      case MIDRANGE -> Quantity.MIDRANGE;
      case GEOMETRIC_MEAN -> Quantity.GEOMETRIC_MEAN;
      case HARMONIC_MEAN -> Quantity.HARMONIC_MEAN;
      case MIN -> Quantity.SMALLEST;
      case MAX -> Quantity.LARGEST;
      case RANGE -> Quantity.RANGE;
      case IQR -> Quantity.INTERQUARTILE_RANGE;
      case QUARTILE_DEVIATION -> Quantity.QUARTILE_DEVIATION;
      case VARIANCE -> population ? Quantity.POPULATION_VARIANCE : Quantity.VARIANCE;
      case SD -> population ? Quantity.POPULATION_DEVIATION : Quantity.DEVIATION;
      case MEAN_DEVIATION -> Quantity.MEAN_DEVIATION;
      case MEAN_DEVIATION_MEDIAN -> Quantity.MEDIAN_DEVIATION;
      case CV -> Quantity.VARIATION;
      case STANDARD_ERROR -> Quantity.STANDARD_ERROR;
      case SKEWNESS -> symbol(named());
      case SKEWNESS_ADJUSTED -> Quantity.ADJUSTED_SKEWNESS;
      case SKEWNESS_MOMENT -> Quantity.MOMENT_SKEWNESS;
      case SKEWNESS_MOMENT_S -> Quantity.SKEWNESS_BY_S;
      case SKEWNESS_PEARSON_MEDIAN -> Quantity.MEDIAN_SKEWNESS;
      case SKEWNESS_PEARSON_MODE -> Quantity.MODE_SKEWNESS;
      case SKEWNESS_QUARTILE -> Quantity.QUARTILE_SKEWNESS;
      case KURTOSIS_MOMENT -> Quantity.MOMENT_KURTOSIS;
      case KURTOSIS_EXCESS -> Quantity.EXCESS_KURTOSIS;
      case KURTOSIS_ADJUSTED -> Quantity.ADJUSTED_KURTOSIS;
      case LOWER_FENCE -> Quantity.LOWER_FENCE;
      case UPPER_FENCE -> Quantity.UPPER_FENCE;
      case LOWER_OUTER_FENCE -> Quantity.LOWER_OUTER_FENCE;
      case UPPER_OUTER_FENCE -> Quantity.UPPER_OUTER_FENCE;
    };
  }

  /** {@return x, or m of a class table} */
  public Formula x() {
    return x;
  }

  private Optional<Formula> right(Measure measure) {
    if (classes.isPresent()) {
      Optional<Formula> inClasses = rightInClasses(measure, classes.get());
      if (inClasses.isPresent() || isFoundInClasses(measure)) {
        return inClasses;
      }
    }
    return switch (measure) {
      case MODES -> Optional.empty();
      case MEDIAN -> ordered().map(q -> at(q.median(), q.n()));
      case Q1 -> ordered().flatMap(q -> q.lower(rules.get(Rule.QUARTILES)).map(p -> at(p, q.n())));
      case Q3 -> ordered().flatMap(q -> q.upper(rules.get(Rule.QUARTILES)).map(p -> at(p, q.n())));
      case SKEWNESS -> right(named());
      default -> Optional.of(fixed(measure));
    };
  }

  private static boolean isFoundInClasses(Measure measure) {
    return switch (measure) {
      case MEDIAN, Q1, Q3, MIN, MAX -> true;
      default -> false;
    };
  }

  private Optional<Formula> rightInClasses(Measure measure, Grouped grouped) {
    List<ClassTable.Interval> intervals = grouped.intervals();
    return switch (measure) {
      case MEDIAN -> inClass(Exact.of(1, 2));
      case Q1 -> inClass(Exact.of(1, 4));
      case Q3 -> inClass(Exact.of(3, 4));
      case MIN -> intervals.get(0).lower().map(Numeral::new);
      case MAX -> intervals.get(intervals.size() - 1).upper().map(Numeral::new);
      default -> Optional.empty();
    };
  }

  /**
   * {@return L + (t − F)/f · h with the numbers of the class that a share of the values reaches};
   * none where there are no classes, or that class is open
   */
  public Optional<Formula> inClass(Exact share) {
    return place(share)
        .filter(place -> place.interval().width().isPresent())
        .map(
            place ->
                new Numeral(place.interval().lower().orElseThrow())
                    .plus(
                        new Numeral(place.position())
                            .minus(new Numeral(place.before()))
                            .over(new Numeral(place.interval().frequency()))
                            .times(new Numeral(place.interval().width().orElseThrow()))));
  }

  /** {@return where the value lies that a share of a class table's values does not exceed} */
  public Optional<ClassPlace> place(Exact share) {
    return classes.map(
        grouped ->
            ClassPlace.of(
                grouped.intervals(), ClassPositions.position(rules, tally.total(), share)));
  }

  /** {@return the classes of a class table by the rule for open ones} */
  public Optional<Grouped> classes() {
    return classes;
  }

  private Formula fixed(Measure measure) {
    return switch (measure) {
      case SUM -> sum(x);
      case MEAN -> sum(x).over(n());
      case MIDRANGE -> smallest().plus(largest()).over(number(2));
      case GEOMETRIC_MEAN -> new Root(n(), new Product(table ? new Formula.Power(x, F) : x));
      case HARMONIC_MEAN -> n().over(new Sum((table ? F : number(1)).over(x)));
      case MIN -> new Ordered(number(1));
      case MAX -> new Ordered(Quantity.N.formula());
      case RANGE -> largest().minus(smallest());
      case IQR -> UPPER.minus(LOWER);
      case QUARTILE_DEVIATION -> IQR.over(number(2));
      case VARIANCE -> variance();
      case SD -> variance().root();
      case MEAN_DEVIATION -> sum(new Absolute(x.minus(mean()))).over(n());
      case MEAN_DEVIATION_MEDIAN -> sum(new Absolute(x.minus(MEDIAN))).over(n());
      case CV -> number(100).times(sd().over(new Absolute(mean())));
      case STANDARD_ERROR -> Quantity.DEVIATION.formula().over(n().root());
      case SKEWNESS_ADJUSTED ->
          n().times(n().minus(number(1)))
              .root()
              .over(n().minus(number(2)))
              .times(M3.over(new Formula.Power(M2, new Numeral(Exact.of(3, 2)))));
      case SKEWNESS_MOMENT -> M3.over(new Formula.Power(M2, new Numeral(Exact.of(3, 2))));
      // Sheppard's correction leaves moments and what is made of them alone.
      case SKEWNESS_MOMENT_S ->
          M3.over(
              (sheppard().isPresent() ? ofSample().root() : Quantity.DEVIATION.formula()).power(3));
      case SKEWNESS_PEARSON_MEDIAN -> number(3).times(mean().minus(MEDIAN)).over(sd());
      case SKEWNESS_PEARSON_MODE -> mean().minus(Quantity.MODE.formula()).over(sd());
      case SKEWNESS_QUARTILE ->
          UPPER.plus(LOWER).minus(number(2).times(MEDIAN)).over(UPPER.minus(LOWER));
      case KURTOSIS_MOMENT -> M4.over(M2.power(2));
      case KURTOSIS_EXCESS -> M4.over(M2.power(2)).minus(number(3));
      case KURTOSIS_ADJUSTED ->
          n().minus(number(1))
              .over(n().minus(number(2)).times(n().minus(number(3))))
              .times(n().plus(number(1)).times(Quantity.EXCESS_KURTOSIS.formula()).plus(number(6)));
      case LOWER_FENCE -> LOWER.minus(new Numeral(Exact.of(3, 2)).times(IQR));
      case UPPER_FENCE -> UPPER.plus(new Numeral(Exact.of(3, 2)).times(IQR));
      case LOWER_OUTER_FENCE -> LOWER.minus(number(3).times(IQR));
      case UPPER_OUTER_FENCE -> UPPER.plus(number(3).times(IQR));
      case MODES, MEDIAN, Q1, Q3, SKEWNESS ->
          throw new IllegalArgumentException(measure + " depends on the data or the rules");
    };
  }

  /**
   * {@return what the formula of the measure comes to}; empty where it has no value, or one that is
   * no fraction and no square root of one
   */
  public Optional<Exact> value(Measure measure) {
    return right(measure).flatMap(right -> value(rewriting.tree().apply(right)));
  }

  /** {@return what a formula of the quantities of this data comes to} */
  public Optional<Exact> value(Formula formula) {
    boolean known =
        classes.map(Grouped::hasMidpoints).orElse(true) || !formula.mentions(Quantity.MIDPOINT);
    return known ? formula.accept(new Evaluator(tally, this::value)) : Optional.empty();
  }

  /** {@return whether the measure is made of the quantity, at whatever remove} */
  public boolean hangsOn(Measure measure, Quantity quantity) {
    return right(measure).filter(right -> hangsOn(right, quantity, new HashSet<>())).isPresent();
  }

  private boolean hangsOn(Formula formula, Quantity quantity, Set<Quantity> seen) {
    for (Formula part : formula.parts()) {
      if (part instanceof Formula.Named named
          && (named.quantity() == quantity
              || (seen.add(named.quantity())
                  && definition(named.quantity())
                      .filter(next -> hangsOn(next, quantity, seen))
                      .isPresent()))) {
        return true;
      }
    }
    return false;
  }

  /** {@return the value of the quantity, by its own formula} */
  public Optional<Exact> value(Quantity quantity) {
    Optional<Exact> before = known.get(quantity);
    if (before == null) {
      before =
          definition(quantity)
              .flatMap(formula -> value(rewriting.tree().apply(formula)))
              .map(rewriting.results().getOrDefault(quantity, UnaryOperator.identity()));
      known.put(quantity, before);
    }
    return before;
  }

  /** {@return the formula of a quantity that other formulas name; x and f have none} */
  public Optional<Formula> definition(Quantity quantity) {
    return switch (quantity) {
      case X, F, MIDPOINT -> Optional.empty();
      case N -> Optional.of(new Numeral(tally.total()));
      case TABLE_COUNT -> Optional.of(new Sum(F));
      case SMALLEST -> right(Measure.MIN);
      case LARGEST -> right(Measure.MAX);
      case SECOND_MOMENT -> Optional.of(moment(2));
      case THIRD_MOMENT -> Optional.of(moment(3));
      case FOURTH_MOMENT -> Optional.of(moment(4));
      case VARIANCE -> Optional.of(corrected(ofSample()));
      case DEVIATION -> Optional.of(corrected(ofSample()).root());
      case MODE -> onlyMode().map(Numeral::new);
      default ->
          Arrays.stream(Measure.values())
              .filter(measure -> symbol(measure) == quantity)
              .findFirst()
              .flatMap(this::right);
    };
  }

  private Formula moment(int order) {
    return sum(x.minus(mean()).power(order)).over(n());
  }

  private Optional<Exact> onlyMode() {
    Result modes = Measures.of(data, rules).get(Measure.MODES);
    return modes instanceof Result.Several several && several.values().size() == 1
        ? Optional.of(several.values().get(0))
        : Optional.empty();
  }

  private Measure named() {
    return Measure.called(rules.get(Rule.SKEWNESS));
  }

  /** {@return n, or Σf of a table} */
  public Formula n() {
    return (table ? Quantity.TABLE_COUNT : Quantity.N).formula();
  }

  private Formula mean() {
    return symbol(Measure.MEAN).formula();
  }

  private Formula sd() {
    return symbol(Measure.SD).formula();
  }

  private static Formula smallest() {
    return Quantity.SMALLEST.formula();
  }

  private static Formula largest() {
    return Quantity.LARGEST.formula();
  }

  /** {@return the sum of the body over the values, with f before it in a table} */
  public Formula sum(Formula body) {
    return new Sum(table ? F.times(body) : body);
  }

  /** {@return Σ(x−x̄)², with f before it in a table} */
  public Formula squares() {
    return sum(x.minus(mean()).power(2));
  }

  private Formula variance() {
    return corrected(population ? squares().over(n()) : ofSample());
  }

  private Formula ofSample() {
    return squares().over(n().minus(number(1)));
  }

  /** {@return the variance, less Sheppard's h²/12 where the rule is on and classes are alike} */
  public Formula corrected(Formula variance) {
    return sheppard()
        .<Formula>map(width -> variance.minus(new Numeral(width).power(2).over(number(12))))
        .orElse(variance);
  }

  private Optional<Exact> sheppard() {
    return rules.get(Rule.SHEPPARD) == Sheppard.ON
        ? classes.flatMap(Grouped::commonWidth)
        : Optional.empty();
  }

  /** The values in order, where they have positions. */
  private Optional<Quantiles> ordered() {
    return tally.isEmpty() || !tally.hasPositions()
        ? Optional.empty()
        : Optional.of(new Quantiles(tally));
  }

  /**
   * {@return the value at a place, or between two values, as a formula}
   *
   * @param n how many values there are, which positions are held within
   */
  public static Formula at(Place place, BigInteger n) {
    BigInteger below = place.below().max(BigInteger.ONE).min(n);
    BigInteger above = place.below().add(BigInteger.ONE).max(BigInteger.ONE).min(n);
    if (place.share().signum() == 0 || below.equals(above)) {
      return at(below);
    }
    if (place.share().equals(Exact.ONE)) {
      return at(above);
    }
    return place.share().equals(Exact.of(1, 2))
        ? at(below).plus(at(above)).over(number(2))
        : at(below).plus(new Numeral(place.share()).times(at(above).minus(at(below))));
  }

  private static Formula at(BigInteger position) {
    return new Ordered(new Numeral(Exact.of(position)));
  }
}
