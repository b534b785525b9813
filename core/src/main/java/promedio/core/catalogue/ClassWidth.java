package promedio.core.catalogue;

import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;

/** The width that all classes have, which Sheppard's correction is made of. */
final class ClassWidth extends BasicMeasure {

  ClassWidth() {
    super("class_width", Family.POSITION, Quantity.CLASS_WIDTH);
  }

  @Override
  public Definition definition(MeasureContext context) {
    return context
        .sheppardWidth()
        .<Definition>map(width -> Definition.of(new Formula.Numeral(width)))
        .orElseGet(() -> Definition.undefined("not-computable"));
  }
}
