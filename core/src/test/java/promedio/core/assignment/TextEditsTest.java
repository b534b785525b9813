package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.entry.Entry;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;

class TextEditsTest {

  private static List<Entry> entries(String text) {
    return TypedValues.read(text, DecimalSign.POINT).entries();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      ignoreLeadingAndTrailingWhitespace = false,
      value = {
        "8 10 11|1|8 11",
        "8 10 11|2|8 10 ",
        "8, 10, 11|0|10, 11",
        "8;10;11|1|8;11",
        "8,10,11|1|8, 11",
        "8 10×3 11|1|8 10×2 11",
        "8 10x2 11|1|8 10 11"
      })
  void takingAValueOutLeavesEveryOtherCharacter(String text, int entry, String expected) {
    assertThat(TextEdits.without(text, entries(text).get(entry))).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({"'8 10 11', 1", "'8;10;11', 0", "'8, 10, 11', 2", "'8,10,11', 2"})
  void takingAValueOutLeavesNoGapThatCountsAsMissing(String text, int entry) {
    String left = TextEdits.without(text, entries(text).get(entry));

    assertThat(entries(left))
        .hasSize(2)
        .allMatch(e -> e.content() instanceof Entry.Figure, "number");
  }

  @Test
  void anotherNumberTakesThePlaceOfAnEntry() {
    String text = "8, 10; 11";

    assertThat(TextEdits.replaced(text, entries(text).get(1), "12.5")).isEqualTo("8, 12.5; 11");
  }

  @Test
  void moreEntriesComeAtTheEnd() {
    assertThat(TextEdits.appended("8 10\n", "11")).isEqualTo("8 10 11");
    assertThat(TextEdits.appended(" ", "11")).isEqualTo("11");
  }

  @Test
  void anEntryIsFoundByTheCaret() {
    String text = "8  10 11";

    assertThat(TextEdits.entryAt(entries(text), 0)).isZero();
    assertThat(TextEdits.entryAt(entries(text), 4)).isEqualTo(1);
    assertThat(TextEdits.entryAt(entries(text), 99)).isEqualTo(2);
    assertThat(TextEdits.entryAt(entries("  8"), 0)).isEqualTo(-1);
    assertThat(TextEdits.entryAt(List.of(), 0)).isEqualTo(-1);
  }

  @Test
  void sourcesAreAppendedWhereTheyAreTypedTheSameWay() {
    Source values = new Source.ValuesText("8 10");
    Source table = new Source.TableText("3 12");

    assertThat(values.append(new Source.ValuesText("11")))
        .contains(new Source.ValuesText("8 10 11"));
    assertThat(table.append(new Source.TableText("4 7")))
        .contains(new Source.TableText("3 12\n4 7"));
    assertThat(new Source.TableText("").append(table)).contains(table);
    assertThat(values.append(table)).isEmpty();
  }
}
