package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

class ValuesTest {

  private static Exact decimal(String text) {
    return Exact.of(new BigDecimal(text));
  }

  @Test
  void keepsOrderAndMissingEntries() throws BadInputException {
    Values values =
        new ValuesBuilder().add(decimal("12.5")).addMissing().add(decimal("-3")).build();

    assertThat(values.size()).isEqualTo(3);
    assertThat(values.count()).isEqualTo(2);
    assertThat(values.missing()).isEqualTo(1);
    assertThat(values.isMissing(1)).isTrue();
    assertThat(values.get(0)).isEqualTo(decimal("12.5"));
    assertThat(values.get(2)).isEqualTo(decimal("-3"));
    assertThatThrownBy(() -> values.get(1)).isInstanceOf(IllegalArgumentException.class);
    assertThat(values.present()).isEqualTo(Values.of(List.of(decimal("12.5"), decimal("-3"))));
    assertThat(values.sorted()).isEqualTo(Values.of(List.of(decimal("-3"), decimal("12.5"))));
  }

  @Test
  void missingEntriesAtEitherEndAndInARowAreLeftOut() throws BadInputException {
    ValuesBuilder builder = new ValuesBuilder().addMissing().addMissing();
    builder.add(decimal("8")).add(decimal("10")).addMissing().addMissing();
    Values values = builder.add(decimal("11")).addMissing().build();

    assertThat(values.present())
        .isEqualTo(Values.of(List.of(decimal("8"), decimal("10"), decimal("11"))));
    assertThat(new ValuesBuilder().addMissing().build().present().size()).isZero();
  }

  @Test
  void decimalsShareOneScaleAndStayPacked() {
    Values values = Values.of(List.of(decimal("1"), decimal("0.25"), decimal("1000000000000")));

    assertThat(values.isPacked()).isTrue();
    assertThat(values.denominator()).isEqualTo(BigInteger.valueOf(100));
    assertThat(values.numerator(1)).isEqualTo(BigInteger.valueOf(25));
  }

  @Test
  void longNumbersAndEndlessFractionsStayExactToo() {
    Exact tiny = decimal("0.0000000000000000000000000001");
    Exact third = Exact.of(1, 3);
    Exact huge = decimal("123456789012345678901234567890");
    Values values = Values.of(List.of(huge, tiny, third, Exact.of(5)));

    assertThat(values.isPacked()).isFalse();
    assertThat(IntStream.range(0, 4).mapToObj(values::get).toList())
        .containsExactly(huge, tiny, third, Exact.of(5));
    assertThat(values.sorted().get(0)).isEqualTo(tiny);
    assertThat(values.sorted().get(3)).isEqualTo(huge);
  }

  @Test
  void fractionsWithSmallDenominatorsArePacked() {
    Values values = Values.of(List.of(Exact.of(1, 3), decimal("0.25")));

    assertThat(values.isPacked()).isTrue();
    assertThat(values.denominator()).isEqualTo(BigInteger.valueOf(300));
  }

  @Test
  void fractionsWithoutASensibleCommonDenominatorAreRefused() {
    ValuesBuilder builder = new ValuesBuilder();
    BigInteger base = BigInteger.TWO.pow(300);
    for (int i = 1; i < 2000; i += 2) {
      builder.add(Exact.of(BigInteger.ONE, base.add(BigInteger.valueOf(i))));
    }

    assertThatThrownBy(builder::build)
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("common denominator");
  }

  @Test
  void aLongColumnGrowsAsItIsRead() throws BadInputException {
    ValuesBuilder builder = new ValuesBuilder();
    IntStream.range(0, 1000).forEach(i -> builder.add(new BigDecimal(i).movePointLeft(i % 3)));

    Values values = builder.build();

    assertThat(values.size()).isEqualTo(1000);
    assertThat(values.get(998)).isEqualTo(decimal("9.98"));
  }

  @Test
  void equalityIsOfTheNumbersNotOfTheirPacking() throws BadInputException {
    assertThat(Values.ofDecimals(new long[] {10, 250}, 2))
        .isEqualTo(Values.of(List.of(decimal("0.1"), decimal("2.5"))))
        .hasSameHashCodeAs(Values.of(List.of(decimal("0.1"), decimal("2.5"))))
        .isNotEqualTo(Values.of(List.of(decimal("0.1"), decimal("2.6"))))
        .isNotEqualTo(new ValuesBuilder().add(decimal("0.1")).addMissing().build())
        .hasToString("Values[2 entries, 0 missing]");
  }
}
