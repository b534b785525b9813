package promedio.core.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import promedio.core.formula.Quantity;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;

/**
 * What is asked: a measure with its arguments, or what a p-value decides.
 *
 * @param measure the measure
 * @param arguments one for each of its parameters, in their order; the last may be missing where
 *     they are optional
 * @param decides whether it asks what the measure, a p-value, decides of the null hypothesis, at
 *     the level of the course
 */
public record Request(Measure measure, List<Exact> arguments, boolean decides) {

  /** What stands after the key and the arguments of what asks a decision. */
  public static final String DECISION = "decision";

  /** Makes one that asks the measure itself. */
  public Request(Measure measure, List<Exact> arguments) {
    this(measure, arguments, false);
  }

  public Request {
    arguments = List.copyOf(arguments);
    refusal(measure, arguments)
        .ifPresent(
            why -> {
              throw new IllegalArgumentException(measure.key() + ": " + why.text());
            });
    if (decides && measure.dimension(arguments) != Dimension.PROBABILITY) {
      throw new IllegalArgumentException(measure.key() + " decides nothing");
    }
  }

  // As a record has them, but made beforehand: see Symbol.

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Request request
        && measure.equals(request.measure)
        && arguments.equals(request.arguments)
        && decides == request.decides;
  }

  @Override
  public int hashCode() {
    return 31 * measure.hashCode() + arguments.hashCode();
  }

  /** {@return a measure that needs no arguments} */
  public static Request of(Measure measure) {
    return new Request(measure, List.of());
  }

  /**
   * {@return a measure with one argument}
   *
   * @throws IllegalArgumentException if the argument is not allowed
   */
  public static Request of(Measure measure, Exact argument) {
    return new Request(measure, List.of(argument));
  }

  /**
   * {@return the first parameter of the measure that is not among what is given by names, has no
   * usual value and must be there}
   */
  public static Optional<Parameter> lacking(Measure measure, Map<String, Exact> given) {
    return measure.parameters().stream()
        .filter(each -> !given.containsKey(each.quantity().id()))
        .filter(each -> each.usual().isEmpty() && !each.isOptional())
        .findFirst();
  }

  /**
   * {@return the measure with what is given by names, and what is usual where nothing is given}
   *
   * @throws IllegalArgumentException if something is {@link #lacking lacking} or not allowed
   */
  public static Request of(Measure measure, Map<String, Exact> given) {
    return new Request(measure, arguments(measure, given));
  }

  /** {@return the arguments that the measure gets of what is given by names} */
  public static List<Exact> arguments(Measure measure, Map<String, Exact> given) {
    return measure.parameters().stream()
        .flatMap(
            each -> Optional.ofNullable(given.get(each.quantity().id())).or(each::usual).stream())
        .toList();
  }

  /** {@return why the measure cannot be asked with these arguments; nothing where it can} */
  public static Optional<Message> refusal(Measure measure, List<Exact> arguments) {
    List<Parameter> parameters = measure.parameters();
    long fewest = parameters.stream().filter(each -> !each.isOptional()).count();
    if (arguments.size() < fewest || arguments.size() > parameters.size()) {
      return Optional.of(
          Message.of(
              "argument.number",
              measure.key(),
              String.valueOf(fewest),
              String.valueOf(arguments.size())));
    }
    for (int i = 0; i < arguments.size(); i++) {
      Optional<Message> refusal = parameters.get(i).refusal(arguments.get(i));
      if (refusal.isPresent()) {
        return refusal;
      }
    }
    return Optional.empty();
  }

  /** {@return what asks for the decision that this, a p-value, leads to} */
  public Request decision() {
    return new Request(measure, arguments, true);
  }

  /** {@return what asks for the number itself: of a decision, the p-value that it rests on} */
  public Request number() {
    return decides ? new Request(measure, arguments) : this;
  }

  /** {@return the key of its measure} */
  public String key() {
    return measure.key();
  }

  /** {@return its only argument, where it has one} */
  public Optional<Exact> argument() {
    return arguments.size() == 1 ? Optional.of(arguments.get(0)) : Optional.empty();
  }

  /** {@return what formulas call the arguments, with their values} */
  public Map<Quantity, Exact> named() {
    Map<Quantity, Exact> named = new LinkedHashMap<>();
    for (int i = 0; i < arguments.size(); i++) {
      named.put(measure.parameters().get(i).quantity(), arguments.get(i));
    }
    return named;
  }

  /** {@return what is meant by these rules: of the skewness the one that they name} */
  public Request meant(CourseRules rules) {
    Measure meant = measure.meant(rules);
    return meant == measure ? this : new Request(meant, arguments, decides);
  }

  /** {@return whether it says a number that need not be given} */
  public boolean isWithOptional() {
    return !arguments.isEmpty() && measure.parameters().get(arguments.size() - 1).isOptional();
  }

  /** {@return what its result is measured in} */
  public Dimension dimension() {
    return measure.dimension(arguments);
  }

  /** {@return whether it asks for a p-value, or for the decision that one leads to} */
  public boolean isProbability() {
    return dimension() == Dimension.PROBABILITY;
  }

  /**
   * {@return the key with the arguments, and whether a decision is asked, by which files know it}
   */
  public String id() {
    List<String> parts = new ArrayList<>(List.of(key()));
    arguments.forEach(argument -> parts.add(argument.toString()));
    if (decides) {
      parts.add(DECISION);
    }
    return String.join(" ", parts);
  }

  @Override
  public String toString() {
    return id();
  }
}
