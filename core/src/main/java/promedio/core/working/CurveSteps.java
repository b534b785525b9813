package promedio.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.computation.Pairwise;
import promedio.core.distribution.Distribution;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Definition.CurveReading;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.Rule;

/**
 * The steps of what is read off a curve of probability: the statistic and its degrees of freedom,
 * the reading, and what a p-value decides.
 */
final class CurveSteps {

  private static final Quantity DEGREES = Quantity.of("df", "\\mathit{df}", "df");
  private static final Quantity T = Quantity.of("t", "t", "t");
  private static final Quantity Z = Quantity.of("z", "z", "z");
  private static final Quantity CRITICAL_T = Quantity.of("critical", "t^{*}", "t*");
  private static final Quantity CRITICAL_Z = Quantity.of("critical", "z^{*}", "z*");
  private static final Quantity MARGIN = Quantity.of("margin", "E", "E");

  private final WorkingBuilder working;
  private final Definition.ByCurve definition;
  private final Formula left;

  /**
   * Makes those of a quantity.
   *
   * @param left what is found
   */
  CurveSteps(WorkingBuilder working, Definition.ByCurve definition, Formula left) {
    this.working = working;
    this.definition = definition;
    this.left = left;
  }

  /** {@return what is read off the curve, after its steps}; none where something has no value */
  Optional<List<Real>> build() {
    if (definition.reading() instanceof CurveReading.Area area) {
      return area(area).filter(p -> working.find(left, p)).map(p -> decided(working.value(left)));
    }
    return bound((CurveReading.Bound) definition.reading())
        ? Optional.of(List.of(working.last().carried()))
        : Optional.empty();
  }

  /** {@return the p-value as it is corrected for several comparisons, after its steps} */
  Optional<List<Real>> corrected(Pairwise.Corrected correction) {
    CurveReading.Area area = (CurveReading.Area) definition.reading();
    Optional<Formula> p = area(area);
    if (p.isEmpty()) {
      return Optional.empty();
    }
    Exact position = Exact.of(correction.position());
    Exact of = Exact.of(correction.of());
    Exact times = Exact.of(correction.times());
    Formula found = p.get();
    switch (working.rules().get(Rule.CORRECTION)) {
      case NONE -> working.find(left, found);
      case BONFERRONI -> {
        working.add(new WorkingStep.Seen(Sight.BONFERRONI, List.of(of)));
        working.find(left, new Formula.Numeral(times).times(found));
      }
      case HOLM -> {
        working.add(new WorkingStep.Seen(Sight.HOLM, List.of(position, of, times)));
        working.find(left, new Formula.Numeral(times).times(found));
      }
    }
    Exact corrected = correction.p().decimal();
    int change = corrected.compareTo(correction.alone().decimal().times(times));
    if (change == 0) {
      // By what was rounded on the way, where the course rounds.
      return Optional.of(decided(working.value(left)));
    }
    if (change < 0) {
      working.add(new WorkingStep.Seen(Sight.AT_MOST_ONE, List.of()));
    } else {
      working.add(new WorkingStep.Seen(Sight.NOT_BELOW_THE_ONE_BEFORE, List.of()));
    }
    return Optional.of(decided(corrected));
  }

  /** {@return the area in the names of what it is read by, after the steps that find those} */
  private Optional<Formula> area(CurveReading.Area area) {
    Quantity letter = definition.curve() == Distribution.NORMAL ? Z : T;
    return named(area.statistic(), letter)
        .flatMap(
            statistic ->
                degrees()
                    .map(
                        degrees ->
                            new Formula.Area(definition.curve(), degrees, area.tail(), statistic)));
  }

  /** Says what a p-value decides of the null hypothesis. */
  private List<Real> decided(Exact p) {
    Exact level = Exact.of(working.rules().get(Rule.ALPHA));
    working.add(
        new WorkingStep.Seen(
            working.rules().reject(p) ? Sight.REJECTED : Sight.NOT_REJECTED, List.of(level)));
    return List.of(p);
  }

  /** The standard error, the critical value, the margin of error, and the end itself. */
  private boolean bound(CurveReading.Bound bound) {
    Exact below = Exact.ONE.plus(bound.confidence()).over(2);
    Optional<List<Formula>> degrees = degrees();
    Formula error = Quantity.STANDARD_ERROR.formula();
    Formula critical =
        (definition.curve() == Distribution.NORMAL ? CRITICAL_Z : CRITICAL_T).formula();
    Formula margin = MARGIN.formula();
    return degrees.isPresent()
        && working.find(error, bound.error())
        && working.find(
            critical,
            new Formula.Quantile(definition.curve(), degrees.get(), new Formula.Numeral(below)))
        && working.find(margin, critical.times(error))
        && working.find(
            left, bound.upper() ? bound.middle().plus(margin) : bound.middle().minus(margin));
  }

  private Optional<List<Formula>> degrees() {
    List<Formula> names = new ArrayList<>();
    for (Formula each : definition.degrees()) {
      named(each, DEGREES).ifPresent(names::add);
    }
    return names.size() == definition.degrees().size() ? Optional.of(names) : Optional.empty();
  }

  /** {@return what the part is called from here on, after the steps that find it} */
  private Optional<Formula> named(Formula part, Quantity name) {
    if (part instanceof Formula.Named) {
      return working.findPart(part) ? Optional.of(part) : Optional.empty();
    }
    return working.find(name.formula(), part) ? Optional.of(name.formula()) : Optional.empty();
  }
}
