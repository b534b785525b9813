package promedio.core.practice;

import java.util.function.Supplier;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;

/** Data whose results have few decimals, so that the hand has less to write. */
final class Nice {

  private static final int MOST_PLACES = 9;

  private Nice() {}

  /**
   * {@return the nicest of what is drawn so often}; the first whose mean and variance are whole
   * ends the search
   */
  static Source nicest(Supplier<Source> drawn, CourseRules rules, int tries) {
    Source best = drawn.get();
    int fewest = decimals(best, rules);
    for (int i = 0; i < tries && fewest > 0; i++) {
      Source other = drawn.get();
      int decimals = decimals(other, rules);
      if (decimals < fewest) {
        best = other;
        fewest = decimals;
      }
    }
    return best;
  }

  /** How many decimals mean and variance need; many where they do not end. */
  private static int decimals(Source source, CourseRules rules) {
    Computation computation = Computation.of(source.read(DecimalSign.POINT).data(), rules);
    return decimals(computation.result(Measures.MEAN))
        + decimals(computation.result(Measures.VARIANCE));
  }

  private static int decimals(Result result) {
    int places = 0;
    if (result instanceof Result.Found found) {
      Exact scaled = found.value();
      while (places < MOST_PLACES && !scaled.isWhole()) {
        scaled = scaled.times(10);
        places++;
      }
    }
    return places;
  }
}
