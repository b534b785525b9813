package promedio.core.distribution;

/** Which area a value cuts off. */
public enum Tail {
  /** All below it. */
  LOWER,
  /** All beyond it. */
  UPPER,
  /** All farther from 0 than it, in both directions. */
  TWO
}
