package promedio.core.sample;

/** What data are about, and so which measures they have. */
public enum Subject {
  /** Values, or names, of one variable. */
  ONE,
  /** Two numbers of each individual. */
  PAIRS,
  /** Samples side by side. */
  GROUPS,
  /** Counts of one category by another. */
  CROSS,
  /** Counts beside the proportions that are expected. */
  FIT
}
