package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.entry.TypedCategories;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.slip.Cause;

/** Answers where the mode of categories is asked. */
class CategoryMarksTest {

  private static Mark mark(String categories, String answer, String modeRule) {
    return Marker.of(
            Problem.of(
                TypedCategories.read(categories, DecimalSign.POINT).data(),
                ByCode.with(CourseRules.DEFAULTS, "mode", modeRule),
                Measures.MODES))
        .mark(answer, DecimalSign.POINT);
  }

  private static Mark mark(String categories, String answer) {
    return mark(categories, answer, "none-when-all-equal");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "bruised 14; too small 21; scarred 9 | too small      | AGREES",
        "bruised 14; too small 21; scarred 9 | ' Too SMALL '  | AGREES",
        "bruised 14; too small 21; scarred 9 | bruised        | UNEXPLAINED",
        "bruised 14; too small 21; scarred 9 | none           | UNEXPLAINED",
        "bruised 14; too small 21; scarred 9 | too small, bruised | UNEXPLAINED",
        "bruised 14; too small 14; scarred 9 | too small; bruised | AGREES",
        "bruised 14; too small 14; scarred 9 | bruised, too small | AGREES",
        "bruised 14; too small 14; scarred 9 | bruised        | UNEXPLAINED",
        "bruised 14; too small 14            | none           | AGREES",
        "bruised 14; too small 14            | bruised        | UNEXPLAINED"
      })
  void aNameAgreesWhateverItsCapitalsAndAllModesAreWanted(
      String categories, String answer, Verdict verdict) {
    assertThat(mark(categories, answer).verdict()).isEqualTo(verdict);
  }

  @Test
  void byTheRuleThatListsThemAllEquallyFrequentNamesAreModes() {
    assertThat(mark("a 2, b 2", "a, b", "list-all").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(mark("a 2, b 2", "none", "list-all").verdict()).isEqualTo(Verdict.UNEXPLAINED);
  }

  @Test
  void givingTheFrequencyInsteadOfTheNameIsASlip() {
    Mark mark = mark("bruised 14, too small 21", "21");

    assertThat(mark.verdict()).isEqualTo(Verdict.SLIP);
    assertThat(mark.best().map(Explanation::cause)).contains(Cause.FREQUENCY_GIVEN);
  }

  @Test
  void aNameThatIsNoCategorySaysSo() {
    Mark mark = mark("bruised 14, too small 21", "to small");

    assertThat(mark.verdict()).isEqualTo(Verdict.UNREADABLE);
    assertThat(mark.reason().orElseThrow().text())
        .isEqualTo("“to small” is not one of the categories");
    assertThat(mark("bruised 14, too small 21", "20").verdict()).isEqualTo(Verdict.UNREADABLE);
    assertThat(mark("bruised 14, too small 21", " ; ").verdict()).isEqualTo(Verdict.UNREADABLE);
  }

  @Test
  void aCategoryMayBeCalledNoneOrHaveACommaOrBeANumber() {
    assertThat(mark("none 5, some 3", "none").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(mark("red, large\t5\nred\t3", "red, large").verdict()).isEqualTo(Verdict.AGREES);
    assertThat(mark("1 5, 5 3", "1").verdict()).isEqualTo(Verdict.AGREES);
    // The category 5 is not the mode, although the mode occurs five times.
    assertThat(mark("1 5, 5 3", "5").verdict()).isEqualTo(Verdict.UNEXPLAINED);
  }

  @Test
  void anyOtherMeasureIsAbsentAndNoneIsRight() {
    Marker marker =
        Marker.of(
            Problem.of(
                TypedCategories.read("a 2, b", DecimalSign.POINT).data(),
                CourseRules.DEFAULTS,
                Measures.MEAN));

    assertThat(marker.mark("none", DecimalSign.POINT).verdict()).isEqualTo(Verdict.AGREES);
  }
}
