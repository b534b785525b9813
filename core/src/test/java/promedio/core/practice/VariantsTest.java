package promedio.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.Typed;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.Pairs;
import promedio.core.sample.Values;

/** Variants of a sheet of exercises. */
class VariantsTest {

  private static final Request MEAN = Request.of(Measures.MEAN);

  private static final Assignment SHEET =
      Assignment.empty("Pears")
          .with(Item.of(1, "weights", "g", new Source.ValuesText("118.5 131 124.5 139 121 126.5")))
          .with(Item.of(2, "baskets", "", new Source.TableText("36 3\n37 9\n38 12\n39 0")))
          .with(
              Item.of(
                  3,
                  "printed",
                  "g",
                  new Source.ClassesText("under 110 5\n110–120 12\n120 and over 7")))
          .with(Item.of(4, "reasons", "", new Source.CategoriesText("scab 14\nbruised 21")))
          .with(
              Item.of(
                  5, "trees", "", new Source.PairsText("age yield\n2 11\n4 19\n6 33\n8 38\n10 52")))
          .with(
              Item.of(
                  6, "by variety", "", new Source.CountsText("Ana Rocha\nscab 30 10\nwhole 20 40")))
          .with(Item.of(8, "others", "g", new Source.ValuesText("119 128 133")))
          .with(Item.of(7, "both", "", Source.Picked.of(List.of(1, 8))))
          .asking(Part.of(1, "How heavy?", Selection.of(1), StatedRules.places(1)), List.of(MEAN))
          .answering(MEAN, Selection.of(1), "126.75");

  private static Data data(Assignment assignment, int item) {
    Typed typed = assignment.item(item).orElseThrow().source().read(assignment.sign());
    assertThat(typed.unreadable()).isEmpty();
    assertThat(typed.problem()).isEmpty();
    return typed.data();
  }

  @Test
  void theSameSeedAndNumberGiveTheSameVariantAndOthersAnother() {
    Set<String> drawn = new HashSet<>();
    for (int number = 1; number <= 30; number++) {
      Assignment variant = new Variants(SHEET, 7, false).variant(number);
      assertThat(new Variants(SHEET, 7, false).variant(number)).isEqualTo(variant);
      drawn.add(((Source.ValuesText) variant.item(1).orElseThrow().source()).text());
    }

    assertThat(drawn).hasSize(30);
    assertThat(new Variants(SHEET, 8, false).variant(1))
        .isNotEqualTo(new Variants(SHEET, 7, false).variant(1));
  }

  @Test
  void nothingIsAnsweredAndThePartsAskTheSame() {
    Assignment variant = new Variants(SHEET, 7, false).variant(1);

    assertThat(variant.parts()).hasSize(1);
    assertThat(variant.parts().get(0).text()).isEqualTo("How heavy?");
    assertThat(variant.questions(variant.parts().get(0)))
        .singleElement()
        .satisfies(
            question -> {
              assertThat(question.request()).isEqualTo(MEAN);
              assertThat(question.answer()).isEmpty();
            });
    assertThat(SHEET.question(MEAN, Selection.of(1)).answer()).isEqualTo("126.75");
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 17, 400})
  void everyKindOfDataIsDrawnLikeTheSheets(int number) {
    Assignment variant = new Variants(SHEET, 3, false).variant(number);

    Values weights = data(variant, 1).sample().orElseThrow().values();
    assertThat(weights.size()).isEqualTo(6);
    for (int i = 0; i < weights.size(); i++) {
      assertThat(weights.get(i).times(10).isWhole()).isTrue();
      assertThat(weights.get(i)).isBetween(Exact.of(100), Exact.of(150));
    }
    assertThat(data(variant, 2).tally().values()).isEqualTo(data(SHEET, 2).tally().values());
    ClassTable classes = data(variant, 3).classes().orElseThrow();
    assertThat(classes.rows()).hasSize(3);
    assertThat(classes.rows().get(0).lower()).isEmpty();
    assertThat(classes.rows().get(2).upper()).isEmpty();
    assertThat(data(variant, 4).categories().orElseThrow().rows())
        .extracting(row -> row.name())
        .containsExactly("scab", "bruised");
    Pairs pairs = data(variant, 5).pairs().orElseThrow();
    assertThat(pairs.size()).isEqualTo(5);
    assertThat(variant.item(5).orElseThrow().source().names()).containsExactly("age", "yield");
    assertThat(data(variant, 6).cross().orElseThrow().columns()).containsExactly("Ana", "Rocha");
    assertThat(data(variant, 7).groups().orElseThrow().samples().get(0).sample())
        .isEqualTo(data(variant, 1));
  }

  @Test
  void niceDataHaveAMeanWithFewDecimals() {
    for (int number = 1; number <= 5; number++) {
      Data nice = data(new Variants(SHEET, 5, true).variant(number), 1);
      Exact mean = Computation.of(nice, CourseRules.DEFAULTS).value(MEAN).orElseThrow();

      assertThat(mean.times(100).isWhole()).as(mean.toString()).isTrue();
    }
  }

  @Test
  void whatIsTypedWithCommasIsDrawnWithCommas() {
    Assignment comma =
        Assignment.empty("Peras")
            .withSign(DecimalSign.COMMA)
            .with(Item.of(1, "pesos", "g", new Source.ValuesText("118,5 131 124,5")));
    Assignment variant = new Variants(comma, 1, false).variant(1);

    assertThat(((Source.ValuesText) variant.item(1).orElseThrow().source()).text())
        .contains(",")
        .doesNotContain(".");
    assertThat(data(variant, 1).total()).isEqualTo(Exact.of(3));
  }

  @Test
  void whatIsEmptyStaysEmpty() {
    Assignment empty =
        Assignment.empty("Nothing").with(Item.of(1, "nothing", "", new Source.ValuesText("")));

    assertThat(data(new Variants(empty, 1, true).variant(1), 1).tally().isEmpty()).isTrue();
  }
}
