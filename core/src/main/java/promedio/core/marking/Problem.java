package promedio.core.marking;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Inspection;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.ReachedClass;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.measure.Shape;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Data;

/** What is asked of some data by some course rules. */
public final class Problem {

  private final Request asked;
  private final Computation computation;
  private final StatedRules stated;

  private Problem(Request asked, Computation computation, StatedRules stated) {
    this.asked = asked;
    this.computation = computation;
    this.stated = stated;
  }

  /** {@return the problem for a measure without arguments} */
  public static Problem of(Data data, CourseRules rules, Measure asked) {
    return of(data, rules, Request.of(asked));
  }

  /** {@return the problem for what is asked} */
  public static Problem of(Data data, CourseRules rules, Request asked) {
    return of(Computation.of(data, rules), asked);
  }

  /** {@return the problem for what is asked, of what is known of the data already} */
  public static Problem of(Computation computation, Request asked) {
    return new Problem(asked, computation, StatedRules.NONE);
  }

  /**
   * {@return this problem where the question says so itself}; what follows from another course rule
   * elsewhere is a mistake there
   */
  public Problem stating(StatedRules said) {
    return new Problem(asked, computation.under(said.over(rules())), said);
  }

  /** {@return what the question says itself} */
  public StatedRules stated() {
    return stated;
  }

  /** {@return the same problem where the course has another rule} */
  Problem under(CourseRules others) {
    return new Problem(asked, computation.under(others), stated);
  }

  /** {@return the data} */
  public Data data() {
    return computation.context().data();
  }

  /** {@return the course rules} */
  public CourseRules rules() {
    return computation.context().rules();
  }

  /** {@return what is meant: of the skewness the one that the course rule names} */
  public Request request() {
    return asked.meant(rules());
  }

  /** {@return the measure that is meant} */
  Measure measure() {
    return request().measure();
  }

  /** {@return everything that is known of the data} */
  public Computation computation() {
    return computation;
  }

  /** {@return the data, the rules, and the arguments of what is asked} */
  MeasureContext context() {
    return computation.context().with(asked.arguments());
  }

  /** {@return the right result} */
  public Result right() {
    return computation.result(request());
  }

  /** {@return what a hand finds that does something otherwise} */
  Result by(Rewriting rewriting) {
    return computation.with(rewriting).result(request());
  }

  /** {@return the formula that the last step follows} */
  Optional<Formula> formula() {
    return computation.formula(request());
  }

  /** {@return whether the formula of the last step itself has this part} */
  boolean hasPart(Formula part) {
    return formula().filter(own -> own.contains(part)).isPresent();
  }

  /** {@return what it comes to with another formula in the place of a part of the last step} */
  Optional<Exact> instead(Formula part, Formula other) {
    return formula().map(own -> own.replacing(part, other)).flatMap(this::value);
  }

  /** {@return what a formula of the data and the arguments comes to} */
  Optional<Exact> value(Formula formula) {
    Formula given = formula;
    for (Map.Entry<Quantity, Exact> argument : asked.named().entrySet()) {
      Formula number = new Formula.Numeral(argument.getValue());
      given = given.replacing(argument.getKey().formula(), number);
    }
    return computation.value(given);
  }

  /** {@return a number as the result of such a measure} */
  Result result(Real value) {
    return value instanceof Exact exact ? result(exact) : Result.of(value);
  }

  /** {@return a number as the result of such a measure} */
  Result result(Exact value) {
    return measure().shape() == Shape.SEVERAL
        ? new Result.Several(List.of(value))
        : new Result.Found(value);
  }

  /** {@return how the result itself is looked for; none where it is calculated} */
  Optional<Inspection> inspection() {
    return computation.definition(request()) instanceof Definition.ByInspection looking
        ? Optional.of(looking.how())
        : Optional.empty();
  }

  /** {@return what was seen, by its names, where the result is found by looking} */
  Map<Quantity, Exact> seen() {
    return inspection()
        .map(how -> how.look(context()))
        .filter(Inspection.Numbers.class::isInstance)
        .map(seen -> ((Inspection.Numbers) seen).sightings())
        .filter(sightings -> sightings.size() == 1)
        .map(sightings -> sightings.get(0).found())
        .orElse(Map.of());
  }

  /** {@return which share of the values the result cuts off, where it is found by a position} */
  Optional<Exact> share() {
    return inspection()
        .flatMap(
            how ->
                how instanceof OrderedPlace place
                    ? Optional.of(place.share())
                    : how instanceof ReachedClass reached
                        ? Optional.of(reached.share())
                        : Optional.empty());
  }
}
