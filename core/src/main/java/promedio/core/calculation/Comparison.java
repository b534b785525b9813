package promedio.core.calculation;

import java.util.List;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;

/** How two numbers are compared, and the signs it is written with. */
enum Comparison {
  EQUAL(order -> order == 0, List.of("=")),
  DIFFERENT(order -> order != 0, List.of("≠", "<>", "!=")),
  LESS(order -> order < 0, List.of("<")),
  MORE(order -> order > 0, List.of(">")),
  AT_MOST(order -> order <= 0, List.of("≤", "<=")),
  AT_LEAST(order -> order >= 0, List.of("≥", ">="));

  @SuppressWarnings("ImmutableEnumChecker") // a test of a number holds no state
  private final IntPredicate test;

  @SuppressWarnings("ImmutableEnumChecker") // made by List.of
  private final List<String> signs;

  Comparison(IntPredicate test, List<String> signs) {
    this.test = test;
    this.signs = signs;
  }

  List<String> signs() {
    return signs;
  }

  @Nullable Boolean holds(@Nullable Exact a, @Nullable Exact b) {
    if (a == null || b == null) {
      return null;
    }
    return test.test(a.compareTo(b));
  }
}
