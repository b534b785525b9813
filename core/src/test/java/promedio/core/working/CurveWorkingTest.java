package promedio.core.working;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.marking.FollowThrough;
import promedio.core.marking.OwnMark;
import promedio.core.marking.OwnMark.Worth;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.Correction;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.Tails;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** The working of what is read off a curve: p-values, their decision, ends of intervals. */
class CurveWorkingTest {

  private static final CourseRules RULES = CourseRules.DEFAULTS;
  private static final Data CRATES = sample(8, 10, 11, 11, 14, 9);

  private static final Groups TERRACES =
      new Groups(
          List.of(
              new Groups.Group("upper", sample(8, 10, 12)),
              new Groups.Group("middle", sample(20, 22, 24)),
              new Groups.Group("lower", sample(9, 11, 16, 20))));

  private static Sample sample(long... values) {
    return new Sample(Values.ofDecimals(values, 0));
  }

  private static Working working(Data data, String id, CourseRules rules) {
    return Working.of(data, rules, Measures.ofId(id).orElseThrow(), Method.DEFINITION)
        .orElseThrow();
  }

  private static String last(Working working) {
    WorkingStep.Computed step =
        working.steps().get(working.lastCalculation()).calculation().orElseThrow();
    return step.left().plain(Exact::toString)
        + " = "
        + step.symbols().plain(Exact::toString)
        + " = "
        + step.numbers().plain(Exact::toString);
  }

  private static List<Sight> said(Working working) {
    return working.steps().stream()
        .filter(WorkingStep.Seen.class::isInstance)
        .map(step -> ((WorkingStep.Seen) step).about())
        .toList();
  }

  private static Exact result(Data data, String id, CourseRules rules) {
    Request request = Measures.ofId(id).orElseThrow();
    return ((Result.Estimated) Computation.of(data, rules).result(request)).value().decimal();
  }

  @Test
  void thePValueIsReadOffItsCurveAfterTheStatisticAndItsDegreesOfFreedom() {
    Working working = working(TERRACES, "f_p", RULES);

    assertThat(last(working)).isEqualTo("p = P(F(dfb; dfw) ≥ F) = P(F(2; 7) ≥ 658/75)");
    assertThat(working.results()).containsExactly(result(TERRACES, "f_p", RULES));
    assertThat(said(working)).containsExactly(Sight.REJECTED);
  }

  @Test
  void aStatisticAndDegreesWithoutNamesGetSomeFirst() {
    Working working = working(CRATES, "t_one_p 9", RULES);

    assertThat(last(working)).startsWith("p = P(|t(df)| ≥ |t|) = P(|t(5)| ≥ |");
    assertThat(working.results()).containsExactly(result(CRATES, "t_one_p 9", RULES));
    assertThat(said(working)).containsExactly(Sight.NOT_REJECTED);
  }

  @ParameterizedTest
  @CsvSource({"LOWER, P(z ≤ z)", "UPPER, P(z ≥ z)", "TWO, P(|z| ≥ |z|)"})
  void theTailOfTheCourseIsLookedAt(Tails tails, String area) {
    CourseRules rules = RULES.with(Rule.TAILS, tails);
    Working working = working(CRATES, "z_one_p 9 2", rules);

    assertThat(last(working)).startsWith("p = " + area);
    assertThat(working.results()).containsExactly(result(CRATES, "z_one_p 9 2", rules));
  }

  @Test
  void theDecisionFollowsTheLevelOfTheCourse() {
    CourseRules strict = RULES.with(Rule.ALPHA, new BigDecimal("0.01"));

    // p is 0.0124.
    assertThat(said(working(TERRACES, "f_p", strict))).containsExactly(Sight.NOT_REJECTED);
  }

  @Test
  void anEndOfAnIntervalTakesTheValueOfTheTableAsAStep() {
    Working working = working(CRATES, "interval_mean_upper 95", RULES);

    assertThat(working.steps().stream().map(step -> working.key(working.steps().indexOf(step))))
        .contains("df", "standard_error", "critical", "margin");
    assertThat(last(working)).startsWith("upper limit = x̄ + E = 21/2 + ");
    assertThat(working.results().get(0).significant(12))
        .isEqualByComparingTo(result(CRATES, "interval_mean_upper 95", RULES).significant(12));
  }

  @ParameterizedTest
  @CsvSource({
    "NONE, 0, 1, ",
    "NONE, 0, 2, ",
    "BONFERRONI, 0, 1, BONFERRONI",
    "BONFERRONI, 0, 2, BONFERRONI",
    "HOLM, 0, 1, HOLM",
    "HOLM, 0, 2, HOLM",
    "HOLM, 1, 2, HOLM"
  })
  void aCorrectedPValueIsAMultipleOfTheOneOfBothGroups(
      Correction correction, int a, int b, Sight how) {
    CourseRules rules = RULES.with(Rule.CORRECTION, correction);
    Groups two = TERRACES.two(a, b);
    Working working = working(two, "t_two_p_corrected", rules);

    assertThat(last(working)).contains("P(|t(").startsWith("p corr. = ");
    assertThat(working.results()).containsExactly(result(two, "t_two_p_corrected", rules));
    assertThat(said(working)).hasSize(how == null ? 1 : 2);
    if (how != null) {
      assertThat(said(working)).startsWith(how);
    }
  }

  @Test
  void noCorrectedPValueIsAbove1() {
    CourseRules rules = RULES.with(Rule.CORRECTION, Correction.BONFERRONI);
    Groups alike =
        new Groups(
            List.of(
                new Groups.Group("a", sample(8, 10, 12)),
                new Groups.Group("b", sample(8, 10, 13)),
                new Groups.Group("c", sample(9, 10, 12))));
    Working working = working(alike.two(0, 1), "t_two_p_corrected", rules);

    assertThat(working.results()).containsExactly(Exact.ONE);
    assertThat(said(working))
        .containsExactly(Sight.BONFERRONI, Sight.AT_MOST_ONE, Sight.NOT_REJECTED);
  }

  @Test
  void whereTheCourseRoundsOnTheWayTheCorrectedPIsThatOfTheRoundedStatistic() throws Exception {
    CourseRules rounding = RULES.with(Rule.CORRECTION, Correction.BONFERRONI).with("carry", "1");
    Working working = working(TERRACES.two(0, 1), "t_two_p_corrected", rounding);

    // t is −7.348 and is carried as −7.3.
    assertThat(last(working)).endsWith("= 3 · P(|t(4)| ≥ |-73/10|)");
    assertThat(said(working)).containsExactly(Sight.BONFERRONI, Sight.REJECTED);
    assertThat(working.results()).isNotEqualTo(working.exact());
  }

  @Test
  void holmTakesThePValueBeforeWhereThatIsHigher() {
    CourseRules rules = RULES.with(Rule.CORRECTION, Correction.HOLM);
    Groups near =
        new Groups(
            List.of(
                new Groups.Group("a", sample(8, 10, 12)),
                new Groups.Group("b", sample(13, 15, 17)),
                new Groups.Group("c", sample(13, 15, 18))));
    List<Working> each =
        List.of(
            working(near.two(0, 1), "t_two_p_corrected", rules),
            working(near.two(0, 2), "t_two_p_corrected", rules),
            working(near.two(1, 2), "t_two_p_corrected", rules));

    assertThat(each).anyMatch(one -> said(one).contains(Sight.NOT_BELOW_THE_ONE_BEFORE));
  }

  private static OwnMark ofP(Map<String, String> own) {
    Working working = working(TERRACES, "f_p", RULES);
    return new FollowThrough(TERRACES, working, new OwnWorking(own), RULES, DecimalSign.POINT)
        .step(working.lastCalculation())
        .orElseThrow();
  }

  @Test
  void anOwnPIsReadOffAtTheStudentsOwnF() {
    // The right F is 8.77; with 2 and 7 degrees of freedom 3.26 cuts off 0.0998.
    assertThat(ofP(Map.of("f_ratio", "3.26", "f_p", "0.100")).worth()).isEqualTo(Worth.FOLLOWS);
    assertThat(ofP(Map.of("f_ratio", "3.26", "f_p", "0.012")).worth()).isEqualTo(Worth.RIGHT);
    assertThat(ofP(Map.of("f_ratio", "3.26", "f_p", "0.2")).worth()).isEqualTo(Worth.WRONG);
  }

  @Test
  void anOwnSumOfSquaresIsFollowedToThePValue() {
    // With SSw = 180 instead of 90 F is half as large, 4.39, and p is 0.0582.
    assertThat(ofP(Map.of("ss_within", "180", "f_p", "0.0582")).worth()).isEqualTo(Worth.FOLLOWS);
  }

  @Test
  void aPValueMayBeWrittenAsABound() {
    assertThat(ofP(Map.of("f_p", "< 0.05")).worth()).isEqualTo(Worth.RIGHT);
    assertThat(ofP(Map.of("f_p", "<0.001")).worth()).isEqualTo(Worth.WRONG);
    assertThat(ofP(Map.of("f_p", "< x")).worth()).isEqualTo(Worth.UNREADABLE);
  }
}
