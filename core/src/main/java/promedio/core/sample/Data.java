package promedio.core.sample;

import java.util.Optional;
import promedio.core.number.Exact;

/** What measures are computed of: values, values or classes with frequencies, or categories. */
public sealed interface Data permits Sample, FrequencyTable, ClassTable, Categories {

  /** {@return the distinct values in ascending order, each with its frequency} */
  Tally tally();

  /** {@return n, or Σf} */
  default Exact total() {
    return tally().total();
  }

  /** {@return how many entries are missing and were left out} */
  int missing();

  /** {@return what the visitor makes of this kind of data} */
  <R> R accept(Visitor<R> visitor);

  /** {@return the single values, where they are known} */
  default Optional<Sample> sample() {
    return Optional.empty();
  }

  /** {@return the values with their frequencies, where the data are a table of them} */
  default Optional<FrequencyTable> frequencies() {
    return Optional.empty();
  }

  /** {@return the classes with their frequencies, where the data are a class table} */
  default Optional<ClassTable> classes() {
    return Optional.empty();
  }

  /** {@return the names that were counted, where the data are categories} */
  default Optional<Categories> categories() {
    return Optional.empty();
  }

  /**
   * Something that can be made of every kind of data.
   *
   * @param <R> what is made
   */
  interface Visitor<R> {
    R sample(Sample sample);

    R frequencies(FrequencyTable table);

    R classes(ClassTable table);

    R categories(Categories categories);
  }
}
