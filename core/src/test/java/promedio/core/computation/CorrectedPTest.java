package promedio.core.computation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.rules.Correction;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.Tails;
import promedio.core.sample.Data;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Groups;
import promedio.core.sample.Groups.Group;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** The p-value of two groups knows among how many they are compared. */
class CorrectedPTest {

  private static final Groups THREE =
      new Groups(
          List.of(
              group("upper", 8, 10, 12), group("middle", 20, 22, 24), group("lower", 9, 11, 16)));

  private static Group group(String name, long... values) {
    return new Group(name, new Sample(Values.ofDecimals(values, 0)));
  }

  private static Measure measure(String key) {
    return Measures.ofKey(key).orElseThrow();
  }

  private static BigDecimal p(String key, Data data, CourseRules rules) {
    return ((Result.Estimated) Computation.of(data, rules).result(measure(key))).value().value();
  }

  private static Data two(String first, String second) {
    return DataSubset.two(first, second).of(THREE).orElseThrow();
  }

  private static CourseRules by(Correction correction) {
    return CourseRules.DEFAULTS.with(Rule.CORRECTION, correction);
  }

  @ParameterizedTest
  @EnumSource(Correction.class)
  void itIsTheOneOfTheTableOfAllComparisons(Correction correction) {
    for (Pairwise.Comparison pair : Pairwise.of(THREE, by(correction))) {
      assertThat(p("t_two_p_corrected", two(pair.a(), pair.b()), by(correction)))
          .isEqualByComparingTo(pair.corrected().orElseThrow().value());
    }
  }

  @Test
  void bonferroniTakesItAsOftenAsThereAreComparisons() {
    CourseRules rules = by(Correction.BONFERRONI);
    BigDecimal alone = p("t_two_p", two("upper", "middle"), rules);

    assertThat(p("t_two_p_corrected", two("upper", "middle"), rules))
        .isEqualByComparingTo(alone.multiply(BigDecimal.valueOf(3)));
    assertThat(p("t_two_p_corrected", two("upper", "lower"), rules))
        .isEqualByComparingTo(BigDecimal.ONE);
  }

  @Test
  void twoGroupsThatAreAllThereAreNeedNoCorrection() {
    Groups two = new Groups(THREE.samples().subList(0, 2));

    assertThat(p("t_two_p_corrected", two, by(Correction.HOLM)))
        .isEqualByComparingTo(p("t_two_p", two, by(Correction.HOLM)));
  }

  @Test
  void inTheOtherOrderASingleTailIsTheOther() {
    CourseRules rules = by(Correction.BONFERRONI).with(Rule.TAILS, Tails.LOWER);
    BigDecimal turned = p("t_two_p", two("middle", "upper"), rules);

    assertThat(turned).isGreaterThan(new BigDecimal("0.9"));
    assertThat(p("t_two_p_corrected", two("middle", "upper"), rules))
        .isEqualByComparingTo(BigDecimal.ONE);
    assertThat(p("t_two_p_corrected", two("upper", "middle"), rules))
        .isLessThan(new BigDecimal("0.01"));
  }

  @Test
  void moreThanTwoGroupsHaveNone() {
    assertThat(Computation.of(THREE, by(Correction.HOLM)).result(measure("t_two_p_corrected")))
        .isInstanceOf(Result.Absent.class);
  }
}
