package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.CourseRules;

class AgreementTest {

  private static Mark judge(Measure measure, Result result, String answer) {
    return new Agreement(CourseRules.DEFAULTS, DecimalSign.POINT)
        .judge(Request.of(measure), result, answer);
  }

  private static Result found(String decimal) {
    return new Result.Found(Exact.of(new BigDecimal(decimal)));
  }

  @ParameterizedTest
  @CsvSource({
    "84.67, agrees",
    "'84,67', agrees",
    "84.667, agrees",
    "254/3, agrees",
    "84 2/3, agrees",
    "84.7, agrees-coarser",
    "85, unexplained",
    "84.66, unexplained",
    "84.68, unexplained",
    "253/3, unexplained",
    "-84.67, unexplained",
    "about 85, unreadable",
    "84%, unreadable",
    "none, unexplained"
  })
  void judgesAnAnswerByTheDigitsItIsWrittenWith(String answer, String verdict) {
    Mark mark = judge(Measures.MEAN, new Result.Found(Exact.of(254, 3)), answer);

    assertThat(mark.verdict().code()).isEqualTo(verdict);
    assertThat(mark.reason().isPresent())
        .isEqualTo(verdict.equals("unreadable") || answer.equals("85"));
  }

  @Test
  void aValueThatEndsEarlierNeedNotBeFilledUp() {
    assertThat(judge(Measures.MEAN, found("120.5"), "120.5").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.MEAN, found("60"), "60").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.MEAN, found("120.501"), "120.5").verdict())
        .isEqualTo(Verdict.AGREES_COARSER);
  }

  @Test
  void tiesFollowTheRoundingRule() {
    CourseRules even = ByCode.with(CourseRules.DEFAULTS, "rounding", "half-even");

    assertThat(judge(Measures.MEAN, found("2.665"), "2.67").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(
            new Agreement(even, DecimalSign.POINT)
                .judge(Request.of(Measures.MEAN), found("2.665"), "2.67")
                .verdict())
        .isEqualTo(Verdict.UNEXPLAINED);
  }

  @Test
  void noneIsRightWhereThereIsNoResult() {
    Result absent = Result.absent("no-spread");

    assertThat(judge(Measures.SKEWNESS, absent, " None ").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.SKEWNESS, absent, "0").verdict()).isEqualTo(Verdict.UNEXPLAINED);
  }

  @ParameterizedTest
  @CsvSource({
    "131 139, agrees",
    "139; 131, agrees",
    "'131, 139', agrees",
    "131, unexplained",
    "131 139 140, unexplained",
    "131 x, unreadable"
  })
  void severalModesMayBeNamedInAnyOrder(String answer, String verdict) {
    Result modes = new Result.Several(List.of(Exact.of(131), Exact.of(139)));

    assertThat(judge(Measures.MODES, modes, answer).verdict().code()).isEqualTo(verdict);
  }

  @Test
  void aPercentageMayCarryItsSign() {
    Result cv = found("9.776");

    assertThat(judge(Measures.CV, cv, "9.78 %").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.CV, cv, "9.78").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.CV, cv, "9.8%").verdict()).isEqualTo(Verdict.AGREES_COARSER);
    assertThat(judge(Measures.CV, cv, "0.0978").verdict()).isEqualTo(Verdict.UNEXPLAINED);
  }

  @Test
  void rootsAgreeOnlyAsDecimals() {
    Result sd = new Result.Found(Exact.of(2).sqrt());

    assertThat(judge(Measures.SD, sd, "1.41").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.SD, sd, "1.414214").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(judge(Measures.SD, sd, "7/5").verdict()).isEqualTo(Verdict.UNEXPLAINED);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "3 1/2|7/2",
        "3½|7/2",
        "3.5|7/2",
        "7/2|7/2",
        "3 4|3 4",
        "3; 4|3 4",
        "4, 3|3 4",
        "3,4|3 4",
        "{3, 4}|3 4",
        "3 and 4|3 4",
        "3 y 4|3 4",
        "3 & 4|3 4",
        "3 1/2 4 1/2|7/2 9/2",
        "3 1/2; 4.50|7/2 9/2",
        "3 1/2 and 4 1/2|7/2 9/2",
        "1/2 3|1/2 3",
        "3 1/2|1/2 3"
      })
  void modesAreReadInEveryUsualWayOfWritingThem(String written, String modes) {
    List<Exact> values =
        Stream.of(modes.split(" "))
            .map(text -> NumberText.read(text, DecimalSign.POINT))
            .map(reading -> ((Reading.Numeral) reading).value())
            .toList();

    assertThat(judge(Measures.MODES, new Result.Several(values), written).agrees()).isTrue();
  }
}
