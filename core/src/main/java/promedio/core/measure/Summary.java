package promedio.core.measure;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import promedio.core.rules.OpenClass;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Tally;

/** What no course rule changes, computed once for all rules. Safe for use by several threads. */
final class Summary {

  private final Tally tally;
  private final @Nullable Moments moments;
  private @Nullable Result geometricMean;
  private @Nullable Result harmonicMean;

  private final Positions positions;
  private final Optional<Grouped> grouped;
  private final String whyNoMoments;

  private Summary(
      Tally tally, Positions positions, Optional<Grouped> grouped, String whyNoMoments) {
    this.tally = tally;
    this.positions = positions;
    this.grouped = grouped;
    this.whyNoMoments = whyNoMoments;
    this.moments = whyNoMoments.isEmpty() ? Moments.of(tally) : null;
  }

  /** {@return the summary of single values, or of values with frequencies} */
  static Summary of(Tally tally) {
    return new Summary(
        tally, new OrderedPositions(tally), Optional.empty(), tally.isEmpty() ? "no-values" : "");
  }

  /** {@return the summary of a class table} */
  static Summary of(ClassTable table, OpenClass open) {
    if (table.rows().isEmpty()) {
      return of(table.tally());
    }
    Grouped grouped = Grouped.of(table, open);
    return new Summary(
        table.tally(),
        new ClassPositions(grouped.intervals(), table.tally().total()),
        Optional.of(grouped),
        grouped.hasMidpoints() ? "" : "open-no-midpoint");
  }

  Positions positions() {
    return positions;
  }

  /** {@return the classes, where the data are a class table} */
  Optional<Grouped> grouped() {
    return grouped;
  }

  /** {@return why there are no moments} */
  Result whyNoMoments() {
    return Result.absent(whyNoMoments);
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
