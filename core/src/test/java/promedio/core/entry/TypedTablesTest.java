package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.UniqueElements;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.ClassTable;
import promedio.core.sample.FrequencyTable;

/** Printed tables as a student types them off. */
class TypedTablesTest {

  private static String problem(Typed typed) {
    return ((Entry.Unreadable) typed.unreadable().get(0).content()).why().text();
  }

  private static String marked(String text, Typed typed) {
    Entry entry = typed.unreadable().get(0);
    return text.substring(entry.start(), entry.end());
  }

  @Nested
  class ValuesWithFrequencies {

    private static List<FrequencyTable.Row> rows(String text, DecimalSign sign) {
      return ((FrequencyTable) TypedTable.read(text, sign).data()).rows();
    }

    @Test
    void eachLineIsAValueAndHowOftenItOccurs() {
      assertThat(rows("36 3\n37  7\n\n 38\t12", DecimalSign.POINT))
          .containsExactly(
              new FrequencyTable.Row(Exact.of(36), Exact.of(3)),
              new FrequencyTable.Row(Exact.of(37), Exact.of(7)),
              new FrequencyTable.Row(Exact.of(38), Exact.of(12)));
      assertThat(rows("1,5 2", DecimalSign.COMMA))
          .containsExactly(new FrequencyTable.Row(Exact.of(3, 2), Exact.of(2)));
    }

    @ParameterizedTest
    @CsvSource(
        delimiter = '|',
        value = {
          "36 3 5    | 36 3 5 | “36 3 5” is not a row: type a value and its frequency with a space between them",
          "36        | 36     | “36” is not a row: type a value and its frequency with a space between them",
          "36 -3     | -3     | the frequency of 36 is -3; a frequency cannot be negative",
          "36 three  | three  | “three” is not a number"
        })
    void aLineThatIsNoRowIsMarkedAndTheOthersStand(String line, String where, String why) {
      String text = "35 2\n" + line.strip() + "\n37 4";
      Typed typed = TypedTable.read(text, DecimalSign.POINT);

      assertThat(problem(typed)).isEqualTo(why);
      assertThat(marked(text, typed)).isEqualTo(where.strip());
      assertThat(typed.data().total()).isEqualTo(Exact.of(6));
    }

    @Test
    void aMissingFrequencyIsCountedAsMissing() {
      Typed typed = TypedTable.read("35 2\n36 ?\n— 4", DecimalSign.POINT);

      assertThat(typed.data().missing()).isEqualTo(2);
      assertThat(typed.unreadable()).isEmpty();
    }

    @Test
    void frequenciesThatAreAllZeroMakeNoTable() {
      Typed typed = TypedTable.read("35 0\n36 0", DecimalSign.POINT);

      assertThat(typed.problem().map(Message::text)).contains("every frequency is 0");
      assertThat(typed.data().tally().isEmpty()).isTrue();
    }
  }

  @Nested
  class Classes {

    private static ClassTable table(String text) {
      return (ClassTable) TypedClasses.read(text, DecimalSign.POINT).data();
    }

    private static List<Exact> frequencies(String text) {
      return table(text).rows().stream().map(ClassTable.Row::frequency).toList();
    }

    @Test
    void percentagesBecomeFrequenciesWhereTheTotalIsWritten() {
      assertThat(frequencies("10-20 25%\n20-30 75%\nn = 40"))
          .containsExactly(Exact.of(10), Exact.of(30));
      assertThat(frequencies("10-20 0.25\n20-30 0.75\ntotal 40"))
          .containsExactly(Exact.of(10), Exact.of(30));
      // Frequencies that happen to sum to the total stay as they are.
      assertThat(frequencies("10-20 10\n20-30 30\nΣf = 40"))
          .containsExactly(Exact.of(10), Exact.of(30));
    }

    @Test
    void cumulativeFrequenciesAreTakenApart() {
      assertThat(frequencies("cumulative\n10-20 4\n20-30 11\n30-40 15"))
          .containsExactly(Exact.of(4), Exact.of(7), Exact.of(4));
    }

    @Test
    void aCumulativeFrequencyThatFallsIsMarkedAtItsRow() {
      String text = "cumulative\n10-20 4\n20-30 3\n30-40 15";
      Typed typed = TypedClasses.read(text, DecimalSign.POINT);

      assertThat(marked(text, typed)).isEqualTo("20-30 3");
      assertThat(problem(typed)).contains("3").contains("4");
    }

    @Test
    void aTotalThatIsNotTheirSumIsTold() {
      Typed typed = TypedClasses.read("10-20 4\n20-30 7\nn = 12", DecimalSign.POINT);

      assertThat(typed.problem().map(Message::text).orElse("")).contains("11").contains("12");
      assertThat(typed.data().total()).isEqualTo(Exact.of(11));
    }

    @ParameterizedTest
    @CsvSource(
        delimiter = '|',
        value = {"25-35 2 | class 25–35 begins before class 20–30 ends", "40-30 2 |", "30-40 -2 |"})
    void aClassThatDoesNotFitIsMarkedAndTheOthersAreWorkedWith(String line, String why) {
      String text = "10-20 4\n20-30 7\n" + line.strip();
      Typed typed = TypedClasses.read(text, DecimalSign.POINT);

      assertThat(marked(text, typed)).isEqualTo(line.strip());
      assertThat(typed.data().total()).isEqualTo(Exact.of(11));
      if (why != null) {
        assertThat(problem(typed)).isEqualTo(why);
      }
    }

    @Property(tries = 100)
    void cumulatingAndTypingThatSaysTheSame(
        @ForAll @Size(min = 1, max = 9) List<@IntRange(min = 1, max = 40) Integer> frequencies) {
      StringBuilder plain = new StringBuilder();
      StringBuilder cumulative = new StringBuilder("cumulative\n");
      int so = 0;
      for (int i = 0; i < frequencies.size(); i++) {
        String limits = (10 * i) + "-" + (10 * i + 10) + " ";
        so += frequencies.get(i);
        plain.append(limits).append(frequencies.get(i)).append('\n');
        cumulative.append(limits).append(so).append('\n');
      }

      assertThat(table(cumulative.toString()).rows()).isEqualTo(table(plain.toString()).rows());
    }

    @Property(tries = 100)
    void limitsAreReadAlikeHoweverTheyArePrinted(
        @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 1, max = 40) Integer> frequencies) {
      List<ClassTable.Row> expected = null;
      for (String form : List.of("%d-%d %d", "%d–%d  %d", "%d to %d %d", "[%d, %d) %d")) {
        String text =
            IntStream.range(0, frequencies.size())
                .mapToObj(i -> form.formatted(5 * i, 5 * i + 5, frequencies.get(i)))
                .collect(Collectors.joining("\n"));
        List<ClassTable.Row> rows = table(text).rows();
        assertThat(rows).hasSize(frequencies.size());
        expected = expected == null ? rows : expected;
        assertThat(rows).as(form).isEqualTo(expected);
      }
    }
  }

  @Nested
  class TheNextClass {

    private static String after(String text) {
      return NextClass.after((ClassTable) TypedClasses.read(text, DecimalSign.POINT).data())
          .map(
              row ->
                  PlainText.of(row.lower().orElseThrow())
                      + "–"
                      + PlainText.of(row.upper().orElseThrow()))
          .orElse("none");
    }

    @ParameterizedTest
    @CsvSource(
        delimiter = '|',
        value = {
          "10-19 5            | 20–29",
          "10-20 5            | 20–30",
          "0-4 5              | 5–9",
          "1.0-1.4 5          | 1.5–1.9",
          "100-149 5          | 150–199",
          "0-2.5 5            | 2.5–5",
          "10-19 5;20-29 3    | 30–39",
          "10-20 5;20-40 3    | 40–60",
          "under 10 5;10-20 3 | 20–30",
          "10-20 5;over 20 3  | none"
        })
    void isAsWideAsTheLastAndAtTheSameGap(String typed, String next) {
      assertThat(after(typed.strip().replace(';', '\n'))).isEqualTo(next.strip());
    }

    @Test
    void ofAnEmptyTableIsNotKnown() {
      assertThat(after("")).isEqualTo("none");
    }
  }

  @Nested
  class Lists {

    @Property(tries = 100)
    void whatPartsThemMakesNoDifference(
        @ForAll @Size(min = 3, max = 20) @UniqueElements
            List<@IntRange(min = -500, max = 500) Integer> values) {
      Typed spaces = TypedValues.read(joined(values, " "), DecimalSign.POINT);
      for (String parting : List.of("\n", "; ", ", ", "\t", "   ")) {
        Typed other = TypedValues.read(joined(values, parting), DecimalSign.POINT);
        assertThat(other.unreadable()).isEmpty();
        assertThat(other.data().tally().values()).isEqualTo(spaces.data().tally().values());
      }
    }

    private static String joined(List<Integer> values, String parting) {
      return values.stream().map(String::valueOf).collect(Collectors.joining(parting));
    }
  }
}
