package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.assignment.Source.Linked;
import promedio.core.assignment.Source.Shape;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Where the data of an item come from. */
class SourceTest {

  private static final WordColumn VARIETY =
      WordColumn.of("variety", Kind.CATEGORY, List.of("Blanca", "Conference", "Blanca"));
  private static final NumberColumn WEIGHT =
      new NumberColumn(
          "weight", Values.of(List.of(Exact.of(131), Exact.of(140), Exact.of(98))), Map.of());
  private static final Table TRAYS = Table.of(List.<Column>of(VARIETY, WEIGHT));

  @ParameterizedTest
  @EnumSource(value = Shape.class, mode = EnumSource.Mode.EXCLUDE, names = "GROUPS")
  void whatIsTypedKeepsItsKindWhenItIsTypedAnew(Shape shape) {
    Source typed = Source.typed(shape, "3 4");

    assertThat(typed.shape()).isEqualTo(shape);
    assertThat(typed.typedText()).contains("3 4");
    assertThat(typed.withText("5 6")).isEqualTo(Source.typed(shape, "5 6"));
    assertThat(Source.typed(shape, "").read(DecimalSign.POINT).entries()).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(value = Shape.class, mode = EnumSource.Mode.EXCLUDE, names = "GROUPS")
  void onlyWhatIsTypedTheSameWayIsAppended(Shape shape) {
    Source first = Source.typed(shape, "3 4");
    for (Shape other : EnumSet.complementOf(EnumSet.of(Shape.GROUPS))) {
      assertThat(first.append(Source.typed(other, "5 6")).isPresent()).isEqualTo(other == shape);
    }
    String both = ((Source.OfText) first.append(Source.typed(shape, "5 6")).orElseThrow()).text();
    assertThat(both).startsWith("3 4").endsWith("5 6");
  }

  @Test
  void aColumnOfNumbersIsASampleAndOneOfWordsIsCounted() {
    Linked weights = Linked.to(Link.of(1, "weight"), TRAYS);
    Linked varieties = Linked.to(Link.of(1, "variety"), TRAYS);

    assertThat(weights.shape()).isEqualTo(Shape.VALUES);
    assertThat(((Sample) weights.data()).values()).isEqualTo(WEIGHT.values());
    assertThat(varieties.shape()).isEqualTo(Shape.CATEGORIES);
    assertThat(((Categories) varieties.data()).frequency("Blanca")).isEqualTo(Exact.of(2));
    assertThat(varieties.typedText()).isEmpty();
    assertThat(weights.append(weights)).isEmpty();
  }

  @Test
  void numbersThatBecameWordsStayWhatTheyWereLast() {
    Linked weights = Linked.to(Link.of(1, "weight"), TRAYS);
    Table changed =
        Table.of(
            List.<Column>of(
                WordColumn.of("weight", Kind.CATEGORY, List.of("light", "heavy", "light"))));

    Linked kept = weights.follow(changed);
    assertThat(kept.found()).isFalse();
    assertThat(((Sample) kept.data()).values()).isEqualTo(WEIGHT.values());
    assertThat(kept.follow(TRAYS).found()).isTrue();
  }

  @Test
  void aGroupOfAColumnIsItsRowsAlone() {
    Linked ofBlanca = Linked.to(new Link.OfColumn(1, "weight", "variety", "Blanca"), TRAYS);

    assertThat(((Sample) ofBlanca.data()).values().size()).isEqualTo(2);
    assertThat(Linked.to(new Link.OfColumn(1, "weight", "row", "1"), TRAYS).found()).isFalse();
    assertThat(Linked.to(Link.of(1, "height"), TRAYS).found()).isFalse();
  }

  @Test
  void twoAreEqualWhereTheyHoldTheSame() {
    Linked one = Linked.to(Link.of(1, "weight"), TRAYS);

    assertThat(one).isEqualTo(Linked.to(Link.of(1, "weight"), TRAYS));
    assertThat(one).hasSameHashCodeAs(Linked.to(Link.of(1, "weight"), TRAYS));
    assertThat(one).isNotEqualTo(Linked.to(Link.of(1, "variety"), TRAYS));
    assertThat(Linked.to(Link.of(1, "variety"), TRAYS))
        .isEqualTo(Linked.to(Link.of(1, "variety"), TRAYS));
  }

  @Test
  void whenItsTableIsRemovedASampleKeepsItsValuesAndSaysThatItIsAlone() {
    Item item = Item.of(1, "weight", "g", Linked.to(Link.of(3, "weight"), TRAYS));
    Item other = Item.of(2, "also", "g", Linked.to(Link.of(4, "weight"), TRAYS));

    Assignment left = Assignment.empty("Trays").with(item).with(other).withoutTable(3);

    Linked parted = (Linked) left.items().get(0).source();
    assertThat(parted.found()).isFalse();
    assertThat(parted.data()).isEqualTo(((Linked) item.source()).data());
    assertThat(((Linked) left.items().get(1).source()).found()).isTrue();
  }
}
