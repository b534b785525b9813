package promedio.core.catalogue;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Moments;
import promedio.core.measure.Parameter;
import promedio.core.number.Exact;

/**
 * The central moment Σ(x−x̄)^k/n of order k = 2, 3 or 4. In that power of the unit. Absent where
 * the mean is.
 */
final class Moment extends BasicMeasure {

  private static final List<Quantity> SYMBOLS =
      List.of(Quantity.SECOND_MOMENT, Quantity.THIRD_MOMENT, Quantity.FOURTH_MOMENT);
  private static final List<Dimension> DIMENSIONS =
      List.of(Dimension.SQUARE, Dimension.CUBE, Dimension.FOURTH_POWER);

  Moment() {
    super("moment", Family.SHAPE, Quantity.SECOND_MOMENT);
  }

  @Override
  public List<Parameter> parameters() {
    return List.of(Parameter.oneOf(Quantity.ORDER, List.of(Exact.of(2), Exact.of(3), Exact.of(4))));
  }

  private static int order(MeasureContext context) {
    return context.argument(0).numerator().intValueExact();
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return SYMBOLS.get(order(context) - 2);
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return DIMENSIONS.get(arguments.get(0).numerator().intValueExact() - 2);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return Definition.of(context.powers(order(context)).over(context.n()));
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    int order = order(context);
    return Optional.of(FastPath.ofMoments(moments -> of(moments, order)));
  }

  private static Exact of(Moments moments, int order) {
    return order == 2 ? moments.m2() : order == 3 ? moments.m3() : moments.m4();
  }
}
