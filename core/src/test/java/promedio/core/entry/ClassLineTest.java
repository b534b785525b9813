package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;

/** A class as books print it. */
class ClassLineTest {

  private static String read(String line, DecimalSign sign) {
    return new ClassLine(sign).read(line) instanceof ClassLine.Read read
        ? shown(read.lower()) + " " + shown(read.upper()) + " " + shown(read.frequency())
        : "unreadable";
  }

  private static String shown(Optional<Exact> number) {
    return number.map(Exact::toString).orElse("open");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      ignoreLeadingAndTrailingWhitespace = true,
      value = {
        "10–19 5 | 10 19 5",
        "10-20 5 | 10 20 5",
        "10 - 20 : 5 | 10 20 5",
        "10 to 20 5 | 10 20 5",
        "10 to under 20; 5 | 10 20 5",
        "10...20  5 | 10 20 5",
        "[10, 20) 5 | 10 20 5",
        "(10; 20] 5 | 10 20 5",
        "10 20 5 | 10 20 5",
        "10; 20; 5 | 10 20 5",
        "0.5–10.5 2.5 | 1/2 21/2 5/2",
        "-10--5 3 | -10 -5 3",
        "−10 to 0 3 | -10 0 3",
        "20 and over 4 | 20 open 4",
        "20 or more: 4 | 20 open 4",
        "60+ 4 | 60 open 4",
        "≥ 60 4 | 60 open 4",
        "under 10 3 | open 10 3",
        "less than 10 3 | open 10 3",
        "< 10  3 | open 10 3",
        "up to 10 3 | open 10 3",
        "10–19 | 10 19 open"
      })
  void isReadWithItsFrequency(String line, String expected) {
    assertThat(read(line, DecimalSign.POINT)).isEqualTo(expected);
  }

  @Test
  void theDecimalSignIsTheStudents() {
    assertThat(read("1,5–2,5 3", DecimalSign.COMMA)).isEqualTo("3/2 5/2 3");
  }

  @ParameterizedTest
  @ValueSource(strings = {"ten to twenty 5", "10", "–", "10–19 5 6 7", "10–19 5o"})
  void whatIsNoClassIsToldWithAnExample(String line) {
    assertThat(new ClassLine(DecimalSign.POINT).read(line))
        .isInstanceOfSatisfying(
            ClassLine.Unreadable.class, wrong -> assertThat(wrong.why().text()).contains("“"));
  }

  private static Typed typed(String text) {
    return TypedClasses.read(text, DecimalSign.POINT);
  }

  @Test
  void aTotalBesideTheTableIsChecked() {
    assertThat(typed("10–19 5\n20–29 3\ntotal 8").problem()).isEmpty();
    assertThat(typed("10–19 5\n20–29 3\nn = 9").problem())
        .hasValueSatisfying(
            problem ->
                assertThat(problem.text())
                    .isEqualTo("the frequencies add up to 8, but their total is given as 9"));
    // The table is there all the same.
    assertThat(typed("10–19 5\n20–29 3\nn = 9").data().tally().total()).isEqualTo(Exact.of(8));
  }

  @Test
  void percentagesBecomeFrequenciesWhereNIsSaid() {
    Typed shares = typed("10–19 37.5%\n20–29 62.5 %\nn = 8");

    assertThat(shares.problem()).isEmpty();
    assertThat(shares.data().tally().frequency(0)).isEqualTo(Exact.of(3));
    assertThat(typed("10–19 37.5%\n20–29 62.5%").data().tally().total()).isEqualTo(Exact.of(100));
  }

  @Test
  void cumulativeFrequenciesAreTakenApart() {
    Typed table = typed("cumulative\n10–19 5\n20–29 8\n30–39 12");

    assertThat(table.data().tally().frequency(1)).isEqualTo(Exact.of(3));
    assertThat(table.data().tally().total()).isEqualTo(Exact.of(12));
  }

  @Test
  void aCumulativeFrequencyThatFallsIsToldWhereItStands() {
    Typed table = typed("cumulative\n10–19 5\n20–29 3\n30–39 9");

    assertThat(table.unreadable())
        .singleElement()
        .satisfies(
            entry -> {
              assertThat(entry.start()).isEqualTo(19);
              assertThat(((Entry.Unreadable) entry.content()).why().text())
                  .isEqualTo("the cumulative frequency 3 is below 5 of the class before");
            });
  }

  @Test
  void relativeFrequenciesBecomeCountsWhereNIsSaid() {
    Typed shares = typed("10–19 0.375\n20–29 0.625\nn = 8");

    assertThat(shares.problem()).isEmpty();
    assertThat(shares.data().tally().frequency(0)).isEqualTo(Exact.of(3));
    assertThat(typed("10–19 0.375\n20–29 0.625").data().tally().total()).isEqualTo(Exact.ONE);
  }

  @ParameterizedTest
  @CsvSource({
    "10–19 5, 20–29",
    "10–20 5, 20–30",
    "10–14 5, 15–19",
    "1.0–1.4 5, 3/2–19/10",
    "0–25 1, 25–50",
    "10–19 5|20–29 3, 30–39",
    "10–19 5|20–39 3, 40–59",
    "under 10 5|10–20 3, 20–30"
  })
  void theNextClassIsProposed(String lines, String next) {
    ClassTable table = (ClassTable) typed(lines.replace('|', '\n')).data();

    assertThat(NextClass.after(table)).map(ClassTable.Row::toString).hasValue(next);
  }

  @Test
  void nothingComesAfterAnOpenClassOrAnEmptyTable() {
    assertThat(NextClass.after((ClassTable) typed("10–20 5\n20 and over 1").data())).isEmpty();
    assertThat(NextClass.after((ClassTable) typed("").data())).isEmpty();
  }

  @Test
  void aTypedTableMarksALineThatIsNoClassAndCountsOneWithoutFrequency() {
    Typed typed = TypedClasses.read("10–19 5\n20–29\n\nhello\n30–39 2", DecimalSign.POINT);

    assertThat(typed.unreadable()).hasSize(1);
    assertThat(typed.unreadable().get(0).start()).isEqualTo(15);
    assertThat(typed.data().missing()).isEqualTo(1);
    assertThat(typed.data().tally().total()).isEqualTo(Exact.of(7));
  }

  @Test
  void aCumulativeTableThatBeginsBelowZeroSaysSoAtItsLine() {
    Typed typed = TypedClasses.read("cumulative\n10–19 -5\n20–29 7", DecimalSign.POINT);

    assertThat(typed.unreadable()).hasSize(1);
    assertThat(((Entry.Unreadable) typed.unreadable().get(0).content()).why().text())
        .contains("-5");
    assertThat(typed.data().tally().isEmpty()).isFalse();
  }
}
