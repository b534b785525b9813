package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Formulas;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Measures;
import promedio.core.measure.Result;
import promedio.core.number.Enclosed;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.Carry;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Tally;
import promedio.core.sample.Values;

/** Finds the steps of a working, each after those that it needs. */
final class WorkingBuilder {

  /** Longer sums are not written out; their terms stand in the table. */
  private static final int MOST_TERMS = 6;

  private static final List<Quantity> FIVE =
      List.of(
          Quantity.SMALLEST,
          Quantity.LOWER_QUARTILE,
          Quantity.MEDIAN,
          Quantity.UPPER_QUARTILE,
          Quantity.LARGEST);

  private final Data data;
  private final Tally tally;
  private final boolean frequencies;
  private final CourseRules rules;
  private final Method method;
  private final Assumed assumed;
  private final Formulas formulas;
  private final Definitions definitions;
  private final Evaluation evaluation;
  private final Map<Formula, Exact> known = new LinkedHashMap<>();
  private final List<WorkingStep> steps = new ArrayList<>();
  private WorkTableBuilder table;

  WorkingBuilder(Data data, CourseRules rules, Method method, Assumed assumed) {
    this.data = data;
    this.tally = data.tally();
    this.frequencies = !(data instanceof Sample);
    this.rules = rules;
    this.method = method;
    this.assumed = assumed;
    this.formulas = Formulas.of(data, rules);
    this.definitions = new Definitions(formulas, method);
    this.evaluation =
        new Evaluation(tally, quantity -> Optional.ofNullable(known.get(quantity.formula())));
    this.table = table(frequencies || method == Method.CUMULATIVE);
  }

  private WorkTableBuilder table(boolean withFrequencies) {
    List<WorkRow> rows = formulas.classes().map(WorkRow::of).orElseGet(() -> WorkRow.of(tally));
    return new WorkTableBuilder(rows, formulas.x(), withFrequencies, evaluation, this::carried);
  }

  Optional<Working> build(Task task) {
    return task.accept(new Results())
        .map(results -> new Working(task, method, steps, table.build(), results, results));
  }

  /** What each kind of task ends with; empty where it has no result. */
  private final class Results implements Task.Visitor<Optional<List<Real>>> {

    @Override
    public Optional<List<Real>> measured(Measure measure) {
      Result result = Measures.of(data, rules).get(measure);
      if (measure == Measure.MODES) {
        return modes(result);
      }
      Quantity symbol = formulas.symbol(measure);
      boolean worked =
          result.number().isPresent()
              && definitions
                  .of(symbol)
                  .map(formula -> find(symbol.formula(), formula))
                  .orElse(false);
      return worked ? Optional.of(List.of(last().carried())) : Optional.empty();
    }

    private Optional<List<Real>> modes(Result result) {
      if (formulas.classes().isPresent()) {
        return new ModalSteps(WorkingBuilder.this, formulas, rules).modes(result);
      }
      table = table(true);
      Exact most = tally.highestFrequency();
      if (result instanceof Result.Several several) {
        Sight sight = several.values().size() == 1 ? Sight.MODE : Sight.MODES;
        add(
            new WorkingStep.Seen(
                sight, Stream.concat(Stream.of(most), several.values().stream()).toList()));
        return Optional.of(List.copyOf(several.values()));
      }
      add(new WorkingStep.Seen(Sight.NO_MODE, List.of(most)));
      return Optional.of(List.of());
    }

    @Override
    public Optional<List<Real>> fiveNumbers() {
      List<Real> found = new ArrayList<>();
      for (Quantity quantity : FIVE) {
        if (!findPart(quantity.formula())) {
          return Optional.empty();
        }
        found.add(known.get(quantity.formula()));
      }
      return Optional.of(found);
    }

    @Override
    public Optional<List<Real>> percentile(Exact percent) {
      return isWithin(percent, Exact.of(100)) && hasOrder()
          ? ordered().percentile(percent.over(100)).map(List::of)
          : Optional.empty();
    }

    @Override
    public Optional<List<Real>> trimmedMean(Exact proportion) {
      Formula n = formulas.n();
      Formula p = Quantity.PROPORTION.formula();
      if (!isWithin(proportion, Exact.of(1, 2))
          || data instanceof ClassTable
          || !tally.hasPositions()
          || !findPart(n)) {
        return Optional.empty();
      }
      agree(p, proportion);
      Exact share = tally.total().times(proportion);
      int count = tally.total().numerator().intValueExact();
      int out = share.floor().intValueExact();
      if (2 * out >= count) {
        return Optional.empty();
      }
      Exact whole = Exact.of(out);
      compute(Quantity.LEFT_OUT.formula(), n.times(p), share, whole);
      add(new WorkingStep.Seen(Sight.LEFT_OUT, List.of(share, whole)));
      List<Exact> values = inOrder();
      add(
          new WorkingStep.InOrder(
              values, 1, count, out + 1, count - out, Optional.of(Why.TRIMMED)));
      WorkingBuilder rest =
          new WorkingBuilder(
              new Sample(Values.of(values.subList(out, count - out))), rules, method, assumed);
      Formula left = Quantity.TRIMMED_MEAN.formula();
      boolean found =
          rest.definitions
              .of(rest.formulas.symbol(Measure.MEAN))
              .map(mean -> rest.find(left, mean))
              .orElse(false);
      steps.addAll(rest.steps);
      table = rest.table;
      return found ? Optional.of(List.of(rest.last().carried())) : Optional.empty();
    }

    @Override
    public Optional<List<Real>> moment(Exact order) {
      List<Quantity> moments =
          List.of(Quantity.SECOND_MOMENT, Quantity.THIRD_MOMENT, Quantity.FOURTH_MOMENT);
      boolean known234 = order.isWhole() && isWithin(order.minus(Exact.of(2)), Exact.of(2));
      if (!known234) {
        return Optional.empty();
      }
      Formula moment = moments.get(order.numerator().intValueExact() - 2).formula();
      return findPart(moment) ? Optional.of(List.of(last().carried())) : Optional.empty();
    }

    @Override
    public Optional<List<Real>> score(Exact value) {
      Formula x = Quantity.ONE_VALUE.formula();
      agree(x, value);
      Formula distance = x.minus(mean());
      return find(Quantity.SCORE.formula(), distance.over(deviation()))
          ? Optional.of(List.of(last().carried()))
          : Optional.empty();
    }

    @Override
    public Optional<List<Real>> valueOfScore(Exact score) {
      Formula z = Quantity.SCORE.formula();
      agree(z, score);
      Formula symbols = mean().plus(z.times(deviation()));
      if (!findParts(symbols)) {
        return Optional.empty();
      }
      Exact distance = score.times(value(deviation()));
      Real value =
          distance.isRational()
              ? value(mean()).plus(distance)
              : Enclosed.sum(value(mean()), distance);
      Real carried = value instanceof Exact exact ? carried(exact) : rounded(value);
      add(
          new WorkingStep.Computed(
              Quantity.ONE_VALUE.formula(), symbols, withNumbers(symbols), value, carried));
      return Optional.of(List.of(carried));
    }

    @Override
    public Optional<List<Real>> rank(Exact value) {
      Formula n = formulas.n();
      Formula below = Quantity.BELOW.formula();
      Formula equal = Quantity.EQUAL.formula();
      if (data instanceof ClassTable || !findPart(n)) {
        return Optional.empty();
      }
      agree(Quantity.ONE_VALUE.formula(), value);
      int rank = 0;
      while (rank < tally.size() && tally.value(rank).compareTo(value) < 0) {
        rank++;
      }
      Exact before = rank == 0 ? Exact.ZERO : tally.cumulative(rank - 1);
      boolean stands = rank < tally.size() && tally.value(rank).equals(value);
      Exact same = stands ? tally.frequency(rank) : Exact.ZERO;
      if (tally.hasPositions()) {
        int from = before.numerator().intValueExact() + 1;
        int to = from - 1 + same.numerator().intValueExact();
        int count = tally.total().numerator().intValueExact();
        add(new WorkingStep.InOrder(inOrder(), 1, count, from, to, Optional.of(Why.IN_ORDER)));
      }
      agree(below, before);
      agree(equal, same);
      Formula symbols = number(100).times(below.plus(equal.over(number(2)))).over(n);
      return find(Quantity.RANK.formula(), symbols)
          ? Optional.of(List.of(last().carried()))
          : Optional.empty();
    }

    private boolean hasOrder() {
      return data instanceof ClassTable || tally.hasPositions();
    }

    private boolean isWithin(Exact number, Exact highest) {
      return number.signum() >= 0 && number.compareTo(highest) <= 0;
    }

    private Formula mean() {
      return formulas.symbol(Measure.MEAN).formula();
    }

    private Formula deviation() {
      return formulas.symbol(Measure.SD).formula();
    }
  }

  void add(WorkingStep step) {
    steps.add(step);
  }

  /** {@return the step that was computed last} */
  private WorkingStep.Computed last() {
    return (WorkingStep.Computed) steps.get(steps.size() - 1);
  }

  /** Adds a number that is given, such as the percent of a percentile. */
  void agree(Formula left, Exact value) {
    know(left, value);
    Formula numeral = new Formula.Numeral(value);
    add(new WorkingStep.Agreed(left, numeral, numeral));
  }

  /** Takes a number into account that needs no step of its own. */
  void know(Formula part, Exact value) {
    known.put(part, value);
  }

  /** Adds a step whose value is not rounded, such as a position. */
  void compute(Formula left, Formula symbols, Exact value, Exact carried) {
    know(left, carried);
    add(new WorkingStep.Computed(left, symbols, withNumbers(symbols), value, value));
  }

  /** {@return the number that was found for the part} */
  Exact value(Formula part) {
    return Optional.ofNullable(known.get(part))
        .orElseThrow(() -> new IllegalStateException("not found yet: " + part));
  }

  boolean isUnknown(Formula part) {
    return !known.containsKey(part);
  }

  /** Adds the steps that find the part, if they are not there yet. */
  void need(Formula part) {
    findPart(part);
  }

  /** {@return what a formula of what is known comes to} */
  Optional<Exact> evaluate(Formula formula) {
    return evaluation.of(withNumbers(formula));
  }

  Formula withNumbers(Formula formula) {
    return formula.withNumbers(this::numberOf);
  }

  WorkTableBuilder table() {
    return table;
  }

  /** {@return all values in their order} */
  List<Exact> inOrder() {
    List<Exact> values = new ArrayList<>();
    for (int rank = 0; rank < tally.size(); rank++) {
      int times = tally.frequency(rank).numerator().intValueExact();
      for (int time = 0; time < times; time++) {
        values.add(tally.value(rank));
      }
    }
    return values;
  }

  private OrderedSteps ordered() {
    return new OrderedSteps(this, tally, formulas, rules, method);
  }

  /** Adds what the formula needs, then the step that it is. */
  boolean find(Formula left, Formula definition) {
    Formula formula = definition;
    if (left instanceof Formula.Named named && OrderedSteps.finds(named.quantity())) {
      ordered().before(named.quantity());
      if (data instanceof ClassTable) {
        formula = OrderedSteps.interpolated();
      }
    }
    if (!findParts(formula)) {
      return false;
    }
    Formula numbers = withNumbers(formula);
    Optional<Real> value = evaluation.of(numbers).<Real>map(v -> v).or(() -> rootOf(numbers));
    if (value.isEmpty()) {
      return false;
    }
    Real carried = value.get();
    if (carried instanceof Exact exact) {
      boolean counted = formula instanceof Formula.Numeral;
      carried = counted ? exact : carried(exact);
      known.put(left, (Exact) carried);
    } else {
      carried = rounded(carried);
    }
    // A total of the table was a step of its own already.
    if (!(formula instanceof Formula.Sum)) {
      add(new WorkingStep.Computed(left, formula, numbers, value.get(), carried));
    }
    return true;
  }

  private boolean findParts(Formula formula) {
    List<Formula> parts = PartOrder.of(formula.parts());
    for (Formula part : parts) {
      if (!known.containsKey(part) && !isAgreed(part) && !findPart(part)) {
        return false;
      }
    }
    return true;
  }

  private boolean isAgreed(Formula part) {
    return steps.stream()
        .anyMatch(step -> step instanceof WorkingStep.Agreed a && a.left().equals(part));
  }

  private boolean findPart(Formula part) {
    if (known.containsKey(part)) {
      return true;
    }
    if (part instanceof Formula.Named name) {
      return findQuantity(name);
    }
    if (part instanceof Formula.Sum sum) {
      return findTotal(sum);
    }
    Optional<Exact> value = evaluation.of(part);
    value.ifPresent(
        v -> {
          known.put(part, v);
          add(new WorkingStep.Computed(part, part, new Formula.Numeral(v), v, v));
        });
    return value.isPresent();
  }

  private boolean findQuantity(Formula.Named name) {
    Quantity quantity = name.quantity();
    if (quantity == Quantity.STEP) {
      findPart(Quantity.ASSUMED_MEAN.formula());
    }
    if (quantity == Quantity.ASSUMED_MEAN || quantity == Quantity.STEP) {
      agree(name, quantity == Quantity.STEP ? assumed.step() : assumed.mean());
      return true;
    }
    if (quantity == Quantity.MODE) {
      return findMode();
    }
    Optional<Formula> row = definitions.inRow(quantity);
    if (row.isPresent()) {
      boolean found = findParts(row.get());
      add(new WorkingStep.Agreed(name, row.get(), withNumbers(row.get())));
      return found;
    }
    return definitions.of(quantity).map(formula -> find(name, formula)).orElse(false);
  }

  /** The one mode, as it is found where it is asked for itself. */
  private boolean findMode() {
    Result result = Measures.of(data, rules).get(Measure.MODES);
    if (!(result instanceof Result.Several several) || several.values().size() != 1) {
      return false;
    }
    if (formulas.classes().isPresent()) {
      return new ModalSteps(this, formulas, rules).modes(result).isPresent();
    }
    Exact mode = several.values().get(0);
    add(new WorkingStep.Seen(Sight.MODE, List.of(tally.highestFrequency(), mode)));
    agree(Quantity.MODE.formula(), mode);
    return true;
  }

  private boolean findTotal(Formula.Sum part) {
    Optional<Exact> total = table.add(part.body());
    total.ifPresent(
        value -> {
          boolean counted = part.body().equals(Quantity.F.formula());
          Exact carried = counted ? value : carried(value);
          known.put(part, carried);
          Formula terms = terms(part.body()).orElse(new Formula.Numeral(value));
          add(new WorkingStep.Computed(part, part, terms, value, carried));
        });
    return total.isPresent();
  }

  /** A short sum of the values themselves is written out. */
  private Optional<Formula> terms(Formula body) {
    boolean plain = body.equals(Quantity.X.formula()) && !frequencies;
    boolean few = tally.total().compareTo(Exact.of(MOST_TERMS)) <= 0;
    return plain && few
        ? inOrder().stream().<Formula>map(Formula.Numeral::new).reduce(Formula::plus)
        : Optional.empty();
  }

  /** The n-th root of a number is the geometric mean of it and n − 1 ones. */
  private static Optional<Real> rootOf(Formula numbers) {
    boolean plain =
        numbers instanceof Formula.Root root
            && root.degree() instanceof Formula.Numeral
            && root.body() instanceof Formula.Numeral;
    if (!plain) {
      return Optional.empty();
    }
    Formula.Root root = (Formula.Root) numbers;
    Exact degree = ((Formula.Numeral) root.degree()).value();
    Exact body = ((Formula.Numeral) root.body()).value();
    if (degree.compareTo(Exact.ONE) < 0 || body.signum() <= 0) {
      return Optional.empty();
    }
    FrequencyTable factors =
        new FrequencyTable(
            List.of(
                new FrequencyTable.Row(body, Exact.ONE),
                new FrequencyTable.Row(Exact.ONE, degree.minus(Exact.ONE))),
            0);
    return Measures.of(factors, CourseRules.DEFAULTS).get(Measure.GEOMETRIC_MEAN).number();
  }

  private Optional<Exact> numberOf(Formula part) {
    Exact value = known.get(part);
    return value != null ? Optional.of(value) : evaluation.of(part);
  }

  /** Steps are rounded only where the course rules say so; counts never need it. */
  private Exact carried(Exact value) {
    return rules.get(Rule.CARRY).equals(Carry.EXACT) ? value : (Exact) rounded(value);
  }

  private Real rounded(Real value) {
    Carry carry = rules.get(Rule.CARRY);
    return carry.equals(Carry.EXACT)
        ? value
        : Exact.of(value.rounded(Integer.parseInt(carry.code()), rules.get(Rule.ROUNDING)));
  }
}
