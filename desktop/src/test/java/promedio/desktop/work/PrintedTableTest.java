package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.DecimalSign;
import promedio.desktop.work.PrintedTable.Row;

/** Typed tables taken apart into rows, and put together again. */
class PrintedTableTest {

  private static PrintedTable classes(String text) {
    return PrintedTable.ofClasses(text, DecimalSign.POINT);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {
        "10–19 5 # 10–19 # 5",
        "10 to 20  7.5 % # 10 to 20 # 7.5 %",
        "20 and over 4 # 20 and over # 4",
        "under 10: 3 # under 10 # 3",
        "10 20 5 # 10 20 # 5",
        "[10, 20) 5 # [10, 20) # 5"
      })
  void aLineIsPartedIntoItsClassAndItsFrequency(String line, String label, String frequency) {
    assertThat(classes(line).rows())
        .singleElement()
        .extracting(Row::label, Row::frequency)
        .containsExactly(label, frequency);
  }

  @ParameterizedTest
  @CsvSource({"10 to 20", "20 and over", "10–19", "under 10"})
  void aClassWithoutFrequencyStaysWhole(String line) {
    assertThat(classes(line).rows())
        .singleElement()
        .extracting(Row::label, Row::frequency)
        .containsExactly(line, "");
  }

  @Test
  void theTotalAndTheWordForCumulativeStandBesideTheRows() {
    PrintedTable table = classes("cumulative\n10–19 5\n20–29 8\nn = 8");

    assertThat(table.rows()).extracting(Row::frequency).containsExactly("5", "8");
    assertThat(table.cumulative()).isTrue();
    assertThat(table.total()).isEqualTo("8");
    assertThat(classes(table.text()).text()).isEqualTo(table.text());
  }

  @Test
  void whatIsNoClassKeepsItsWords() {
    assertThat(classes("what is this 5\n\n10–19 5\n\n").rows())
        .extracting(Row::label)
        .containsExactly("what is this", "", "10–19");
  }

  @Test
  void rowsKnowWhereTheirLinesBegin() {
    assertThat(classes("cumulative\n10–19 5\n20–29 8").rows())
        .extracting(Row::start)
        .containsExactly(11, 19);
  }

  @Test
  void aTableOfValuesIsPartedTheSameWay() {
    assertThat(PrintedTable.ofValues("3 12\n4;7\n5").rows())
        .extracting(Row::label, Row::frequency)
        .containsExactly(tuple("3", "12"), tuple("4", "7"), tuple("5", ""));
  }
}
