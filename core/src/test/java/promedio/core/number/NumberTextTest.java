package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberTextTest {

  private static Reading.Numeral number(String text, DecimalSign sign) {
    Reading reading = NumberText.read(text, sign);
    assertThat(reading).as(text).isInstanceOf(Reading.Numeral.class);
    return (Reading.Numeral) reading;
  }

  private static String why(String text, DecimalSign sign) {
    Reading reading = NumberText.read(text, sign);
    assertThat(reading).as(text).isInstanceOf(Reading.Unreadable.class);
    return ((Reading.Unreadable) reading).why().text();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12|12",
        "-3.5|-7/2",
        "−3,5|-7/2",
        "–3.5|-7/2",
        "+4|4",
        "- 4|-4",
        "1e3|1000",
        "1.5E-3|3/2000",
        "2/3|2/3",
        "84 2/3|254/3",
        "-84 2/3|-254/3",
        "84⅔|254/3",
        "½|1/2",
        "12%|3/25",
        "12,5 %|1/8",
        ".5|1/2",
        "5.|5",
        "０１２|12",
        "٣|3"
      })
  void readsNumbersAsPeopleWriteThem(String text, String exact) {
    assertThat(number(text, DecimalSign.POINT).value()).hasToString(exact);
    assertThat(number(text, DecimalSign.COMMA).value()).hasToString(exact);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 345|12345",
        "1 234 567,25|4938269/4",
        "1'234.5|2469/2",
        "1,234,567|1234567",
        "1.234.567|1234567",
        "1,234.5|2469/2",
        "1.234,5|2469/2",
        "-12 345.5|-24691/2"
      })
  void readsGroupedThousandsWhateverTheDecimalSign(String text, String exact) {
    assertThat(number(text, DecimalSign.POINT).value()).hasToString(exact);
    assertThat(number(text, DecimalSign.COMMA).value()).hasToString(exact);
  }

  @Test
  void readsNarrowAndNoBreakSpacesAsGrouping() {
    assertThat(number("12\u202F345", DecimalSign.POINT).value()).hasToString("12345");
    assertThat(number("12\u00A0345\u00A0678", DecimalSign.POINT).value()).hasToString("12345678");
    assertThat(number("12\u2009345,5", DecimalSign.COMMA).value()).hasToString("24691/2");
  }

  @Test
  void threeDigitsAfterTheOtherSignCouldMeanTwoNumbers() {
    assertThat(number("1.234", DecimalSign.POINT).value()).hasToString("617/500");
    assertThat(number("1,234", DecimalSign.COMMA).value()).hasToString("617/500");
    assertThat(why("1,234", DecimalSign.POINT)).contains("1,234", "1234", "1.234");
    assertThat(why("-12.345", DecimalSign.COMMA)).contains("12345", "12,345");
    assertThat(number("0,125", DecimalSign.POINT).value()).hasToString("1/8");
    assertThat(number("1234,567", DecimalSign.POINT).places()).isEqualTo(3);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "  ",
        "14o",
        "abc",
        "-",
        "+",
        "%",
        "1.2.3,4",
        "12,34,567",
        "1 23",
        "1//2",
        "2/",
        "1e",
        "e5",
        "--3",
        "5²",
        "NaN",
        "Infinity",
        "0x1F",
        "1_000",
        "..",
        "1 2/3/4",
        "１２a"
      })
  void saysOfAnythingElseThatItIsNoNumber(String text) {
    assertThat(why(text, DecimalSign.POINT)).isNotBlank();
  }

  @Test
  void refusesHostileSizesAtOnce() {
    assertThat(why("1e999999999", DecimalSign.POINT)).contains("1e999999999", "310");
    assertThat(why("1e-999999999999999999999", DecimalSign.POINT)).contains("powers of ten");
    assertThat(why("9".repeat(100_000), DecimalSign.POINT)).contains("more than 400 characters");
    assertThat(why("1/0", DecimalSign.POINT)).contains("divides by 0");
  }

  @Test
  void remembersHowItWasWritten() {
    assertThat(number("120.50", DecimalSign.POINT).places()).isEqualTo(2);
    assertThat(number("1e3", DecimalSign.POINT).places()).isZero();
    assertThat(number("1.25e-2", DecimalSign.POINT).places()).isEqualTo(4);
    assertThat(number("9.78 %", DecimalSign.POINT))
        .isEqualTo(new Reading.Numeral(Exact.of(489, 5000), 2, Reading.Form.PERCENT));
    assertThat(number("254/3", DecimalSign.POINT).form()).isEqualTo(Reading.Form.FRACTION);
  }

  @Test
  void writesATrueMinusAndTheDecimalSign() {
    assertThat(NumberText.write(new BigDecimal("-3.50"), DecimalSign.COMMA)).isEqualTo("−3,50");
    assertThat(NumberText.write(new BigDecimal("1E+3"), DecimalSign.POINT)).isEqualTo("1000");
  }

  @Property
  void readsWhatItWrites(@ForAll BigDecimal value, @ForAll DecimalSign sign) {
    String written = NumberText.write(value, sign);

    assertThat(number(written, sign).value()).isEqualTo(Exact.of(value));
  }
}
