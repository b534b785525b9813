package promedio.core.measure;

/** How many numbers the result of a measure is. */
public enum Shape {
  /** One number. */
  ONE,
  /** Any number of them, ascending, such as modes. */
  SEVERAL,
  /** A fixed number of them in their own order, such as the five numbers. */
  ROW
}
