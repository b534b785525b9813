package promedio.core.rules;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.Rounding;

/**
 * One convention that differs from course to course, and the values it may take.
 *
 * @param <T> the type of its values
 */
public final class Rule<T> {

  static final int MOST_PLACES = 12;

  /** Σ(x−x̄)² over n − 1, of a sample, or over n, of a whole population. */
  public static final Rule<Divisor> DIVISOR = coded("divisor", Divisor.values());

  /**
   * Quartiles: medians of the halves, the middle value in neither (Moore and McCabe) or in both
   * (Tukey), or one of the nine of Hyndman and Fan (The American Statistician 50, 1996).
   */
  public static final Rule<QuantileRule> QUARTILES = coded("quartiles", QuantileRule.values());

  /** Percentiles and deciles: every rule but the halves, which know quartiles only. */
  public static final Rule<QuantileRule> PERCENTILES =
      new Rule<>(
          "percentiles",
          List.of(QuantileRule.values()).subList(2, QuantileRule.values().length),
          QuantileRule.HF6,
          Coded::code);

  /** Whether there is a mode where every value is equally frequent. */
  public static final Rule<ModeRule> MODE = coded("mode", ModeRule.values());

  /** Which of them is called the skewness (Joanes and Gill, The Statistician 47, 1998). */
  public static final Rule<SkewnessRule> SKEWNESS = coded("skewness", SkewnessRule.values());

  /** Decimal places of a shown result. */
  public static final Rule<Integer> PLACES =
      new Rule<>(
          "places", IntStream.rangeClosed(0, MOST_PLACES).boxed().toList(), 2, String::valueOf);

  /** What becomes of a number exactly in the middle: away from zero, or to the even digit. */
  public static final Rule<Rounding> ROUNDING =
      new Rule<>(
          "rounding",
          List.of(Rounding.values()),
          Rounding.HALF_UP,
          rounding ->
              switch (rounding) {
                case HALF_UP -> "half-up";
                case HALF_EVEN -> "half-even";
              });

  /** Whether workings carry exact values, or round every step to so many places. */
  public static final Rule<IntermediateRounding> CARRY =
      new Rule<>(
          "carry",
          IntermediateRounding.all(),
          IntermediateRounding.EXACT,
          IntermediateRounding::code);

  /** Which end a class keeps when values are grouped: [l, u) or (l, u]. */
  public static final Rule<ClassEnd> CLASS_END = coded("class-end", ClassEnd.values());

  /** The position sought in a class table: a share of N, or of N + 1. */
  public static final Rule<GroupedPositionRule> MEDIAN_POSITION =
      coded("median-position", GroupedPositionRule.values());

  /**
   * The mode of classes: interpolated by how much the modal class exceeds its neighbours or by
   * these alone, the midpoint, or 3·Md − 2·x̄ (Pearson 1895).
   */
  public static final Rule<GroupedMode> GROUPED_MODE = coded("grouped-mode", GroupedMode.values());

  /** An open first or last class: without a midpoint, or as wide as its neighbour. */
  public static final Rule<OpenClass> OPEN_CLASS = coded("open-class", OpenClass.values());

  /** Whether h²/12 is subtracted from the variance of equally wide classes (Sheppard 1898). */
  public static final Rule<Sheppard> SHEPPARD = coded("sheppard", Sheppard.values());

  /** Which tail a p-value takes of t, z and r; F and χ² always take the upper one. */
  public static final Rule<Tails> TAILS = coded("tails", Tails.values());

  /** The level of significance: any decimal between 0 and 1. */
  public static final Rule<BigDecimal> ALPHA =
      new Rule<>(
          "alpha",
          List.of("0.05", "0.01", "0.1", "0.001").stream().map(BigDecimal::new).toList(),
          new BigDecimal("0.05"),
          BigDecimal::toPlainString,
          Rule::level);

  /** Whether a t test of two samples takes one variance for both. */
  public static final Rule<Variances> VARIANCES = coded("variances", Variances.values());

  /** How p-values of several comparisons are corrected. */
  public static final Rule<Correction> CORRECTION = coded("correction", Correction.values());

  /** Whether χ² of a 2 × 2 table is corrected. */
  public static final Rule<Yates> YATES = coded("yates", Yates.values());

  /** What the rank correlation is where values share ranks. */
  public static final Rule<RankTies> RANK_TIES = coded("rank-ties", RankTies.values());

  /** Whether the normal distribution stands in for t where the sample is large. */
  public static final Rule<LargeSample> LARGE_SAMPLE = coded("large-sample", LargeSample.values());

  /** Decimal places of a shown p-value. */
  public static final Rule<Integer> P_PLACES =
      new Rule<>(
          "p-places", IntStream.rangeClosed(1, MOST_PLACES).boxed().toList(), 4, String::valueOf);

  /** How a p-value is written for people. */
  public static final Rule<PStyle> P_STYLE = coded("p-style", PStyle.values());

  private static final List<Rule<?>> ALL =
      List.of(
          DIVISOR,
          QUARTILES,
          PERCENTILES,
          MODE,
          SKEWNESS,
          PLACES,
          ROUNDING,
          CARRY,
          CLASS_END,
          MEDIAN_POSITION,
          GROUPED_MODE,
          OPEN_CLASS,
          SHEPPARD,
          TAILS,
          ALPHA,
          VARIANCES,
          CORRECTION,
          YATES,
          RANK_TIES,
          LARGE_SAMPLE,
          P_PLACES,
          P_STYLE);

  private final String code;
  private final List<T> values;
  private final T initial;
  private final Function<? super T, String> codeOf;

  /** Reads codes of values that are not among the usual ones. */
  private final Function<String, Optional<T>> reader;

  private Rule(String code, List<T> values, T initial, Function<? super T, String> codeOf) {
    this(code, values, initial, codeOf, text -> Optional.empty());
  }

  private Rule(
      String code,
      List<T> values,
      T initial,
      Function<? super T, String> codeOf,
      Function<String, Optional<T>> reader) {
    this.code = code;
    this.values = List.copyOf(values);
    this.initial = initial;
    this.codeOf = codeOf;
    this.reader = reader;
  }

  private static Optional<BigDecimal> level(String text) {
    if (!text.matches("0?\\.\\d{1,30}")) {
      return Optional.empty();
    }
    return Optional.of(new BigDecimal(text)).filter(level -> level.signum() > 0);
  }

  private static <T extends Coded> Rule<T> coded(String code, T[] values) {
    return new Rule<>(code, List.of(values), values[0], Coded::code);
  }

  /** {@return every rule, in the order in which they are told} */
  public static List<Rule<?>> all() {
    return ALL;
  }

  /** {@return the rule of this code} */
  public static Optional<Rule<?>> find(String code) {
    return ALL.stream().filter(rule -> rule.code.equals(code)).findFirst();
  }

  /**
   * {@return the rule of this code}
   *
   * @throws BadInputException if there is none; it lists those there are
   */
  public static Rule<?> ofCode(String code) throws BadInputException {
    return find(code)
        .orElseThrow(() -> unknown("rule.unknown", code, ALL.stream().map(Rule::code).toList()));
  }

  /** {@return the code of the rule} */
  public String code() {
    return code;
  }

  /** {@return the values it usually takes, the default among them} */
  public List<T> values() {
    return values;
  }

  /** {@return whether it may take this value} */
  boolean takes(T value) {
    return values.contains(value) || reader.apply(codeOf(value)).filter(value::equals).isPresent();
  }

  /** {@return the default} */
  public T initial() {
    return initial;
  }

  /** {@return the code of one of its values} */
  public String codeOf(T value) {
    return codeOf.apply(value);
  }

  /**
   * {@return the value of this code}
   *
   * @throws BadInputException if there is none; it lists those there are
   */
  public T valueOfCode(String valueCode) throws BadInputException {
    return values.stream()
        .filter(value -> codeOf(value).equals(valueCode))
        .findFirst()
        .or(() -> reader.apply(valueCode))
        .orElseThrow(
            () ->
                unknown(
                    "rule.unknown-value",
                    valueCode,
                    values.stream().map(this::codeOf).toList(),
                    code));
  }

  private static BadInputException unknown(
      String key, String found, List<String> known, String... more) {
    String[] arguments =
        Stream.concat(Stream.of(found, String.join(", ", known)), Stream.of(more))
            .toArray(String[]::new);
    return new BadInputException(Message.of(key, arguments));
  }

  @Override
  public String toString() {
    return code;
  }
}
