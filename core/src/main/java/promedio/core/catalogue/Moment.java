package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Family;
import promedio.core.measure.FastPath;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
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

  private static final List<Quantity> RAW =
      List.of(
          Quantity.FIRST_RAW_MOMENT,
          Quantity.SECOND_RAW_MOMENT,
          Quantity.THIRD_RAW_MOMENT,
          Quantity.FOURTH_RAW_MOMENT);
  private static final Formula M1 = Quantity.FIRST_RAW_MOMENT.formula();
  private static final Formula M2 = Quantity.SECOND_RAW_MOMENT.formula();
  private static final Formula M3 = Quantity.THIRD_RAW_MOMENT.formula();
  private static final Formula M4 = Quantity.FOURTH_RAW_MOMENT.formula();

  /** The second, third and fourth central moment by those about 0. */
  private static final List<Formula> CENTRAL =
      List.of(
          M2.minus(M1.power(2)),
          M3.minus(number(3).times(M1).times(M2)).plus(number(2).times(M1.power(3))),
          M4.minus(number(4).times(M1).times(M3))
              .plus(number(6).times(M1.power(2)).times(M2))
              .minus(number(3).times(M1.power(4))));

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

  /**
   * By the moments about 0, or about an assumed mean: m₂ = m₂′ − m₁′², and so on, times h to that
   * power where the distances are counted in steps.
   */
  @Override
  public Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    Optional<CodedRows> rows =
        method == Method.RAW_MOMENTS ? Optional.of(CodedRows.plain(context)) : CodedRows.of(method);
    int order = order(context);
    return rows.map(
        coded ->
            Definition.of(
                raw(coded.row(), order, context), coded.scaled(CENTRAL.get(order - 2), order)));
  }

  private static List<Equation> raw(Formula row, int order, MeasureContext context) {
    List<Equation> raw = new ArrayList<>();
    for (int each = 1; each <= order; each++) {
      Formula power = each == 1 ? row : row.power(each);
      raw.add(new Equation(RAW.get(each - 1), context.sum(power).over(context.n())));
    }
    return raw;
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
