package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.Exact;

class TallyTest {

  private static Tally tally(long... values) {
    return new Sample(Values.ofDecimals(values, 0)).tally();
  }

  @Test
  void countsEachDistinctValueInOrder() {
    Tally tally = tally(5, 3, 5, 9, 3, 5);

    assertThat(tally.size()).isEqualTo(3);
    assertThat(IntStream.range(0, 3).mapToObj(tally::value))
        .containsExactly(Exact.of(3), Exact.of(5), Exact.of(9));
    assertThat(IntStream.range(0, 3).mapToObj(tally::frequency))
        .containsExactly(Exact.of(2), Exact.of(3), Exact.of(1));
    assertThat(tally.total()).isEqualTo(Exact.of(6));
    assertThat(tally.highestFrequency()).isEqualTo(Exact.of(3));
    assertThat(tally.cumulative(1)).isEqualTo(Exact.of(5));
    assertThat(tally.sumBelow(2)).isEqualTo(Exact.of(21));
  }

  @Test
  void findsTheValueAtEveryPosition() {
    Tally tally = tally(5, 3, 5, 9, 3, 5);

    assertThat(IntStream.rangeClosed(1, 6).mapToObj(BigInteger::valueOf).map(tally::at))
        .extracting(Exact::toString)
        .containsExactly("3", "3", "5", "5", "5", "9");
  }

  @Test
  void aFrequencyTableMergesRowsAndLeavesOutZeros() {
    FrequencyTable table =
        FrequencyTable.of(
            List.of(row("4", "0"), row("2", "1.5"), row("1", "3"), row("2", "0.5")), 1);

    assertThat(table.tally().size()).isEqualTo(2);
    assertThat(table.tally().total()).isEqualTo(Exact.of(5));
    assertThat(table.tally().frequency(1)).isEqualTo(Exact.of(2));
    assertThat(table.tally().hasPositions()).isTrue();
    assertThat(table.missing()).isEqualTo(1);
    assertThat(table.rows()).hasSize(4);
  }

  @Test
  void frequenciesThatCannotBeAreNamed() {
    List<FrequencyTable.Row> negative = List.of(row("7", "-2"));
    List<FrequencyTable.Row> zero = List.of(row("7", "0"));

    assertThatThrownBy(() -> FrequencyTable.of(negative, 0)).hasMessageContaining("of 7 is -2");
    assertThatThrownBy(() -> FrequencyTable.of(zero, 0)).hasMessageContaining("every frequency");
    assertThat(FrequencyTable.NONE.tally().isEmpty()).isTrue();
  }

  /** Wide numerators take the general way; the result must not show it. */
  @ParameterizedTest
  @ValueSource(longs = {1, 1000, 3_000_000_000L, 900_000_000_000_000_000L})
  void powerSumsAgreeWithAPlainSumForSmallAndLargeNumbers(long size) {
    Random random = new Random(size);
    long[] values = random.longs(60, -size, size + 1).toArray();

    PowerSums sums = tally(values).powerSums();

    for (int power = 0; power <= 4; power++) {
      Exact expected = Exact.ZERO;
      for (long value : values) {
        expected = expected.plus(Exact.of(value).minus(sums.shift()).pow(power));
      }
      assertThat(sums.sum(power)).isEqualTo(expected);
    }
    assertThatThrownBy(() -> tally().powerSums()).isInstanceOf(IllegalArgumentException.class);
  }

  private static FrequencyTable.Row row(String value, String frequency) {
    return new FrequencyTable.Row(
        Exact.of(new BigDecimal(value)), Exact.of(new BigDecimal(frequency)));
  }
}
