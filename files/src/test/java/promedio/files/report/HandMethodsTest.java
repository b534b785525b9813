package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.computation.Computation;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.working.Methods;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;
import promedio.files.ByteLines;

/** Ways of working that courses ask for by name, with numbers that were worked on paper. */
class HandMethodsTest {

  private static final String EIGHT = "{'values':['2','4','4','4','5','5','7','9']";
  private static final String TIED =
      "{'pairs':[['1','2'],['2','1'],['2','3'],['4','4']],'measure':'rank_correlation'";
  private static final String CLASSES =
      "{'classes':[['0','10','4'],['10','20','10'],['20','30','6']]";
  private static final String FOURFOLD = "{'cross':[['12','30'],['25','18']]";

  /** What is asked of some data by some course rules, read as a line of JSON. */
  private record Asked(Data data, CourseRules rules, Request request) {

    static Asked of(String line) {
      try {
        JsonNode node = MarkRequestJson.read(line.replace('\'', '"'));
        Request request = MarkRequestJson.request(node);
        return new Asked(
            MarkRequestJson.data(node, request),
            MarkRequestJson.rules(node.path("rules"), CourseRules.DEFAULTS),
            request);
      } catch (BadInputException e) {
        throw new AssertionError(e);
      }
    }

    Result result() {
      return Computation.of(data, rules).result(request);
    }

    /** Its digits, or why there are none. */
    String shown() {
      Result result = result();
      if (result instanceof Result.Absent absent) {
        return absent.why().key();
      }
      BigDecimal digits =
          result instanceof Result.Estimated estimated
              ? estimated.value().value().round(new MathContext(6))
              : result.number().orElseThrow().significant(6);
      return digits.stripTrailingZeros().toPlainString();
    }

    Working by(String method) {
      return Working.of(data, rules, request, Method.ofCode(method).orElseThrow()).orElseThrow();
    }

    String formulas(String method) {
      return by(method).steps().stream()
          .map(WorkingStep::calculation)
          .flatMap(Optional::stream)
          .map(step -> step.left().plain(Exact::toString) + " = " + symbols(step))
          .collect(Collectors.joining("\n"));
    }

    private static String symbols(WorkingStep.Computed step) {
      return step.symbols().plain(Exact::toString);
    }

    Real end(String method) {
      return by(method).results().get(0);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "'measure':'variance','rules':{'divisor':'n'}} | 4 | σ² = Σx² / n − μ²",
        "'measure':'variance'} | 4.57143 | s² = n / (n − 1) · (Σx² / n − x̄²)",
        "'measure':'sd','rules':{'divisor':'n'}} | 2 | σ = √(Σx² / n − μ²)",
        "'measure':'cv','rules':{'divisor':'n'}} | 40 | σ = √(Σx² / n − μ²)",
      })
  void aSpreadIsWorkedByTheMeanOfTheSquares(String question, String result, String formula) {
    Asked asked = Asked.of(EIGHT + "," + question);

    assertThat(asked.shown()).isEqualTo(result);
    assertThat(asked.end("mean-square")).isEqualTo(asked.result().number().orElseThrow());
    assertThat(asked.formulas("mean-square")).contains(formula);
  }

  @ParameterizedTest
  @CsvSource({
    "skewness_moment, step",
    "skewness_moment, assumed-mean",
    "kurtosis_moment, step",
    "kurtosis_excess, assumed-mean",
    "skewness_moment_s, step",
  })
  void skewnessAndKurtosisAreWorkedByCoding(String measure, String method) {
    Asked asked = Asked.of(CLASSES + ",'measure':'" + measure + "'}");

    assertThat(asked.end(method)).isEqualTo(asked.result().number().orElseThrow());
    assertThat(asked.formulas(method)).contains("m₁′ = Σ(f");
  }

  @Test
  void aMomentByStepsIsThatOfTheStepsTimesThePowerOfTheWidth() {
    // u = −1, 0, 1 with f = 4, 10, 6: m₁′ = 0.1, m₂′ = 0.5, so that m₂ = 100 · (0.5 − 0.01).
    Asked asked = Asked.of(CLASSES + ",'measure':'moment','with':'2'}");

    assertThat(asked.shown()).isEqualTo("49");
    assertThat(asked.formulas("step"))
        .contains("m₁′ = Σ(f · u) / Σf")
        .contains("m₂′ = Σ(f · u²) / Σf")
        .contains("m₂ = h² · (m₂′ − m₁′²)");
  }

  @ParameterizedTest
  @CsvSource({"shared, 0.632456", "formula, 0.65"})
  void sharedRanksFollowTheCourse(String rule, String result) {
    // d = −1, 1.5, −0.5, 0, and 1 − 6 · 3.5/(4 · 15); by the ranks 3/√(4.5 · 5).
    Asked asked = Asked.of(TIED + ",'rules':{'rank-ties':'" + rule + "'}}");

    assertThat(asked.shown()).isEqualTo(result);
    assertThat(asked.end("definition").significant(6)).isEqualByComparingTo(new BigDecimal(result));
    assertThat(Methods.of(asked.request(), asked.rules(), asked.data()))
        .containsExactly(Method.DEFINITION);
  }

  @Test
  void ranksThatNoneShareAreWorkedByTheirDifferences() {
    Asked asked =
        Asked.of("{'pairs':[['1','2'],['2','1'],['3','3']],'measure':'rank_correlation'}");

    assertThat(asked.shown()).isEqualTo("0.5");
    assertThat(asked.formulas("rank-differences")).contains("rₛ = 1 − 6 · Σd² / (n · (n² − 1))");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'measure':'chi_squared'} | squares-over-expected | χ² = Σ(O² / E) − n",
        "'measure':'chi_squared'} | cross-products | (O₁₁ · O₂₂ − O₁₂ · O₂₁)²",
        "'measure':'chi_squared','rules':{'yates':'on'}} | cross-products | (|O₁₁ · O₂₂ − O₁₂ · O₂₁| − n / 2)²",
        "'measure':'phi'} | cross-products | (O₁₁ · O₂₂ − O₁₂ · O₂₁)²",
      })
  void chiSquaredIsWorkedByOtherFormulasToTheSameEnd(
      String question, String method, String formula) {
    Asked asked = Asked.of(FOURFOLD + "," + question);

    assertThat(asked.end(method)).isEqualTo(asked.result().number().orElseThrow());
    assertThat(asked.formulas(method)).contains(formula);
  }

  @Test
  void crossProductsWithYatesAreNotOfferedWhereNoDistanceIsTakenBelowZero() {
    Asked asked =
        Asked.of("{'cross':[['5','5'],['5','6']],'measure':'chi_squared','rules':{'yates':'on'}}");

    assertThat(asked.shown()).isEqualTo("0");
    assertThat(Methods.of(asked.request(), asked.rules(), asked.data()))
        .containsExactly(Method.DEFINITION);
  }

  @ParameterizedTest
  @CsvSource({"neighbours, 16", "interpolated, 16", "midpoint, 15"})
  void theModeOfClassesFollowsTheCourse(String rule, String mode) {
    // 10 + 6/(4 + 6) · 10, and 10 + 6/(6 + 4) · 10: the same, since 10 = 4 + 6.
    Asked asked = Asked.of(CLASSES + ",'measure':'modes','rules':{'grouped-mode':'" + rule + "'}}");

    assertThat(asked.result()).isEqualTo(new Result.Several(List.of(whole(mode))));
    assertThat(asked.end("definition")).isEqualTo(whole(mode));
  }

  private static Exact whole(String text) {
    return Exact.of(Long.parseLong(text));
  }

  @Test
  void theNeighboursCountByTheirDensitiesWhereWidthsDiffer() {
    // Densities 0.4, 1, 0.3: 10 + 0.3/0.7 · 10.
    Asked asked =
        Asked.of(
            "{'classes':[['0','10','4'],['10','20','10'],['20','40','6']],'measure':'modes',"
                + "'rules':{'grouped-mode':'neighbours'}}");

    assertThat(asked.result()).isEqualTo(new Result.Several(List.of(Exact.of(100, 7))));
    assertThat(asked.formulas("definition")).contains("fd₊ / (fd₋ + fd₊)");
  }

  @Test
  void aModalClassBetweenEmptyOnesHasNoModeByItsNeighbours() {
    Asked asked =
        Asked.of(
            "{'classes':[['0','10','0'],['10','20','10'],['20','30','0']],'measure':'modes',"
                + "'rules':{'grouped-mode':'neighbours'}}");

    assertThat(asked.shown()).isEqualTo("absent.empty-neighbours");
  }

  @ParameterizedTest
  @CsvSource({
    "12, 30", "10, 20", "20, 70", "-3, 0", "0, 0", "30, 100", "31, 100", "25, 85",
  })
  void thePercentileRankIsReadInTheClassOfTheValue(String value, String rank) {
    Asked asked = Asked.of(CLASSES + ",'measure':'percentile_rank','with':'" + value + "'}");

    assertThat(asked.shown()).isEqualTo(rank);
    assertThat(asked.end("definition")).isEqualTo(asked.result().number().orElseThrow());
  }

  @Test
  void insideAnOpenClassThereIsNoPercentileRank() {
    String open = "{'classes':[[null,'10','4'],['10','20','10']],'measure':'percentile_rank',";

    assertThat(Asked.of(open + "'with':'5'}").shown()).isEqualTo("absent.in-open-class");
    assertThat(Asked.of(open + "'with':'15'}").shown()).isEqualTo("64.2857");
  }

  @ParameterizedTest
  @CsvSource({"t_slope, 3.57624", "t_slope_df, 3", "t_slope_p, 0.0373861"})
  void theSlopeIsTestedBesideItsStandardError(String measure, String result) {
    // b = 0.9, sₑ = √(1.9/3) and Sxx = 10; t is that of the correlation, as it must be.
    Asked asked =
        Asked.of(
            "{'pairs':[['1','2'],['2','3'],['3','5'],['4','4'],['5','6']],'measure':'"
                + measure
                + "'}");

    assertThat(asked.shown()).isEqualTo(result);
    assertThat(asked.by("definition").results()).isNotEmpty();
  }

  @ParameterizedTest
  @CsvSource({"level, 95, 1.78749", "sigma, 2, 1.3859", "level, 80, 1.06958"})
  void theMarginOfErrorIsAskedAlone(String name, String number, String margin) {
    String with = "'" + name + "':'" + number + "'";
    Asked asked = Asked.of(EIGHT + ",'measure':'margin_of_error','with':{" + with + "}}");

    assertThat(asked.shown()).isEqualTo(margin);
    assertThat(asked.formulas("definition")).contains("E = ");
  }

  @Test
  void ofALargeSampleTheNormalDistributionStandsInForT() {
    String thirty =
        "{'values':["
            + IntStream.rangeClosed(1, 30)
                .mapToObj(i -> "'" + i + "'")
                .collect(Collectors.joining(","))
            + "],'rules':{'large-sample':'z-from-30'},";

    assertThat(Asked.of(thirty + "'measure':'margin_of_error'}").shown()).isEqualTo("3.1502");
    assertThat(Asked.of(thirty + "'measure':'t_one_df','with':'12'}").shown())
        .isEqualTo("absent.no-degrees-by-normal");
    assertThat(Asked.of(thirty + "'measure':'t_one_p','with':'12'}").shown())
        .isEqualTo("0.0294359");
    assertThat(Asked.of(thirty + "'measure':'t_one','with':'12'}").shown()).isEqualTo("2.1776");
  }

  @Test
  void anXBesideASampleAsksForItsPercentileRank() {
    String line = (CLASSES + ",'with':{'x':'12'}}").replace('\'', '"');

    assertThat(MeasureLines.answer(ByteLines.Line.of(line), CourseRules.DEFAULTS).text())
        .contains("\"percentile_rank\":{\"exact\":\"30\"");
  }

  @Test
  void whatTheDataDoNotHaveIsWorkedByNoOtherMethod() {
    Asked fourfold = Asked.of(FOURFOLD + ",'measure':'chi_squared'}");
    Asked sample = Asked.of(EIGHT + ",'measure':'sd'}");

    assertThat(Methods.of(fourfold.request(), fourfold.rules(), sample.data()))
        .containsExactly(Method.DEFINITION);
  }
}
