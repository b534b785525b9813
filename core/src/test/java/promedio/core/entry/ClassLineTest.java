package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;

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

  @Test
  void aTypedTableMarksALineThatIsNoClassAndCountsOneWithoutFrequency() {
    Typed typed = TypedClasses.read("10–19 5\n20–29\n\nhello\n30–39 2", DecimalSign.POINT);

    assertThat(typed.unreadable()).hasSize(1);
    assertThat(typed.unreadable().get(0).start()).isEqualTo(15);
    assertThat(typed.data().missing()).isEqualTo(1);
    assertThat(typed.data().tally().total()).isEqualTo(Exact.of(7));
  }
}
