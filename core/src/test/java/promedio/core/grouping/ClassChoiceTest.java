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
        .group(PEARS, CourseRules.DEFAULTS, DecimalSign.POINT).orElseThrow().boundaries().stream()
            .map(PlainText::of)
            .toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "sturges | ''              | 110 120 130 140 150 160",
        "width   | 20              | 100 120 140 160",
        "width   | 2.5 is too fine | 117.5 120 122.5 125 127.5 130 132.5 135 137.5 140 142.5 145 147.5 150 152.5",
        "count   | 2               | 100 120 140 160",
        "limits  | 110 120 130 160 | 110 120 130 160",
        "limits  | 110; 120;160    | 110 120 160"
      })
  void theyAreNamedCountedMeasuredOrWritten(String by, String numbers, String expected) {
    assertThat(boundaries(by.strip(), numbers)).containsExactly(expected.split(" ", -1));
  }

  @ParameterizedTest
  @CsvSource({"width,''", "width,0", "width,-5", "count,0", "width,abc"})
  void numbersThatAreNotWrittenYetLeaveTheUsualClasses(String by, String numbers) {
    assertThat(boundaries(by, numbers)).isEqualTo(boundaries("sturges", ""));
  }

  @ParameterizedTest
  @CsvSource({"limits,110", "limits,130 120", "limits,500 600", "width,0.0001"})
  void numbersThatMakeNoClassesLeaveAllValuesInSight(String by, String numbers) {
    Grouping grouping =
        new ClassChoice(by, numbers)
            .group(PEARS, CourseRules.DEFAULTS, DecimalSign.POINT)
            .orElseThrow();

    assertThat(grouping.table().tally().total()).isEqualTo(Exact.of(10));
  }

  @Test
  void numbersAreReadWithTheStudentsDecimalSign() {
    Grouping grouping =
        new ClassChoice("limits", "117,5 130,5 152,5")
            .group(PEARS, CourseRules.DEFAULTS, DecimalSign.COMMA)
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
                .map(Grouping::table))
        .contains((ClassTable) table);
    for (Data empty :
        List.of(
            TypedValues.read("", DecimalSign.POINT).data(),
            TypedClasses.read("", DecimalSign.POINT).data())) {
      assertThat(ClassChoice.USUAL.group(empty, CourseRules.DEFAULTS, DecimalSign.POINT)).isEmpty();
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

    for (String by : List.of("sturges", "square-root", "rice", "scott", "count", "width")) {
      Grouping grouping =
          new ClassChoice(by, numbers).group(data, rules, DecimalSign.POINT).orElseThrow();
      assertThat(grouping.table().tally().total()).as(by).isEqualTo(Exact.of(values.size()));
      assertThat(grouping.below().plus(grouping.above())).isEqualTo(Exact.ZERO);
    }
  }
}
