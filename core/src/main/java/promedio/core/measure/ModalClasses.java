package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;

/**
 * The classes of highest density, and the mode within each.
 *
 * @param interpolated whether the mode is interpolated, or the midpoint
 */
public record ModalClasses(boolean interpolated) implements Inspection {

  private static final Formula L = Quantity.CLASS_LOWER.formula();
  private static final Formula D1 = Quantity.OVER_BEFORE.formula();
  private static final Formula D2 = Quantity.OVER_AFTER.formula();

  /** L + d₁/(d₁ + d₂) · h. */
  static final Formula INTERPOLATED =
      L.plus(D1.over(D1.plus(D2)).times(Quantity.CLASS_WIDTH.formula()));

  /** (L + U)/2. */
  static final Formula MIDPOINT = L.plus(Quantity.CLASS_UPPER.formula()).over(number(2));

  @Override
  public Seen look(MeasureContext context) {
    return ClassModes.look(context.classes().orElseThrow(), context.rules(), interpolated);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.modalClasses(this);
  }
}
