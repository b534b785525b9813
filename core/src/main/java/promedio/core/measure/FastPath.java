package promedio.core.measure;

import java.util.function.Function;
import promedio.core.number.Exact;

/** A quicker way to a result than its formula, for large data. */
@FunctionalInterface
public interface FastPath {

  /** {@return the same as the definition comes to} */
  Result of(FastPathInput known);

  /** {@return a number that is made of the moments; none where there are no moments} */
  static FastPath ofMoments(Function<Moments, Exact> number) {
    return known ->
        known
            .summary()
            .moments()
            .<Result>map(moments -> new Result.Found(number.apply(moments)))
            .orElseGet(known.summary()::whyNoMoments);
  }
}
