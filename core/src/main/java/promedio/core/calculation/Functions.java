package promedio.core.calculation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.TypedWords;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.core.sample.ValuesBuilder;

/** The functions that a formula may name, in the words of every language. */
final class Functions {

  /** What stands before the name of a function where its words in a language are told. */
  private static final String WORDS = "function.";

  private static final Map<String, Measure> MEASURES =
      Map.of(
          "sum", Measures.SUM,
          "mean", Measures.MEAN,
          "median", Measures.MEDIAN,
          "min", Measures.MIN,
          "max", Measures.MAX,
          "sd", Measures.SD);

  private static final Map<String, Function<Exact, @Nullable Exact>> OF_A_NUMBER =
      Map.of(
          "root", Arithmetic::root,
          "abs", Exact::abs,
          "log", Arithmetic::log10,
          "ln", Arithmetic::ln);

  private static final List<String> ALL = all();

  private Functions() {}

  private static List<String> all() {
    List<String> names = new ArrayList<>(MEASURES.keySet());
    names.addAll(OF_A_NUMBER.keySet());
    names.addAll(List.of("round", "z", "rank"));
    names.addAll(Distributions.names());
    return List.copyOf(names);
  }

  /** {@return the usual names of all functions in the language that is spoken, by the alphabet} */
  static List<String> names() {
    return ALL.stream().map(each -> TypedWords.usual(WORDS + each)).sorted().toList();
  }

  /** {@return whether the word is a name of this function in any language} */
  static boolean is(String function, Token word) {
    return TypedWords.says(WORDS + function, word.text());
  }

  private static String function(Token word) throws CalculationException {
    return ALL.stream()
        .filter(each -> is(each, word))
        .findFirst()
        .orElseThrow(
            () ->
                new CalculationException(
                    word.start(), "formula.function", word.text(), String.join(", ", names())));
  }

  /**
   * {@return the function of these numbers}
   *
   * @param rows how many rows there are
   * @throws CalculationException if there is no such function, or it takes other numbers
   */
  static Operand.Numbers of(Token name, List<Operand.Numbers> arguments, int rows)
      throws CalculationException {
    String function = function(name);
    Optional<Integer> exactly = Distributions.arguments(function);
    int most = exactly.orElse(function.equals("round") || function.equals("z") ? 2 : 1);
    boolean fewer = arguments.size() < exactly.orElse(1);
    if (fewer || arguments.size() > most) {
      throw new CalculationException(
          name.start(),
          exactly.isPresent() ? "formula.arguments-exactly" : "formula.arguments",
          name.text(),
          String.valueOf(most),
          String.valueOf(arguments.size()));
    }
    try {
      return of(function, arguments.get(0), arguments, rows);
    } catch (CalculationException e) {
      throw e;
    } catch (BadInputException e) {
      throw new CalculationException(name.start(), "formula.unusable", e.getMessage());
    }
  }

  private static Operand.Numbers of(
      String function, Operand.Numbers first, List<Operand.Numbers> arguments, int rows)
      throws BadInputException {
    if (MEASURES.containsKey(function)) {
      Exact value = measure(first, rows, MEASURES.get(function), CourseRules.DEFAULTS);
      return row -> value;
    }
    Function<Exact, @Nullable Exact> ofNumber = OF_A_NUMBER.get(function);
    if (ofNumber != null) {
      return row -> map(first.at(row), ofNumber::apply);
    }
    if (Distributions.arguments(function).isPresent()) {
      return Distributions.of(function, arguments);
    }
    return switch (function) {
      case "round" -> round(first, arguments.subList(1, arguments.size()));
      case "z" -> z(first, rows, arguments.size() == 2);
      case "rank" -> rank(first, rows);
      default -> throw new IllegalArgumentException(function);
    };
  }

  private static @Nullable Exact map(@Nullable Exact value, UnaryOperator<@Nullable Exact> change) {
    return value == null ? null : change.apply(value);
  }

  private static Operand.Numbers round(Operand.Numbers number, List<Operand.Numbers> places) {
    return row -> {
      Exact value = number.at(row);
      Exact to = places.isEmpty() ? Exact.ZERO : places.get(0).at(row);
      boolean sensible = to != null && to.isWhole() && to.abs().compareTo(Exact.of(100)) <= 0;
      return value == null || !sensible
          ? null
          : Arithmetic.rounded(value, to.numerator().intValueExact());
    };
  }

  private static @Nullable Exact measure(
      Operand.Numbers numbers, int rows, Measure measure, CourseRules rules)
      throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    for (int row = 0; row < rows; row++) {
      Cancellation.check(row);
      Exact value = numbers.at(row);
      if (value != null) {
        values.add(Arithmetic.digits(value));
      }
    }
    Result result = Computation.of(new Sample(values.build()), rules).result(measure);
    return result instanceof Result.Found found ? found.value() : null;
  }

  /** How many standard deviations a number is above the mean, by n−1, or by n if that is said. */
  private static Operand.Numbers z(Operand.Numbers numbers, int rows, boolean population)
      throws BadInputException {
    CourseRules rules =
        CourseRules.DEFAULTS.with(Rule.DIVISOR, population ? Divisor.N : Divisor.N_MINUS_1);
    Exact mean = measure(numbers, rows, Measures.MEAN, rules);
    Exact sd = measure(numbers, rows, Measures.SD, rules);
    return row -> {
      Exact value = numbers.at(row);
      return value == null || mean == null || sd == null || sd.signum() == 0
          ? null
          : map(Arithmetic.plus(value, mean.negate()), distance -> Arithmetic.over(distance, sd));
    };
  }

  /** Ranks from 1 for the smallest; equal numbers share the mean of their ranks. */
  private static Operand.Numbers rank(Operand.Numbers numbers, int rows) {
    List<Optional<Exact>> values =
        IntStream.range(0, rows).mapToObj(row -> Optional.ofNullable(numbers.at(row))).toList();
    List<Integer> order =
        IntStream.range(0, rows)
            .filter(row -> values.get(row).isPresent())
            .boxed()
            .sorted(Comparator.comparing(row -> values.get(row).orElseThrow()))
            .toList();
    @Nullable Exact[] ranks = new Exact[rows];
    int from = 0;
    while (from < order.size()) {
      int to = from;
      while (to < order.size() && values.get(order.get(to)).equals(values.get(order.get(from)))) {
        to++;
      }
      // The mean of from+1 … to.
      Exact shared = Exact.of((long) from + 1 + to, 2);
      for (int row : order.subList(from, to)) {
        ranks[row] = shared;
      }
      from = to;
    }
    return row -> ranks[row];
  }
}
