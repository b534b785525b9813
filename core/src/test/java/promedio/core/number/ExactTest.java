package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static promedio.core.number.Rounding.HALF_EVEN;
import static promedio.core.number.Rounding.HALF_UP;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExactTest {

  private static Exact root(long numerator, long denominator) {
    return Exact.of(numerator, denominator).sqrt();
  }

  @Nested
  class Places {

    @ParameterizedTest
    @CsvSource({
      "2.675, 2, 2.68, 2.68",
      "2.665, 2, 2.67, 2.66",
      "-2.675, 2, -2.68, -2.68",
      "-2.665, 2, -2.67, -2.66",
      "0.5, 0, 1, 0",
      "1.5, 0, 2, 2",
      "-0.004, 2, 0.00, 0.00",
      "1250, -2, 13E+2, 12E+2",
      "7, 3, 7.000, 7.000"
    })
    void takesTiesByTheRule(BigDecimal value, int places, String halfUp, String halfEven) {
      Exact exact = Exact.of(value);

      assertThat(exact.rounded(places, HALF_UP)).isEqualTo(new BigDecimal(halfUp));
      assertThat(exact.rounded(places, HALF_EVEN)).isEqualTo(new BigDecimal(halfEven));
    }

    @Test
    void aRoundedZeroHasNoSign() {
      assertThat(Exact.of(-1, 1000).rounded(2, HALF_UP)).hasToString("0.00");
      assertThat(root(1, 1_000_001).negate().rounded(2, HALF_UP)).hasToString("0.00");
    }

    @Test
    void rootsAreRightToTheLastOfFiftyDigits() {
      assertThat(root(2, 1).rounded(50, HALF_UP))
          .hasToString("1.41421356237309504880168872420969807856967187537695");
      assertThat(root(1, 3).negate().rounded(10, HALF_EVEN)).hasToString("-0.5773502692");
      assertThat(root(20_000_000_001L, 1).rounded(-3, HALF_UP)).isEqualByComparingTo("141000");
    }
  }

  @Nested
  class Significant {

    @ParameterizedTest
    @CsvSource({"1, 3, 5, 0.33333", "200, 3, 3, 66.7", "-2, 3, 2, -0.67", "5, 1, 4, 5"})
    void digitsOfFractions(long numerator, long denominator, int digits, String expected) {
      assertThat(Exact.of(numerator, denominator).significant(digits)).isEqualTo(expected);
    }

    @Test
    void digitsOfRootsBesideAPowerOfTen() {
      // √0.9999999999 is 0.99999999995 and rounds up into the next decade with 10 digits or fewer.
      Exact below = Exact.of(new BigDecimal("0.9999999999")).sqrt();

      assertThat(below.significant(5)).isEqualByComparingTo("1");
      assertThat(below.significant(11)).isEqualTo("0.99999999995");
      assertThat(Exact.of(new BigDecimal("1.0000000001")).sqrt().significant(12))
          .isEqualTo("1.00000000005");
    }
  }

  @Nested
  class Arithmetic {

    @Test
    void productsAndQuotientsOfRootsStayExact() {
      assertThat(root(2, 1).times(root(8, 1))).isEqualTo(Exact.of(4));
      assertThat(root(2, 1).over(root(1, 2))).isEqualTo(Exact.of(2));
      assertThat(root(2, 1).negate().times(root(3, 1))).hasToString("-sqrt(6)");
      assertThat(root(5, 1).pow(3)).isEqualTo(root(125, 1));
      assertThat(root(5, 1).pow(-2)).isEqualTo(Exact.of(1, 5));
      assertThat(root(5, 1).negate().pow(2)).isEqualTo(Exact.of(5));
    }

    @Test
    void sumsNeedRationalTermsOrAZero() {
      assertThat(Exact.of(1, 2).plus(Exact.of(1, 3))).isEqualTo(Exact.of(5, 6));
      assertThat(root(2, 1).plus(Exact.ZERO)).isEqualTo(root(2, 1));
      assertThat(Exact.ZERO.minus(root(2, 1))).hasToString("-sqrt(2)");
      assertThatThrownBy(() -> root(2, 1).plus(Exact.ONE)).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void whatHasNoAnswerIsRefused() {
      assertThatThrownBy(() -> Exact.of(-1).sqrt()).isInstanceOf(ArithmeticException.class);
      assertThatThrownBy(() -> root(2, 1).sqrt()).isInstanceOf(ArithmeticException.class);
      assertThatThrownBy(() -> Exact.ONE.over(Exact.ZERO)).isInstanceOf(ArithmeticException.class);
      assertThatThrownBy(() -> root(2, 1).floor()).isInstanceOf(ArithmeticException.class);
    }

    @ParameterizedTest
    @CsvSource({"7, 2, 3", "-7, 2, -4", "6, 2, 3", "-6, 2, -3", "0, 5, 0", "-1, 9, -1"})
    void floorGoesDownAlsoBelowZero(long numerator, long denominator, long floor) {
      assertThat(Exact.of(numerator, denominator).floor()).isEqualTo(BigInteger.valueOf(floor));
    }
  }

  @Nested
  class Form {

    @Test
    void isInLowestTermsWithTheSignInFront() {
      assertThat(Exact.of(6, -4)).hasToString("-3/2");
      assertThat(Exact.of(-6, -3)).hasToString("2");
      assertThat(Exact.of(0, -5)).hasToString("0").isEqualTo(Exact.ZERO);
      assertThat(root(8, 18)).hasToString("2/3");
      assertThat(root(2, 4)).hasToString("sqrt(1/2)");
    }

    @Test
    void equalNumbersAreEqualHoweverTheyCameAbout() {
      assertThat(root(9, 4)).isEqualTo(Exact.of(3, 2)).hasSameHashCodeAs(Exact.of(3, 2));
      assertThat(root(2, 1)).isNotEqualTo(Exact.of(2));
    }

    @Test
    @DisplayName("order goes across roots and fractions")
    void order() {
      assertThat(root(2, 1)).isGreaterThan(Exact.of(141, 100)).isLessThan(Exact.of(142, 100));
      assertThat(root(2, 1).negate()).isLessThan(Exact.of(-141, 100));
      assertThat(root(2, 1).negate()).isLessThan(Exact.ZERO);
    }
  }

  @Property
  void everySquareOfARootIsWhatItIsTheRootOf(
      @ForAll @IntRange(min = 0, max = 5000) int p, @ForAll @IntRange(min = 1, max = 5000) int q) {
    Exact root = root(p, q);

    assertThat(root.times(root)).isEqualTo(Exact.of(p, q));
  }

  @Property
  void decimalTextOfARootAgreesWithALongerOne(
      @ForAll @IntRange(min = 1, max = 1_000_000) int p,
      @ForAll @IntRange(min = 1, max = 1000) int q,
      @ForAll @IntRange(min = 0, max = 20) int places) {
    Exact root = root(p, q);
    BigDecimal longer =
        new BigDecimal(p).divide(new BigDecimal(q), new MathContext(120)).sqrt(new MathContext(80));

    BigDecimal rounded = root.rounded(places, HALF_UP);

    assertThat(rounded).isEqualTo(longer.setScale(places, RoundingMode.HALF_UP));
  }
}
