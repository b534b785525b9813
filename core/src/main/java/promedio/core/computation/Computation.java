package promedio.core.computation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import promedio.core.catalogue.Measures;
import promedio.core.distribution.Approximate;
import promedio.core.formula.Equation;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.FastPath;
import promedio.core.measure.FastPathInput;
import promedio.core.measure.Inspection;
import promedio.core.measure.InspectionResult;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.measure.Shape;
import promedio.core.measure.Summary;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;

/**
 * Everything that can be known of some data by some course rules, computed when first asked for.
 * Safe for use by several threads.
 */
public final class Computation {

  private final MeasureContext context;
  private final Summary summary;
  private final Rewriting rewriting;

  private final Map<Request, Result> results = new HashMap<>();
  private final Map<Quantity, Result> quantities = new HashMap<>();
  private final Map<Request, Dependencies> dependencies = new HashMap<>();

  private Computation(MeasureContext context, Summary summary, Rewriting rewriting) {
    this.context = context;
    this.summary = summary;
    this.rewriting = rewriting;
  }

  /** {@return what can be known of the data by the rules} */
  public static Computation of(Data data, CourseRules rules) {
    MeasureContext context = MeasureContext.of(data, rules);
    return new Computation(context, Summary.of(context), Rewriting.NONE);
  }

  /** {@return the same by other rules; what no rule changes is shared} */
  public Computation under(CourseRules others) {
    if (others.equals(context.rules()) && rewriting.isNone()) {
      return this;
    }
    MeasureContext other = MeasureContext.of(context.data(), others);
    boolean same =
        context.classes().isEmpty()
            || others.get(Rule.OPEN_CLASS) == context.rules().get(Rule.OPEN_CLASS);
    return new Computation(other, same ? summary : Summary.of(other), Rewriting.NONE);
  }

  /** {@return the same as a hand works it that does something otherwise} */
  public Computation with(Rewriting other) {
    MeasureContext rewritten = other.rows().map(context::over).orElse(context);
    return new Computation(rewritten, summary, other);
  }

  /** {@return the data, the rules, and the parts that formulas of them are made of} */
  public MeasureContext context() {
    return context;
  }

  /** {@return the result of a measure, or why there is none} */
  public Result result(Measure measure) {
    return result(Request.of(measure));
  }

  /** {@return the result of what is asked, or why there is none; of a decision, its p-value} */
  public synchronized Result result(Request asked) {
    Request request = asked.number();
    Result known = results.get(request);
    if (known == null) {
      known = compute(request.meant(context.rules()));
      results.put(request, known);
    }
    return known;
  }

  /** Takes a result that somebody has found already who had all that it takes. */
  synchronized void know(Request request, Result result) {
    results.put(request, result);
  }

  /** {@return the exact number that is asked for, where there is just one} */
  public Optional<Exact> value(Request request) {
    return exact(result(request));
  }

  /** {@return the exact number that a quantity comes to, where it has one} */
  public Optional<Exact> value(Quantity quantity) {
    return exact(result(quantity));
  }

  /** {@return what a formula of the quantities of this data comes to, as far as that is exact} */
  public synchronized Optional<Exact> value(Formula formula) {
    return isKnown(formula) ? evaluation(Map.of()).of(formula) : Optional.empty();
  }

  /** {@return a quantity that formulas name, or why there is none} */
  public synchronized Result result(Quantity quantity) {
    Result known = quantities.get(quantity);
    if (known == null) {
      known = compute(quantity);
      quantities.put(quantity, known);
    }
    return known;
  }

  private Result compute(Quantity quantity) {
    Optional<Request> request = Measures.finding(quantity, context);
    if (request.isEmpty()) {
      return Result.absent("not-computable");
    }
    Result found = result(request.get());
    if (found instanceof Result.Several several) {
      found =
          several.values().size() == 1
              ? new Result.Found(several.values().get(0))
              : Result.absent("several-modes");
    }
    UnaryOperator<Exact> change =
        rewriting.results().getOrDefault(quantity, UnaryOperator.identity());
    return found.then(value -> new Result.Found(change.apply(value)));
  }

  private static Optional<Exact> exact(Result result) {
    return result instanceof Result.Found found ? Optional.of(found.value()) : Optional.empty();
  }

  private Result compute(Request request) {
    Measure measure = request.measure();
    if (!isOfTheseData(measure)) {
      return Result.absent("of-other-data");
    }
    boolean named = context.categories().isPresent() && context.data().total().signum() != 0;
    if (measure.subject() == Subject.ONE
        && context.tally().isEmpty()
        && !(named && measure.isOfCategories())) {
      return Result.absent(named ? "of-categories" : "no-values");
    }
    MeasureContext asked = context.with(request.arguments());
    Optional<FastPath> fast = rewriting.isNone() ? measure.fast(asked) : Optional.empty();
    return fast.isPresent()
        ? fast.get().of(new ColumnSketch(asked))
        : measure.definition(asked).accept(new Finding(request, asked));
  }

  private boolean isOfTheseData(Measure measure) {
    return measure.subject() == context.data().subject();
  }

  /** What a quicker way may use. */
  private final class ColumnSketch implements FastPathInput {

    private final MeasureContext asked;

    ColumnSketch(MeasureContext asked) {
      this.asked = asked;
    }

    @Override
    public MeasureContext context() {
      return asked;
    }

    @Override
    public Summary summary() {
      return summary;
    }

    @Override
    public Result result(Quantity quantity) {
      return Computation.this.result(quantity);
    }
  }

  /** Finds a result by the definition. */
  private final class Finding implements Definition.Visitor<Result> {

    private final Request request;
    private final MeasureContext asked;

    Finding(Request request, MeasureContext asked) {
      this.request = request;
      this.asked = asked;
    }

    @Override
    public Result byFormula(Definition.ByFormula definition) {
      Optional<Result> missing = missing(definition.needs());
      if (missing.isPresent()) {
        return missing.get();
      }
      Result found = evaluate(definition.right(), request.named());
      return request.measure().shape() == Shape.SEVERAL
          ? found.then(value -> new Result.Several(List.of(value)))
          : found;
    }

    /** {@return the first need that does not hold, as the reason why there is no result} */
    private Optional<Result> missing(List<Condition> needs) {
      for (Condition need : needs) {
        Result subject = evaluate(need.subject(), request.named());
        if (!(subject instanceof Result.Found found)) {
          return Optional.of(subject);
        }
        if (!need.holds(found.value())) {
          return Optional.of(new Result.Absent(need.why()));
        }
      }
      return Optional.empty();
    }

    @Override
    public Result byInspection(Definition.ByInspection definition) {
      Inspection.Seen seen = definition.how().look(asked);
      if (seen instanceof Inspection.Nothing nothing) {
        return new Result.Absent(nothing.why());
      }
      if (seen instanceof Inspection.Names names) {
        return new Result.Named(names.names());
      }
      List<InspectionResult> sightings =
          ((Inspection.Numbers) seen)
              .sightings().stream().flatMap(s -> rewriting.sightings().apply(s).stream()).toList();
      if (request.measure().shape() == Shape.ONE) {
        return sightings.isEmpty() ? Result.absent("not-computable") : read(sightings.get(0));
      }
      TreeSet<Exact> values = new TreeSet<>();
      sightings.forEach(inspection -> exact(read(inspection)).ifPresent(values::add));
      return values.isEmpty()
          ? Result.absent("not-computable")
          : new Result.Several(List.copyOf(values));
    }

    private Result read(InspectionResult inspection) {
      return inspection
          .rest()
          .map(
              rest ->
                  of(rest, context.rules())
                      .with(rewriting)
                      .evaluate(inspection.formula(), Map.of()))
          .orElseGet(() -> evaluate(inspection.formula(), inspection.found()));
    }

    @Override
    public Result together(Definition.Together definition) {
      List<Exact> values = new ArrayList<>();
      for (Request cell : definition.cells().requests()) {
        Result each = result(cell);
        if (!(each instanceof Result.Found found)) {
          return each;
        }
        values.add(found.value());
      }
      return new Result.Row(values);
    }

    @Override
    public Result corrected(Definition.Corrected definition) {
      Result alone = result(definition.p());
      return alone instanceof Result.Estimated p
          ? new Result.Estimated(
              Pairwise.corrected(context.data().groups().orElseThrow(), context.rules(), p.value())
                  .p())
          : alone;
    }

    @Override
    public Result undefined(Definition.Undefined definition) {
      return new Result.Absent(definition.why());
    }
  }

  /** {@return where the statistic stands on its curve of which this asks the area; else none} */
  public synchronized Optional<OnCurve> onCurve(Request request) {
    if (!(result(request) instanceof Result.Estimated
        && formula(request).orElse(null) instanceof Formula.Area area)) {
      return Optional.empty();
    }
    List<Exact> degrees =
        area.degrees().stream()
            .flatMap(each -> exact(evaluate(each, request.named())).stream())
            .toList();
    return exact(evaluate(area.statistic(), request.named()))
        .map(value -> new OnCurve(area.curve(), degrees, area.tail(), value));
  }

  /** A formula, or the reason of the first part of it that has no value. */
  private Result evaluate(Formula formula, Map<Quantity, Exact> given) {
    Formula worked = rewriting.tree().apply(formula);
    for (Formula part : worked.parts()) {
      if (part instanceof Formula.Named named && !given.containsKey(named.quantity())) {
        Result known = result(named.quantity());
        if (known instanceof Result.Absent) {
          return known;
        }
      }
    }
    if (!isKnown(worked)) {
      return Result.absent("open-no-midpoint");
    }
    Evaluation evaluation = evaluation(given);
    List<Formula.CurveReading> readings = worked.readings();
    for (Formula.CurveReading reading : readings) {
      Optional<Message> unsure = evaluation.problem(reading);
      if (unsure.isPresent()) {
        return new Result.Absent(unsure.get());
      }
    }
    return evaluation
        .real(worked)
        .map(
            value ->
                readings.isEmpty() ? Result.of(value) : new Result.Estimated(Approximate.of(value)))
        .orElseGet(() -> Result.absent("not-computable"));
  }

  /** Midpoints that are put in under a sum need none of the classes. */
  private boolean isKnown(Formula formula) {
    return rewriting.rows().isPresent()
        || context.hasMidpoints()
        || !formula.mentions(Quantity.MIDPOINT);
  }

  private Evaluation evaluation(Map<Quantity, Exact> given) {
    return new Evaluation(
        context.scope(),
        quantity -> Optional.ofNullable(given.get(quantity)).or(() -> value(quantity)));
  }

  /** {@return the quantity that a measure without arguments is, by these rules} */
  public Quantity symbol(Measure measure) {
    return symbol(Request.of(measure));
  }

  /** {@return the quantity that is asked for, by these rules} */
  public Quantity symbol(Request request) {
    return request.measure().quantity(context.with(request.arguments()));
  }

  /** {@return how what is asked is found for these data, by these rules} */
  public Definition definition(Request request) {
    if (!isOfTheseData(request.measure())) {
      return new Definition.Undefined(Message.of("absent.of-other-data"));
    }
    return request.meant(context.rules()).measure().definition(context.with(request.arguments()));
  }

  /** {@return how a method finds what is asked, where it has a formula of its own for it} */
  public Optional<Definition.ByFormula> way(Request request, Method method) {
    Request meant = request.meant(context.rules());
    return isOfTheseData(meant.measure())
        ? meant.measure().way(method, context.with(meant.arguments()))
        : Optional.empty();
  }

  /** {@return how a method finds a quantity that formulas name, where it has a formula for it} */
  public Optional<Definition.ByFormula> way(Quantity quantity, Method method) {
    return Measures.finding(quantity, context).flatMap(request -> way(request, method));
  }

  /** {@return how a quantity is found that formulas name; none where it is given or seen} */
  public Optional<Definition> definition(Quantity quantity) {
    return Measures.finding(quantity, context).map(this::definition);
  }

  /** {@return the formula of one number that is asked for}; none where there is none */
  public Optional<Equation> equation(Request request) {
    return request.measure().shape() == Shape.ONE
        ? formula(request).map(right -> new Equation(symbol(request), right))
        : Optional.empty();
  }

  /** {@return the formula that what is asked is found by, after looking where one has to look} */
  public Optional<Formula> formula(Request request) {
    return context.data().subject() == Subject.ONE && context.tally().isEmpty()
        ? Optional.empty()
        : definition(request).accept(new Right(context.with(request.arguments())));
  }

  /** {@return the formula of a quantity that formulas name}; none where it has none */
  public Optional<Formula> formula(Quantity quantity) {
    return Measures.finding(quantity, context).flatMap(this::formula);
  }

  /** The right side of an equation. */
  private record Right(MeasureContext asked) implements Definition.Visitor<Optional<Formula>> {

    @Override
    public Optional<Formula> byFormula(Definition.ByFormula definition) {
      return Optional.of(definition.right());
    }

    @Override
    public Optional<Formula> byInspection(Definition.ByInspection definition) {
      return definition.how().look(asked) instanceof Inspection.Numbers numbers
          ? numbers.sightings().stream().findFirst().map(InspectionResult::formula)
          : Optional.empty();
    }

    @Override
    public Optional<Formula> together(Definition.Together definition) {
      return Optional.empty();
    }

    @Override
    public Optional<Formula> corrected(Definition.Corrected definition) {
      return Optional.empty();
    }

    @Override
    public Optional<Formula> undefined(Definition.Undefined definition) {
      return Optional.empty();
    }
  }

  /** {@return what that which is asked is made of, at whatever remove} */
  public synchronized Dependencies dependencies(Request request) {
    Dependencies known = dependencies.get(request);
    if (known == null) {
      known = Dependencies.of(definition(request), context, this::definition);
      dependencies.put(request, known);
    }
    return known;
  }

  /** {@return whether what is asked is made of the quantity, at whatever remove} */
  public boolean dependsOn(Request request, Quantity quantity) {
    return dependencies(request).quantities().contains(quantity);
  }

  /** {@return whether what is asked is this measure by these rules, or is made of it} */
  public boolean isMadeOf(Request request, Measure other) {
    return request.meant(context.rules()).measure() == other.meant(context.rules())
        || dependsOn(request, symbol(other));
  }
}
