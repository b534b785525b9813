package promedio.core.working;

import java.util.List;
import java.util.Optional;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.IntermediateRounding;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;

/**
 * The working of a task as a student hands it in: what is needed first, then the task itself, each
 * step in symbols and with the numbers put in.
 *
 * @param request what is worked
 * @param method how
 * @param steps the steps in their order; the last ones find what was asked, and say what it decides
 * @param table the table that the totals come from, where the working needs one
 * @param results what the working ends with; several for modes and the five numbers, none where
 *     there is no mode
 * @param exact what they are without any rounding on the way
 */
public record Working(
    Request request,
    Method method,
    List<WorkingStep> steps,
    Optional<WorkTable> table,
    List<Real> results,
    List<Real> exact) {

  /** Nobody works more rows by hand. */
  static final int MOST_ROWS = 2000;

  public Working {
    steps = List.copyOf(steps);
    results = List.copyOf(results);
    exact = List.copyOf(exact);
  }

  /**
   * {@return the working of a measure, as {@link #of(Data, CourseRules, Request, Method, Assumed)}}
   */
  public static Optional<Working> of(Data data, CourseRules rules, Measure measure, Method method) {
    return of(data, rules, Request.of(measure), method);
  }

  /**
   * {@return the working with the assumed mean and step that a person would choose, as {@link
   * #of(Data, CourseRules, Request, Method, Assumed)}}
   */
  public static Optional<Working> of(Data data, CourseRules rules, Request request, Method method) {
    if (data.subject() != Subject.ONE) {
      return of(data, rules, request, method, Assumed.NONE);
    }
    return data.tally().isEmpty()
        ? Optional.empty()
        : of(data, rules, request, method, Assumed.of(data.tally()));
  }

  /**
   * {@return the working}; empty where the task has no result, no formula gives it, or there are
   * more than {@value #MOST_ROWS} values
   *
   * @param assumed what the methods that assume a mean start from
   * @throws IllegalArgumentException if the task is not worked by that method
   */
  public static Optional<Working> of(
      Data data, CourseRules rules, Request request, Method method, Assumed assumed) {
    if (!Methods.of(request, rules, data).contains(method)) {
      throw new IllegalArgumentException(request.key() + " is not worked by " + method.code());
    }
    boolean several = data.subject() != Subject.ONE;
    boolean tooLong =
        several
            ? MeasureContext.of(data, rules).scope().rows() > MOST_ROWS
            : data.tally().total().compareTo(Exact.of(MOST_ROWS)) > 0;
    if (tooLong || (!several && data.tally().isEmpty())) {
      return Optional.empty();
    }
    Optional<Working> working = new WorkingBuilder(data, rules, method, assumed).build(request);
    if (rules.get(Rule.CARRY).equals(IntermediateRounding.EXACT)) {
      return working;
    }
    CourseRules unrounded = rules.with(Rule.CARRY, IntermediateRounding.EXACT);
    return working.flatMap(
        rounded ->
            new WorkingBuilder(data, unrounded, method, assumed)
                .build(request)
                .map(exactly -> rounded.withExact(exactly.results())));
  }

  /**
   * {@return the key of a step, from 0, by which a student's own value is kept: its left side by
   * the ids of its quantities, told apart where it stands more than once}
   */
  public String key(int step) {
    String left = left(steps.get(step));
    long before = steps.subList(0, step).stream().filter(s -> left(s).equals(left)).count();
    return before == 0 ? left : left + " (" + (before + 1) + ")";
  }

  /** {@return whether the data are classes, of which no value is known} */
  public boolean isGrouped() {
    return table
        .filter(made -> made.labels().stream().anyMatch(RowLabel.OfClass.class::isInstance))
        .isPresent();
  }

  /** {@return the step, from 0, whose result the working ends with; −1 where none calculates} */
  public int lastCalculation() {
    int last = steps.size() - 1;
    while (last >= 0 && steps.get(last).calculation().isEmpty()) {
      last--;
    }
    return last;
  }

  private static String left(WorkingStep step) {
    return step instanceof WorkingStep.Computed computed ? computed.left().key() : "";
  }

  private Working withExact(List<Real> unrounded) {
    return new Working(request, method, steps, table, results, unrounded);
  }
}
