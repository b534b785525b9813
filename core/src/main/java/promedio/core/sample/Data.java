package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * What measures are computed of: values, values or classes with frequencies, categories, or data of
 * more than one variable.
 */
public sealed interface Data
    permits Sample,
        FrequencyTable,
        ClassTable,
        Categories,
        Pairs,
        Groups,
        CrossTable,
        GoodnessOfFitData {

  /** {@return what they are about} */
  default Subject subject() {
    return Subject.ONE;
  }

  /**
   * {@return the distinct values in ascending order, each with its frequency; of data that are not
   * one list of numbers an empty one}
   */
  default Tally tally() {
    return Tally.NONE;
  }

  /** {@return n, or Σf} */
  default Exact total() {
    return tally().total();
  }

  /**
   * {@return the entries of which a hand may mistake one}; none of those that are not typed singly
   */
  default List<Entry> entries() {
    return List.of();
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

  /** {@return the pairs of numbers, where the data are some} */
  default Optional<Pairs> pairs() {
    return Optional.empty();
  }

  /** {@return the samples side by side, where the data are some} */
  default Optional<Groups> groups() {
    return Optional.empty();
  }

  /** {@return the counts of one category by another, where the data are such} */
  default Optional<CrossTable> cross() {
    return Optional.empty();
  }

  /** {@return the counts beside expected proportions, where the data are such} */
  default Optional<GoodnessOfFitData> fit() {
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

    R pairs(Pairs pairs);

    R groups(Groups groups);

    R cross(CrossTable table);

    R fit(GoodnessOfFitData fit);
  }
}
