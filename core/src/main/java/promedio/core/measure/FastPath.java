package promedio.core.measure;

/** A quicker way to a result than its formula, for large data. */
@FunctionalInterface
public interface FastPath {

  /** {@return the same as the definition comes to} */
  Result of(Known known);
}
