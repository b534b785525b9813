package promedio.core.measure;

import java.util.Optional;
import java.util.function.Function;
import promedio.core.measure.Result.Found;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Tally;

/** Positions among single values, or values that stand as often as their frequencies say. */
final class OrderedPositions implements Positions {

  private final Tally tally;

  OrderedPositions(Tally tally) {
    this.tally = tally;
  }

  @Override
  public Result median(CourseRules rules) {
    return ordered(quantiles -> new Found(quantiles.at(quantiles.median())));
  }

  @Override
  public Result lowerQuartile(CourseRules rules) {
    return ordered(q -> quartile(q, q.lower(rules.get(Rule.QUARTILES))));
  }

  @Override
  public Result upperQuartile(CourseRules rules) {
    return ordered(q -> quartile(q, q.upper(rules.get(Rule.QUARTILES))));
  }

  @Override
  public Result percentile(CourseRules rules, Exact share) {
    return ordered(
        quantiles ->
            new Found(quantiles.at(Place.of(rules.get(Rule.PERCENTILES), quantiles.n(), share))));
  }

  @Override
  public Result smallest() {
    return new Found(tally.value(0));
  }

  @Override
  public Result largest() {
    return new Found(tally.value(tally.size() - 1));
  }

  /** {@return what is made of the values in order, where they have positions} */
  Result ordered(Function<Quantiles, Result> step) {
    if (tally.isEmpty()) {
      return Result.absent("no-values");
    }
    return tally.hasPositions() ? step.apply(new Quantiles(tally)) : Result.absent("no-positions");
  }

  private static Result quartile(Quantiles quantiles, Optional<Place> place) {
    return place
        .<Result>map(found -> new Found(quantiles.at(found)))
        .orElseGet(() -> Result.absent("one-value-no-halves"));
  }
}
