package promedio.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is seen of a line before any pattern is tried. */
class LineTest {

  private static Line line(String text) {
    return new Line(text, 0);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "   ", "\t", "|---|:--:|", "=====", "—— + ——", "| | |"})
  void nothingOrARuleIsIdle(String text) {
    assertThat(line(text).isIdle()).isTrue();
  }

  @ParameterizedTest
  @ValueSource(strings = {"--- 4", "| x |", "(a)", "–.–"})
  void whatSaysSomethingIsNot(String text) {
    assertThat(line(text).isIdle()).isFalse();
  }

  @Test
  void rowsOfATableAreShort() {
    assertThat(line("|".repeat(600)).isIdle()).isTrue();
    assertThat(line("|".repeat(601)).isIdle()).isFalse();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      quoteCharacter = '"',
      value = {
        "10–19 20–29 30–39 # 3",
        "10 to 20, 20 to 30 # 2",
        "[10, 20) [20, 30) # 2",
        "| 118 | 131 | 124 | # 0",
        "12 cm, 15 and 3.5 # 2",
        "7 - 9 # 1",
        "pears # 0",
      })
  void asManyClassesAsCanBeAreSeen(String text, int classes) {
    assertThat(line(text).classes()).isEqualTo(classes);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      quoteCharacter = '"',
      value = {"'' # 0", "weight # 1", "weight in g # 3", "'  weight   in  g ' # 3"})
  void wordsAreApartByBlanks(String text, int words) {
    assertThat(Line.words(text.replace("'", ""))).isEqualTo(words);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {
        "weight 12 14 # true",
        "weight 12 – | # true",
        "weight 12. # true",
        "weight of pears. # false",
        "| total | # false"
      })
  void aRowEndsInANumberOrInADashForNone(String text, boolean asRow) {
    assertThat(Line.endsAsRow(text)).isEqualTo(asRow);
  }
}
