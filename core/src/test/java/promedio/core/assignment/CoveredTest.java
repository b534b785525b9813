package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.rules.StatedRules;
import promedio.core.sample.DataSubset;

/** Which results of an assignment are covered is kept with it. */
class CoveredTest {

  private static final Request MEAN = Request.of(Measures.MEAN);

  private static final Assignment PEARS =
      Assignment.empty("Pears")
          .with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12")))
          .with(Item.of(2, "lower", "g", new Source.ValuesText("9 11 16")))
          .with(Item.of(3, "both", "g", Source.Picked.of(List.of(1, 2))))
          .withCovered(true);

  @Test
  void resultsAreCoveredAllTogetherAndUncoveredOneByOne() {
    Assignment one = PEARS.uncovering(MEAN, Selection.of(1));

    assertThat(PEARS.covered()).isTrue();
    assertThat(PEARS.uncovered()).isEmpty();
    assertThat(one.uncovered())
        .singleElement()
        .satisfies(question -> assertThat(question.asks(MEAN, Selection.of(1))).isTrue());
    assertThat(one.uncovering(MEAN, Selection.of(1))).isEqualTo(one);
    assertThat(one.uncovering(MEAN, new Selection(3, DataSubset.group("lower"))).uncovered())
        .hasSize(2);
    assertThat(PEARS.withCovered(false)).isNotEqualTo(PEARS);
  }

  @Test
  void itStaysWhateverElseChanges() {
    Assignment one = PEARS.uncovering(MEAN, Selection.of(1));

    assertThat(one.withTitle("Other").withSign(DecimalSign.COMMA).covered()).isTrue();
    assertThat(
            one.answering(MEAN, Selection.of(1), "9")
                .answering(MEAN, Selection.of(1), "")
                .uncovered())
        .hasSize(1);
    assertThat(one.without(2).moved(1, 1).covered()).isTrue();
    assertThat(
            one.asking(Part.of(1, "Find", Selection.of(1), StatedRules.NONE), List.of(MEAN))
                .uncovered())
        .hasSize(1);
  }

  @Test
  void whatIsAskedAgainIsCoveredAgain() {
    Assignment again =
        PEARS.uncovering(MEAN, Selection.of(1)).answering(MEAN, Selection.of(1), "9").withoutWork();

    assertThat(again.covered()).isTrue();
    assertThat(again.uncovered()).isEmpty();
    assertThat(again.question(MEAN, Selection.of(1)).answer()).isEmpty();
  }
}
