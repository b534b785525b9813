package promedio.core.catalogue;

import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/** The one of the skewnesses that the course rule calls the skewness. A bare number. */
final class Skewness extends BasicMeasure {

  Skewness() {
    super("skewness", Family.SHAPE, Quantity.ADJUSTED_SKEWNESS);
  }

  @Override
  public Measure meant(CourseRules rules) {
    return switch (rules.get(Rule.SKEWNESS)) {
      case ADJUSTED -> Measures.SKEWNESS_ADJUSTED;
      case MOMENT -> Measures.SKEWNESS_MOMENT;
      case MOMENT_S -> Measures.SKEWNESS_MOMENT_S;
      case PEARSON_MEDIAN -> Measures.SKEWNESS_PEARSON_MEDIAN;
      case PEARSON_MODE -> Measures.SKEWNESS_PEARSON_MODE;
      case QUARTILE -> Measures.SKEWNESS_QUARTILE;
    };
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return meant(context.rules()).quantity(context);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return meant(context.rules()).definition(context);
  }
}
