package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.entry.Typed;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Groups;
import promedio.core.sample.Values;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Items that are made of several samples, or of several columns of a table. */
class ComparisonTest {

  private static final Item NORTH = Item.of(1, "north", "g", new Source.ValuesText("8 10"));
  private static final Item SOUTH = Item.of(2, "south", "g", new Source.ValuesText("9 9 12"));
  private static final Item BOTH = Item.of(3, "both", "g", Source.Picked.of(List.of(1, 2)));
  private static final Assignment ORCHARD =
      Assignment.empty("Orchard").with(NORTH).with(SOUTH).with(BOTH);

  private static final Table TRAYS =
      Table.of(
          List.<Column>of(
              WordColumn.of("variety", Kind.CATEGORY, List.of("Ana", "Rocha", "Ana", "Rocha")),
              WordColumn.of("terrace", Kind.CATEGORY, List.of("up", "up", "low", "low")),
              numbers("weight", 131, 140, 98, 102),
              numbers("age", 4, 7, 2, 3)));

  private static NumberColumn numbers(String name, long... values) {
    return new NumberColumn(name, Values.ofDecimals(values, 0), Map.of());
  }

  private static Typed read(Assignment assignment) {
    return assignment.item(3).orElseThrow().source().read(DecimalSign.POINT);
  }

  private static List<String> names(Assignment assignment) {
    return read(assignment).data().groups().orElseThrow().samples().stream()
        .map(Groups.Group::name)
        .toList();
  }

  @Test
  void aComparisonHasTheValuesAndNamesOfItsSamples() {
    assertThat(names(ORCHARD)).containsExactly("north", "south");
    assertThat(read(ORCHARD).data().total()).isEqualTo(Exact.of(5));
  }

  @Test
  void itFollowsWhatIsTypedAndRenamed() {
    Assignment changed =
        ORCHARD.with(SOUTH.withName("upper south").withSource(new Source.ValuesText("1 2 3 4")));

    assertThat(names(changed)).containsExactly("north", "upper south");
    assertThat(read(changed).data().total()).isEqualTo(Exact.of(6));
  }

  @Test
  void aSampleThatIsRemovedLeavesItAndOneAloneIsToldToBeTooFew() {
    Assignment left = ORCHARD.without(2);

    assertThat(left.item(3).orElseThrow().source().items()).containsExactly(1);
    assertThat(read(left).problem().orElseThrow().text())
        .isEqualTo("one group cannot be compared: give two or more");
  }

  @Test
  void twoSamplesOfOneNameAreToldApartByTheStudent() {
    assertThat(read(ORCHARD.with(SOUTH.withName("north"))).problem().orElseThrow().text())
        .isEqualTo("two groups are called “north”: give them different names");
  }

  @Test
  void anIdThatAComparisonSpeaksOfIsNotGivenAgain() {
    Assignment alone =
        Assignment.empty("").with(Item.of(1, "c", "", Source.Picked.of(List.of(7, 9))));

    assertThat(alone.ids().item()).isGreaterThan(1);
    assertThat(ORCHARD.without(2).ids().item()).isEqualTo(4);
  }

  @Test
  void aQuestionOfAGroupIsAnotherThanThatOfAllTogether() {
    Request mean = Request.of(Measures.MEAN);
    Selection north = new Selection(3, DataSubset.group("north"));
    Selection together = new Selection(3, DataSubset.TOGETHER);

    Assignment answered = ORCHARD.answering(mean, north, "9").answering(mean, together, "9.6");

    assertThat(answered.question(mean, north).answer()).isEqualTo("9");
    assertThat(answered.question(mean, together).answer()).isEqualTo("9.6");
    assertThat(answered.answering(mean, north, "").questions()).hasSize(1);
  }

  @Test
  void whatWasAnsweredOfPairsAndEmptiedAgainIsAskedNoMore() {
    Request r = Request.of(Measures.ofKey("correlation").orElseThrow());
    Selection about = Selection.of(1);
    Assignment pairs = Assignment.empty("").with(Item.of(1, "p", "", new Source.PairsText("1 2")));

    assertThat(pairs.answering(r, about, "1").questions()).hasSize(1);
    assertThat(pairs.answering(r, about, "1").answering(r, about, "").questions()).isEmpty();
  }

  @Test
  void columnsOfATableMakePairsGroupsAndCounts() throws Exception {
    assertThat(Source.Linked.read(new Link.OfPairs(1, "age", "weight"), TRAYS))
        .satisfies(pairs -> assertThat(pairs.shape()).isEqualTo(Source.Shape.PAIRS))
        .satisfies(pairs -> assertThat(pairs.names()).containsExactly("age", "weight"));
    Source.Linked groups =
        Source.Linked.read(new Link.OfGroups(1, "weight", List.of("variety", "terrace")), TRAYS);
    assertThat(groups.data().groups().orElseThrow().samples())
        .extracting(Groups.Group::name)
        .containsExactly("Ana · up", "Ana · low", "Rocha · up", "Rocha · low");
    assertThat(Source.Linked.read(new Link.OfCounts(1, "variety", "terrace"), TRAYS).data().total())
        .isEqualTo(Exact.of(4));
  }

  @Test
  void columnsThatMakeNoSuchDataAreRefusedInWords() {
    assertThatThrownBy(() -> Source.Linked.read(new Link.OfPairs(1, "age", "variety"), TRAYS))
        .isInstanceOf(BadInputException.class)
        .hasMessage("the column “variety” does not hold numbers");
    assertThatThrownBy(
            () -> Source.Linked.read(new Link.OfGroups(1, "weight", List.of("row")), TRAYS))
        .hasMessage("the table no longer has a column “row”");
  }

  @Test
  void whatIsMadeOfColumnsFollowsTheTableAndStaysWhenTheyGo() throws Exception {
    Source.Linked pairs = Source.Linked.read(new Link.OfPairs(1, "age", "weight"), TRAYS);
    Table shorter = Table.of(List.<Column>of(numbers("age", 4, 7), numbers("weight", 1, 2)));
    Table without = Table.of(List.<Column>of(numbers("age", 4, 7)));

    assertThat(pairs.follow(shorter).data().total()).isEqualTo(Exact.of(2));
    assertThat(pairs.follow(without))
        .isEqualTo(new Source.Linked(pairs.link(), pairs.data(), 0, false));
  }
}
