package promedio.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.sample.ValuesBuilder;

/** The categories of pairs follow the pairs: a row that makes no pair has none. */
class PairCategoriesTest {

  /** Of whole numbers; −1 stands for a missing one. */
  private static NumberColumn numbers(String name, int... entries) throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    for (int entry : entries) {
      if (entry < 0) {
        values.addMissing();
      } else {
        values.add(Exact.of(entry));
      }
    }
    return new NumberColumn(name, values.build(), Map.of());
  }

  private static PairCategories of(List<String> varieties) throws BadInputException {
    return ColumnPairing.categories(
        numbers("age", 1, -1, 3, 4),
        numbers("yield", 5, 6, 7, -1),
        WordColumn.of("variety", Kind.CATEGORY, varieties));
  }

  @Test
  void eachPairHasTheCategoryOfItsRow() throws BadInputException {
    assertThat(of(List.of("Ana", "Rocha", "Blanca", "Rocha")))
        .isEqualTo(new PairCategories(List.of("Ana", "Blanca"), List.of(0, 1)));
  }

  @Test
  void aPairWithoutACategoryIsToldApartFromAll() throws BadInputException {
    assertThat(of(List.of("Ana", "Rocha", "", "Rocha")).codes()).containsExactly(0, -1);
  }

  @Test
  void aPairThatIsLeftOutTakesItsCategoryAlong() {
    PairCategories all = new PairCategories(List.of("a", "b"), List.of(0, 1, 1));

    assertThat(all.without(0).codes()).containsExactly(1, 1);
    assertThat(all.without(2).codes()).containsExactly(0, 1);
  }
}
