package promedio.core.catalogue.groups;

import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.SeveralQuantities;
import promedio.core.sample.Groups;
import promedio.core.sample.Subject;

/** What the formulas of k groups with n_j, x̄_j and s_j², N = Σn_j, share. */
final class GroupParts {

  static final Quantity ALL = Quantity.of("n_of_groups", "N", "N");
  static final Quantity GROUPS = Quantity.of("k", "k", "k");

  static final Formula X = Quantity.X.formula();
  static final Formula N_J = SeveralQuantities.SIZE_OF_GROUP.formula();
  static final Formula MEAN_J = SeveralQuantities.MEAN_OF_GROUP.formula();
  static final Formula VARIANCE_J = SeveralQuantities.VARIANCE_OF_GROUP.formula();
  static final Formula N = ALL.formula();
  static final Formula K = GROUPS.formula();

  private GroupParts() {}

  static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.GROUPS, quantity, by);
  }

  static FormulaMeasure measure(String key, Quantity quantity, Formula right, Condition... needs) {
    return FormulaMeasure.of(key, Subject.GROUPS, quantity, right, needs);
  }

  static Groups groups(MeasureContext context) {
    return context.data().groups().orElseThrow();
  }

  /** {@return that some group has more than one value} */
  static Condition degreesWithin() {
    return Condition.positive(N.minus(K), "no-degrees-within");
  }
}
