package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Values come in order, whether few of them differ or all do. */
class PackedSortTest {

  private static void comesInOrder(long[] numbers) {
    long[] before = numbers.clone();
    long[] expected = numbers.clone();
    Arrays.sort(expected);

    assertThat(PackedSort.sorted(numbers)).containsExactly(expected);
    assertThat(numbers).containsExactly(before);
  }

  @Property(tries = 200)
  void manyThatComeAgainAndAgain(
      @ForAll @Size(min = 65, max = 300) List<@LongRange(min = -20, max = 20) Long> numbers) {
    comesInOrder(numbers.stream().mapToLong(n -> n).toArray());
  }

  @Property(tries = 200)
  void manyThatLieFarApart(
      @ForAll @Size(max = 300)
          List<@LongRange(min = -Values.PACKED_LIMIT + 1, max = Values.PACKED_LIMIT - 1) Long>
              numbers) {
    comesInOrder(numbers.stream().mapToLong(n -> n).toArray());
  }

  @Test
  void theEndsOfWhatIsPackedAreNotTooFarApart() {
    long[] numbers = new long[100];
    Arrays.setAll(numbers, i -> i % 2 == 0 ? Values.PACKED_LIMIT - 1 : 1 - Values.PACKED_LIMIT);

    comesInOrder(numbers);
  }

  @Test
  void columnsInARowAreInOrderTogether() {
    Values first = Values.ofDecimals(new long[] {5, 1, 900}, 1);
    Values second = Values.ofDecimals(new long[] {4, 4, -7}, 1);
    Values joined = Values.join(List.of(first, second));

    assertThat(joined).isEqualTo(Values.ofDecimals(new long[] {5, 1, 900, 4, 4, -7}, 1));
    assertThat(joined.sorted()).isEqualTo(Values.ofDecimals(new long[] {-7, 1, 4, 4, 5, 900}, 1));
  }
}
