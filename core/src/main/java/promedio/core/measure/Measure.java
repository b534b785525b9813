package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Subject;
import promedio.core.slip.Slip;

/**
 * One measure, and everything that is known of it. What is made of a measure, such as its result,
 * its working and the marks of its answers, is made of its definition.
 */
public interface Measure {

  /** {@return the key by which files and the command line know it; it never changes} */
  String key();

  /** {@return the data that have it} */
  default Subject subject() {
    return Subject.ONE;
  }

  /** {@return whether it compares two groups, and of groups there must be two} */
  default boolean isOfTwo() {
    return false;
  }

  /** {@return what it tells about a sample} */
  Family family();

  /** {@return the quantity that it is, written as the course rules want it} */
  Quantity quantity(MeasureContext context);

  /** {@return how it is found for such data, by such course rules and of such arguments} */
  Definition definition(MeasureContext context);

  /** {@return how a method finds it, where the method has a formula of its own for it} */
  default Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    return Optional.empty();
  }

  /** {@return how many numbers its result is} */
  default Shape shape() {
    return Shape.ONE;
  }

  /** {@return what its result is measured in, with these arguments} */
  default Dimension dimension(List<Exact> arguments) {
    return family() == Family.SHAPE ? Dimension.NONE : Dimension.VALUE;
  }

  /** {@return the numbers that it is about besides the data} */
  default List<Parameter> parameters() {
    return List.of();
  }

  /** {@return the measure that is meant by these rules: the skewness is another for each rule} */
  default Measure meant(CourseRules rules) {
    return this;
  }

  /** {@return the slips that only this measure knows, beside those that any shares} */
  default List<Slip> slips(MeasureContext context) {
    return List.of();
  }

  /** {@return a quicker way to the same result for large data, where there is one for such data} */
  default Optional<FastPath> fast(MeasureContext context) {
    return Optional.empty();
  }

  /** {@return what it is called as the answer to another question; none where nobody gives it} */
  default Optional<String> givenForAnother() {
    return Optional.empty();
  }

  /** {@return whether categories, which are no numbers, have it too} */
  default boolean isOfCategories() {
    return false;
  }
}
