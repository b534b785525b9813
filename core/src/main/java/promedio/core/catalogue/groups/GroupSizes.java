package promedio.core.catalogue.groups;

import static promedio.core.catalogue.groups.GroupParts.groups;
import static promedio.core.catalogue.groups.GroupParts.measure;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.measure.Definition;
import promedio.core.measure.Measure;

/** How many groups there are, k, and how many values in all of them, N. */
public final class GroupSizes {

  private GroupSizes() {}

  /** {@return these, which formulas name and no question asks for} */
  public static List<Measure> named() {
    return List.of(
        measure(
            "k", GroupParts.GROUPS, s -> Definition.of(Formula.number(groups(s).samples().size()))),
        measure("n", GroupParts.ALL, s -> Definition.of(new Numeral(s.data().total()))));
  }
}
