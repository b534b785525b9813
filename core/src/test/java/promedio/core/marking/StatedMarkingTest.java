package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Who answers otherwise than the question says has made a mistake. */
class StatedMarkingTest {

  /** Weights of five pears; s² = 20, σ² = 16, t against 10 is 1.5. */
  private static final Sample PEARS =
      new Sample(Values.of(Stream.of(8, 12, 10, 16, 19).map(Exact::of).toList()));

  private static final Request P = Measures.ofId("t_one_p 10").orElseThrow();

  private static Mark mark(Request asked, StatedRules stated, String answer) {
    Problem problem = Problem.of(PEARS, CourseRules.DEFAULTS, asked).stating(stated);
    return Marker.of(problem).mark(answer, DecimalSign.POINT);
  }

  private static String p(String tails) throws Exception {
    CourseRules rules = CourseRules.DEFAULTS.with("tails", tails).with("p-places", "4");
    return Problem.of(PEARS, rules, P).right() instanceof Result.Estimated e
        ? e.value().decimal().rounded(4, Rounding.HALF_UP).toPlainString()
        : "";
  }

  @Test
  void anotherTailIsRightInAnotherCourseWhereTheQuestionSaysNothing() throws Exception {
    assertThat(mark(P, StatedRules.NONE, p("upper")).verdict()).isEqualTo(Verdict.OTHER_RULE);
  }

  @Test
  void aWrongTailIsAMistakeWhereTheQuestionSaysWhichOne() throws Exception {
    StatedRules upper = StatedRules.NONE.with("tails", "upper");

    Mark mark = mark(P, upper, p("two"));

    assertThat(mark.verdict()).isEqualTo(Verdict.SLIP);
    assertThat(mark.best().orElseThrow().cause().code()).isEqualTo("tails");
    assertThat(mark(P, upper, p("upper")).agrees()).isTrue();
  }

  @Test
  void dividingAPopulationByOneLessIsAMistakeWhereTheQuestionSaysThatItIsAll() throws Exception {
    Request variance = Request.of(Measures.VARIANCE);
    Exact sum = Exact.of(80);
    StatedRules population = StatedRules.NONE.with("divisor", "n");

    assertThat(mark(variance, population, sum.over(5).toString()).agrees()).isTrue();
    Mark mark = mark(variance, population, sum.over(4).toString());

    assertThat(mark.verdict()).isEqualTo(Verdict.SLIP);
    assertThat(mark.best().orElseThrow().cause().code()).isEqualTo("divisor");
    assertThat(mark(variance, StatedRules.NONE, "16").verdict()).isEqualTo(Verdict.OTHER_RULE);
  }

  @Test
  void aRuleOfTheCourseStaysOneBesideWhatTheQuestionSays() throws Exception {
    Request quartile = Request.of(Measures.Q1);
    CourseRules other = CourseRules.DEFAULTS.with("quartiles", "hf7");
    String answer = Problem.of(PEARS, other, quartile).right().number().orElseThrow().toString();

    assertThat(mark(quartile, StatedRules.NONE.with("divisor", "n"), answer).verdict())
        .isEqualTo(Verdict.OTHER_RULE);
  }
}
