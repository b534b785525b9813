package promedio.core.working;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.computation.Pairwise;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.measure.Definition;
import promedio.core.measure.Inspection;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.measure.Shape;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.IntermediateRounding;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;

/** Finds the steps of a working, each after those that it needs. */
final class WorkingBuilder {

  /** Longer sums are not written out; their terms stand in the table. */
  private static final int MOST_TERMS = 15;

  private final CourseRules rules;
  private final Method method;
  private final Assumed assumed;
  private final Computation computation;
  private final MeasureContext context;
  private final Evaluation evaluation;
  private final Map<Formula, Exact> known = new LinkedHashMap<>();
  private final List<WorkingStep> steps = new ArrayList<>();
  private WorkTableBuilder table;

  WorkingBuilder(Data data, CourseRules rules, Method method, Assumed assumed) {
    this.rules = rules;
    this.method = method;
    this.assumed = assumed;
    this.computation = Computation.of(data, rules);
    this.context = computation.context();
    this.evaluation =
        new Evaluation(
            context.scope(), quantity -> Optional.ofNullable(known.get(quantity.formula())));
    this.table = table(context.isTable() || method == Method.CUMULATIVE);
  }

  private WorkTableBuilder table(boolean withFrequencies) {
    if (context.data().subject() != Subject.ONE) {
      Scope scope = context.scope();
      List<RowLabel> labels =
          IntStream.range(0, scope.rows())
              .mapToObj(scope::name)
              .flatMap(Optional::stream)
              .<RowLabel>map(RowLabel.OfName::new)
              .toList();
      return new WorkTableBuilder(scope, labels, List.of(), false, evaluation, this::carried);
    }
    return WorkTableBuilder.of(rows(), withFrequencies, evaluation, this::carried);
  }

  private WorkRows rows() {
    return context
        .classes()
        .map(
            grouped ->
                new WorkRows(
                    WorkRow.of(grouped, context.data().classes().orElseThrow().rows()),
                    Quantity.MIDPOINT))
        .orElseGet(() -> new WorkRows(WorkRow.of(context.tally()), Quantity.X));
  }

  /** Adds the widths of the classes, and how dense they are. */
  void addDensities() {
    List<WorkRow> rows = rows().all();
    Formula h = Quantity.CLASS_WIDTH.formula();
    table.put(h, rows.stream().map(WorkRow::width).toList());
    table.put(
        Quantity.F.formula().over(h), rows.stream().map(row -> row.f().over(row.width())).toList());
  }

  Optional<Working> build(Request request) {
    return results(request)
        .map(results -> new Working(request, method, steps, table.build(), results, results));
  }

  /** {@return what the task ends with, after its steps}; none where it has no result */
  private Optional<List<Real>> results(Request request) {
    Formula left = computation.symbol(request).formula();
    return computation.definition(request).accept(new Beginning(request, left));
  }

  /** How a task is begun that is defined in a way. */
  private final class Beginning implements Definition.Visitor<Optional<List<Real>>> {

    private final Request request;
    private final Formula left;

    Beginning(Request request, Formula left) {
      this.request = request;
      this.left = left;
    }

    @Override
    public Optional<List<Real>> byFormula(Definition.ByFormula definition) {
      if (computation.result(request) instanceof Result.Absent) {
        return Optional.empty();
      }
      agreeOn(definition.right());
      Definition.ByFormula way = computation.way(request, method).orElse(definition);
      if (!find(left, way)) {
        return Optional.empty();
      }
      return Optional.of(
          way.last() instanceof Formula.Area ? decided(value(left)) : List.of(last().carried()));
    }

    @Override
    public Optional<List<Real>> byInspection(Definition.ByInspection definition) {
      if (request.measure().shape() == Shape.SEVERAL && context.classes().isEmpty()) {
        // Modes are seen in the frequencies.
        table = table(true);
      }
      return inspect(definition.how(), left, context.with(request.arguments()));
    }

    @Override
    public Optional<List<Real>> together(Definition.Together definition) {
      List<Real> found = new ArrayList<>();
      for (Request cell : definition.cells().requests()) {
        Formula quantity = cell.measure().quantity(context).formula();
        if (!findPart(quantity)) {
          return Optional.empty();
        }
        found.add(value(quantity));
      }
      return Optional.of(found);
    }

    /** Adds the arguments that are mentioned. */
    private void agreeOn(Formula formula) {
      request
          .named()
          .forEach(
              (quantity, value) -> {
                if (formula.mentions(quantity)) {
                  agree(quantity.formula(), value);
                }
              });
    }

    @Override
    public Optional<List<Real>> corrected(Definition.Corrected definition) {
      return computation.result(request) instanceof Result.Estimated
              && computation.result(definition.p()) instanceof Result.Estimated p
              && computation.definition(definition.p()).orElseThrow()
                  instanceof Definition.ByFormula alone
          ? correct(
              alone.last(),
              Pairwise.corrected(context.data().groups().orElseThrow(), rules, p.value()))
          : Optional.empty();
    }

    /** The p-value as it is corrected for several comparisons, after its steps. */
    private Optional<List<Real>> correct(Formula alone, Pairwise.Corrected correction) {
      if (!findParts(alone)) {
        return Optional.empty();
      }
      Exact position = Exact.of(correction.position());
      Exact of = Exact.of(correction.of());
      Exact times = Exact.of(correction.times());
      switch (rules.get(Rule.CORRECTION)) {
        case NONE -> find(left, alone);
        case BONFERRONI -> {
          add(new WorkingStep.Seen(Sight.BONFERRONI, List.of(of)));
          find(left, new Formula.Numeral(times).times(alone));
        }
        case HOLM -> {
          add(new WorkingStep.Seen(Sight.HOLM, List.of(position, of, times)));
          find(left, new Formula.Numeral(times).times(alone));
        }
      }
      Exact corrected = correction.p().decimal();
      int change = corrected.compareTo(correction.alone().decimal().times(times));
      if (change == 0) {
        // By what was rounded on the way, where the course rounds.
        return Optional.of(decided(value(left)));
      }
      add(
          new WorkingStep.Seen(
              change < 0 ? Sight.AT_MOST_ONE : Sight.NOT_BELOW_THE_ONE_BEFORE, List.of()));
      return Optional.of(decided(corrected));
    }

    @Override
    public Optional<List<Real>> undefined(Definition.Undefined definition) {
      return Optional.empty();
    }
  }

  /** Adds what a definition has worked before its formula, then the formula. */
  boolean find(Formula left, Definition.ByFormula definition) {
    return definition.first().stream()
            .allMatch(
                each ->
                    known.containsKey(each.left().formula())
                        || find(each.left().formula(), each.right()))
        && find(left, definition.last());
  }

  /** Says what a p-value decides of the null hypothesis. */
  private List<Real> decided(Exact p) {
    Exact level = Exact.of(rules.get(Rule.ALPHA));
    add(
        new WorkingStep.Seen(
            rules.reject(p) ? Sight.REJECTED : Sight.NOT_REJECTED, List.of(level)));
    return List.of(p);
  }

  private Optional<List<Real>> inspect(Inspection how, Formula left, MeasureContext asked) {
    return how.accept(new InspectionSteps(this, asked, left));
  }

  Computation computation() {
    return computation;
  }

  CourseRules rules() {
    return rules;
  }

  Method method() {
    return method;
  }

  void add(WorkingStep step) {
    steps.add(step);
  }

  /** {@return whether the values have not been put in order yet} */
  boolean isWithoutList() {
    return steps.stream().noneMatch(WorkingStep.InOrder.class::isInstance);
  }

  /** {@return the step that was computed last} */
  WorkingStep.Computed last() {
    return (WorkingStep.Computed) steps.get(steps.size() - 1);
  }

  /** Adds a number that is given, such as the value whose z-score is asked. */
  void agree(Formula left, Exact value) {
    know(left, value);
    Formula number = new Formula.Numeral(value);
    add(new WorkingStep.Given(left, number, number));
  }

  /** Remembers a number without a step of its own. */
  void know(Formula left, Exact value) {
    known.put(left, value);
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

  private Formula withNumbers(Formula formula) {
    return formula.withNumbers(this::numberOf);
  }

  WorkTableBuilder table() {
    return table;
  }

  /**
   * Goes on with the mean of what is left of the values, and its table.
   *
   * @param count how many are left, in what is known here
   */
  Optional<List<Real>> meanOfRest(Formula left, Sample rest, Formula count) {
    WorkingBuilder ofRest = new WorkingBuilder(rest, rules, method, assumed);
    known.forEach(ofRest::know);
    Quantity mean = ofRest.context.mean();
    boolean found =
        ofRest
            .computation
            .way(mean, method)
            .map(Definition.ByFormula::right)
            .or(() -> ofRest.computation.formula(Request.of(Measures.MEAN)))
            .map(formula -> ofRest.find(left, formula.replacing(ofRest.context.n(), count)))
            .orElse(false);
    steps.addAll(ofRest.steps);
    table = ofRest.table;
    return found ? Optional.of(List.of(ofRest.last().carried())) : Optional.empty();
  }

  /** Adds what the formula needs, then the step that it is. */
  boolean find(Formula left, Formula formula) {
    if (!findParts(formula)) {
      return false;
    }
    Formula numbers = withNumbers(formula);
    Optional<Real> value = evaluation.real(numbers);
    if (value.isEmpty()) {
      return false;
    }
    Real carried = value.get();
    if (carried instanceof Exact exact) {
      // A count is whole; a p-value is not rounded before it decides.
      boolean asItIs = formula instanceof Formula.Numeral || formula.isProbability();
      carried = asItIs ? exact : carried(exact);
      known.put(left, (Exact) carried);
    } else {
      carried = rounded(carried);
    }
    if (!(formula instanceof Formula.Sum)) {
      add(new WorkingStep.Computed(left, formula, numbers, value.get(), carried));
    } else if (context.data().subject() != Subject.ONE) {
      name(left, formula, carried);
    }
    return true;
  }

  /** A total of the table that has a name, as Sxy has, is told by it in its own step. */
  private void name(Formula left, Formula total, Real carried) {
    boolean last = !steps.isEmpty() && last().left().equals(total);
    WorkingStep.Computed step = last ? last() : null;
    if (step != null) {
      steps.remove(steps.size() - 1);
      add(new WorkingStep.Computed(left, total, step.numbers(), step.value(), step.carried()));
    } else {
      add(new WorkingStep.Computed(left, total, withNumbers(total), carried, carried));
    }
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
        .anyMatch(step -> step instanceof WorkingStep.Given a && a.left().equals(part));
  }

  /** {@return whether the part is found, its steps added if they are not there yet} */
  boolean findPart(Formula part) {
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
    if (quantity.equals(Quantity.STEP)) {
      findPart(Quantity.ASSUMED_MEAN.formula());
    }
    if (quantity.equals(Quantity.ASSUMED_MEAN) || quantity.equals(Quantity.STEP)) {
      agree(name, quantity.equals(Quantity.STEP) ? assumed.step() : assumed.mean());
      return true;
    }
    Formula row = Columns.inRow(name, context.x());
    if (!row.equals(name)) {
      boolean found = findParts(row);
      add(new WorkingStep.Given(name, row, withNumbers(row)));
      return found;
    }
    Optional<Definition.ByFormula> byMethod = computation.way(quantity, method);
    if (byMethod.isPresent()) {
      return find(name, byMethod.get());
    }
    return computation
        .definition(quantity)
        .map(definition -> definition.accept(new Finding(name)))
        .orElse(false);
  }

  /** How a quantity is found on the way that is defined in a way. */
  private final class Finding implements Definition.Visitor<Boolean> {

    private final Formula.Named name;

    Finding(Formula.Named name) {
      this.name = name;
    }

    @Override
    public Boolean byFormula(Definition.ByFormula definition) {
      return WorkingBuilder.this.find(name, definition);
    }

    @Override
    public Boolean byInspection(Definition.ByInspection definition) {
      // Of several modes none is the mode.
      Optional<Exact> value = computation.value(name.quantity());
      if (value.isEmpty() || inspect(definition.how(), name, context).isEmpty()) {
        return false;
      }
      if (isUnknown(name)) {
        agree(name, value.get());
      }
      return true;
    }

    @Override
    public Boolean together(Definition.Together definition) {
      return false;
    }

    @Override
    public Boolean corrected(Definition.Corrected definition) {
      return false;
    }

    @Override
    public Boolean undefined(Definition.Undefined definition) {
      return false;
    }
  }

  private boolean findTotal(Formula.Sum part) {
    explain(part.body());
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

  /** Says once how the columns that a total is made of are made of others. */
  private void explain(Formula body) {
    Columns.rule(body)
        .filter(rule -> !isAgreed(body))
        .ifPresent(
            rule -> {
              rule.parts().stream()
                  .filter(each -> each instanceof Formula.Named)
                  .forEach(this::need);
              add(new WorkingStep.Given(body, rule, rule));
            });
    Columns.parents(body).forEach(this::explain);
  }

  /** A short sum of the values themselves is written out. */
  private Optional<Formula> terms(Formula body) {
    if (!Columns.isRead(body) || context.isTable()) {
      return Optional.empty();
    }
    boolean one = context.data().subject() == Subject.ONE;
    if (context.data().total().compareTo(Exact.of(MOST_TERMS)) > 0) {
      return Optional.empty();
    }
    Scope scope = context.scope();
    Quantity summed = ((Formula.Named) body).quantity();
    List<Exact> values =
        one
            ? context.inOrder()
            : IntStream.range(0, scope.rows())
                .mapToObj(row -> scope.value(summed, row).orElseThrow())
                .toList();
    return values.stream().<Formula>map(Formula.Numeral::new).reduce(Formula::plus);
  }

  private Optional<Exact> numberOf(Formula part) {
    Exact value = known.get(part);
    return value != null ? Optional.of(value) : evaluation.of(part);
  }

  /** Steps are rounded only where the course rules say so; counts never need it. */
  private Exact carried(Exact value) {
    return rules.get(Rule.CARRY).equals(IntermediateRounding.EXACT)
        ? value
        : (Exact) rounded(value);
  }

  private Real rounded(Real value) {
    IntermediateRounding carry = rules.get(Rule.CARRY);
    return carry.equals(IntermediateRounding.EXACT)
        ? value
        : Exact.of(value.rounded(Integer.parseInt(carry.code()), rules.get(Rule.ROUNDING)));
  }
}
