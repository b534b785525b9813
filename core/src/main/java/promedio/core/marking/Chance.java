package promedio.core.marking;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.number.Rounding;

/** How much that is explained could be chance: a number of few digits fits to something easily. */
final class Chance {

  private static final BigDecimal MARGIN = new BigDecimal("0.2");

  private static final int DIGITS = 34;

  private Chance() {}

  /**
   * {@return of all numbers with so many decimals within a fifth of the result the share that one
   * of the candidates gives}; none where the result is 0, several numbers, or nothing
   */
  static Optional<Exact> of(
      List<Candidate> candidates, Candidate right, int places, Rounding rounding) {
    List<Real> numbers = Candidate.numbers(right.outcome());
    if (numbers.size() != 1 || numbers.get(0).signum() == 0) {
      return Optional.empty();
    }
    BigDecimal result = numbers.get(0).significant(DIGITS);
    BigDecimal margin = result.abs().multiply(MARGIN);
    BigDecimal low = result.subtract(margin).setScale(places, RoundingMode.CEILING);
    BigDecimal high = result.add(margin).setScale(places, RoundingMode.FLOOR);
    BigDecimal all =
        high.subtract(low).movePointRight(places).add(BigDecimal.ONE).max(BigDecimal.ZERO);
    if (all.signum() == 0) {
      return Optional.empty();
    }
    Set<BigDecimal> explained = new HashSet<>();
    for (Candidate candidate : candidates) {
      List<BigDecimal> digits = candidate.digits(places, rounding);
      if (digits.size() == 1
          && digits.get(0).compareTo(low) >= 0
          && digits.get(0).compareTo(high) <= 0) {
        explained.add(digits.get(0));
      }
    }
    explained.removeAll(right.digits(places, rounding));
    return Optional.of(Exact.of(explained.size()).over(Exact.of(all)));
  }
}
