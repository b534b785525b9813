package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.core.sample.Categories.Row;

/** Names as a student writes them on paper. */
class TypedCategoriesTest {

  private static Typed read(String text) {
    return TypedCategories.read(text, DecimalSign.POINT);
  }

  private static List<Row> rows(String text) {
    return ((Categories) read(text).data()).rows();
  }

  private static Row row(String name, int frequency) {
    return new Row(name, Exact.of(frequency));
  }

  private static String problem(String text) {
    return ((Entry.Unreadable) read(text).unreadable().get(0).content()).why().text();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "plum, pear, plum",
        "plum; pear; plum",
        "plum\npear\nplum",
        " plum ,pear,, plum\n\n",
        "plum 2, pear",
        "plum 2\npear 1",
        "plum: 2; pear: 1",
        "plum = 2\npear",
        "plum × 2\npear×1",
        "plum\t2\npear\t1",
        "plum, pear 1, plum 1"
      })
  void theyAreWrittenOneByOneOrWithTheirFrequencies(String text) {
    assertThat(rows(text)).containsExactly(row("plum", 2), row("pear", 1));
  }

  @Test
  void namesHaveSpacesAndNumbersOfTheirOwn() {
    assertThat(rows("too small 21\nstem torn off 8\n3 mm off"))
        .containsExactly(row("too small", 21), row("stem torn off", 8), row("3 mm off", 1));
    // Codes of categories are numbers.
    assertThat(rows("1, 2, 2, 3")).containsExactly(row("1", 1), row("2", 2), row("3", 1));
  }

  @Test
  void inALineWithATabCommasBelongToTheName() {
    assertThat(rows("Red, large\t4\nGreen, small\t2"))
        .containsExactly(row("Red, large", 4), row("Green, small", 2));
  }

  @Test
  void signsForMissingEntriesAreCountedAsMissing() {
    Typed typed = read("plum, ?, pear, —\nn/a 3\nplum\t-");

    assertThat(typed.data().missing()).isEqualTo(4);
    assertThat(((Categories) typed.data()).rows()).containsExactly(row("plum", 1), row("pear", 1));
  }

  @Test
  void frequenciesNeedNotBeWhole() {
    assertThat(
            ((Categories) TypedCategories.read("plum 1,5; pear 2", DecimalSign.COMMA).data())
                .rows())
        .containsExactly(new Row("plum", Exact.of(3, 2)), row("pear", 2));
    assertThat(rows("plum 1.5")).containsExactly(new Row("plum", Exact.of(3, 2)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "plum 40%   | “40%” is not a count: leave out the % sign to use the percentages as they are",
        "plum 40 %  | “40 %” is not a count: leave out the % sign to use the percentages as they are",
        "plum -3    | the frequency of plum is -3; a frequency cannot be negative",
        "plum −3    | the frequency of plum is -3; a frequency cannot be negative"
      })
  void whatIsNoCountIsSaidWhereItStandsAndTheOthersAreCounted(String wrong, String why) {
    String text = "pear 5, " + wrong.strip() + "\nfig";

    assertThat(problem(text)).isEqualTo(why);
    Entry entry = read(text).unreadable().get(0);
    assertThat(text.substring(entry.start(), entry.end())).isEqualTo(wrong.strip());
    assertThat(rows(text)).containsExactly(row("pear", 5), row("fig", 1));
  }

  @Test
  void aTabWithNoNumberBehindItIsToMend() {
    assertThat(problem("plum\tmany")).isEqualTo("“many” is not a number");
  }

  @Test
  void frequenciesThatAreAllZeroMakeNoTable() {
    Typed typed = read("plum 0, pear 0");

    assertThat(typed.problem().map(Message::text)).contains("every frequency is 0");
    assertThat(typed.data()).isEqualTo(Categories.NONE);
    assertThat(typed.entries()).hasSize(2);
  }

  @Test
  void nothingTypedIsNothingCounted() {
    assertThat(rows("")).isEmpty();
    assertThat(rows(" \n , ;\n")).isEmpty();
  }

  @Test
  void everyEntryKnowsWhereItStands() {
    String text = "plum,  too small 21\n\tpear\t3 ";

    assertThat(read(text).entries())
        .extracting(entry -> text.substring(entry.start(), entry.end()))
        .containsExactly("plum", "too small 21", "pear\t3");
  }

  @Test
  void wordsThatOnlySpacesPartAreCountedOneByOne() {
    assertThat(rows(TypedCategories.ofWords("plum pear  plum"))).contains(row("plum", 2));
    assertThat(TypedCategories.ofWords("too small\ntoo big")).isEqualTo("too small\ntoo big");
  }

  @Property(tries = 200)
  void anyTextIsReadAndEveryEntryLiesInIt(
      @ForAll @StringLength(max = 60) @CharRange(from = ' ', to = '~') String text) {
    Typed typed = read(text);

    int last = 0;
    for (Entry entry : typed.entries()) {
      assertThat(entry.start()).isGreaterThanOrEqualTo(last);
      assertThat(entry.end()).isGreaterThan(entry.start()).isLessThanOrEqualTo(text.length());
      last = entry.end();
    }
  }

  @Property(tries = 100)
  void whatIsWrittenWithTabsComesBack(
      @ForAll @Size(min = 1, max = 8)
          List<@CharRange(from = 'a', to = 'z') @StringLength(min = 1, max = 6) String> names) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < names.size(); i++) {
      text.append(names.get(i)).append('\t').append(i + 1).append('\n');
    }
    // “na” and “nan” stand for what is missing.
    List<String> known = names.stream().filter(name -> !MissingSigns.matches(name)).toList();

    assertThat(rows(text.toString()))
        .extracting(Row::name)
        .containsExactlyElementsOf(known.stream().distinct().toList());
  }
}
