package promedio.core.sample;

/** What measures are computed of: values as they came, or values with their frequencies. */
public sealed interface Data permits Sample, FrequencyTable, ClassTable {

  /** {@return the distinct values in ascending order, each with its frequency} */
  Tally tally();

  /** {@return how many entries are missing and were left out} */
  int missing();
}
