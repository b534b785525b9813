package promedio.bench;

import java.util.Collection;

/** What the benchmarks of whole programs make of the times that they take. */
final class Times {

  private Times() {}

  /** {@return the milliseconds since a moment of {@link System#nanoTime}} */
  static double millisSince(long start) {
    return (System.nanoTime() - start) / 1e6;
  }

  /** {@return the middle one; of two in the middle the higher} */
  static double median(Collection<Double> times) {
    return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
  }
}
