package promedio.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.Typed;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.FrequencyTable;

/** Data drawn to practise on. */
class PracticeTest {

  private static Typed drawn(Practice.Kind kind, int size, boolean nice, long seed) {
    Source source = new Practice(new Random(seed), CourseRules.DEFAULTS).draw(kind, size, nice);
    return source.read(DecimalSign.POINT);
  }

  @ParameterizedTest
  @EnumSource(Practice.Kind.class)
  void theDataAreReadableAndAsManyAsWanted(Practice.Kind kind) {
    for (long seed = 0; seed < 20; seed++) {
      Typed typed = drawn(kind, 7, false, seed);

      assertThat(typed.unreadable()).isEmpty();
      assertThat(typed.problem()).isEmpty();
      int size =
          switch (kind) {
            case SAMPLE -> typed.data().tally().total().numerator().intValueExact();
            case TABLE -> ((FrequencyTable) typed.data()).rows().size();
            case CLASSES -> ((ClassTable) typed.data()).rows().size();
          };
      assertThat(size).isEqualTo(7);
    }
  }

  @Test
  void niceNumbersHaveAMeanOfFewDecimals() {
    for (long seed = 0; seed < 10; seed++) {
      Computation measures =
          Computation.of(drawn(Practice.Kind.SAMPLE, 9, true, seed).data(), CourseRules.DEFAULTS);
      Exact mean = ((Result.Found) measures.result(Measures.MEAN)).value();
      Exact variance = ((Result.Found) measures.result(Measures.VARIANCE)).value();

      assertThat(mean.times(10).isWhole()).as("mean %s", mean).isTrue();
      assertThat(variance.times(100).isWhole()).as("variance %s", variance).isTrue();
    }
  }

  @Test
  void otherChanceDrawsOtherData() {
    Practice practice = new Practice(new Random(1), CourseRules.DEFAULTS);

    assertThat(practice.draw(Practice.Kind.SAMPLE, 12, false))
        .isNotEqualTo(practice.draw(Practice.Kind.SAMPLE, 12, false));
  }

  @Test
  void sizesThatNobodyWorksByHandAreRefused() {
    Practice practice = new Practice(new Random(1), CourseRules.DEFAULTS);

    assertThatThrownBy(() -> practice.draw(Practice.Kind.SAMPLE, 2, false))
        .hasMessageContaining("3 to 200");
    assertThatThrownBy(() -> practice.draw(Practice.Kind.CLASSES, 201, false))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
