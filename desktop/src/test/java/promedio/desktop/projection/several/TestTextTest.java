package promedio.desktop.projection.several;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.rules.Tails;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;

/** Tests of significance in their steps. */
class TestTextTest {

  private static final List<Exact> NONE = List.of();

  private static TestText of(TestKind kind, int item) {
    return TestText.of(kind, SeveralSheets.of(item), NONE);
  }

  private static Analysis under(CourseRules rules, int item) {
    return SeveralSheets.of(SeveralSheets.ORCHARD.withRules(rules), item);
  }

  @Test
  void hypothesesStandInSymbolsAndInWords() {
    assertThat(of(TestKind.CORRELATION, SeveralSheets.PAIRS).hypotheses())
        .isEqualTo(
            "H₀: ρ = 0. In the population age and yield are not correlated.\n"
                + "H₁: ρ ≠ 0. They are correlated.");
    CourseRules upper = CourseRules.DEFAULTS.with(Rule.TAILS, Tails.UPPER);
    assertThat(TestText.of(TestKind.PAIRED, under(upper, SeveralSheets.PAIRS), NONE).hypotheses())
        .endsWith("H₁: μ_d > 0. On average age is larger than yield.");
    // F and χ² always look at the upper tail.
    assertThat(of(TestKind.VARIANCE, SeveralSheets.COMPARISON).hypotheses())
        .endsWith("H₁: at least two of them differ.");
  }

  @Test
  void theCriticalValueIsThatOfTheLevelAndTheTail() {
    assertThat(of(TestKind.CORRELATION, SeveralSheets.PAIRS).critical())
        .isEqualTo("At α = 0.05, H₀ is rejected where t lies above 3.1824 or below −3.1824.");
    CourseRules lower =
        CourseRules.DEFAULTS.with(Rule.TAILS, Tails.LOWER).with(Rule.ALPHA, new BigDecimal("0.01"));
    assertThat(TestText.of(TestKind.PAIRED, under(lower, SeveralSheets.PAIRS), NONE).critical())
        .isEqualTo("At α = 0.01, H₀ is rejected where t lies below −3.7469.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.05|p = 0.0124, which is not above α = 0.05: H₀ is rejected; the means of the groups"
            + " differ.",
        "0.01|p = 0.0124, which is above α = 0.01: H₀ is not rejected; it is not shown that the"
            + " means of the groups differ."
      })
  void theDecisionFollowsTheLevel(String alpha, String decision) {
    CourseRules rules = CourseRules.DEFAULTS.with(Rule.ALPHA, new BigDecimal(alpha));

    assertThat(
            TestText.of(TestKind.VARIANCE, under(rules, SeveralSheets.COMPARISON), NONE).decision())
        .isEqualTo(decision);
  }

  @Test
  void theSentenceToHandInHasStatisticDegreesPAndEffect() {
    assertThat(of(TestKind.VARIANCE, SeveralSheets.COMPARISON).sentence())
        .isEqualTo(
            "The means of the groups differed: upper (M = 10.00, SD = 2.00); middle (M = 22.00,"
                + " SD = 2.00); lower (M = 14.00, SD = 4.97), F(2, 7) = 8.77, p = 0.0124, η² = 0.71.");
    assertThat(of(TestKind.COUNTS, SeveralSheets.COUNTS).sentence())
        .isEqualTo(
            "Rows and columns were associated, χ²(1, n = 100) = 16.67, p < 0.0001, V = 0.41.");
  }

  @Test
  void itIsWrittenInTheNumberFormatOfTheStudent() {
    TestText text =
        TestText.of(TestKind.VARIANCE, SeveralSheets.withComma(SeveralSheets.COMPARISON), NONE);

    assertThat(text.sentence()).contains("F(2; 7) = 8,77, p = 0,0124, η² = 0,71");
    assertThat(text.critical()).contains("α = 0,05");
  }

  @Test
  void aMeanIsTestedAgainstASupposedOne() {
    TestText text = TestText.of(TestKind.MEAN, SeveralSheets.of(1), List.of(Exact.of(13)));

    assertThat(text.hypotheses())
        .startsWith("H₀: μ = 13. The population that “upper” comes from has the mean 13.");
    assertThat(text.sentence())
        .isEqualTo(
            "It was not shown that the mean of upper (M = 10.00, SD = 2.00) differs from 13,"
                + " t(2) = −2.60, p = 0.1217.");
    assertThat(text.watch()).singleElement().asString().startsWith("With n = 3");
  }

  @Test
  void aOneSidedTestConcludesOneWay() {
    CourseRules upper = CourseRules.DEFAULTS.with(Rule.TAILS, Tails.UPPER);
    CourseRules lower =
        CourseRules.DEFAULTS.with(Rule.TAILS, Tails.LOWER).with(Rule.ALPHA, new BigDecimal("0.1"));

    TestText larger = TestText.of(TestKind.MEAN, under(upper, 1), List.of(Exact.of(13)));
    TestText smaller = TestText.of(TestKind.MEAN, under(lower, 1), List.of(Exact.of(13)));

    assertThat(larger.decision()).endsWith("it is not shown that the mean is larger than 13.");
    assertThat(larger.sentence()).startsWith("It was not shown that the mean of upper (M = 10.00");
    assertThat(smaller.decision()).endsWith("H₀ is rejected; the mean is smaller than 13.");
    assertThat(smaller.sentence())
        .startsWith("The mean of upper (M = 10.00, SD = 2.00) was lower than 13, t(2) = −2.60");
  }

  @Test
  void inferenceIsAboutTheSampleWhateverTheVarianceIsDividedBy() {
    CourseRules population = CourseRules.DEFAULTS.with(Rule.DIVISOR, Divisor.N);

    assertThat(TestText.of(TestKind.MEAN, under(population, 1), List.of(Exact.of(13))).sentence())
        .isEqualTo(
            TestText.of(TestKind.MEAN, SeveralSheets.of(1), List.of(Exact.of(13))).sentence());
  }

  @Test
  void twoGroupsOfSeveralAreTestedByThemselves() {
    Analysis two =
        SeveralSheets.of(SeveralSheets.COMPARISON)
            .in(DataSubset.two("upper", "lower"))
            .orElseThrow();
    TestText text = TestText.of(TestKind.TWO, two, NONE);

    assertThat(text.hypotheses()).contains("“upper” and “lower” have the same mean");
    assertThat(text.effect()).isEqualTo("d = 0.99: a large effect (words after Cohen 1988).");
    assertThat(text.sentence())
        .startsWith(
            "It was not shown that the mean of upper (M = 10.00, SD = 2.00) differs from that of"
                + " lower (M = 14.00, SD = 4.97), t(5) = ");
    assertThat(text.watch())
        .satisfiesExactly(
            few -> assertThat(few).startsWith("With n = 3"),
            spread ->
                assertThat(spread)
                    .startsWith(
                        "The standard deviations are 2.00 and 4.97, more than twice apart"));
  }

  @Test
  void smallExpectedCountsAreToldAndForbidNothing() {
    Item few =
        SeveralSheets.ORCHARD
            .item(SeveralSheets.COUNTS)
            .orElseThrow()
            .withSource(new Source.CountsText("3 1\n2 4"));
    TestText text =
        TestText.of(
            TestKind.COUNTS,
            SeveralSheets.of(SeveralSheets.ORCHARD.with(few), SeveralSheets.COUNTS),
            NONE);

    assertThat(text.watch()).singleElement().asString().contains("count is 2.00, below 5");
    assertThat(text.sentence()).isNotEmpty();
  }

  @Test
  void whereThereIsNoStatisticTheReasonIsTold() {
    Item one =
        SeveralSheets.ORCHARD
            .item(SeveralSheets.PAIRS)
            .orElseThrow()
            .withSource(new Source.PairsText("1 2\n2 3"));
    TestText text =
        TestText.of(
            TestKind.CORRELATION,
            SeveralSheets.of(SeveralSheets.ORCHARD.with(one), SeveralSheets.PAIRS),
            NONE);

    assertThat(text.problem()).isPresent();
    assertThat(text.sentence() + text.critical() + text.decision()).isEmpty();
    assertThat(text.graph()).isEmpty();
  }

  @Test
  void theCurveShowsWhatTheLevelAndWhatTheStatisticCutOff() {
    assertThat(of(TestKind.VARIANCE, SeveralSheets.COMPARISON).graph().orElseThrow().inWords())
        .isEqualTo(
            "F distribution, df = 2 and 7. Shaded: α: 0.05 beyond 4.7374; p: 0.0124 beyond 8.77.");
  }
}
