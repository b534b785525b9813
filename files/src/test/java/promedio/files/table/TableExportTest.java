package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

class TableExportTest {

  private final Table trays;

  TableExportTest() throws BadInputException {
    trays =
        Table.of(
            List.of(
                WordColumn.of(
                    "remark",
                    Kind.TEXT,
                    List.of("=1+1", "soft, \"ripe\"", "", "@Ana", "two\nlines", "'quoted")),
                WordColumn.of(
                    "variety",
                    Kind.CATEGORY,
                    List.of("Blanca", "Blanca", "Ercolini", "", "Blanca", "Ercolini")),
                WordColumn.of(
                    "day",
                    Kind.DATE,
                    List.of(
                        "2026-09-01", "2026-09-02", "2026-09-02", "2026-09-03", "", "2026-09-04")),
                new NumberColumn(
                    "weight",
                    new ValuesBuilder()
                        .add(Exact.of(263, 2))
                        .add(Exact.of(-1, 8))
                        .addMissing()
                        .add(Exact.of(1, 3))
                        .add(Exact.of(new BigDecimal("12345678901234567890.125")))
                        .addMissing()
                        .build(),
                    Map.of(5, "14o"))));
  }

  @TempDir private Path folder;

  private static List<List<String>> texts(Table table) {
    return table.columns().stream()
        .map(c -> IntStream.range(0, c.size()).mapToObj(c::text).toList())
        .toList();
  }

  @ParameterizedTest
  @CsvSource({"trays.csv, POINT", "trays.csv, COMMA", "trays.xlsx, POINT"})
  void whatIsWrittenReadsBackIdentical(String name, DecimalSign sign) throws Exception {
    Path file = folder.resolve(name);
    TableExport.write(trays, file, sign);

    Table back = TableReader.read(DataSource.of(file), ReadingChoices.NONE, Progress.NONE).table();

    assertThat(back.names()).isEqualTo(trays.names());
    assertThat(back.columns().stream().map(Column::kind))
        .isEqualTo(trays.columns().stream().map(Column::kind).toList());
    assertThat(texts(back)).isEqualTo(texts(trays));
  }

  @Test
  void nothingThatIsWrittenCanRunAsAFormula() throws Exception {
    Path file = folder.resolve("trays.csv");
    TableExport.write(trays, file, DecimalSign.POINT);

    assertThat(Files.readString(file)).contains("'=1+1,", "'@Ana,").doesNotContain("\n=", "\n@");
  }
}
