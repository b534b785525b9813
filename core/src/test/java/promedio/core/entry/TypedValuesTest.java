package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.DecimalSign;

class TypedValuesTest {

  /** Numbers as they are, missing as _, unreadable as the text in question marks. */
  private static String read(String text, DecimalSign sign) {
    return describe(text, TypedValues.read(text, sign).entries());
  }

  private static String describe(String text, List<Entry> entries) {
    return entries.stream()
        .map(
            entry -> {
              if (entry.content() instanceof Entry.Figure figure) {
                return figure.value().toString();
              }
              return entry.content() instanceof Entry.Missing
                  ? "_"
                  : "?" + text.substring(entry.start(), entry.end()) + "?";
            })
        .collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "8 10 11 11|8 10 11 11",
        "8, 10, 11|8 10 11",
        "8,10,11|8 10 11",
        "8;10;11;|8 10 11",
        "8 ;10 ; 11|8 10 11",
        "118,121,124,126|118 121 124 126",
        "1.5,2.5,3.5|3/2 5/2 7/2",
        "3,5 4,5 5|7/2 9/2 5",
        "3,5; 4,5|7/2 9/2",
        "8 — 10 NA 11|8 _ 10 _ 11",
        "8;;10|8 _ 10",
        "8, , 10|8 _ 10",
        "12 14o 13|12 ?14o? 13",
        "84 2/3 1/2|254/3 1/2",
        "84 3/2|84 3/2",
        "1/2 2/3|1/2 2/3",
        "-3 −4 –5|-3 -4 -5",
        "1e999999999 5|?1e999999999? 5"
      })
  void readsAListAsOnPaper(String text, String expected) {
    assertThat(read(text, DecimalSign.POINT)).isEqualTo(expected);
  }

  @Test
  void linesAndTabsPartValuesToo() {
    assertThat(read("8\n10\r\n11\t12\n\n", DecimalSign.POINT)).isEqualTo("8 10 11 12");
    assertThat(read("", DecimalSign.POINT)).isEmpty();
    assertThat(read(" \n ", DecimalSign.POINT)).isEmpty();
  }

  @Test
  void narrowSpacesGroupThousands() {
    assertThat(read("12\u202F345 7", DecimalSign.POINT)).isEqualTo("12345 7");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"3,5 4,25|7/2 17/4", "3,5|7/2", "8,10,11|8 10 11", "1.234,5 2|2469/2 2"})
  void readsDecimalCommasOfSomeoneWhoUsesThem(String text, String expected) {
    assertThat(read(text, DecimalSign.COMMA)).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "3,5|?3,5?",
        "1,234,567|?1,234,567?",
        "3.5 4,2|7/2 ?4,2?",
        "1,234 2,345|?1,234? ?2,345?"
      })
  void leavesToTheStudentWhatCouldBeReadInTwoWays(String text, String expected) {
    assertThat(read(text, DecimalSign.POINT)).isEqualTo(expected);
  }

  @Test
  void thousandsWithDecimalsAreClear() {
    assertThat(read("1,234.5 2", DecimalSign.POINT)).isEqualTo("2469/2 2");
  }

  @Test
  void oneUnreadableEntryDoesNotSpoilTheOthers() {
    Typed typed = TypedValues.read("12.5 14o — 13", DecimalSign.POINT);

    assertThat(typed.data().tally().total()).hasToString("2");
    assertThat(typed.data().missing()).isEqualTo(1);
    assertThat(typed.unreadable())
        .singleElement()
        .satisfies(e -> assertThat(e.start()).isEqualTo(5));
    assertThat(((Entry.Unreadable) typed.unreadable().get(0).content()).why().text())
        .isEqualTo("“14o” is not a number");
  }

  @Test
  void aTableHasAValueAndAFrequencyInEachLine() {
    String text = "3 12\n4;7\n\n5\t2\n6\n7 x\n8 —\n";

    Typed typed = TypedTable.read(text, DecimalSign.POINT);

    assertThat(describe(text, typed.entries())).isEqualTo("3 12 4 7 5 2 ?6? 7 ?x? 8 _");
    assertThat(typed.data().tally().total()).hasToString("21");
    assertThat(typed.data().missing()).isEqualTo(1);
    assertThat(typed.problem()).isEmpty();
  }

  @Test
  void aNegativeFrequencyIsMarkedAndItsRowLeftOut() {
    Typed typed = TypedTable.read("3 -1\n4 5", DecimalSign.POINT);

    assertThat(typed.entries()).hasSize(4);
    assertThat(typed.data().tally().total()).hasToString("5");
    assertThat(typed.unreadable()).singleElement().extracting(Entry::start).isEqualTo(2);
    assertThat(((Entry.Unreadable) typed.unreadable().get(0).content()).why().text())
        .contains("frequency of 3 is -1");
  }

  @Test
  void aTableOfNothingButZerosSaysWhyAndKeepsItsEntries() {
    Typed typed = TypedTable.read("3 0\n4 0", DecimalSign.POINT);

    assertThat(typed.entries()).hasSize(4);
    assertThat(typed.data().tally().isEmpty()).isTrue();
    assertThat(typed.problem().orElseThrow().text()).contains("every frequency is 0");
  }

  @Test
  void fractionsWithoutACommonDenominatorAreAProblemNotACrash() {
    StringBuilder text = new StringBuilder();
    for (int i = 1; i < 2000; i += 2) {
      text.append("1/").append("9".repeat(60)).append(1000 + i).append(' ');
    }

    Typed typed = TypedValues.read(text.toString(), DecimalSign.POINT);

    assertThat(typed.problem().orElseThrow().text()).contains("common denominator");
  }

  @Test
  void moreCopiesThanAnyoneNeedsAreToldAndNotMade() {
    Typed typed = TypedValues.read("1×99999 ".repeat(3000), DecimalSign.POINT);

    assertThat(typed.data().tally().isEmpty()).isTrue();
    assertThat(typed.problem().orElseThrow().text()).contains("299997000");
    assertThat(TypedValues.read("1×99999 ".repeat(3), DecimalSign.POINT).data().total())
        .hasToString("299997");
  }

  @Test
  void fractionsWithoutACommonDenominatorOfSensibleSizeAreTold() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 30; i++) {
      text.append("1/").append("7".repeat(299 - i)).append("1 ");
    }
    Typed typed = TypedValues.read(text.toString(), DecimalSign.POINT);

    assertThat(typed.problem().orElseThrow().text()).contains("common denominator");
    assertThat(TypedValues.read("1/3 2/7 5/11", DecimalSign.POINT).problem()).isEmpty();
  }
}
