package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.TypedClasses;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.GroupedMode;
import promedio.core.rules.GroupedPositionRule;
import promedio.core.rules.OpenClass;
import promedio.core.rules.Rule;
import promedio.core.rules.Sheppard;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.working.Methods;
import promedio.core.working.Working;

/** Computation of class tables against their definitions, and their hand workings. */
class ClassMeasuresTest {

  private static ClassTable table(String text) {
    return (ClassTable) TypedClasses.read(text, DecimalSign.POINT).data();
  }

  private static Exact value(ClassTable table, CourseRules rules, Measure measure) {
    return (Exact) Computation.of(table, rules).result(measure).number().orElseThrow();
  }

  @Test
  void theMedianIsInterpolatedWithinItsClass() {
    ClassTable weights = table("10–19 5\n20–29 8\n30–39 4");

    // 19.5 + (8.5 − 5)/8 · 10.
    assertThat(value(weights, CourseRules.DEFAULTS, Measures.MEDIAN))
        .isEqualTo(Exact.of(23_875, 1000));
    // With (n + 1)/2 it is 19.5 + (9 − 5)/8 · 10.
    assertThat(
            value(
                weights,
                ByCode.with(CourseRules.DEFAULTS, "median-position", "(n+1)/2"),
                Measures.MEDIAN))
        .isEqualTo(Exact.of(245, 10));
  }

  @Test
  void withUnequalWidthsTheDensestClassIsModal() {
    // Densities 0.5, 0.8, 0.45: the second, though the third has more values.
    ClassTable table = table("0–10 5\n10–20 8\n20–40 9");

    Result modes = Computation.of(table, CourseRules.DEFAULTS).result(Measures.MODES);
    // 10 + 0.3/(0.3 + 0.35) · 10.
    assertThat(modes).isEqualTo(new Result.Several(List.of(Exact.of(190, 13))));
  }

  @Test
  void besideAnOpenClassTheModeNeedsOneCommonWidth() {
    // Also where the open class is empty: how dense its neighbour is beside it is not asked.
    for (String open : List.of("under 10 0", "under 10 2")) {
      Result equal =
          Computation.of(table(open + "\n10–20 5\n20–30 3"), CourseRules.DEFAULTS)
              .result(Measures.MODES);
      assertThat(equal).isInstanceOf(Result.Several.class);
      Result unequal =
          Computation.of(table(open + "\n10–20 5\n20–40 3"), CourseRules.DEFAULTS)
              .result(Measures.MODES);
      assertThat(unequal).isEqualTo(Result.absent("open-no-density"));
    }
  }

  @Test
  void sheppardsCorrectionLeavesTheMomentsAlone() {
    ClassTable table = table("0–6 5\n6–12 8\n12–18 4");
    CourseRules on = CourseRules.DEFAULTS.with(Rule.SHEPPARD, Sheppard.ON);

    Exact raw = value(table, CourseRules.DEFAULTS, Measures.VARIANCE);
    assertThat(value(table, on, Measures.VARIANCE)).isEqualTo(raw.minus(Exact.of(3)));
    for (Measure same :
        List.of(Measures.SKEWNESS_MOMENT, Measures.SKEWNESS_MOMENT_S, Measures.KURTOSIS_MOMENT)) {
      assertThat(value(table, on, same)).isEqualTo(value(table, CourseRules.DEFAULTS, same));
    }
    assertThat(Computation.of(table("0–10 5\n10–30 8"), on).result(Measures.VARIANCE))
        .isEqualTo(
            Computation.of(table("0–10 5\n10–30 8"), CourseRules.DEFAULTS)
                .result(Measures.VARIANCE));
  }

  @Test
  void theSkewnessBySNeedsNoMoreThanItsVariance() {
    // N = 3/2: s² is known, and with it m₃/s³.
    CourseRules rules = CourseRules.DEFAULTS;
    ClassTable few = table("0–10 0.5\n10–20 0.75\n20–30 0.25");
    Exact s = value(few, rules, Measures.SD);
    Exact byMoment = value(few, rules, Measures.SKEWNESS_MOMENT);
    Exact m2 = value(few, rules.with(Rule.DIVISOR, Divisor.N), Measures.SD);

    assertThat(value(few, rules, Measures.SKEWNESS_MOMENT_S))
        .isEqualTo(byMoment.times(m2.over(s).pow(3)));
    assertThat(
            Computation.of(table("0–10 0.25\n10–20 0.75"), rules)
                .result(Measures.SKEWNESS_MOMENT_S))
        .isEqualTo(Result.absent("too-few", "2"));
  }

  @Property(tries = 100)
  void theMedianPartsTheFrequenciesAndTheOrderOfTheClassesDoesNotMatter(
      @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 2, max = 4) Integer> widths,
      @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 0, max = 5) Integer> frequencies,
      @ForAll @IntRange(min = 0, max = 1) int gap,
      @ForAll @IntRange(min = 0, max = 3) int open,
      @ForAll Random random) {
    Optional<ClassTable> table = random(widths, frequencies, gap, open);
    if (table.isEmpty()) {
      return;
    }
    List<ClassTable.Row> shuffled = new ArrayList<>(table.get().rows());
    Collections.shuffle(shuffled, random);
    assertThat(ClassTable.of(shuffled, 0).rows()).isEqualTo(table.get().rows());

    Result median = Computation.of(table.get(), CourseRules.DEFAULTS).result(Measures.MEDIAN);
    if (median instanceof Result.Found found) {
      Exact below =
          table.get().intervals(false).stream()
              .map(interval -> lyingBelow(found.value(), interval))
              .reduce(Exact.ZERO, Exact::plus);
      assertThat(below).isEqualTo(table.get().tally().total().over(2));
    }
  }

  /** What lies below a point if the values of a class are spread evenly over it. */
  private static Exact lyingBelow(Exact point, ClassTable.Interval interval) {
    if (interval.upper().filter(upper -> upper.compareTo(point) <= 0).isPresent()) {
      return interval.frequency();
    }
    return interval
        .lower()
        .filter(lower -> lower.compareTo(point) < 0)
        .map(lower -> interval.density().orElseThrow().times(point.minus(lower)))
        .orElse(Exact.ZERO);
  }

  @Test
  void narrowClassesComeNearTheRawValues() {
    Sample raw = new Sample(Values.ofDecimals(new long[] {12, 15, 15, 21, 30, 30, 47}, 1));
    List<ClassTable.Row> rows = new ArrayList<>();
    Exact half = Exact.of(1, 2_000_000);
    for (int i = 0; i < raw.tally().size(); i++) {
      Exact x = raw.tally().value(i);
      if (i > 0) {
        Exact before = raw.tally().value(i - 1).plus(half);
        rows.add(ClassTable.Row.of(before, x.minus(half), Exact.ZERO));
      }
      rows.add(ClassTable.Row.of(x.minus(half), x.plus(half), raw.tally().frequency(i)));
    }
    ClassTable narrow = ClassTable.of(rows, 0);

    for (Measure measure :
        List.of(Measures.MEAN, Measures.VARIANCE, Measures.MEDIAN, Measures.MEAN_DEVIATION)) {
      Exact difference =
          value(narrow, CourseRules.DEFAULTS, measure)
              .minus(
                  (Exact) Computation.of(raw, CourseRules.DEFAULTS).result(measure).number().get());
      assertThat(difference.abs()).as(measure.key()).isLessThan(Exact.of(1, 1000));
    }
  }

  /** Classes from widths and frequencies; a limit at an end may be missing, or a gap everywhere. */
  private static Optional<ClassTable> random(
      List<Integer> widths, List<Integer> frequencies, int gap, int open) {
    List<ClassTable.Row> rows = new ArrayList<>();
    int at = -20;
    int last = Math.min(widths.size(), frequencies.size()) - 1;
    int total = 0;
    for (int i = 0; i <= last; i++) {
      int upper = at + widths.get(i);
      total += frequencies.get(i);
      rows.add(
          new ClassTable.Row(
              i == 0 && (open & 1) == 1 ? Optional.empty() : Optional.of(Exact.of(at)),
              i == last && (open & 2) == 2 ? Optional.empty() : Optional.of(Exact.of(upper)),
              Exact.of(frequencies.get(i))));
      at = upper + gap;
    }
    boolean sensible = total > 0 && !(last == 0 && open == 3);
    return sensible ? Optional.of(ClassTable.of(rows, 0)) : Optional.empty();
  }

  @Property(tries = 150)
  void everyMeasureIsWhatItsFormulaAndEachOfItsWorkingsComesTo(
      @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 2, max = 4) Integer> widths,
      @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 0, max = 5) Integer> frequencies,
      @ForAll @IntRange(min = 0, max = 1) int gap,
      @ForAll @IntRange(min = 0, max = 3) int open,
      @ForAll Divisor divisor,
      @ForAll GroupedPositionRule position,
      @ForAll GroupedMode mode,
      @ForAll OpenClass openRule,
      @ForAll Sheppard sheppard) {
    Optional<ClassTable> table = random(widths, frequencies, gap, open);
    if (table.isEmpty()) {
      return;
    }
    CourseRules rules =
        CourseRules.DEFAULTS
            .with(Rule.DIVISOR, divisor)
            .with(Rule.MEDIAN_POSITION, position)
            .with(Rule.GROUPED_MODE, mode)
            .with(Rule.OPEN_CLASS, openRule)
            .with(Rule.SHEPPARD, sheppard);
    Computation measures = Computation.of(table.get(), rules);
    Computation formulas = Computation.of(table.get(), rules).with(Rewriting.ofResults(Map.of()));
    for (Measure measure : Measures.all()) {
      Result result = measures.result(measure);
      boolean exact = result instanceof Result.Found;
      if (exact) {
        assertThat(formulas.value(Request.of(measure)))
            .as(measure.key())
            .isEqualTo(result.number());
      }
      for (Method method : Methods.of(Request.of(measure), rules, table.get())) {
        assertThat(results(Working.of(table.get(), rules, measure, method)))
            .as(measure.key() + " by " + method.code() + " of " + table.get().rows())
            .isEqualTo(results(result));
      }
    }
    Request percentile = Request.of(Measures.PERCENTILE, Exact.of(35));
    assertThat(results(Working.of(table.get(), rules, percentile, Method.DEFINITION)))
        .isEqualTo(results(measures.result(Request.of(Measures.PERCENTILE, Exact.of(35)))));
  }

  private static List<String> results(Optional<Working> working) {
    return working.map(Working::results).orElse(List.of()).stream()
        .map(number -> number.significant(30).stripTrailingZeros().toPlainString())
        .toList();
  }

  private static List<String> results(Result result) {
    List<Real> numbers =
        result instanceof Result.Several several
            ? List.copyOf(several.values())
            : result.number().map(List::of).orElse(List.of());
    return numbers.stream()
        .map(number -> number.significant(30).stripTrailingZeros().toPlainString())
        .toList();
  }

  @Property(tries = 60)
  void meanAndVarianceAreThoseOfTheMidpoints(
      @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 2, max = 4) Integer> widths,
      @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 0, max = 5) Integer> frequencies) {
    Optional<ClassTable> table = random(widths, frequencies, 0, 0);
    if (table.isEmpty()) {
      return;
    }
    List<Exact> stood = new ArrayList<>();
    for (ClassTable.Interval interval : table.get().intervals(false)) {
      BigInteger times = interval.frequency().numerator();
      for (int i = 0; i < times.intValueExact(); i++) {
        stood.add(interval.midpoint().orElseThrow());
      }
    }
    Computation raw = Computation.of(new Sample(Values.of(stood)), CourseRules.DEFAULTS);
    Computation grouped = Computation.of(table.get(), CourseRules.DEFAULTS);
    for (Measure measure : List.of(Measures.SUM, Measures.MEAN, Measures.VARIANCE, Measures.CV)) {
      assertThat(results(grouped.result(measure))).isEqualTo(results(raw.result(measure)));
    }
  }
}
