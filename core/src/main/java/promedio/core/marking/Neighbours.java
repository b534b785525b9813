package promedio.core.marking;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Grouped;
import promedio.core.measure.MeasureContext;

/** What stands beside a quantity in a formula, a table or a textbook, and is taken for it. */
final class Neighbours {

  private static final Formula ONE = Formula.number(1);

  private static final List<List<String>> ALIKE =
      List.of(
          List.of("mean", "median"),
          List.of("variance", "sd"),
          List.of("sigma", "sd"),
          List.of("over_before", "over_after"),
          List.of("q1", "q3"),
          List.of("mean_x", "mean_y"),
          List.of("sd_x", "sd_y"),
          List.of("sxx", "syy"),
          List.of("slope", "intercept"),
          List.of("pooled_variance", "variance_a", "variance_b"),
          List.of("determination", "correlation"),
          List.of("df_between", "df_within", "df_total"),
          List.of("pooled_sd", "combined_sd"),
          List.of("mean_a", "mean_b"),
          List.of("ss_between", "ss_within", "ss_total"),
          List.of("ms_between", "ms_within"),
          List.of("pooled_variance", "pooled_sd"),
          List.of("difference_variance", "difference_sd"));

  private static final Set<String> COUNTS =
      Set.of("n", "table_count", "n_a", "n_b", "n_of_groups", "n_of_counts");

  private final MeasureContext context;
  private final Map<String, Quantity> known = new LinkedHashMap<>();
  private final Map<Formula, Formula> steps = new HashMap<>();

  /**
   * Makes them.
   *
   * @param there what formulas of these data may name
   * @param way the steps of the way on which they are
   */
  Neighbours(MeasureContext context, Stream<Quantity> there, List<Way.Found> way) {
    this.context = context;
    way.forEach(step -> steps.put(step.left(), step.symbols()));
    there.forEach(quantity -> known.putIfAbsent(quantity.id(), quantity));
  }

  /** {@return whether a step of the way finds just this} */
  boolean isStep(Formula formula) {
    return steps.containsKey(formula);
  }

  /** {@return the degrees of freedom of a mean} */
  Formula degreesOfOne() {
    return context.n().minus(ONE);
  }

  /** {@return whether the formula is the number of values} */
  boolean isCount(Formula formula) {
    return formula.equals(context.n())
        || (formula instanceof Formula.Named named && COUNTS.contains(named.quantity().id()));
  }

  /** What stands in the same line of a class table. */
  private void ofClass(Quantity quantity, Map<String, Formula> others) {
    Formula own = quantity.formula();
    if (quantity.equals(Quantity.CLASS_LOWER) && known.containsKey("class_width")) {
      others.put("upper_boundary", own.plus(Quantity.CLASS_WIDTH.formula()));
    }
    if (quantity.equals(Quantity.CLASS_FREQUENCY) && known.containsKey("cumulative_before")) {
      others.put("cumulative_frequency", Quantity.CUMULATIVE_BEFORE.formula().plus(own));
    }
    if (quantity.equals(Quantity.MIDPOINT)) {
      context
          .classes()
          .flatMap(Grouped::commonWidth)
          .ifPresent(width -> others.put("class_width", new Formula.Numeral(width)));
    }
  }

  /** {@return what may be taken for the quantity, by its code} */
  Map<String, Formula> of(Quantity quantity) {
    Map<String, Formula> others = new LinkedHashMap<>();
    Formula own = quantity.formula();
    if (isCount(own)) {
      others.put("n-1", own.minus(ONE));
      if (context.isTable()) {
        others.put("rows", Formula.number(context.scope().rows()));
      }
      if (known.containsKey("k")) {
        others.put("k", known.get("k").formula());
      }
    }
    for (List<String> alike : ALIKE) {
      if (alike.contains(quantity.id())) {
        for (String id : alike) {
          Quantity other = known.get(id);
          if (other != null && !id.equals(quantity.id())) {
            others.put(StepNames.of(other.formula()), other.formula());
          }
        }
      }
    }
    ofClass(quantity, others);
    if (steps.get(own) instanceof Formula.Root root) {
      others.putIfAbsent(StepNames.of(root.body()), own.power(2));
    }
    return others;
  }
}
