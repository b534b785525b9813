package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.FrequencyTable.Row;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

class MeasuresTest {

  private static Exact decimal(String text) {
    return Exact.of(new BigDecimal(text));
  }

  private static Computation of(String... values) {
    List<Exact> numbers = Arrays.stream(values).map(MeasuresTest::decimal).toList();
    return Computation.of(new Sample(Values.of(numbers)), CourseRules.DEFAULTS);
  }

  private static Real number(Computation measures, Measure measure) {
    return measures.result(measure).number().orElseThrow();
  }

  private static String why(Result result) {
    return ((Result.Absent) result).why().text();
  }

  @Nested
  class ExactWhereFloatingPointIsNot {

    @Test
    void tenMillionsAndATenthGiveATenthExactly() {
      long[] values =
          IntStream.rangeClosed(0, 1000)
              .mapToLong(i -> i == 0 ? 100_000_002 : i % 2 == 1 ? 100_000_001 : 100_000_003)
              .toArray();
      Computation measures =
          Computation.of(new Sample(Values.ofDecimals(values, 1)), CourseRules.DEFAULTS);

      assertThat(number(measures, Measures.SD)).hasToString("1/10");
      assertThat(number(measures, Measures.MEAN)).hasToString("50000001/5");
    }

    @Test
    void theDigitsOfPi() {
      long[] digits = piDigits(5000);
      Computation measures =
          Computation.of(new Sample(Values.ofDecimals(digits, 0)), CourseRules.DEFAULTS);

      assertThat(number(measures, Measures.MEAN)).isEqualTo(decimal("4.5358"));
      assertThat(number(measures, Measures.SD).significant(15)).hasToString("2.86767555218761");
    }

    @Test
    void aTieIsRoundedAsTheHandDoes() {
      assertThat(number(of("2.675"), Measures.MEAN).rounded(2, Rounding.HALF_UP))
          .hasToString("2.68");
      assertThat(number(of("2.67", "2.68"), Measures.MEAN).rounded(2, Rounding.HALF_EVEN))
          .hasToString("2.68");
    }

    /** Machin: π = 16 arctan(1/5) − 4 arctan(1/239), with ten digits to spare. */
    private static long[] piDigits(int count) {
      BigInteger unity = BigInteger.TEN.pow(count + 10);
      BigInteger pi =
          arctan(5, unity)
              .multiply(BigInteger.valueOf(16))
              .subtract(arctan(239, unity).shiftLeft(2));
      return pi.toString().chars().limit(count).mapToLong(c -> c - '0').toArray();
    }

    private static BigInteger arctan(int inverse, BigInteger unity) {
      BigInteger square = BigInteger.valueOf((long) inverse * inverse);
      BigInteger power = unity.divide(BigInteger.valueOf(inverse));
      BigInteger sum = power;
      for (int odd = 3; power.signum() != 0; odd += 2) {
        power = power.divide(square).negate();
        sum = sum.add(power.divide(BigInteger.valueOf(odd)));
      }
      return sum;
    }
  }

  @Nested
  class Absent {

    @Test
    void nothingIsMeasuredOfNoValues() {
      Computation none = of();

      for (Measure measure : Measures.all()) {
        assertThat(why(none.result(measure))).isEqualTo("there are no values");
      }
      assertThat(why(none.result(Request.of(Measures.PERCENTILE, Exact.of(50)))))
          .isEqualTo("there are no values");
      assertThat(why(none.result(Request.of(Measures.TRIMMED_MEAN, Exact.ZERO))))
          .isEqualTo("there are no values");
    }

    @Test
    void oneValueHasNoSpreadToDivideByZero() {
      Computation one = of("5");

      assertThat(why(one.result(Measures.VARIANCE))).isEqualTo("needs at least 2 values");
      assertThat(why(one.result(Measures.CV))).isEqualTo("needs at least 2 values");
      assertThat(one.result(Measures.RANGE)).isEqualTo(new Result.Found(Exact.ZERO));
      assertThat(why(one.result(Measures.SKEWNESS))).isEqualTo("there is no spread");
    }

    @Test
    void meansThatNeedPositiveValuesSaySo() {
      assertThat(why(of("1", "0").result(Measures.GEOMETRIC_MEAN)))
          .isEqualTo("needs values above 0");
      assertThat(why(of("1", "-2").result(Measures.HARMONIC_MEAN)))
          .isEqualTo("needs values above 0");
      assertThat(why(of("-1", "1").result(Measures.CV))).isEqualTo("the mean is 0");
    }

    @Test
    void theModeOfEquallyFrequentValuesDependsOnTheRule() {
      Values values = Values.ofDecimals(new long[] {3, 1, 2}, 0);
      Computation listed =
          Computation.of(new Sample(values), ByCode.with(CourseRules.DEFAULTS, "mode", "list-all"));

      assertThat(why(of("3", "1", "2").result(Measures.MODES)))
          .isEqualTo("every value occurs equally often");
      assertThat(listed.result(Measures.MODES))
          .isEqualTo(new Result.Several(List.of(Exact.of(1), Exact.of(2), Exact.of(3))));
      assertThat(of("4", "4").result(Measures.MODES))
          .isEqualTo(new Result.Several(List.of(Exact.of(4))));
      assertThat(why(listed.result(Measures.SKEWNESS_PEARSON_MODE)))
          .isEqualTo("there is more than one mode");
    }

    @Test
    void frequenciesThatAreNotWholeLeaveNoPositions() {
      Computation halves =
          Computation.of(
              FrequencyTable.of(
                  List.of(new Row(Exact.of(1), decimal("1.5")), new Row(Exact.of(2), Exact.ONE)),
                  0),
              CourseRules.DEFAULTS);

      assertThat(why(halves.result(Measures.MEDIAN))).contains("not whole");
      assertThat(why(halves.result(Measures.IQR))).contains("not whole");
      assertThat(why(halves.result(Request.of(Measures.PERCENTILE, Exact.of(10)))))
          .contains("not whole");
      assertThat(number(halves, Measures.MEAN)).hasToString("7/5");
      assertThat(number(halves, Measures.VARIANCE)).hasToString("2/5");
    }
  }

  @Nested
  class OtherMeans {

    @Test
    void theGeometricMeanIsExactWhereItIsRational() {
      assertThat(of("0.2", "0.078125").result(Measures.GEOMETRIC_MEAN))
          .isEqualTo(new Result.Found(Exact.of(1, 8)));
      assertThat(of("2", "8", "2", "8").result(Measures.GEOMETRIC_MEAN))
          .isEqualTo(new Result.Found(Exact.of(4)));
      assertThat(of("22e900", "88e-900").result(Measures.GEOMETRIC_MEAN))
          .isEqualTo(new Result.Found(Exact.of(44)));
      assertThat(of("2e900", "8e-900").result(Measures.GEOMETRIC_MEAN))
          .isEqualTo(new Result.Found(Exact.of(4)));
      assertThat(of("4", "6", "9").result(Measures.GEOMETRIC_MEAN))
          .isEqualTo(new Result.Found(Exact.of(6)));
    }

    @Test
    void otherwiseItsDigitsAreRightToAnyLength() {
      Real root = number(of("1", "2"), Measures.GEOMETRIC_MEAN);
      Real sqrt = Exact.of(2).sqrt();

      assertThat(root.significant(200)).isEqualTo(sqrt.significant(200));
      assertThat(root.rounded(12, Rounding.HALF_UP)).hasToString("1.414213562373");
    }

    @Test
    void hugeFrequenciesDoNotSlowTheGeometricMeanDown() {
      Exact many = decimal("1000000000000");
      Computation table =
          Computation.of(
              FrequencyTable.of(List.of(new Row(Exact.of(2), many), new Row(Exact.of(8), many)), 0),
              CourseRules.DEFAULTS);
      Computation uneven =
          Computation.of(
              FrequencyTable.of(
                  List.of(new Row(Exact.of(2), many), new Row(Exact.of(8), many.plus(Exact.ONE))),
                  0),
              CourseRules.DEFAULTS);

      assertThat(table.result(Measures.GEOMETRIC_MEAN)).isEqualTo(new Result.Found(Exact.of(4)));
      assertThat(number(uneven, Measures.GEOMETRIC_MEAN).significant(20))
          .hasToString("4.0000000000013862944");
    }

    @Test
    void theHarmonicMeanOfManyDistinctValuesIsStillRight() {
      long[] values =
          IntStream.rangeClosed(1, 20_000).mapToLong(i -> 1_000_000L + 37L * i).toArray();
      Computation measures =
          Computation.of(new Sample(Values.ofDecimals(values, 3)), CourseRules.DEFAULTS);
      BigDecimal sum = BigDecimal.ZERO;
      for (long value : values) {
        sum = sum.add(new BigDecimal(1000).divide(new BigDecimal(value), MathContext.DECIMAL128));
      }

      Result result = measures.result(Measures.HARMONIC_MEAN);

      assertThat(result).isInstanceOf(Result.Bracketed.class);
      assertThat(result.number().orElseThrow().significant(20))
          .isEqualByComparingTo(
              new BigDecimal(values.length)
                  .divide(sum, MathContext.DECIMAL128)
                  .round(new MathContext(20)));
    }

    @Test
    void trimmingDropsWholeValuesAtEachEnd() {
      Computation ten = of("1", "2", "3", "4", "5", "6", "7", "8", "9", "100");

      assertThat(ten.result(Request.of(Measures.TRIMMED_MEAN, decimal("0.1"))))
          .isEqualTo(new Result.Found(decimal("5.5")));
      assertThat(ten.result(Request.of(Measures.TRIMMED_MEAN, decimal("0.19"))))
          .isEqualTo(new Result.Found(decimal("5.5")));
      assertThat(ten.result(Request.of(Measures.TRIMMED_MEAN, Exact.ZERO)))
          .isEqualTo(ten.result(Measures.MEAN));
      assertThat(why(ten.result(Request.of(Measures.TRIMMED_MEAN, decimal("0.5")))))
          .contains("nothing is left");
      assertThatThrownBy(() -> ten.result(Request.of(Measures.TRIMMED_MEAN, Exact.of(-1))))
          .isInstanceOf(IllegalArgumentException.class);
      assertThatThrownBy(() -> ten.result(Request.of(Measures.PERCENTILE, Exact.of(101))))
          .isInstanceOf(IllegalArgumentException.class);
    }
  }

  @Test
  void anIntervalOfAnOlderFileThatKnewSigmaIsReadAsOneGivenSigma() {
    Request interval = Measures.ofId("interval_mean_lower_by_sigma 95 4").orElseThrow();

    assertThat(interval.id()).isEqualTo("interval_mean_lower 95 4");
    assertThat(interval.isWithOptional()).isTrue();
    assertThat(Measures.ofId("interval_mean_lower 95").orElseThrow().isWithOptional()).isFalse();
    assertThat(Measures.ofId("interval_mean_lower")).isEmpty();
    assertThat(Measures.ofId("interval_mean_lower 95 4 1")).isEmpty();
  }

  @Test
  void fourHundredThousandValuesAreExact() {
    long[] values = IntStream.range(0, 400_000).mapToLong(i -> 2_000_000 + i % 1000 * 7L).toArray();
    Computation measures =
        Computation.of(new Sample(Values.ofDecimals(values, 3)), CourseRules.DEFAULTS);

    // A uniform grid of k = 1000 points with step d has variance d²(k²−1)/12 over n.
    Exact variance = decimal("0.007").pow(2).times(999_999).over(12);
    assertThat(number(measures, Measures.VARIANCE))
        .isEqualTo(variance.times(400_000).over(399_999));
    // And m4/m2² = (3/5)(3k²−7)/(k²−1), which is 1.8 less a little.
    assertThat(number(measures, Measures.KURTOSIS_MOMENT))
        .isEqualTo(Exact.of(3 * 2_999_993L, 5 * 999_999L));
    assertThat(number(measures, Measures.SKEWNESS_MOMENT)).isEqualTo(Exact.ZERO);
  }
}
