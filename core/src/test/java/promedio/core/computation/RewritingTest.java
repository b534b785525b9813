package promedio.core.computation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Rewriting;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Computation worked by a hand that does something otherwise. */
class RewritingTest {

  /** Mean 15.2, Σ(x − x̄)² = 58.8. */
  private static final Computation COMPUTATION =
      Computation.of(
          new Sample(Values.ofDecimals(new long[] {12, 15, 11, 20, 18}, 0)), CourseRules.DEFAULTS);

  @Test
  void withoutChangesTheValuesAreThoseOfTheFormulas() {
    for (Measure measure : Measures.all()) {
      assertThat(COMPUTATION.with(Rewriting.NONE).value(Request.of(measure)))
          .isEqualTo(COMPUTATION.value(Request.of(measure)));
    }
  }

  @Test
  void aQuantityThatIsRoundedIsRoundedWhereverItIsUsed() {
    Computation rounded = COMPUTATION.with(Rewriting.rounded(Quantity.MEAN, 0, Rounding.HALF_UP));

    assertThat(rounded.value(Request.of(Measures.VARIANCE))).hasValue(Exact.of(59, 4));
    assertThat(rounded.value(Request.of(Measures.MEDIAN))).hasValue(Exact.of(15));
  }

  @Test
  void aPartIsReplacedInEveryFormulaThatHasIt() {
    Computation divided =
        COMPUTATION.with(Rewriting.ofPart(COMPUTATION.context().n(), Formula.number(7)));

    assertThat(divided.value(Request.of(Measures.MEAN))).hasValue(Exact.of(76, 7));
  }

  @Test
  void quantitiesCanComeToSomethingElse() {
    Computation other =
        COMPUTATION.with(
            Rewriting.ofResults(Map.of(Quantity.LOWER_QUARTILE, value -> Exact.of(10))));

    assertThat(other.value(Request.of(Measures.IQR))).hasValue(Exact.of(9));
  }

  @Test
  void sumsCanRunOverOtherRows() {
    FrequencyTable rows =
        FrequencyTable.of(List.of(new FrequencyTable.Row(Exact.of(3), Exact.of(2))), 0);

    assertThat(COMPUTATION.with(Rewriting.ofRows(rows.tally())).value(Request.of(Measures.SUM)))
        .hasValue(Exact.of(6));
  }

  @Test
  void measuresHangOnTheQuantitiesTheyAreMadeOf() {
    assertThat(dependsOn(Measures.CV, Quantity.MEAN)).isTrue();
    assertThat(dependsOn(Measures.UPPER_FENCE, Quantity.LOWER_QUARTILE)).isTrue();
    assertThat(dependsOn(Measures.MEDIAN, Quantity.MEAN)).isFalse();
    assertThat(dependsOn(Measures.SD, Quantity.MEDIAN)).isFalse();
  }

  @Test
  void theLargestPartThatMatchesIsReplaced() {
    Formula sum = Formula.number(1).plus(Formula.number(2));
    Formula replaced =
        sum.root()
            .replacing(
                part -> part.equals(sum) ? Optional.of(Formula.number(9)) : Optional.empty());

    assertThat(COMPUTATION.value(replaced)).hasValue(Exact.of(3));
  }

  private static boolean dependsOn(Measure measure, Quantity quantity) {
    return COMPUTATION.dependsOn(Request.of(measure), quantity);
  }
}
