package promedio.core.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;

/**
 * What is asked: a measure with its arguments.
 *
 * @param measure the measure
 * @param arguments one for each of its parameters, in their order
 */
public record Task(Measure measure, List<Exact> arguments) {

  public Task {
    arguments = List.copyOf(arguments);
    refusal(measure, arguments)
        .ifPresent(
            why -> {
              throw new IllegalArgumentException(measure.key() + ": " + why.text());
            });
  }

  /** {@return a measure that needs no arguments} */
  public static Task of(Measure measure) {
    return new Task(measure, List.of());
  }

  /**
   * {@return a measure with one argument}
   *
   * @throws IllegalArgumentException if the argument is not allowed
   */
  public static Task of(Measure measure, Exact argument) {
    return new Task(measure, List.of(argument));
  }

  /** {@return why the measure cannot be asked with these arguments; nothing where it can} */
  public static Optional<Message> refusal(Measure measure, List<Exact> arguments) {
    List<Parameter> parameters = measure.parameters();
    if (parameters.size() != arguments.size()) {
      return Optional.of(
          Message.of(
              "argument.number",
              measure.key(),
              String.valueOf(parameters.size()),
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
  public Task meant(CourseRules rules) {
    Measure meant = measure.meant(rules);
    return meant == measure ? this : new Task(meant, arguments);
  }

  /** {@return what its result is measured in} */
  public Dimension dimension() {
    return measure.dimension(arguments);
  }

  /** {@return the key with the arguments, by which files and own workings know it} */
  public String id() {
    List<String> parts = new ArrayList<>(List.of(key()));
    arguments.forEach(argument -> parts.add(argument.toString()));
    return String.join(" ", parts);
  }

  @Override
  public String toString() {
    return id();
  }
}
