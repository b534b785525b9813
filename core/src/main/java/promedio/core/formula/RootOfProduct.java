package promedio.core.formula;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import promedio.core.message.BadInputException;
import promedio.core.number.BracketedReal;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Tally;
import promedio.core.sample.Values;

/**
 * The geometric mean (Πx^f)^(1/Σf): exact where it is rational, otherwise enclosed.
 *
 * <p>With the values as numerators u over one denominator D it is (Πu^f)^(1/Σf) / D, rational
 * exactly where the root of that product of whole numbers is a whole number.
 */
public final class RootOfProduct {

  /** By them nearly every product is told to have no whole root: by the first of n, all but 1/n. */
  private static final List<BigInteger> PRIMES =
      List.of(BigInteger.TWO, BigInteger.valueOf(3), BigInteger.valueOf(5), BigInteger.valueOf(7));

  /** A power up to this long has its root drawn whole; logarithms are quicker beyond. */
  private static final int SHORT_BITS = 20_000;

  private static final int SHORT_DEGREE_BITS = 14;

  private final Values values;
  private final BigInteger[] exponents;
  private final BigInteger degree;

  private RootOfProduct(Tally tally) {
    this.values = tally.values();
    BigInteger common = BigInteger.ZERO;
    for (int i = 0; i < tally.size(); i++) {
      common = common.gcd(tally.frequencies().numerator(i));
    }
    this.exponents = new BigInteger[tally.size()];
    BigInteger sum = BigInteger.ZERO;
    for (int i = 0; i < exponents.length; i++) {
      exponents[i] = tally.frequencies().numerator(i).divide(common);
      sum = sum.add(exponents[i]);
    }
    this.degree = sum;
  }

  /**
   * {@return the geometric mean of the values}
   *
   * @throws IllegalArgumentException if there are none, or not all are above 0
   */
  public static Real of(Tally tally) {
    if (tally.isEmpty() || tally.value(0).signum() <= 0) {
      throw new IllegalArgumentException("values above 0 are needed");
    }
    RootOfProduct mean = new RootOfProduct(tally);
    Optional<BigInteger> root = mean.wholeRoot();
    if (root.isPresent()) {
      return Exact.of(root.get(), mean.values.denominator());
    }
    return BracketedReal.of(
        mean::bracket,
        () -> {
          throw new ArithmeticException("an irrational number lies on no rounding border");
        });
  }

  /**
   * {@return the root of a whole or broken degree, at least 1, of a positive number}; none of a
   * fraction whose denominator is longer than those of any data
   */
  static Optional<Real> of(Exact degree, Exact body) {
    // It is the geometric mean of the number and degree − 1 ones.
    FrequencyTable.Row once = new FrequencyTable.Row(body, Exact.ONE);
    FrequencyTable.Row ones = new FrequencyTable.Row(Exact.ONE, degree.minus(Exact.ONE));
    try {
      return Optional.of(of(FrequencyTable.read(List.of(once, ones), 0).tally()));
    } catch (BadInputException e) {
      // A product of many long fractions; nobody works it by hand.
      return Optional.empty();
    }
  }

  private BracketedReal.Bracket bracket(int digits) {
    if (isShort(digits)) {
      return bracketOfWholeRoot(digits);
    }
    MathContext working = working(digits);
    BigDecimal root = root(values::numerator, working);
    BigDecimal mean = root.divide(new BigDecimal(values.denominator()), working);
    BigDecimal margin = mean.movePointLeft(digits);
    return new BracketedReal.Bracket(mean.subtract(margin), mean.add(margin));
  }

  /** Whether the number whose whole root has so many decimals of the root is no long one. */
  private boolean isShort(int digits) {
    if (degree.bitLength() > SHORT_DEGREE_BITS) {
      return false;
    }
    long bits = degree.longValueExact() * digits * 10 / 3;
    for (int i = 0; i < exponents.length; i++) {
      bits += exponents[i].longValueExact() * values.numerator(i).bitLength();
    }
    return bits <= SHORT_BITS;
  }

  /** With r the whole root of Πu^f·10^(nd), the root lies between r/10^d and (r + 1)/10^d. */
  private BracketedReal.Bracket bracketOfWholeRoot(int digits) {
    int times = degree.intValueExact();
    BigInteger power = BigInteger.TEN.pow(times * digits);
    for (int i = 0; i < exponents.length; i++) {
      power = power.multiply(values.numerator(i).pow(exponents[i].intValueExact()));
    }
    BigInteger root = WholeRoot.of(power, times);
    BigDecimal denominator = new BigDecimal(values.denominator());
    MathContext down = new MathContext(digits + 25, RoundingMode.FLOOR);
    MathContext up = new MathContext(digits + 25, RoundingMode.CEILING);
    return new BracketedReal.Bracket(
        new BigDecimal(root, digits).divide(denominator, down),
        new BigDecimal(root.add(BigInteger.ONE), digits).divide(denominator, up));
  }

  private MathContext working(int digits) {
    return new MathContext(
        digits + 25 + String.valueOf(values.size()).length(), RoundingMode.HALF_EVEN);
  }

  /**
   * The root by logarithms. With w working digits a product of k factors is off by at most k units
   * in its last digit, its logarithm (below 10^10 for any data that fits into memory) by as much,
   * and the exponential carries that over: 25 digits and the digits of k are more than enough.
   *
   * <p>Σf·ln u is summed by the binary digits of the frequencies: the values whose frequency has
   * the bit 2^b share one logarithm, so that there are few of them however many values there are.
   */
  private BigDecimal root(IntFunction<BigInteger> numbers, MathContext working) {
    BigDecimal logarithm = BigDecimal.ZERO;
    for (int bit = 0; bit < degree.bitLength(); bit++) {
      BigDecimal weight = new BigDecimal(BigInteger.ONE.shiftLeft(bit));
      BigDecimal product = productOfBit(numbers, bit, working);
      logarithm = logarithm.add(weight.multiply(BigDecimalMath.log(product, working)));
    }
    return BigDecimalMath.exp(logarithm.divide(new BigDecimal(degree), working), working);
  }

  /** The product of the numbers whose exponent has the bit. */
  private BigDecimal productOfBit(IntFunction<BigInteger> numbers, int bit, MathContext working) {
    BigDecimal product = BigDecimal.ONE;
    BigInteger pending = BigInteger.ONE;
    for (int i = 0; i < exponents.length; i++) {
      if (exponents[i].testBit(bit)) {
        pending = pending.multiply(numbers.apply(i));
      }
      // Rounding is what costs, so several factors are multiplied exactly before each.
      if (pending.bitLength() > 2000) {
        product = product.multiply(new BigDecimal(pending), working);
        pending = BigInteger.ONE;
      }
    }
    return product.multiply(new BigDecimal(pending), working);
  }

  /**
   * The root of the product of whole numbers, if it is whole. A product that holds a small prime
   * other than a multiple of degree times has none, which is cheap to see and nearly always so.
   * Without those primes the numbers are short, however large the powers of ten among them were.
   */
  private Optional<BigInteger> wholeRoot() {
    BigInteger found = BigInteger.ONE;
    for (BigInteger prime : PRIMES) {
      BigInteger[] shared = held(prime, values::numerator).divideAndRemainder(degree);
      if (shared[1].signum() != 0) {
        return Optional.empty();
      }
      found = found.multiply(prime.pow(shared[0].intValueExact()));
    }
    BigInteger[] rest = new BigInteger[values.size()];
    Arrays.setAll(rest, i -> withoutPrimes(values.numerator(i)));
    return wholeRoot(rest).map(found::multiply);
  }

  private static BigInteger withoutPrimes(BigInteger number) {
    BigInteger rest = number;
    for (BigInteger prime : PRIMES) {
      rest = rest.divide(prime.pow(multiplicity(prime, rest)));
    }
    return rest;
  }

  /**
   * A candidate is proved without ever writing candidate^degree or Πu^exponent out: over a base of
   * pairwise coprime numbers into which the candidate and every u split, both must hold each base
   * number equally often.
   */
  private Optional<BigInteger> wholeRoot(BigInteger[] numbers) {
    int bits = Arrays.stream(numbers).mapToInt(BigInteger::bitLength).max().orElseThrow();
    // 0.30103 digits a bit, and 40 that tell a whole number from one beside it.
    BigDecimal near = root(i -> numbers[i], working(bits * 31 / 100 + 41));
    BigInteger candidate = near.setScale(0, RoundingMode.HALF_UP).toBigInteger();
    // Nearly always the root is plainly not whole, which saves the search for the base.
    BigDecimal distance = near.subtract(new BigDecimal(candidate)).abs();
    if (distance.compareTo(new BigDecimal("1e-20")) > 0) {
      return Optional.empty();
    }
    List<BigInteger> base = new ArrayList<>();
    refine(base, candidate);
    for (BigInteger number : numbers) {
      refine(base, number);
    }
    return base.stream().allMatch(part -> isBalanced(part, candidate, numbers))
        ? Optional.of(candidate)
        : Optional.empty();
  }

  private boolean isBalanced(BigInteger part, BigInteger candidate, BigInteger[] numbers) {
    return held(part, i -> numbers[i])
        .equals(degree.multiply(BigInteger.valueOf(multiplicity(part, candidate))));
  }

  /** How often the product of the numbers, each with its exponent, holds a number as a factor. */
  private BigInteger held(BigInteger part, IntFunction<BigInteger> numbers) {
    BigInteger product = BigInteger.ZERO;
    for (int i = 0; i < exponents.length; i++) {
      BigInteger times = BigInteger.valueOf(multiplicity(part, numbers.apply(i)));
      product = product.add(exponents[i].multiply(times));
    }
    return product;
  }

  private static int multiplicity(BigInteger part, BigInteger number) {
    if (part.equals(BigInteger.TWO)) {
      return number.getLowestSetBit();
    }
    int count = 0;
    BigInteger[] division = number.divideAndRemainder(part);
    while (division[1].signum() == 0) {
      count++;
      division = division[0].divideAndRemainder(part);
    }
    return count;
  }

  /** Splits the base and the number until all are pairwise coprime, and adds the number. */
  private static void refine(List<BigInteger> base, BigInteger number) {
    Deque<BigInteger> pending = new ArrayDeque<>(List.of(number));
    while (!pending.isEmpty()) {
      BigInteger next = pending.pop();
      if (next.equals(BigInteger.ONE)) {
        continue;
      }
      int index = 0;
      while (index < base.size() && base.get(index).gcd(next).equals(BigInteger.ONE)) {
        index++;
      }
      if (index == base.size()) {
        base.add(next);
      } else if (!base.get(index).equals(next)) {
        BigInteger old = base.remove(index);
        BigInteger common = old.gcd(next);
        pending.push(common);
        pending.push(old.divide(common));
        pending.push(next.divide(common));
      }
    }
  }
}
