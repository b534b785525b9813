package promedio.core.measure;

import promedio.core.number.Exact;

/**
 * Skewness and kurtosis from moments with spread; Joanes and Gill, "Comparing measures of sample
 * skewness and kurtosis", The Statistician 47 (1998).
 */
final class Shape {

  private Shape() {}

  /** √(n(n−1))/(n−2) · m3/m2^(3/2); n ≥ 3. */
  static Exact adjustedSkewness(Moments m) {
    Exact root = m.n().times(m.n().minus(Exact.ONE)).sqrt();
    return root.over(m.n().minus(Exact.of(2))).times(m.standardizedThird());
  }

  /** m3/s³ with s² by n − 1. */
  static Exact skewnessByS(Exact m3, Exact s2) {
    return m3.over(s2.times(s2.sqrt()));
  }

  /** m4/m2² − 3. */
  static Exact excess(Moments m) {
    return m.standardizedFourth().minus(Exact.of(3));
  }

  /** (n−1)/((n−2)(n−3)) · ((n+1)·excess + 6); n ≥ 4. */
  static Exact adjustedKurtosis(Moments m) {
    Exact n = m.n();
    Exact factor = n.minus(Exact.ONE).over(n.minus(Exact.of(2)).times(n.minus(Exact.of(3))));
    return factor.times(n.plus(Exact.ONE).times(excess(m)).plus(Exact.of(6)));
  }
}
