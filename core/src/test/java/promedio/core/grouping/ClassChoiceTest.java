package promedio.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;

/** How a student says into which classes the values go. */
class ClassChoiceTest {

  private static final Data PEARS =
      TypedValues.read("118 121 124 126 127 129 131 131 140 152", DecimalSign.POINT).data();

  private static List<String> boundaries(String by, String numbers) {
    return new ClassChoice(by, numbers)
            .group(PEARS, CourseRules.DEFAULTS, DecimalSign.POINT)
            .grouping()
            .orElseThrow()
            .boundaries()
            .stream()
            .map(PlainText::of)
            .toList();
  }

  @Test
  void anEnormousFrequencyLeavesOneClassAndSaysWhy() {
    Data data = TypedTable.read("38 12\n39 161e309\n43.175 1", DecimalSign.POINT).data();

    ClassChoice.Outcome outcome =
        ClassChoice.USUAL.group(data, CourseRules.DEFAULTS, DecimalSign.POINT);

    assertThat(outcome.grouping().orElseThrow().boundaries()).hasSize(2);
    assertThat(outcome.problem().orElseThrow().text())
        .contains("would make more than 1000 classes");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "sturges | ''              | 110 120 130 140 150 160",
        "width   | 20              | 100 120 140 160",
        "width   | 20 115          | 115 135 155",
        "width   | 20 125          | 125 145 165",
        "count   | 2               | 118 138 158",
        "limits  | 110 120 130 160 | 110 120 130 160",
        "limits  | 110; 120;160    | 110 120 160"
      })
  void theyAreNamedCountedMeasuredOrWritten(String by, String numbers, String expected) {
    assertThat(boundaries(by.strip(), numbers)).containsExactly(expected.split(" ", -1));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "count  | ''          | type how many classes there should be",
        "width  | ''          | type the class width",
        "limits | '  '        | type all boundaries",
        "width  | 0           | a class width must be above 0, not 0",
        "width  | -5          | a class width must be above 0, not -5",
        "width  | abc         | “abc” is not a number",
        "width  | 5 100 200   | type one width, and after it one start",
        "width  | 0.0001      | would make more than 1000 classes",
        "width  | 10 500      | no value lies from 500 to 510",
        "count  | 0           | “0” is not a number of classes: type a whole number from 1 to 1000",
        "count  | 2.5         | is not a number of classes",
        "count  | 1001        | is not a number of classes",
        "count  | 5 6         | is not a number of classes",
        "limits | 110         | one boundary does not make a class",
        "limits | 130 120     | 120 is not above 130",
        "limits | 120 13o     | “13o” is not a number",
        "limits | 500 600     | no value lies from 500 to 600",
        "odd    | ''          | “odd” is not one of sturges, square-root"
      })
  void whatMakesNoClassesLeavesTheUsualOnesAndSaysHowToMendThat(
      String by, String numbers, String why) {
    ClassChoice.Outcome outcome =
        new ClassChoice(by, numbers).group(PEARS, CourseRules.DEFAULTS, DecimalSign.POINT);

    assertThat(outcome.problem().orElseThrow().text()).contains(why);
    assertThat(outcome.grouping().orElseThrow().boundaries().stream().map(PlainText::of).toList())
        .isEqualTo(boundaries("sturges", ""));
  }

  @Test
  void aRuleThatGoesByTheMiddleHalfNeedsOneThatSpreads() {
    Data same = TypedValues.read("1 5 5 5 5 5 5 9", DecimalSign.POINT).data();
    ClassChoice.Outcome outcome =
        new ClassChoice("freedman-diaconis", "")
            .group(same, CourseRules.DEFAULTS, DecimalSign.POINT);

    assertThat(outcome.problem().orElseThrow().text()).contains("do not vary");
    assertThat(outcome.grouping()).isPresent();
  }

  @Test
  void numbersAreReadWithTheStudentsDecimalSign() {
    Grouping grouping =
        new ClassChoice("limits", "117,5 130,5 152,5")
            .group(PEARS, CourseRules.DEFAULTS, DecimalSign.COMMA)
            .grouping()
            .orElseThrow();

    assertThat(grouping.boundaries())
        .containsExactly(Exact.of(235, 2), Exact.of(261, 2), Exact.of(305, 2));
  }

  @Test
  void aClassTableIsItsOwnAndNothingHasNoClasses() {
    Data table = TypedClasses.read("10-20 4\n20-30 7", DecimalSign.POINT).data();

    assertThat(
            ClassChoice.USUAL
                .group(table, CourseRules.DEFAULTS, DecimalSign.POINT)
                .grouping()
                .map(Grouping::table))
        .contains((ClassTable) table);
    for (Data empty :
        List.of(
            TypedValues.read("", DecimalSign.POINT).data(),
            TypedClasses.read("", DecimalSign.POINT).data())) {
      assertThat(ClassChoice.USUAL.group(empty, CourseRules.DEFAULTS, DecimalSign.POINT).grouping())
          .isEmpty();
    }
  }

  @Property(tries = 150)
  void whateverIsWrittenSomeClassesHoldTheValues(
      @ForAll @Size(min = 1, max = 30) List<@IntRange(min = -300, max = 300) Integer> values,
      @ForAll boolean upper,
      @ForAll @StringLength(max = 8) String numbers) {
    String typed = String.join(" ", values.stream().map(String::valueOf).toList());
    Data data = TypedValues.read(typed, DecimalSign.POINT).data();
    CourseRules rules =
        CourseRules.DEFAULTS.with(Rule.CLASS_END, upper ? ClassEnd.UPPER : ClassEnd.LOWER);

    for (String by : List.of("sturges", "square-root", "rice", "scott", "count")) {
      Grouping grouping =
          new ClassChoice(by, numbers)
              .group(data, rules, DecimalSign.POINT)
              .grouping()
              .orElseThrow();
      assertThat(grouping.table().tally().total()).as(by).isEqualTo(Exact.of(values.size()));
      assertThat(grouping.below().plus(grouping.above())).isEqualTo(Exact.ZERO);
    }
  }
}
