package promedio.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Values;

class ColumnTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2026-09-01",
        "1.9.2026",
        "01/09/2026",
        "9/14/2026",
        "2026-09-01 07:30",
        "07:30:15",
        "2026-09-01T07:30:00Z",
        "1 Sep 2026",
        "September 1, 2026",
        "1-sep-2026",
        "2026/9/1 7:30",
        "Mar 3, 2026 07:30"
      })
  void knowsDaysAndTimes(String text) {
    assertThat(Dates.isDate(text)).isTrue();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "131.5",
        "3/4",
        "Blanca",
        "45.13.2026",
        "12-99",
        "25:61",
        "",
        "line 1",
        "T-12",
        "May",
        "Marta 3, 2026",
        "1.2.3.4"
      })
  void knowsWhatIsNoDay(String text) {
    assertThat(Dates.isDate(text)).isFalse();
  }

  @Test
  void datesAreOrderedInTimeAndTheMonthComesFirstWhereItMust() {
    WordColumn days = WordColumn.of("day", Kind.DATE, List.of("2/9/2026", "1/10/2026", ""));
    WordColumn american = WordColumn.of("day", Kind.DATE, List.of("2/9/2026", "1/14/2026"));

    assertThat(days.compare(0, 1)).isNegative();
    assertThat(days.compare(2, 1)).isPositive();
    assertThat(american.compare(0, 1)).isPositive();
  }

  @Test
  void theSummaryCountsWhatThereIs() {
    ColumnSummary words =
        WordColumn.of("variety", Kind.CATEGORY, List.of("a", "b", "", "a")).summary();
    NumberColumn numbers =
        new NumberColumn("w", Values.ofDecimals(new long[] {25, 10, 25}, 1), Map.of());

    assertThat(words).isEqualTo(new ColumnSummary(3, 1, 0, 2, Optional.empty()));
    assertThat(numbers.summary().distinct()).isEqualTo(2);
    assertThat(numbers.summary().extent().orElseThrow())
        .isEqualTo(new ColumnSummary.Extent(Exact.ONE, Exact.of(5, 2), Exact.of(6)));
  }

  @Test
  void columnsOfATableAreOfOneLengthAndHaveNamesOfTheirOwn() {
    NumberColumn two = new NumberColumn("w", Values.ofDecimals(new long[2], 0), Map.of());
    NumberColumn three = new NumberColumn("v", Values.ofDecimals(new long[3], 0), Map.of());

    assertThatThrownBy(() -> Table.of(List.of(two, three))).hasMessageContaining("3 rows, not 2");
    assertThatThrownBy(() -> Table.of(List.of(two, two))).hasMessageContaining("same name");
  }

  @Property(tries = 200)
  void everyWordComesBackFromItsRow(@ForAll List<@StringLength(max = 3) String> entries) {
    WordColumn column = WordColumn.of("x", Kind.TEXT, entries);

    assertThat(IntStream.range(0, column.size()).mapToObj(column::text)).isEqualTo(entries);
    assertThat(column.words()).doesNotHaveDuplicates();
  }

  @Property(tries = 200)
  void theTextOfANumberReadsBackAsTheSameNumber(
      @ForAll @IntRange(min = -9999, max = 9999) int p,
      @ForAll @IntRange(min = 1, max = 9999) int q) {
    String text = PlainText.of(Exact.of(p, q));
    String[] parts = text.split("/", -1);

    Exact read =
        parts.length == 2
            ? Exact.of(Long.parseLong(parts[0]), Long.parseLong(parts[1]))
            : Exact.of(new BigDecimal(text));
    assertThat(read).isEqualTo(Exact.of(p, q));
  }
}
