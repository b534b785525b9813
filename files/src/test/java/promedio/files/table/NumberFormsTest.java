package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Reading;

class NumberFormsTest {

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '#',
      value = {
        "131.5 140 98 # ; # POINT # none",
        "131,5 140 98 # ; # COMMA # none",
        "0,125 0,250 # ; # COMMA # none",
        "1.234,5 12 # ; # COMMA # .",
        "1,234.5 12 # , # POINT # ,",
        "1.234.567 12 # ; # COMMA # .",
        "1,234,567 12 # , # POINT # ,",
        "1,234 987 # , # POINT # ,",
        "1,234 5,678 # ; # COMMA # none",
        "131.5 1,234 98.2 # , # POINT # ,",
        "words 12 # , # POINT # none",
        "3.5 4,2 # ; # POINT # none",
      })
  void areFoundByNumbersThatCanBeReadOneWayOnly(
      String cells, String separator, DecimalSign sign, String grouping) {
    NumberForms forms =
        NumberForms.find(List.of(cells.split(" ", -1)), Separator.ofCode(separator).orElseThrow());

    assertThat(forms.sign()).isEqualTo(sign);
    assertThat(forms.grouping().map(String::valueOf).orElse("none")).isEqualTo(grouping);
  }

  @Test
  void groupedNumbersAreReadWithoutTheirMarks() {
    NumberForms spaces = new NumberForms(DecimalSign.COMMA, Optional.of(' '));
    NumberForms points = new NumberForms(DecimalSign.COMMA, Optional.of('.'));

    assertThat(value(spaces, "12 345,5")).isEqualTo(Exact.of(24691, 2));
    assertThat(value(points, "1.234")).isEqualTo(Exact.of(1234));
    assertThat(value(points, "−1.234,5")).isEqualTo(Exact.of(-2469, 2));
    assertThat(points.isNumber("12.34.5")).isFalse();
    assertThat(points.isNumber("2026-09-01 07:30")).isFalse();
    assertThat(points.isNumber("½")).isTrue();
  }

  private static Exact value(NumberForms forms, String cell) {
    return ((Reading.Numeral) forms.read(cell)).value();
  }

  @ParameterizedTest
  @CsvSource({
    "14.199999999999999, 14.2",
    "0.30000000000000004, 0.3",
    "131.5, 131.5",
    "1E3, 1000",
    "1.5E-5, 0.000015",
    "0, 0",
    "123456789012345678, 123456789012346000",
    "soft, soft",
    "1e99999, 1e99999"
  })
  void numbersOfWorkbooksAreTakenAsTheyAreShown(String stored, String plain) {
    assertThat(SheetNumbers.plain(stored)).isEqualTo(plain);
  }
}
