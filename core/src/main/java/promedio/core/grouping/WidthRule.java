package promedio.core.grouping;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;

/** A named rule for how many classes a sample is grouped into, or how wide they are. */
public enum WidthRule {
  /** 1 + log₂ n classes, rounded up; Sturges, JASA 21 (1926). */
  STURGES,
  /** √n classes, rounded up. */
  SQUARE_ROOT,
  /** 2·∛n classes, rounded up. */
  RICE,
  /** Classes of width 3.49·s/∛n; Scott, Biometrika 66 (1979). */
  SCOTT,
  /** Classes of width 2·IQR/∛n; Freedman and Diaconis, Z. Wahrsch. 57 (1981). */
  FREEDMAN_DIACONIS;

  private static final MathContext WORKING = new MathContext(40);
  private static final int SHOWN_DIGITS = 12;
  private static final Exact SCOTT_FACTOR = Exact.of(349, 100);

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return the rule of this code} */
  public static Optional<WidthRule> ofCode(String code) {
    return Arrays.stream(values()).filter(rule -> rule.code().equals(code)).findFirst();
  }

  /**
   * What a rule comes to.
   *
   * @param classes how many classes, where the rule counts them
   * @param spread what the rule goes by beside n: R where it counts classes, s, or the IQR
   * @param width how wide they are; to 12 significant digits where the number does not end
   */
  public record Advice(Optional<BigInteger> classes, Exact spread, Exact width) {}

  /**
   * {@return what the rule comes to for the values}; none where there are no two different values,
   * or the middle half of them does not spread
   *
   * @param rules the quartile rule among them is that of the IQR
   */
  public Optional<Advice> advice(Data data, CourseRules rules) {
    Computation computation = Computation.of(data, rules.with(Rule.DIVISOR, Divisor.N_MINUS_1));
    Optional<Exact> range =
        computation
            .result(Measures.RANGE)
            .number()
            .map(Exact.class::cast)
            .filter(r -> r.signum() > 0);
    if (range.isEmpty()) {
      return Optional.empty();
    }
    Exact n = data.tally().total();
    return switch (this) {
      case STURGES -> counted(sturges(n), range.get());
      case SQUARE_ROOT -> counted(upwards(n.sqrt()), range.get());
      case RICE -> counted(upwards(rooted(Exact.of(2), n, false)), range.get());
      case SCOTT ->
          computation
              .result(Measures.SD)
              .number()
              .map(Exact.class::cast)
              .map(sd -> wide(sd, SCOTT_FACTOR, n));
      case FREEDMAN_DIACONIS ->
          computation
              .result(Measures.IQR)
              .number()
              .map(Exact.class::cast)
              .filter(iqr -> iqr.signum() > 0)
              .map(iqr -> wide(iqr, Exact.of(2), n));
    };
  }

  private static Optional<Advice> counted(BigInteger classes, Exact range) {
    return Optional.of(new Advice(Optional.of(classes), range, range.over(Exact.of(classes))));
  }

  private static Advice wide(Exact spread, Exact factor, Exact n) {
    return new Advice(Optional.empty(), spread, rooted(factor.times(spread), n, true));
  }

  /** 1 + log₂ n is whole for the powers of 2 alone; between them it is rounded up. */
  private static BigInteger sturges(Exact n) {
    BigInteger above =
        n.floor().equals(n.numerator()) ? n.numerator() : n.floor().add(BigInteger.ONE);
    return BigInteger.valueOf(1L + above.subtract(BigInteger.ONE).bitLength());
  }

  /** factor · ∛n, or factor / ∛n; exact where that ends. */
  private static Exact rooted(Exact factor, Exact n, boolean over) {
    BigDecimal root = BigDecimalMath.root(n.significant(40), BigDecimal.valueOf(3), WORKING);
    BigDecimal whole = root.setScale(20, RoundingMode.HALF_EVEN).stripTrailingZeros();
    Exact near = Exact.of(whole);
    Exact cube = near.pow(3).equals(n) ? near : Exact.of(root);
    Exact value = over ? factor.over(cube) : factor.times(cube);
    return Exact.of(value.significant(SHOWN_DIGITS).stripTrailingZeros());
  }

  private static BigInteger upwards(Exact number) {
    BigDecimal up = number.significant(30).setScale(0, RoundingMode.CEILING);
    return up.toBigIntegerExact();
  }
}
