package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Formulas worked by a hand that does something otherwise. */
class RewritingTest {

  /** Mean 15.2, Σ(x − x̄)² = 58.8. */
  private static final Formulas FORMULAS =
      Formulas.of(
          new Sample(Values.ofDecimals(new long[] {12, 15, 11, 20, 18}, 0)), CourseRules.DEFAULTS);

  @Test
  void withoutChangesTheValuesAreThoseOfTheFormulas() {
    for (Measure measure : Measure.values()) {
      assertThat(FORMULAS.rewritten(Rewriting.NONE).value(measure))
          .isEqualTo(FORMULAS.value(measure));
    }
  }

  @Test
  void aQuantityThatIsRoundedIsRoundedWhereverItIsUsed() {
    Formulas rounded = FORMULAS.rewritten(Rewriting.rounded(Quantity.MEAN, 0, Rounding.HALF_UP));

    assertThat(rounded.value(Measure.VARIANCE)).hasValue(Exact.of(59, 4));
    assertThat(rounded.value(Measure.MEDIAN)).hasValue(Exact.of(15));
  }

  @Test
  void aPartIsReplacedInEveryFormulaThatHasIt() {
    Formulas divided = FORMULAS.rewritten(Rewriting.ofPart(FORMULAS.n(), Formula.number(7)));

    assertThat(divided.value(Measure.MEAN)).hasValue(Exact.of(76, 7));
  }

  @Test
  void quantitiesCanComeToSomethingElse() {
    Formulas other =
        FORMULAS.rewritten(
            Rewriting.ofResults(Map.of(Quantity.LOWER_QUARTILE, value -> Exact.of(10))));

    assertThat(other.value(Measure.IQR)).hasValue(Exact.of(9));
  }

  @Test
  void sumsCanRunOverOtherRows() {
    FrequencyTable rows =
        new FrequencyTable(List.of(new FrequencyTable.Row(Exact.of(3), Exact.of(2))), 0);

    assertThat(FORMULAS.rewritten(Rewriting.ofRows(rows.tally())).value(Measure.SUM))
        .hasValue(Exact.of(6));
  }

  @Test
  void measuresHangOnTheQuantitiesTheyAreMadeOf() {
    assertThat(FORMULAS.hangsOn(Measure.CV, Quantity.MEAN)).isTrue();
    assertThat(FORMULAS.hangsOn(Measure.UPPER_FENCE, Quantity.LOWER_QUARTILE)).isTrue();
    assertThat(FORMULAS.hangsOn(Measure.MEDIAN, Quantity.MEAN)).isFalse();
    assertThat(FORMULAS.hangsOn(Measure.SD, Quantity.MEDIAN)).isFalse();
  }

  @Test
  void theLargestPartThatMatchesIsReplaced() {
    Formula sum = Formula.number(1).plus(Formula.number(2));
    Formula replaced =
        sum.root()
            .replacing(
                part -> part.equals(sum) ? Optional.of(Formula.number(9)) : Optional.empty());

    assertThat(FORMULAS.value(replaced)).hasValue(Exact.of(3));
  }
}
