package promedio.core.marking;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Formula;

/** The parts of a formula that have a value of their own: all that stand under no sum. */
final class FormulaParts {

  private FormulaParts() {}

  /** {@return the formula and all its parts} */
  static Set<Formula> of(Formula formula) {
    Set<Formula> parts = new LinkedHashSet<>();
    // Looking at every part replaces none of them.
    formula.replacing(
        part -> {
          parts.add(part);
          return part instanceof Formula.Sum || part instanceof Formula.Product
              ? Optional.of(part)
              : Optional.empty();
        });
    return parts;
  }
}
