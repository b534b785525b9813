package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedClasses;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.ClassTable.Row;

/** Class tables as they are printed: gaps, open ends, and what is wrong with some. */
class ClassTableTest {

  private static ClassTable of(String text) {
    return (ClassTable) TypedClasses.read(text, DecimalSign.POINT).data();
  }

  private static List<String> intervals(ClassTable table, boolean closed) {
    return table.intervals(closed).stream().map(ClassTableTest::text).toList();
  }

  private static String text(Interval interval) {
    return interval.lower().map(Exact::toString).orElse("")
        + ".."
        + interval.upper().map(Exact::toString).orElse("");
  }

  @Test
  void classesWithAGapHaveTheirBoundariesInItsMiddle() {
    ClassTable table = of("10–19 5\n20–29 8");

    assertThat(table.gap()).isEqualTo(Exact.ONE);
    assertThat(intervals(table, false)).containsExactly("19/2..39/2", "39/2..59/2");
    assertThat(table.intervals(false).get(0).midpoint()).contains(Exact.of(29, 2));
    assertThat(table.intervals(false).get(0).density()).contains(Exact.of(1, 2));
  }

  @Test
  void adjoiningClassesKeepTheirLimits() {
    assertThat(intervals(of("10-20 5\n20-35 8"), false)).containsExactly("10..20", "20..35");
  }

  @Test
  void anOpenClassIsAsWideAsItsNeighbourWhereThatIsAsked() {
    ClassTable table = of("under 10 3\n10–20 8\n20 and over 2");

    assertThat(table.isOpen()).isTrue();
    assertThat(intervals(table, false)).containsExactly("..10", "10..20", "20..");
    assertThat(intervals(table, true)).containsExactly("0..10", "10..20", "20..30");
    // Two open classes beside each other have no width to take.
    assertThat(intervals(of("under 10 3\n10 and over 4"), true)).containsExactly("..10", "10..");
  }

  @Test
  void classesMayBeTypedInAnyOrder() {
    assertThat(of("20–30 2\n10–20 8").rows())
        .extracting(Row::toString)
        .containsExactly("10–20", "20–30");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {
        "10-20 5|18-28 3 # class 18–28 begins before class 10–20 ends",
        "10-19 5|20-29 3|31-40 2 # before class 31–40 there is a gap of 2, elsewhere one of 1",
        "20-10 5 # in class 20–10 the lower limit is not below the upper one",
        "10-20 -5 # class 10–20 has the negative frequency -5",
        "0-10 3|under 20 4|20-30 2 # class",
      })
  void whatCannotBeIsToldAtItsClassAndLeftOut(String lines, String message) {
    Typed typed = TypedClasses.read(lines.replace('|', '\n'), DecimalSign.POINT);

    assertThat(typed.unreadable()).hasSize(1);
    assertThat(((Entry.Unreadable) typed.unreadable().get(0).content()).why().text())
        .contains(message);
    assertThat(((ClassTable) typed.data()).rows()).hasSize(typed.entries().size() - 1);
  }

  @Test
  void classesThatAreAllEmptyAreToldAtTheTable() {
    assertThat(TypedClasses.read("10-20 0\n20-30 0", DecimalSign.POINT).problem())
        .hasValueSatisfying(problem -> assertThat(problem.text()).contains("frequenc"));
  }

  @Test
  void aClassWithoutAnyLimitIsRefused() {
    assertThatThrownBy(
            () ->
                ClassTable.read(List.of(new Row(Optional.empty(), Optional.empty(), Exact.ONE)), 0))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("neither a lower nor an upper limit");
  }

  @Test
  void theTallyHoldsTheMidpoints() {
    ClassTable table = of("10–20 5\n20–30 0\n30–40 3");

    assertThat(table.tally().size()).isEqualTo(2);
    assertThat(table.tally().total()).isEqualTo(Exact.of(8));
    assertThat(table.tally().value(1)).isEqualTo(Exact.of(35));
    assertThat(table.withFrequencies(List.of(Exact.ONE, Exact.ONE, Exact.ONE)).tally().total())
        .isEqualTo(Exact.of(3));
  }
}
