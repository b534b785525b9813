package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.entry.MissingSigns;
import promedio.core.number.DecimalSign;

/** Rows are parted by a stroke in these cases, cells by commas. */
class HeaderFinderTest {

  private static final NumberForms POINT = new NumberForms(DecimalSign.POINT, Optional.empty());

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '#',
      value = {
        "tray,weight/1,131.5/2,140 # 0 # 1",
        "1,131.5/2,140 # -1 # 0",
        "Huerta/tray,weight/1,131.5/2,140 # 1 # 2",
        "Huerta, pears/variety,weight/Blanca,131.5/Blanca,140/Ercolini,98 # 1 # 2",
        "tray,weight/,(g)/1,131.5/2,140 # 0 # 2",
        "tray,weight/no,g/1,131.5/2,140 # 1 # 2",
        "tray,weight/T1,abc/T2,131.5/T3,140 # 0 # 1",
        "tray,weight/T1,NA/T2,131.5/T3,140 # 0 # 1",
        "weight/12/13 # 0 # 1",
        "Pears of 2026/weight/12/13 # 1 # 2",
        "weight/14o/12/13 # 0 # 1",
        "variety,grade/Blanca,A/Ercolini,B/Blanca,A # 0 # 1",
        "Blanca,A/Ercolini,B/Blanca,A # -1 # 0",
        "variety,2024,2025/Blanca,131,128/Ercolini,98,97 # 0 # 1",
        "2024,2025/131,128/98,97 # -1 # 0",
        "day,crates/2026-09-01,12/2026-09-02,9 # 0 # 1",
        "a note/another/1,2/3,4/5,6 # -1 # 2",
      })
  void isTheLastRowOfNamesAboveTheFirstRowOfNumbers(String text, int header, int first) {
    List<RawRow> rows = new ArrayList<>();
    for (String line : text.split("/", -1)) {
      rows.add(new RawRow(rows.size() + 1L, List.of(line.split(",", -1))));
    }

    HeaderFinder.Found found = HeaderFinder.find(rows, POINT, MissingSigns::matches);

    assertThat(found).isEqualTo(new HeaderFinder.Found(header, first));
  }
}
