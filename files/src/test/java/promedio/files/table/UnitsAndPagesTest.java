package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;
import promedio.files.report.ContentsJson;

/** Numbers with their units, and files that are something else than their names say. */
class UnitsAndPagesTest {

  private static ReadTable read(String text) throws Exception {
    return read(DataSource.of("prices.csv", text.getBytes(StandardCharsets.UTF_8)));
  }

  private static ReadTable read(DataSource source) throws Exception {
    return TableReader.read(source, ReadingChoices.NONE, Progress.NONE);
  }

  private static List<String> texts(Column column) {
    return IntStream.range(0, column.size()).mapToObj(column::text).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "€ 3,50;€ 12,75;€ 1.200,00 | 3.5 12.75 1200 | €",
        "$3.50;$-12.75;-$4 | 3.5 -12.75 -4 | $",
        "US$ 12;US$ 7.25;US$ 3 | 12 7.25 3 | US$",
        "12,- €;7,50 €;3,- € | 12 7.5 3 | €",
        "EUR 12.50;EUR 3.25;EUR 4 | 12.5 3.25 4 | EUR",
        "12 kg;7.5kg;3 kg | 12 7.5 3 | kg",
        "12 km/h;7 km/h;3 km/h | 12 7 3 | km/h",
        "21.5 °C;-3 °C;0 °C | 21.5 -3 0 | °C"
      })
  void oneUnitInEveryCellIsKeptWithTheColumn(String cells, String numbers, String unit)
      throws Exception {
    ReadTable read = read("n;price\n1;" + cells.replace(";", "\n2;") + "\n");

    NumberColumn price = (NumberColumn) read.table().column("price").orElseThrow();
    assertThat(String.join(" ", texts(price))).isEqualTo(numbers);
    assertThat(price.unit()).isEqualTo(unit);
    assertThat(price.toMend()).isEmpty();
    assertThat(ContentsJson.of(read).at("/columns/1/unit").asText()).isEqualTo(unit);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 kg;7 g;3 kg",
        "€ 12;$ 7;€ 3",
        "12 May;7 May;3 May",
        "12 mayo;7 mayo;3 mayo",
        "12 sept.;7 sept.;3 sept.",
        "7 a.m.;8 a.m.;9 a.m.",
        "7 am;8 am;9 am",
        "T12;T13;T14",
        "1st;2nd;3rd"
      })
  void mixedUnitsAndOtherWordsStayText(String cells) throws Exception {
    ReadTable read = read("n;price\n1;" + cells.replace(";", "\n2;") + "\n");

    assertThat(read.table().column("price").orElseThrow().kind()).isNotEqualTo(Kind.NUMBER);
    assertThat(texts(read.table().column("price").orElseThrow()))
        .containsExactly(cells.split(";", -1));
  }

  @Test
  void anotherUnitFarDownMakesTheWholeColumnTextAgain() throws Exception {
    String many = "n;w\n" + "1;12 kg\n".repeat(300);

    assertThat(read(many + "2;7 g\n").table().column("w").orElseThrow().kind())
        .isNotEqualTo(Kind.NUMBER);
    NumberColumn mended = (NumberColumn) read(many + "2;7\n").table().column("w").orElseThrow();
    assertThat(mended.toMend()).containsEntry(300, "7");
  }

  @Test
  void aNumberWithoutTheUnitOfTheOthersIsLeftOutUntilItIsMended() throws Exception {
    ReadTable read = read("n;w\n1;12 kg\n2;14,5 kg\n3;13\n4;9 kg\n");
    NumberColumn column = (NumberColumn) read.table().column("w").orElseThrow();

    assertThat(column.unit()).isEqualTo("kg");
    assertThat(column.toMend()).containsExactly(Map.entry(2, "13"));
    assertThat(TableData.unreadable(read, column).get(0))
        .startsWith("prices.csv, line 4: “13” is not in kg");
  }

  @Test
  void aPersonMayDecideThatItIsText() throws Exception {
    ReadTable read =
        TableReader.read(
            DataSource.of("w", "n;w\n1;12 kg\n2;7 kg\n".getBytes(StandardCharsets.UTF_8)),
            ReadingChoices.NONE.withKind(1, Kind.TEXT),
            Progress.NONE);

    assertThat(texts(read.table().column("w").orElseThrow())).containsExactly("12 kg", "7 kg");
  }

  @Test
  void groupsOfTwoAndSignsThatNoEyeSeesAreReadAsNumbers() throws Exception {
    ReadTable read =
        read("n;w\n1;12,34,567\n2;1,00,000.50\n3;\u200B7\u00AD5\u200E\n4;\uFEFF8\u2060\n");

    assertThat(texts(read.table().column("w").orElseThrow()))
        .containsExactly("1234567", "100000.5", "75", "8");
  }

  @Test
  void aWebPageIsToldAsWhatItIsWhateverItsName() throws Exception {
    assertThatThrownBy(() -> read("<!DOCTYPE html><html><body>Please log in</body></html>"))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("web page without a table");

    ReadTable read =
        read(
            "<!DOCTYPE html><html><table><tr><td>"
                + "<table><tr><th>g<tr><td>131<tr><td>98</table></table></html>");
    assertThat(read.notices()).singleElement().asString().contains("web page");
    assertThat(texts(read.table().columns().get(0))).containsExactly("131", "98");
  }

  @Test
  void tablesNestedDeeperThanAnyPageAreRefusedSoon() {
    String nested = "<table><tr><td>".repeat(5000);

    assertThatThrownBy(() -> read("<html>" + nested)).hasMessageContaining("deep");
    assertThatThrownBy(() -> read("<html><table>" + "<div>".repeat(20_000)))
        .hasMessageContaining("deep");
  }

  @Test
  void aHeaderAboveEmptyRowsIsNoEmptyFile() {
    assertThatThrownBy(() -> read("tray,g\n,\n,\n")).hasMessageContaining("a header but no row");
    assertThatThrownBy(() -> read("tray,g\n")).hasMessageContaining("a header but no row");
  }

  /** A line that is longer than fits into memory, made as it is read. */
  private record EndlessLine(String piece, long times) implements DataSource {
    @Override
    public String name() {
      return "line.csv";
    }

    @Override
    public long size() {
      return piece.length() * times;
    }

    @Override
    public InputStream open() {
      byte[] bytes = piece.getBytes(StandardCharsets.UTF_8);
      return new SequenceInputStream(
          Collections.enumeration(
              IntStream.range(0, (int) times)
                  .<InputStream>mapToObj(i -> new java.io.ByteArrayInputStream(bytes))
                  .toList()));
    }
  }

  @Test
  void aLineWithoutEndIsToldAsThatAndNotAsAMissingQuotationMark() {
    String head = "a,b\n1,2\n";
    assertThatThrownBy(() -> read(new EndlessLine("x".repeat(1 << 16), 1200)))
        .hasMessageContaining("no second one");
    assertThatThrownBy(() -> read(head + "1,".repeat(30_000) + "\n"))
        .hasMessageContaining("more than 20000 cells");
    assertThatThrownBy(() -> read(head + "1,\"" + "x".repeat(2 << 20)))
        .hasMessageContaining("more than 1000000 characters");
  }
}
