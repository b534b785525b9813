package promedio.core.marking;

import java.util.Map;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;

/** What steps of a working and quantities in it are called in explanations: codes. */
final class StepNames {

  private static final Map<String, String> QUANTITIES =
      Map.ofEntries(
          Map.entry("cumulative_before", "cumulative_frequency"),
          Map.entry("class_lower", "lower_boundary"),
          Map.entry("class_upper", "upper_boundary"),
          Map.entry("over_before", "d1"),
          Map.entry("over_after", "d2"),
          Map.entry("class_density", "density"),
          Map.entry("table_count", "n"),
          Map.entry("total", "sum"),
          Map.entry("table_total", "sum"),
          Map.entry("class_total", "sum"));

  private static final Map<String, String> SUMS =
      Map.ofEntries(
          Map.entry("x", "sum"),
          Map.entry("f · x", "sum"),
          Map.entry("f · midpoint", "sum"),
          Map.entry("f", "n"),
          Map.entry("x²", "sum_of_squares"),
          Map.entry("f · x²", "sum_of_squares"),
          Map.entry("f · midpoint²", "sum_of_squares"),
          Map.entry("(x − mean)²", "ss"),
          Map.entry("f · (x − mean)²", "ss"),
          Map.entry("f · (midpoint − mean)²", "ss"),
          Map.entry("x · y", "sum_of_products"));

  private StepNames() {}

  /** {@return its code: that of a quantity or of a well-known sum, else the formula itself} */
  static String of(Formula formula) {
    if (formula instanceof Formula.Named named) {
      String id = named.quantity().id();
      return QUANTITIES.getOrDefault(id, id);
    }
    if (formula instanceof Formula.Sum sum) {
      String known = SUMS.get(sum.body().key());
      return known == null ? plain(formula) : known;
    }
    return plain(formula);
  }

  /** {@return whether it is a number, or a quantity that is given, and so no step of anything} */
  static boolean isGiven(Formula formula) {
    return formula instanceof Formula.Numeral
        || (formula instanceof Formula.Named named && named.quantity().equals(Quantity.N));
  }

  /** {@return the formula in plain characters} */
  static String plain(Formula formula) {
    return formula.plain(Exact::toString);
  }
}
