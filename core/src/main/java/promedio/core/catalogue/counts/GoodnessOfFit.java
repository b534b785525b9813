package promedio.core.catalogue.counts;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.Function;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.SeveralQuantities;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Subject;

/**
 * The test whether categories are as often as is expected of them: χ² = Σ(O−E)²/E with E = n·p₀
 * (Pearson 1900), k − 1 degrees of freedom, and its p. Without units. Absent of one category, and
 * where a count is expected to be 0.
 */
public final class GoodnessOfFit {

  private static final Formula E = SeveralQuantities.EXPECTED_BY_SHARE.formula();

  private static final Quantity CATEGORIES = Quantity.of("categories", "k", "k");
  private static final Quantity CHI = Quantity.of("fit_chi_squared", "\\chi^2", "χ²");
  private static final Quantity DF = Quantity.of("fit_chi_squared_df", "\\mathit{df}", "df");
  private static final Quantity P = Quantity.of("fit_chi_squared_p", "p", "p");

  private GoodnessOfFit() {}

  /** {@return n and k, which formulas name and no question asks for} */
  public static List<Measure> named() {
    return List.of(
        CountParts.counted(Subject.FIT),
        measure("k", CATEGORIES, s -> Definition.of(number(fit(s).expected().size()))));
  }

  /** {@return χ², its degrees of freedom and p} */
  public static List<Measure> all() {
    Formula degrees = CATEGORIES.formula().minus(number(1));
    Formula area =
        new Area(Distribution.CHI_SQUARED, List.of(DF.formula()), Tail.UPPER, CHI.formula());
    return List.of(
        measure("fit_chi_squared", CHI, s -> Definition.of(CountParts.chiSquared(E), needs(s)))
            .by(Method.SQUARES_OVER_EXPECTED, CountParts.bySquares(E))
            .slipping(s -> CountParts.slips(E, CHI)),
        measure("fit_chi_squared_df", DF, s -> Definition.of(degrees, needs(s)))
            .in(Dimension.DEGREES),
        measure("fit_chi_squared_p", P, s -> Definition.of(area, needs(s)))
            .in(Dimension.PROBABILITY));
  }

  private static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.FIT, quantity, by);
  }

  private static GoodnessOfFitData fit(MeasureContext context) {
    return context.data().fit().orElseThrow();
  }

  private static Condition[] needs(MeasureContext context) {
    GoodnessOfFitData fit = fit(context);
    return new Condition[] {
      Condition.that(fit.expected().size() > 1, "one-category"),
      Condition.that(
          fit.total().signum() > 0 && fit.expected().stream().allMatch(e -> e.signum() > 0),
          "expected-zero")
    };
  }
}
