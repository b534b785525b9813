package promedio.core.working;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.SeveralQuantities;

/** How the columns of a working's table are made of each other. */
public final class Columns {

  private static final Set<String> MEANS = Set.of("mean", "mean_x", "mean_y", "difference_mean");

  private Columns() {}

  /**
   * {@return the columns that the hand makes this one of: x − x̄ of (x − x̄)², and x − x̄ and y − ȳ
   * of their product}; none where it is made of the values themselves
   */
  public static List<Formula> parents(Formula column) {
    Optional<Formula> rule = rule(column);
    if (rule.isPresent()) {
      return rowQuantities(rule.get()).toList();
    }
    if (column instanceof Formula.Power power) {
      return List.of(power.base());
    }
    if (column instanceof Formula.Absolute absolute) {
      return List.of(absolute.body());
    }
    if (column instanceof Formula.Operation minus
        && minus.operator() == Formula.Operator.MINUS
        && isVariable(minus.left())) {
      return isVariable(minus.right())
          ? List.of(minus.left(), minus.right())
          : List.of(minus.left());
    }
    if (column instanceof Formula.Operation over
        && over.operator() == Formula.Operator.OVER
        && over.left() instanceof Formula.Power) {
      return List.of(over.left(), over.right());
    }
    boolean product =
        column instanceof Formula.Operation operation
            && operation.operator() == Formula.Operator.TIMES;
    if (!product) {
      return List.of();
    }
    Formula.Operation times = (Formula.Operation) column;
    List<Formula> factors =
        Stream.of(times.left(), times.right()).filter(factor -> !isWeight(factor)).toList();
    boolean weighted = factors.size() < 2;
    return weighted || factors.stream().allMatch(Formula::isOfRow) ? factors : List.of();
  }

  /** {@return how a column that is a quantity of the row itself is made of others}; mostly not */
  public static Optional<Formula> rule(Formula column) {
    return column instanceof Formula.Named named
        ? SeveralQuantities.made(named.quantity())
        : Optional.empty();
  }

  /** {@return whether the column is read off the data, so that nobody computes its entries} */
  public static boolean isRead(Formula column) {
    return isVariable(column) && rule(column).isEmpty();
  }

  /** {@return whether the column holds deviations of values from their mean, which cancel} */
  public static boolean isFromMean(Formula column) {
    return column instanceof Formula.Operation minus
        && minus.operator() == Formula.Operator.MINUS
        && isVariable(minus.left())
        && !minus.left().equals(SeveralQuantities.MEAN_OF_GROUP.formula())
        && minus.right() instanceof Formula.Named mean
        && MEANS.contains(mean.quantity().id());
  }

  private static Stream<Formula> rowQuantities(Formula rule) {
    if (rule instanceof Formula.Operation operation) {
      return Stream.concat(rowQuantities(operation.left()), rowQuantities(operation.right()));
    }
    return Stream.of(rule).filter(Columns::isVariable);
  }

  private static boolean isVariable(Formula formula) {
    return formula instanceof Formula.Named named && named.quantity().isOfRow();
  }

  private static boolean isWeight(Formula factor) {
    return factor.equals(Quantity.F.formula());
  }

  /**
   * {@return the entry of a column, made of the entries of its parents}
   *
   * @param entries what stands in the place of each parent, in their order
   */
  public static Formula made(Formula column, List<Formula> entries) {
    List<Formula> parents = parents(column);
    Formula made = rule(column).orElse(column);
    for (int i = 0; i < parents.size(); i++) {
      made = made.replacing(parents.get(i), entries.get(i));
    }
    return made;
  }

  /**
   * {@return what stands for a column in a row: x − A for d}
   *
   * @param x the values of the rows, x or m
   */
  public static Formula inRow(Formula column, Formula x) {
    Formula distance = x.minus(Quantity.ASSUMED_MEAN.formula());
    if (column.equals(Quantity.DEVIATION_FROM_ASSUMED_MEAN.formula())) {
      return distance;
    }
    return column.equals(Quantity.CODED_VALUE.formula())
        ? distance.over(Quantity.STEP.formula())
        : column;
  }
}
