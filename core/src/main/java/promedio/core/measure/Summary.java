package promedio.core.measure;

import org.jspecify.annotations.Nullable;
import promedio.core.sample.Tally;

/** What no course rule changes, computed once for all rules. Safe for use by several threads. */
final class Summary {

  private final Tally tally;
  private final @Nullable Moments moments;
  private @Nullable Result geometricMean;
  private @Nullable Result harmonicMean;

  Summary(Tally tally) {
    this.tally = tally;
    this.moments = tally.isEmpty() ? null : Moments.of(tally);
  }

  Tally tally() {
    return tally;
  }

  /** {@return the moments, {@code null} where there are no values} */
  @Nullable Moments moments() {
    return moments;
  }

  synchronized Result geometricMean() {
    Result known = geometricMean;
    if (known == null) {
      known = GeometricMean.of(tally);
      geometricMean = known;
    }
    return known;
  }

  synchronized Result harmonicMean() {
    Result known = harmonicMean;
    if (known == null) {
      known = HarmonicMean.of(tally);
      harmonicMean = known;
    }
    return known;
  }
}
