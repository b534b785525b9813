package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.DecimalSign;
import promedio.core.sample.CrossTable;

/** Printed tables of counts as they are typed from a book. */
class TypedCountsTest {

  private static CrossTable table(String text) {
    return TypedCounts.read(text, DecimalSign.POINT).data().cross().orElseThrow();
  }

  private static String problem(String text) {
    return TypedCounts.read(text, DecimalSign.POINT).problem().orElseThrow().text();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Blanca Conference\nbruised 12 5\nscab 3 20",
        "reason Blanca Conference\nbruised 12 5\nscab 3 20",
        "\tBlanca\tConference\nbruised\t12\t5\nscab\t3\t20",
        "reason;Blanca;Conference;Total\nbruised;12;5;17\nscab;3;20;23\nTotal;15;25;40",
        "Blanca Conference\n\nbruised 12 5\nscab 3 20\nSum 15 25\n"
      })
  void namesAreReadAndTotalsAreLeftOut(String text) {
    CrossTable table = table(text);

    assertThat(table.rows()).containsExactly("bruised", "scab");
    assertThat(table.columns()).containsExactly("Blanca", "Conference");
    assertThat(table.counts().toString()).isEqualTo("[[12, 5], [3, 20]]");
  }

  @Test
  void namesMayHaveSpacesAndMayBeLeftOut() {
    assertThat(table("  a  b\ntoo small  1  2\ntoo ripe  3  4").rows())
        .containsExactly("too small", "too ripe");
    assertThat(table("too small 1 2\ntoo ripe 3 4").rows())
        .containsExactly("too small", "too ripe");
    assertThat(table("1 2\n3 4").columns()).containsExactly("1", "2");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "a b;r 1 2;s 3 4;Total 4 7|the total of “b” is printed as 7, but the counts add up to 6",
        "a b Total;r 1 2 3;s 3 4 8|the total of “s” is printed as 8, but the counts add up to 7",
        "a b;r 1 2;s 3|the row “s” has 1 counts where another has 2",
        "a b;r 1 -;s 3 4|the count of “r” and “b” is missing: type 0 if there is none",
        "a b c d;r 1 2;s 3 4|4 names were given where 2 are needed",
        "a b;r 1 2|a two-way table has at least two rows and two columns, not 1 and 2"
      })
  void whatIsWrongIsTold(String lines, String problem) {
    assertThat(problem(lines.replace(';', '\n'))).isEqualTo(problem);
  }

  @Test
  void whatIsNoCountIsMarkedWhereItStands() {
    Typed typed = TypedCounts.read("r 1 2.5\ns 3 4", DecimalSign.POINT);

    assertThat(typed.unreadable()).singleElement().extracting(Entry::start).isEqualTo(4);
    assertThat(TypedCounts.read(" ", DecimalSign.POINT).problem()).isEmpty();
  }
}
