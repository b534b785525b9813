package promedio.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.practice.SamplingDistribution.Draws;
import promedio.core.practice.SamplingDistribution.Of;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Samples drawn by chance, and the numbers of theirs that pile up. */
class SamplingDistributionTest {

  private static final Sample HUNDRED =
      new Sample(Values.ofDecimals(LongStream.rangeClosed(1, 100).toArray(), 0));

  private static SamplingDistribution draw(
      int size, int times, long seed, boolean replacing, Of of) {
    return SamplingDistribution.of(new Draws(HUNDRED, size, times, seed, replacing, of));
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void theSameSeedGivesTheSameSamplesAndAnotherSeedOthers(boolean replacing) {
    SamplingDistribution once = draw(5, 20, 7, replacing, Of.MEANS);

    assertThat(draw(5, 20, 7, replacing, Of.MEANS)).isEqualTo(once);
    assertThat(draw(5, 20, 8, replacing, Of.MEANS).numbers()).isNotEqualTo(once.numbers());
  }

  @Test
  void moreDrawsBeginWithTheSameOnes() {
    Values few = draw(5, 10, 7, true, Of.MEANS).numbers().values();
    Values more = draw(5, 15, 7, true, Of.MEANS).numbers().values();

    assertThat(more.pickEntries(new int[] {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})).isEqualTo(few);
  }

  @Test
  void theLastNumberIsThatOfTheLastSample() {
    SamplingDistribution means = draw(6, 9, 3, false, Of.MEANS);
    Computation last = Computation.of(means.last(), CourseRules.DEFAULTS);

    assertThat(means.numbers().values().get(8))
        .isEqualTo(last.value(Request.of(Measures.MEAN)).orElseThrow());
    SamplingDistribution sds = draw(6, 9, 3, false, Of.STANDARD_DEVIATIONS);
    assertThat(sds.last()).isEqualTo(means.last());
    assertThat(sds.numbers().values().get(8).significant(12))
        .isEqualByComparingTo(last.value(Request.of(Measures.SD)).orElseThrow().significant(12));
  }

  @Test
  void allValuesWithoutPuttingBackAlwaysHaveTheSameMean() {
    SamplingDistribution all = draw(100, 4, 1, false, Of.MEANS);

    assertThat(all.numbers().tally().size()).isEqualTo(1);
    assertThat(all.expectedSpread()).isEqualTo(Exact.ZERO);
  }

  @Test
  void meansSpreadAsTheorySays() {
    // σ² of 1 … 100 is (100² − 1)/12 = 833.25.
    assertThat(draw(25, 1, 1, true, Of.MEANS).expectedSpread().pow(2))
        .isEqualTo(Exact.of(83325, 2500));
    assertThat(draw(25, 1, 1, false, Of.MEANS).expectedSpread().pow(2))
        .isEqualTo(Exact.of(83325, 2500).times(75).over(99));
    double spread =
        Computation.of(draw(25, 4000, 11, true, Of.MEANS).numbers(), CourseRules.DEFAULTS)
            .value(Request.of(Measures.SD))
            .orElseThrow()
            .significant(6)
            .doubleValue();
    assertThat(spread).isBetween(5.5, 6.05);
  }
}
