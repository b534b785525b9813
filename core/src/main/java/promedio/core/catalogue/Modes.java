package promedio.core.catalogue;

import static promedio.core.formula.Formula.number;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.BasicMeasure;
import promedio.core.measure.Definition;
import promedio.core.measure.Family;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.ModalClasses;
import promedio.core.measure.MostFrequent;
import promedio.core.measure.Shape;
import promedio.core.rules.Rule;

/**
 * The modes: the most frequent values or categories; in classes, by the rule for grouped modes,
 * read within each class of highest density, or 3·Md − 2·x̄ (Pearson 1895). In the unit of the
 * values; any number of them. Absent where all are equally frequent and the rule for modes says so,
 * and of classes whose density is not known.
 */
final class Modes extends BasicMeasure {

  Modes() {
    super("modes", Family.POSITION, Quantity.MODE);
  }

  @Override
  public Definition definition(MeasureContext context) {
    if (context.classes().isEmpty()) {
      return Definition.of(new MostFrequent());
    }
    // Pearson's rule of thumb: the mode lies twice as far from the median as the mean does.
    Formula empirical =
        number(3).times(Quantity.MEDIAN.formula()).minus(number(2).times(context.mean().formula()));
    return ModalClasses.Reading.of(context.rules().get(Rule.GROUPED_MODE))
        .map(reading -> Definition.of(new ModalClasses(reading)))
        .orElseGet(() -> Definition.of(empirical));
  }

  @Override
  public Shape shape() {
    return Shape.SEVERAL;
  }

  @Override
  public boolean isOfCategories() {
    return true;
  }

  @Override
  public Optional<String> givenForAnother() {
    return Optional.of("mode");
  }
}
