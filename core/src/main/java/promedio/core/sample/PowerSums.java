package promedio.core.sample;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.number.Exact;

/**
 * The sums Σf, Σf·(x−c), … Σf·(x−c)⁴ about a value c of the data, exact. A shift into the middle of
 * the data keeps the numbers short; what is made of the sums does not depend on it.
 *
 * <p>They are kept as whole numbers: f in units of {@code 1/frequencyUnits} and x−c in units of
 * {@code 1/valueUnits}.
 *
 * @param shift c
 * @param whole the sum for each power from 0 to 4, in those units
 * @param valueUnits the common denominator of the values, above 0
 * @param frequencyUnits the common denominator of the frequencies, above 0
 */
public record PowerSums(
    Exact shift, List<BigInteger> whole, BigInteger valueUnits, BigInteger frequencyUnits) {

  private static final int HIGHEST = 4;

  public PowerSums {
    whole = List.copyOf(whole);
  }

  /**
   * {@return the sums over a tally}
   *
   * @throws IllegalArgumentException if it is empty
   */
  public static PowerSums of(Tally tally) {
    if (tally.isEmpty()) {
      throw new IllegalArgumentException("no values to sum");
    }
    Values values = tally.values();
    Values frequencies = tally.frequencies();
    int middle = values.size() / 2;
    BigInteger[] sums =
        fitsPacked(tally, middle) ? sumPacked(tally, middle) : sumWide(tally, middle);
    return new PowerSums(
        values.get(middle), List.of(sums), values.denominator(), frequencies.denominator());
  }

  /** {@return Σf·(x−c)^power} */
  public Exact sum(int power) {
    return Exact.of(whole.get(power), valueUnits.pow(power).multiply(frequencyUnits));
  }

  /**
   * The packed way multiplies f·d² by d² into 128 bits. It is right where f·d² fits into a long,
   * which the bits of the largest f and the largest |d| tell: the values are in order, so the
   * largest |d| is at one of the ends.
   */
  private static boolean fitsPacked(Tally tally, int middle) {
    Values values = tally.values();
    Values frequencies = tally.frequencies();
    if (!values.isPacked() || !frequencies.isPacked()) {
      return false;
    }
    long center = values.packed(middle);
    long farthest = Math.max(center - values.packed(0), values.packed(values.size() - 1) - center);
    long highest =
        IntStream.range(0, frequencies.size()).mapToLong(frequencies::packed).max().orElse(0);
    return 2 * bits(farthest) + bits(highest) < Long.SIZE;
  }

  private static int bits(long value) {
    return Long.SIZE - Long.numberOfLeadingZeros(value);
  }

  private static BigInteger[] sumPacked(Tally tally, int middle) {
    WideSum[] sums =
        IntStream.rangeClosed(0, HIGHEST).mapToObj(i -> new WideSum()).toArray(WideSum[]::new);
    Values values = tally.values();
    Values frequencies = tally.frequencies();
    long center = values.packed(middle);
    for (int i = 0; i < values.size(); i++) {
      long f = frequencies.packed(i);
      long d = values.packed(i) - center;
      long fdd = f * d * d;
      sums[0].add(f);
      sums[1].add(f * d);
      sums[2].add(fdd);
      sums[3].addProduct(fdd, d);
      sums[4].addProduct(fdd, d * d);
    }
    return Arrays.stream(sums).map(WideSum::toBigInteger).toArray(BigInteger[]::new);
  }

  private static BigInteger[] sumWide(Tally tally, int middle) {
    BigInteger[] sums = new BigInteger[HIGHEST + 1];
    Arrays.fill(sums, BigInteger.ZERO);
    BigInteger center = tally.values().numerator(middle);
    for (int i = 0; i < tally.size(); i++) {
      BigInteger term = tally.frequencies().numerator(i);
      BigInteger d = tally.values().numerator(i).subtract(center);
      for (int power = 0; power <= HIGHEST; power++) {
        sums[power] = sums[power].add(term);
        term = term.multiply(d);
      }
    }
    return sums;
  }
}
