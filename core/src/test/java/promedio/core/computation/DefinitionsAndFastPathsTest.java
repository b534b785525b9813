package promedio.core.computation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.measure.Rewriting;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.rules.SkewnessRule;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** The tree of every measure comes to exactly what the fast way computes. */
class DefinitionsAndFastPathsTest {

  /** A hand that does nothing otherwise, but has no quicker way. */
  private static final Rewriting HAND = Rewriting.ofResults(Map.of());

  /** Their formulas come to something where the measure is not defined, for values not above 0. */
  private static final Set<Measure> OF_POSITIVE_VALUES =
      Set.of(Measures.HARMONIC_MEAN, Measures.GEOMETRIC_MEAN);

  @Property(tries = 150)
  void ofEveryMeasureOfASampleByEveryRule(
      @ForAll @Size(min = 1, max = 14) List<@IntRange(min = -40, max = 60) Integer> tenths,
      @ForAll QuantileRule quartiles,
      @ForAll Divisor divisor,
      @ForAll SkewnessRule skewness) {
    Values values = Values.ofDecimals(tenths.stream().mapToLong(Integer::longValue).toArray(), 1);
    compare(new Sample(values), rules(quartiles, divisor, skewness));
  }

  @Property(tries = 150)
  void ofEveryMeasureOfATableByEveryRule(
      @ForAll @Size(min = 1, max = 8) List<@IntRange(min = -20, max = 30) Integer> values,
      @ForAll @Size(min = 8, max = 8) List<@IntRange(min = 1, max = 9) Integer> frequencies,
      @ForAll QuantileRule quartiles,
      @ForAll Divisor divisor,
      @ForAll SkewnessRule skewness) {
    List<FrequencyTable.Row> rows = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      rows.add(new FrequencyTable.Row(Exact.of(values.get(i), 2), Exact.of(frequencies.get(i))));
    }
    compare(FrequencyTable.of(rows, 0), rules(quartiles, divisor, skewness));
  }

  private static CourseRules rules(QuantileRule quartiles, Divisor divisor, SkewnessRule skewness) {
    return CourseRules.DEFAULTS
        .with(Rule.QUARTILES, quartiles)
        .with(Rule.DIVISOR, divisor)
        .with(Rule.SKEWNESS, skewness);
  }

  private static void compare(Data data, CourseRules rules) {
    Computation measures = Computation.of(data, rules);
    Computation formulas = Computation.of(data, rules).with(HAND);
    for (Measure measure : Measures.all()) {
      Result fast = measures.result(measure);
      Optional<Exact> tree = formulas.value(Request.of(measure));
      if (fast instanceof Result.Found found) {
        // An n-th root is a square root only now and then.
        boolean rootOfManyValues = measure == Measures.GEOMETRIC_MEAN && tree.isEmpty();
        assertThat(rootOfManyValues ? Optional.of(found.value()) : tree)
            .as(measure.key())
            .contains(found.value());
      } else if (!OF_POSITIVE_VALUES.contains(measure)) {
        assertThat(tree).as(measure.key()).isEmpty();
      }
    }
  }

  @Test
  void ofAFormulaThatIsPutTogetherByHand() {
    Computation formulas =
        Computation.of(
            new Sample(Values.ofDecimals(new long[] {2, 4, 4, 6}, 0)), CourseRules.DEFAULTS);
    Formula x = Quantity.X.formula();
    Formula shortcut =
        new Formula.Sum(x.power(2))
            .minus(new Formula.Sum(x).power(2).over(Quantity.N.formula()))
            .over(Quantity.N.formula().minus(Formula.number(1)));

    assertThat(formulas.value(shortcut)).contains(Exact.of(8, 3));
    assertThat(formulas.value(new Formula.Product(x))).contains(Exact.of(192));
    assertThat(formulas.value(Formula.number(1).over(Formula.number(0)))).isEmpty();
    assertThat(formulas.value(Formula.number(-1).root())).isEmpty();
    assertThat(formulas.value(new Formula.Ordered(Formula.number(5)))).isEmpty();
  }
}
