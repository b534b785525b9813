package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

class AssignmentTest {

  private static Item item(int id, String text) {
    return Item.of(id, "Row " + id, "g", new Source.ValuesText(text));
  }

  @Test
  void editsMakeTheNextValueAndLeaveTheOld() {
    Assignment empty = Assignment.empty("Pears");
    Assignment one = empty.with(item(1, "8 10"));
    Assignment two = one.with(item(2, "3"));

    assertThat(empty.items()).isEmpty();
    assertThat(two.items()).extracting(Item::id).containsExactly(1, 2);
    assertThat(two.ids().item()).isEqualTo(3);
    assertThat(two.without(1).items()).extracting(Item::id).containsExactly(2);
    assertThat(two.with(item(1, "9")).items().get(0).source())
        .isEqualTo(new Source.ValuesText("9"));
    assertThat(two.item(2)).contains(item(2, "3"));
    assertThat(two.item(7)).isEmpty();
  }

  @Test
  void titleRulesAndSignChangeOnTheirOwn() {
    Assignment first = Assignment.empty("Pears");
    CourseRules population = CourseRules.DEFAULTS.with("divisor", "n");

    assertThat(first.withRules(population).rules()).isEqualTo(population);
    assertThat(first.withSign(DecimalSign.COMMA).sign()).isEqualTo(DecimalSign.COMMA);
    assertThat(first.withTitle("Apples").title()).isEqualTo("Apples");
    assertThat(first.withTitle("Apples").withTitle("Pears")).isEqualTo(first);
  }

  @Test
  void answersAreKeptAsTypedAndTakenAwayWhenBlank() {
    Item answered = item(1, "8").withAnswer(Measure.MEAN, " 8,0 ");

    assertThat(answered.answer(Measure.MEAN)).isEqualTo(" 8,0 ");
    assertThat(answered.answer(Measure.SD)).isEmpty();
    assertThat(answered.withAnswer(Measure.MEAN, " ")).isEqualTo(item(1, "8"));
    assertThat(answered.withName("South").answer(Measure.MEAN)).isEqualTo(" 8,0 ");
  }

  @Test
  void sourcesAreReadWithTheSignOfTheStudent() {
    assertThat(new Source.ValuesText("3,5").read(DecimalSign.COMMA).data().tally().value(0))
        .hasToString("7/2");
    assertThat(new Source.TableText("3 2").read(DecimalSign.POINT).data().tally().total())
        .hasToString("2");
  }
}
