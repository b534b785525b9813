package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import promedio.core.table.ReadingChoices;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.ReadTable;
import promedio.files.table.TableReader;

class ContentsTextTest {

  private static ReadTable read(String text) throws Exception {
    return TableReader.read(
        DataSource.of("trays.csv", text.getBytes(StandardCharsets.UTF_8)),
        ReadingChoices.NONE,
        Progress.NONE);
  }

  @Test
  void tellsHowAFileIsWrittenAndWhatItsColumnsHold() throws Exception {
    assertThat(ContentsText.of(read("Huerta\ntray;g\n1;131,5\n2;NA\n3;98\nTotal;229,5\n")))
        .containsExactly(
            "trays.csv: 3 rows, 2 columns",
            "  encoding: UTF-8",
            "  separator: ;",
            "  quote: \"",
            "  decimal: ,",
            "  grouping: none",
            "  header-line: 2",
            "  pass-over: 2",
            "  foot-rows: 1",
            "tray (number): 3 entries, 0 missing, 0 invalid, 3 distinct",
            "  from 1 to 3, sum 6",
            "g (number): 2 entries, 1 missing, 0 invalid, 2 distinct",
            "  from 98 to 131.5, sum 229.5");
  }

  @Test
  void tellsOfRowsOfUnevenLength() throws Exception {
    assertThat(ContentsText.of(read("a,b\n1,2\n3\n4,5\n6,7,8\n")))
        .anyMatch(line -> line.contains("uneven length, first in line 3"));
  }
}
