package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

class AssignmentTest {

  private static final Request MEAN = Request.of(Measures.MEAN);
  private static final Request SD = Request.of(Measures.SD);

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
  void anIdThatAnythingSpeaksOfIsNotGivenToSomethingElse() {
    Item linked =
        Item.of(
            1,
            "weight",
            "",
            new Source.Linked(Link.of(5, "weight"), new Sample(Values.of(List.of())), 0, false));
    Item drawn = item(2, "8").withGraph(GraphChoice.USUAL.beside(7));
    Assignment some =
        Assignment.empty("Pears")
            .with(linked)
            .with(drawn)
            .with(Part.of(1, "", Selection.of(9), StatedRules.NONE));

    assertThat(some.ids()).isEqualTo(new Ids(10, 6, 2, 1));
    assertThat(some.without(2).without(1).ids()).isEqualTo(new Ids(10, 6, 2, 1));
    assertThat(some.withParts(List.of()).ids().part()).isEqualTo(2);
    assertThat(some.withIds(new Ids(20, 1, 1, 1))).isEqualTo(some);
  }

  @Test
  void titleRulesAndSignChangeOnTheirOwn() {
    Assignment first = Assignment.empty("Pears");
    CourseRules population = ByCode.with(CourseRules.DEFAULTS, "divisor", "n");

    assertThat(first.withRules(population).rules()).isEqualTo(population);
    assertThat(first.withSign(DecimalSign.COMMA).sign()).isEqualTo(DecimalSign.COMMA);
    assertThat(first.withTitle("Apples").title()).isEqualTo("Apples");
    assertThat(first.withTitle("Apples").withTitle("Pears")).isEqualTo(first);
  }

  @Test
  void answersAreKeptAsTypedAndTakenAwayWhenBlank() {
    Selection first = Selection.of(1);
    Assignment blank = Assignment.empty("Pears").with(item(1, "8"));
    Assignment answered = blank.answering(MEAN, first, " 8,0 ");

    assertThat(answered.question(MEAN, first).answer()).isEqualTo(" 8,0 ");
    assertThat(answered.question(SD, first).answer()).isEmpty();
    assertThat(answered.answering(MEAN, first, " ")).isEqualTo(blank);
    assertThat(answered.with(item(1, "9")).question(MEAN, first).answer()).isEqualTo(" 8,0 ");
    assertThat(answered.without(1).questions()).isEmpty();
  }

  @Test
  void sourcesAreReadWithTheSignOfTheStudent() {
    assertThat(new Source.ValuesText("3,5").read(DecimalSign.COMMA).data().tally().value(0))
        .hasToString("7/2");
    assertThat(new Source.TableText("3 2").read(DecimalSign.POINT).data().tally().total())
        .hasToString("2");
  }
}
