package promedio.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.Pairs;

/** Pairs of numbers as they are typed from a sheet. */
class TypedPairsTest {

  private static Typed read(String text) {
    return TypedPairs.read(text, DecimalSign.POINT);
  }

  private static List<String> shown(Typed typed) {
    Pairs pairs = typed.data().pairs().orElseThrow();
    return IntStream.range(0, pairs.size())
        .mapToObj(i -> pairs.x().get(i) + " " + pairs.y().get(i))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2 31\n4 38\n7 52",
        "2;31\n4; 38\n\n7\t52\n",
        "age yield\n2 31\n4 38\n7 52",
        "2 4 7\n31 38 52",
        "age 2 4 7\nyield 31 38 52"
      })
  void aLineForEachOrALineForEachNumberMeanTheSame(String text) {
    assertThat(shown(read(text))).containsExactly("2 31", "4 38", "7 52");
    assertThat(read(text).problem()).isEmpty();
  }

  @Test
  void whatStandsBeforeTheNumbersNamesThem() {
    assertThat(TypedPairs.names("age yield\n2 31")).containsExactly("age", "yield");
    assertThat(TypedPairs.names("age 2 4 7\nyield 31 38 52")).containsExactly("age", "yield");
    assertThat(TypedPairs.names("2 31\n4 38")).isEmpty();
    assertThat(TypedPairs.names("")).isEmpty();
  }

  @Test
  void aDecimalCommaIsReadWhereTheStudentWritesIt() {
    Typed typed = TypedPairs.read("2,5 31\n4 38,25", DecimalSign.COMMA);

    assertThat(typed.data().pairs().orElseThrow().y().get(1)).isEqualTo(Exact.of(153, 4));
  }

  @Test
  void aPairWithAMissingNumberIsCountedAndOneThatCannotBeReadIsMarkedWhereItStands() {
    Typed typed = read("2 31\n4 -\n7 5z\n9");

    assertThat(shown(typed)).containsExactly("2 31");
    assertThat(typed.data().missing()).isEqualTo(1);
    assertThat(typed.unreadable()).extracting(Entry::start).containsExactly(11, 14);
    assertThat(((Entry.Unreadable) typed.unreadable().get(1).content()).why().text())
        .isEqualTo("“9” is not a pair: type x and y with a space between them");
  }

  @Test
  void twoLinesOfUnequalLengthAreNoPairs() {
    Typed typed = read("2 4 7\n31 38 52 60");

    assertThat(typed.problem().orElseThrow().text())
        .isEqualTo("the first line has 3 numbers, the second 4: each x needs its y");
    assertThat(shown(typed)).isEmpty();
  }
}
