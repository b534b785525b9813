package promedio.desktop.projection.distribution;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.distribution.Distribution;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;

/** Values and areas as they are looked up in the tables at the end of a book. */
class TablePageTest {

  private static Lookup lookup(
      Distribution curve, String degrees, Lookup.Given given, String number) {
    List<Exact> df =
        Stream.of(degrees.split(" "))
            .filter(text -> !text.isEmpty())
            .map(text -> Exact.of(new BigDecimal(text)))
            .toList();
    return new Lookup(curve, df, given, Exact.of(new BigDecimal(number)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "T|10|ABOVE|0.025|10|0.025|2.228",
        "T|10|BOTH|0.05|10|0.025|2.228",
        "T|10|BELOW|0.975|10|0.025|2.228",
        "CHI_SQUARED|3|ABOVE|0.05|3|0.05|7.815",
        "NORMAL||VALUE|1.96|1.9|0.06|0.9750",
        "NORMAL||BELOW|0.975|1.9|0.06|0.9750",
        "F|3 20|ABOVE|0.05|20|3|3.10"
      })
  void theLineAndColumnThatAreReadAreLit(
      Distribution curve,
      String df,
      Lookup.Given given,
      String number,
      String row,
      String head,
      String cell) {
    TablePage page =
        TablePage.of(lookup(curve, df == null ? "" : df, given, number), DecimalSign.POINT);

    assertThat(page.rows().get(page.litRow())).isEqualTo(row);
    assertThat(page.heads().get(page.litColumn())).isEqualTo(head);
    assertThat(page.cells().get(page.litRow()).get(page.litColumn())).isEqualTo(cell);
  }

  @Test
  void whatIsNotPrintedIsNotLit() {
    TablePage page =
        TablePage.of(lookup(Distribution.T, "0.5", Lookup.Given.ABOVE, "0.03"), DecimalSign.POINT);

    assertThat(page.litRow()).isEqualTo(-1);
    assertThat(page.litColumn()).isEqualTo(-1);
    assertThat(
            TablePage.of(
                    lookup(Distribution.NORMAL, "", Lookup.Given.VALUE, "9"), DecimalSign.POINT)
                .litRow())
        .isEqualTo(-1);
  }

  @Test
  void degreesBetweenPrintedOnesAreReadInTheLineBeforeAndInterpolated() {
    Lookup between = lookup(Distribution.T, "35", Lookup.Given.ABOVE, "0.025");

    assertThat(TablePage.of(between, DecimalSign.POINT).rows())
        .element(TablePage.of(between, DecimalSign.POINT).litRow())
        .isEqualTo("30");
    assertThat(TablePage.between(between, DecimalSign.COMMA))
        .contains(
            "df = 35 is not in the printed table. Between df = 30 (2,042) and df = 40 (2,021), linear"
                + " interpolation gives 2,032.");
    assertThat(
            TablePage.between(
                lookup(Distribution.T, "30", Lookup.Given.ABOVE, "0.025"), DecimalSign.POINT))
        .isEmpty();
  }

  @Test
  void valueAndAreasAreTold() {
    assertThat(lookup(Distribution.T, "10", Lookup.Given.ABOVE, "0.025").told(DecimalSign.POINT))
        .isEqualTo("Value 2.2281 · area below 0.975 · area above 0.025 · in both tails 0.05");
    assertThat(lookup(Distribution.F, "3 20", Lookup.Given.VALUE, "3.1").told(DecimalSign.COMMA))
        .isEqualTo("Value 3,1 · area below 0,95008 · area above 0,049925");
    assertThat(lookup(Distribution.NORMAL, "", Lookup.Given.VALUE, "12").told(DecimalSign.POINT))
        .contains("area above 1.7765 · 10^−33");
  }

  @Test
  void whatCannotBeLookedUpIsToldInWords() {
    assertThat(lookup(Distribution.T, "0", Lookup.Given.ABOVE, "0.1").problem())
        .contains("Degrees of freedom are above 0.");
    assertThat(lookup(Distribution.T, "3", Lookup.Given.ABOVE, "1").problem())
        .contains("An area lies between 0 and 1.");
    assertThat(lookup(Distribution.T, "3", Lookup.Given.VALUE, "-7").problem()).isEmpty();
    assertThat(Lookup.Given.BOTH.fits(Distribution.F)).isFalse();
  }

  @Test
  void thePictureShadesWhatWasLookedUp() {
    assertThat(
            lookup(Distribution.T, "10", Lookup.Given.BOTH, "0.05")
                .graph(CourseRules.DEFAULTS, DecimalSign.POINT)
                .inWords())
        .isEqualTo("t distribution, df = 10. Shaded: area: 0.05 at 2.2281.");
  }
}
