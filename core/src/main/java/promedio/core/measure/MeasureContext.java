package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.limit.Limit;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.LargeSample;
import promedio.core.rules.Rule;
import promedio.core.rules.Sheppard;
import promedio.core.sample.Categories;
import promedio.core.sample.Data;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;
import promedio.core.sample.Tally;
import promedio.core.sample.Values;

/**
 * What a measure is defined for: the kind of data, the course rules, and the arguments of what is
 * asked. It knows the parts that formulas of such data are made of.
 */
public final class MeasureContext {

  /** From so many values on a sample is large. */
  private static final Exact LARGE = Exact.of(30);

  private static final Formula WIDTH = Quantity.CLASS_WIDTH.formula();

  private final Data data;
  private final CourseRules rules;
  private final Tally tally;
  private final Optional<Grouped> classes;
  private final List<Exact> arguments;

  /** What sums run over where the data are of more than one variable. */
  private final Optional<Scope> several;

  private MeasureContext(
      Data data,
      CourseRules rules,
      Tally tally,
      Optional<Grouped> classes,
      List<Exact> arguments,
      Optional<Scope> several) {
    this.data = data;
    this.rules = rules;
    this.tally = tally;
    this.classes = classes;
    this.arguments = List.copyOf(arguments);
    this.several = several;
  }

  /** {@return the setting of the data and the rules, without arguments} */
  public static MeasureContext of(Data data, CourseRules rules) {
    Optional<Grouped> classes =
        data.classes()
            .filter(table -> !table.rows().isEmpty())
            .map(table -> Grouped.of(table, rules.get(Rule.OPEN_CLASS)));
    return new MeasureContext(
        data, rules, data.tally(), classes, List.of(), RowsOfSeveral.of(data));
  }

  /** {@return the same for what is asked with these arguments} */
  public MeasureContext with(List<Exact> others) {
    return others.equals(arguments)
        ? this
        : new MeasureContext(data, rules, tally, classes, others, several);
  }

  /** {@return the same where sums run over other values and frequencies} */
  public MeasureContext over(Tally rows) {
    return new MeasureContext(data, rules, rows, classes, arguments, several);
  }

  /** {@return the data} */
  public Data data() {
    return data;
  }

  /** {@return the course rules} */
  public CourseRules rules() {
    return rules;
  }

  /** {@return the values that sums run over, with their frequencies} */
  public Tally tally() {
    return tally;
  }

  /** {@return the classes of a class table by the rule for open ones} */
  public Optional<Grouped> classes() {
    return classes;
  }

  /** {@return the categories, where the data are some} */
  public Optional<Categories> categories() {
    return data.categories();
  }

  /** {@return the single values in the order in which they came, where the data are some} */
  public Optional<Sample> sample() {
    return data.sample();
  }

  /**
   * {@return the argument at the index}
   *
   * @throws IndexOutOfBoundsException if what is asked has no such argument
   */
  public Exact argument(int index) {
    return arguments.get(index);
  }

  /** {@return the argument at the index, where it is given} */
  public Optional<Exact> given(int index) {
    return index < arguments.size() ? Optional.of(arguments.get(index)) : Optional.empty();
  }

  /** {@return whether values stand with their frequencies} */
  public boolean isTable() {
    return sample().isEmpty() && data.subject() == Subject.ONE;
  }

  /** {@return whether the data are a whole population: divided by n} */
  public boolean isPopulation() {
    return rules.get(Rule.DIVISOR) == Divisor.N;
  }

  /** {@return the tail of t, z and r that the course tests by} */
  private Tail tail() {
    return switch (rules.get(Rule.TAILS)) {
      case TWO -> Tail.TWO;
      case UPPER -> Tail.UPPER;
      case LOWER -> Tail.LOWER;
    };
  }

  /** {@return the area that a statistic cuts off from t, at the tail of the course} */
  public Formula areaOfT(Quantity degrees, Quantity statistic) {
    return new Area(Distribution.T, List.of(degrees.formula()), tail(), statistic.formula());
  }

  /** {@return the area that a statistic cuts off from the normal distribution, likewise} */
  public Formula areaOfNormal(Quantity statistic) {
    return new Area(Distribution.NORMAL, List.of(), tail(), statistic.formula());
  }

  /** {@return whether so many values are tested by the normal distribution in place of t} */
  public boolean isByNormal(Exact n) {
    return rules.get(Rule.LARGE_SAMPLE) == LargeSample.Z_FROM_30 && n.compareTo(LARGE) >= 0;
  }

  /**
   * {@return whether every class that needs a midpoint has one; true where there are no classes}
   */
  public boolean hasMidpoints() {
    return classes.map(Grouped::hasMidpoints).orElse(true);
  }

  /** {@return what sums run over} */
  public Scope scope() {
    return several.orElseGet(
        () -> Scope.of(tally, classes.isPresent() ? Quantity.MIDPOINT : Quantity.X));
  }

  /**
   * {@return whether the values have positions, and are few enough to be put one after the other}
   */
  public boolean isListed() {
    return tally.hasPositions()
        && tally.total().compareTo(Exact.of(Limit.LISTED_VALUES.most())) <= 0;
  }

  /** {@return all values in their order; they must be {@link #isListed listed}} */
  public List<Exact> inOrder() {
    Values values = tally.inOrder(0, tally.total().numerator().intValueExact());
    return values.list();
  }

  /** {@return x, or m of a class table} */
  public Formula x() {
    return (classes.isPresent() ? Quantity.MIDPOINT : Quantity.X).formula();
  }

  /** {@return n, or Σf of a table} */
  public Formula n() {
    return (isTable() ? Quantity.TABLE_COUNT : Quantity.N).formula();
  }

  /** {@return the sum of the body over the values, with f before it in a table} */
  public Formula sum(Formula body) {
    return new Sum(isTable() ? Quantity.F.formula().times(body) : body);
  }

  /** {@return x̄ of a sample, μ of a population} */
  public Quantity mean() {
    return isPopulation() ? Quantity.POPULATION_MEAN : Quantity.MEAN;
  }

  /** {@return s² of a sample, σ² of a population} */
  public Quantity variance() {
    return isPopulation() ? Quantity.POPULATION_VARIANCE : Quantity.VARIANCE;
  }

  /** {@return s of a sample, σ of a population} */
  public Quantity sd() {
    return isPopulation() ? Quantity.POPULATION_DEVIATION : Quantity.STANDARD_DEVIATION;
  }

  /** {@return Σ(x−x̄)^k, with f before it in a table} */
  public Formula powers(int exponent) {
    return sum(x().minus(mean().formula()).power(exponent));
  }

  /** {@return Σ(x−x̄)², with f before it in a table} */
  public Formula squares() {
    return powers(2);
  }

  /** {@return Σ(x−x̄)² about the mean of this name, with f before it in a table} */
  public Formula squares(Quantity mean) {
    return sum(x().minus(mean.formula()).power(2));
  }

  /** {@return Σ(x−x̄)²/(n − 1), of a sample whatever the course divides by} */
  public Formula varianceOfSample() {
    return squares(Quantity.MEAN).over(n().minus(number(1)));
  }

  /** {@return Σ(x−x̄)² over what the course divides it by} */
  public Formula uncorrectedVariance() {
    return isPopulation() ? squares().over(n()) : varianceOfSample();
  }

  /** {@return a variance, less Sheppard's h²/12 where the rule is on and classes are alike} */
  public Formula corrected(Formula variance) {
    return sheppardWidth()
        .<Formula>map(width -> variance.minus(WIDTH.power(2).over(number(12))))
        .orElse(variance);
  }

  /** {@return the width h in Sheppard's correction h²/12, where it is due} */
  public Optional<Exact> sheppardWidth() {
    return rules.get(Rule.SHEPPARD) == Sheppard.ON
        ? classes.flatMap(Grouped::commonWidth)
        : Optional.empty();
  }
}
