package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Both quartiles by all eleven rules, worked by hand for the first 3 to 12 of twelve values. */
class QuartileRulesTest {

  private static final long[] VALUES = {3, 7, 8, 12, 13, 20, 21, 25, 34, 40, 41, 50};

  /** A line for each size; in the order of the rules, lower | upper. */
  private static final String WORKED =
      """
      3   3|8  5|15/2  3|8  3|8  3|7  3|29/4  4|31/4  3|8  5|15/2  11/3|47/6  15/4|125/16
      4   5|10  5|10  3|8  5|10  3|8  3|8  5|10  4|11  6|9  14/3|31/3  19/4|41/4
      5   5|25/2  7|12  7|12  7|12  3|12  4|11  6|49/4  5|25/2  7|12  17/3|37/3  23/4|197/16
      6   7|13  7|13  7|13  7|13  7|12  5|25/2  7|13  6|59/4  29/4|51/4  20/3|163/12  27/4|215/16
      7   7|20  15/2|33/2  7|20  7|20  7|13  6|59/4  29/4|73/4  7|20  15/2|33/2  43/6|113/6  115/16|299/16
      8   15/2|41/2  15/2|41/2  7|20  15/2|41/2  7|20  7|20  15/2|41/2  29/4|83/4  31/4|81/4  89/12|247/12  119/16|329/16
      9   15/2|23  8|21  8|21  8|21  7|21  29/4|83/4  31/4|22  15/2|23  8|21  23/3|67/3  123/16|89/4
      10  8|25  8|25  8|25  8|25  7|25  15/2|23  8|25  31/4|109/4  9|24  95/12|103/4  127/16|409/16
      11  8|34  10|59/2  8|34  8|34  8|25  31/4|109/4  9|127/4  8|34  10|59/2  26/3|65/2  35/4|517/16
      12  10|37  10|37  8|34  10|37  8|34  8|34  10|37  9|77/2  11|71/2  29/3|75/2  39/4|299/8
      """;

  static Stream<Arguments> worked() {
    List<QuantileRule> rules = List.of(QuantileRule.values());
    return WORKED
        .lines()
        .map(line -> List.of(line.split("\\s+")))
        .flatMap(
            cells ->
                IntStream.range(0, rules.size())
                    .mapToObj(
                        i ->
                            Arguments.of(
                                Integer.parseInt(cells.get(0)), rules.get(i), cells.get(i + 1))));
  }

  @ParameterizedTest(name = "{0} values by {1}: {2}")
  @MethodSource("worked")
  void agreesWithTheHand(int size, QuantileRule rule, String expected) {
    Sample sample = new Sample(Values.ofDecimals(Arrays.copyOf(VALUES, size), 0));
    Computation measures = Computation.of(sample, CourseRules.DEFAULTS.with(Rule.QUARTILES, rule));

    assertThat(text(measures, Measures.Q1) + "|" + text(measures, Measures.Q3)).isEqualTo(expected);
  }

  @Test
  void oneValueHasNoHalvesButIsItsOwnQuartileByEveryOtherRule() {
    Sample one = new Sample(Values.ofDecimals(new long[] {7}, 0));

    for (QuantileRule rule : QuantileRule.values()) {
      Result q1 =
          Computation.of(one, CourseRules.DEFAULTS.with(Rule.QUARTILES, rule)).result(Measures.Q1);
      if (rule == QuantileRule.HALVES_WITHOUT_MEDIAN) {
        assertThat(q1).isEqualTo(Result.absent("one-value-no-halves"));
      } else {
        assertThat(q1).isEqualTo(new Result.Found(Exact.of(7)));
      }
    }
  }

  @Test
  void percentilesFollowTheirOwnRule() {
    Sample sample = new Sample(Values.ofDecimals(VALUES, 0));
    Computation byHf6 = Computation.of(sample, CourseRules.DEFAULTS);
    Computation byHf7 =
        Computation.of(sample, ByCode.with(CourseRules.DEFAULTS, "percentiles", "hf7"));

    // (12 + 1) · 0.9 = 11.7: seven tenths of the way from the 11th to the 12th value.
    assertThat(byHf6.result(Request.of(Measures.PERCENTILE, Exact.of(90))))
        .isEqualTo(new Result.Found(Exact.of(473, 10)));
    // 1 + 11 · 0.9 = 10.9.
    assertThat(byHf7.result(Request.of(Measures.PERCENTILE, Exact.of(90))))
        .isEqualTo(new Result.Found(Exact.of(409, 10)));
    assertThat(byHf6.result(Request.of(Measures.PERCENTILE, Exact.ZERO)))
        .isEqualTo(new Result.Found(Exact.of(3)));
    assertThat(byHf6.result(Request.of(Measures.PERCENTILE, Exact.of(100))))
        .isEqualTo(new Result.Found(Exact.of(50)));
  }

  private static String text(Computation measures, Measure measure) {
    return measures.result(measure).number().orElseThrow().toString();
  }
}
