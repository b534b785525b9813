package promedio.core.sample;

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
}
