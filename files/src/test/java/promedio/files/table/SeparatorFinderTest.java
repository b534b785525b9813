package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What parts the cells; a bar stands for a new line in these cases. */
class SeparatorFinderTest {

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '#',
      quoteCharacter = '`',
      value = {
        "a,b/1,2/3,4 # ,",
        "a;b/1,5;2,5/3,5;4,5 # ;",
        "3,5;4,2/1,5;2,2 # ;",
        "a\tb/1\t2 # tab",
        "note/another note/a;b;c/1;2;3/4;5;6 # ;",
        "8 10 11/12 13 # list",
        "8 10 11/12 13 14 # list",
        "8, 10, 11,/12, 13 # list",
        "8, 10, 11 # list",
        "weight/8/10/11 # none",
        "tray weight length/1 131.5 80/2 140 82 # blanks",
        "variety      weight/Blanca       131.5/Abate Fetel  140 # blanks",
        "a,b/1,\"x, y\"/2,\"z\" # ,",
        "a,b/1,2,3/4/5,6/7,8,9,10 # ,",
        "5\" pot,3/7\" pot,4 # ,",
      })
  void isWhatPartsMostLinesIntoAsManyCells(String text, String code) {
    assertThat(SeparatorFinder.find(List.of(text.split("/", -1)), '"').code()).isEqualTo(code);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {"tab # \\t", "blanks # ' '", "none # ''", "; # ;", "list # ''"})
  void isGivenToOtherProgramsAsTheCharacterItself(String code, String text) {
    Separator separator = Separator.ofCode(code).orElseThrow();

    assertThat(separator.text()).isEqualTo(text.replace("\\t", "\t"));
    assertThat(Separator.ofCode("x")).isEmpty();
    assertThat(Separator.ofCode("ab")).isEmpty();
    assertThat(Separator.ofCode("\t")).contains(Separator.TAB);
  }
}
