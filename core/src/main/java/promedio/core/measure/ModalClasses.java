package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.rules.GroupedMode;

/**
 * The classes of highest density, and the mode within each.
 *
 * @param reading how it is read there
 */
public record ModalClasses(Reading reading) implements Inspection {

  private static final Formula L = Quantity.CLASS_LOWER.formula();
  private static final Formula H = Quantity.CLASS_WIDTH.formula();

  /** How the mode is read in a modal class. */
  public enum Reading {
    /** (L + U)/2. */
    MIDPOINT,
    /** L + d₁/(d₁ + d₂) · h, by how much the class exceeds those beside it. */
    BY_EXCESS,
    /** L + f₊/(f₋ + f₊) · h, by those beside it alone. */
    BY_NEIGHBOURS;

    /** {@return the one of a course rule; none where the mode is not read in a class} */
    public static Optional<Reading> of(GroupedMode rule) {
      return switch (rule) {
        case MIDPOINT -> Optional.of(MIDPOINT);
        case INTERPOLATED -> Optional.of(BY_EXCESS);
        case NEIGHBOURS -> Optional.of(BY_NEIGHBOURS);
        case EMPIRICAL -> Optional.empty();
      };
    }
  }

  /** {@return (L + U)/2} */
  static Formula midpoint() {
    return L.plus(Quantity.CLASS_UPPER.formula()).over(number(2));
  }

  /** {@return L + part/(first + second) · h} */
  static Formula between(Quantity part, Quantity first, Quantity second) {
    Formula share = part.formula().over(first.formula().plus(second.formula()));
    return L.plus(share.times(H));
  }

  @Override
  public Seen look(MeasureContext context) {
    return ClassModes.look(context.classes().orElseThrow(), context.rules(), reading);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.modalClasses(this);
  }
}
