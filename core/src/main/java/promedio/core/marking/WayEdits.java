package promedio.core.marking;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Method;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.IntermediateRounding;
import promedio.core.rules.Rule;
import promedio.core.sample.Values;
import promedio.core.slip.Cause;
import promedio.core.working.Methods;
import promedio.core.working.Working;

/**
 * Mistakes found on the way to a result: every method by which it is worked, every step of it,
 * every part of the formula of the step.
 */
final class WayEdits {

  /** More rows nobody works by hand. */
  private static final int MOST_ROWS = 200;

  /** Of longer sums a term left out cannot be told from chance. */
  private static final int MOST_TERMS = 40;

  private final Problem problem;
  private final Candidates out;

  /** What was seen before anything is calculated; the same on every way. */
  private final Map<Quantity, Exact> seen;

  private WayEdits(Problem problem, Candidates out) {
    this.problem = problem;
    this.out = out;
    this.seen = problem.seen();
  }

  static void find(Problem problem, Candidates out) {
    if (problem.context().categories().isPresent()
        || problem.context().scope().rows() > MOST_ROWS
        || problem.request().decides()) {
      return;
    }
    WayEdits edits = new WayEdits(problem, out);
    edits.oneOfSeveral();
    CourseRules exact = problem.rules().with(Rule.CARRY, IntermediateRounding.EXACT);
    Set<List<Way.Found>> worked = new LinkedHashSet<>();
    for (Method method : Methods.of(problem.request(), exact, problem.data())) {
      Working.of(problem.data(), exact, problem.request(), method)
          .filter(working -> working.results().size() == 1)
          .map(edits::way)
          .filter(way -> !way.steps().isEmpty() && worked.add(way.steps()))
          .ifPresent(way -> edits.find(way, worked.size()));
    }
  }

  private Way way(Working working) {
    return new Way(working, problem.context().scope(), this::given);
  }

  private Optional<Exact> given(Quantity quantity) {
    return Optional.ofNullable(problem.request().named().get(quantity))
        .or(() -> problem.computation().value(quantity))
        .or(() -> Optional.ofNullable(seen.get(quantity)));
  }

  private void find(Way way, int rank) {
    int last = way.steps().size() - 1;
    Neighbours neighbours = new Neighbours(problem.context(), there(way), way.steps());
    for (int i = last; i >= 0; i--) {
      if (way.distance(i).isEmpty()) {
        continue;
      }
      Prior prior = new Prior(way.distance(i).getAsInt(), rank);
      stopped(way, i, prior);
      if (i < last) {
        ofQuantity(way, i, prior);
      }
      termLeftOut(way, i, prior);
      for (FormulaEdits.Edit edit : FormulaEdits.of(way.steps().get(i).symbols(), neighbours)) {
        int step = i;
        boolean isStep = i == last && isStep(edit, neighbours);
        int weight = isStep ? prior.part() - 1 : prior.of(edit);
        way.value(edit.formula(), i)
            .flatMap(value -> way.outcome(step, value))
            .ifPresent(value -> add(edit.cause(), edit.params(), value, weight));
      }
    }
    added(way);
    lastAlone(way);
  }

  private Stream<Quantity> there(Way way) {
    return Stream.concat(
        way.steps().stream()
            .map(Way.Found::left)
            .flatMap(
                left ->
                    left instanceof Formula.Named named
                        ? Stream.of(named.quantity())
                        : Stream.empty()),
        Stream.concat(
            Measures.of(problem.data()).stream().map(problem.computation()::symbol),
            Measures.named(problem.context())));
  }

  /** What a step finds, or a part of its formula, is given as the result. */
  private void stopped(Way way, int index, Prior prior) {
    Way.Found step = way.steps().get(index);
    if (prior.steps() > 0) {
      step.value().ifPresent(value -> stopped(step.left(), value, prior.stopped()));
    }
    Optional<Formula> divided = divided(step.symbols());
    for (Formula part : FormulaParts.of(step.symbols())) {
      if (!part.equals(step.symbols()) && !StepNames.isGiven(part)) {
        int weight = divided.filter(part::equals).isPresent() ? prior.stopped() : prior.within();
        way.value(part, index).ifPresent(value -> stopped(part, value, weight));
      }
    }
  }

  /** Where the last operation goes, what is left may be a step, and is told as that first. */
  private static boolean isStep(FormulaEdits.Edit edit, Neighbours neighbours) {
    return edit.depth() == 0
        && edit.cause() == Cause.OPERATION_LEFT_OUT
        && neighbours.isStep(edit.formula())
        && !neighbours.isCount(edit.formula());
  }

  /** A sum without one of its terms; how many there are is counted rightly. */
  private void termLeftOut(Way way, int index, Prior prior) {
    Optional<Exact> sum = way.steps().get(index).value();
    List<Exact> terms =
        sum.isPresent() && problem.context().scope().rows() <= MOST_TERMS
            ? way.terms(index)
            : List.of();
    for (int row = 0; row < terms.size(); row++) {
      Map<String, String> params = Map.of("row", String.valueOf(row + 1));
      way.outcome(index, sum.get().minus(terms.get(row)))
          .map(problem::result)
          .ifPresent(
              outcome ->
                  out.addEdit(Cause.TERM_LEFT_OUT, params, outcome, prior.ofOneOf(terms.size())));
    }
  }

  /** The slips that only the quantity of the step knows. */
  private void ofQuantity(Way way, int index, Prior prior) {
    if (way.steps().get(index).left() instanceof Formula.Named named) {
      Measures.finding(named.quantity(), problem.context()).stream()
          .flatMap(request -> request.measure().slips(problem.context()).stream())
          .forEach(
              slip ->
                  way.value(slip.instead(), index)
                      .flatMap(value -> way.outcome(index, value))
                      .ifPresent(
                          value -> add(slip.cause(), slip.params(), value, prior.stopped())));
    }
  }

  /** What is divided last, where the formula ends so. */
  private static Optional<Formula> divided(Formula formula) {
    return formula instanceof Formula.Operation last && last.operator() == Formula.Operator.OVER
        ? Optional.of(last.left())
        : Optional.empty();
  }

  private void stopped(Formula at, Real value, int weight) {
    add(Cause.STOPPED_EARLY, Map.of("step", StepNames.of(at)), value, weight);
  }

  /** One operation too many at the end. */
  private void added(Way way) {
    Optional<Exact> right = way.steps().get(way.steps().size() - 1).value();
    right.ifPresent(
        value -> {
          added("square", value.pow(2));
          if (value.signum() > 0 && value.isRational()) {
            added("root", value.sqrt());
          }
          if (value.signum() > 0 && value.isRational() && value.compareTo(Exact.ONE) < 0) {
            added("subtract", Exact.ONE.minus(value));
          }
          added("divide", value.over(2));
          added("multiply", value.times(2));
        });
  }

  private void added(String operation, Exact value) {
    add(Cause.OPERATION_ADDED, Map.of("operation", operation), value, Prior.ADDED);
  }

  /** Σx/n typed into a calculator without brackets divides the last value alone. */
  private void lastAlone(Way way) {
    Way.Found last = way.steps().get(way.steps().size() - 1);
    Optional<Values> typed = problem.context().sample().map(sample -> sample.values().present());
    if (typed.isPresent()
        && typed.get().size() > 1
        && last.symbols().equals(new Formula.Sum(Quantity.X.formula()).over(problem.context().n()))
        && last.value().isPresent()) {
      Exact n = Exact.of(typed.get().size());
      Exact value = typed.get().get(typed.get().size() - 1);
      Exact outcome = last.value().get().times(n).minus(value).plus(value.over(n));
      add(
          Cause.BRACKETS_IGNORED,
          Map.of("of", StepNames.plain(last.symbols())),
          outcome,
          Prior.LAST_ALONE);
    }
  }

  /** One of several modes is not all. */
  private void oneOfSeveral() {
    if (problem.right() instanceof Result.Several several && several.values().size() > 1) {
      several
          .values()
          .forEach(mode -> add(Cause.ONE_OF_SEVERAL, Map.of(), mode, Prior.ONE_OF_SEVERAL));
    }
  }

  private void add(Cause cause, Map<String, String> params, Real value, int weight) {
    if (weight < Prior.LEAST) {
      return;
    }
    out.addEdit(cause, params, problem.result(value), weight);
  }

  /**
   * How likely an edit is, of 100.
   *
   * @param steps how many steps before the last one it is made
   * @param rank which of the ways it is, the usual one the first
   */
  private record Prior(int steps, int rank) {

    static final int ADDED = 20;

    /** What is rarer than this explains nothing but chance. */
    static final int LEAST = 6;

    static final int LAST_ALONE = 60;
    static final int ONE_OF_SEVERAL = 90;

    /** Any of so many alike: each by itself is rare, and still worth naming. */
    int ofOneOf(int count) {
      return Math.max(1, scaled(40, 0) / count);
    }

    int stopped() {
      return scaled(80, 0);
    }

    int part() {
      return scaled(45, 0);
    }

    /** A part of a formula that few work by says nothing to those who work otherwise. */
    int within() {
      return rank == 1 ? part() : 0;
    }

    int of(FormulaEdits.Edit edit) {
      int first =
          switch (edit.cause()) {
            case DIVISOR -> 95;
            case N_NOT_ROOTED, ROOT_NOT_TAKEN, SD_FOR_STANDARD_ERROR -> 70;
            case OPERATION_LEFT_OUT, SQUARES_MIXED_UP, TURNED_OVER, FREQUENCY_SQUARED -> 60;
            case MIXED_UP, DF_OFF_BY_ONE -> 50;
            case BRACKETS_IGNORED -> 40;
            // Inside of squares and products it is no longer seen in the sign of the result.
            case SIGN_REVERSED -> steps == 0 ? 60 : 10;
            case OPERATION_EXCHANGED -> edit.depth() == 0 ? 35 : 20;
            default -> 20;
          };
      return scaled(first, edit.depth());
    }

    private int scaled(int first, int depth) {
      int scaled = first;
      for (int i = 0; i < steps; i++) {
        scaled = scaled / 2;
      }
      for (int i = 1; i < depth; i++) {
        scaled = scaled * 3 / 4;
      }
      return scaled / rank;
    }
  }
}
