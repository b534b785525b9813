package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColumnNamesTest {

  private static final List<String> THERE =
      List.of("pear", "weight, g", "weight", "say \"ripe\"", "2026", "a;b");

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "pear|pear",
        "pear, weight|pear/weight",
        "pear; weight, g|pear/weight, g",
        "\"weight, g\", pear|weight, g/pear",
        "weight, pear|weight/pear",
        "1, 3|pear/weight",
        "2026|2026",
        "a;b , pear|a;b/pear",
        "\"say \"\"ripe\"\"\"|say \"ripe\"",
        "pear, pear|pear",
      })
  void namesAndNumbersAreReadAsTheyAreMeant(String typed, String names) {
    ColumnNames read = ColumnNames.read(typed, THERE);

    assertThat(read.unknown()).isEmpty();
    assertThat(read.names()).containsExactly(names.split("/"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"plum|plum", "pear, plum|plum", "9|9", "pear,,weight|''", "weigh|weigh"})
  void whatIsNoColumnIsTold(String typed, String unknown) {
    assertThat(ColumnNames.read(typed, THERE).unknown()).contains(unknown);
  }

  @Test
  void whatIsWrittenIsReadAgainInAnyOrder() {
    for (int first = 0; first < THERE.size(); first++) {
      for (int second = 0; second < THERE.size(); second++) {
        if (first != second) {
          List<String> names = List.of(THERE.get(first), THERE.get(second));
          ColumnNames read = ColumnNames.read(ColumnNames.write(names), THERE);
          assertThat(read.unknown()).isEmpty();
          assertThat(read.names()).isEqualTo(names);
        }
      }
    }
  }
}
