package promedio.core.working;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;

/**
 * The order in which the hand finds the parts of a formula: as they stand there, but Σx before Σx²,
 * the lower quartile before the upper, the second moment before the third.
 */
final class PartOrder {

  private static final List<Quantity> RANKED =
      List.of(
          Quantity.LOWER_QUARTILE,
          Quantity.UPPER_QUARTILE,
          Quantity.FIRST_RAW_MOMENT,
          Quantity.SECOND_RAW_MOMENT,
          Quantity.THIRD_RAW_MOMENT,
          Quantity.FOURTH_RAW_MOMENT,
          Quantity.SECOND_MOMENT,
          Quantity.THIRD_MOMENT,
          Quantity.FOURTH_MOMENT);

  private PartOrder() {}

  static List<Formula> of(Collection<Formula> parts) {
    List<Formula> order = new ArrayList<>(parts);
    sort(order, Formula.Sum.class::isInstance, Comparator.comparing(PartOrder::degree));
    sort(order, PartOrder::isRanked, Comparator.comparing(PartOrder::rank));
    return order;
  }

  /** Sorts those of a kind among their own places. */
  private static void sort(
      List<Formula> order, Predicate<Formula> kind, Comparator<Formula> comparator) {
    List<Formula> sorted = order.stream().filter(kind).sorted(comparator).toList();
    int next = 0;
    for (int i = 0; i < order.size(); i++) {
      if (kind.test(order.get(i))) {
        order.set(i, sorted.get(next++));
      }
    }
  }

  private static String degree(Formula part) {
    Formula body = ((Formula.Sum) part).body();
    Formula factor =
        body instanceof Formula.Operation operation
                && operation.operator() == Formula.Operator.TIMES
            ? operation.right()
            : body;
    return factor instanceof Formula.Power power ? power.exponent().plain(Object::toString) : "1";
  }

  private static boolean isRanked(Formula part) {
    return rank(part) >= 0;
  }

  private static int rank(Formula part) {
    return part instanceof Formula.Named named ? RANKED.indexOf(named.quantity()) : -1;
  }
}
