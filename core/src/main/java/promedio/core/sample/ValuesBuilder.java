package promedio.core.sample;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.LongStream;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/** Collects numbers and missing entries, one after the other, into {@link Values}. */
public final class ValuesBuilder {

  /** Every measure is computed over the common denominator: some 1200 digits take a moment. */
  private static final int LARGEST_COMMON_BITS = 4_000;

  private static final long[] POWERS_OF_TEN =
      LongStream.iterate(1, power -> 10 * power).limit(19).toArray();

  private long[] digits = new long[16];
  private byte[] places = new byte[16];
  private int size;
  private final BitSet missing = new BitSet();

  /** Numbers that are no short decimal, by index: long ones, and fractions that never end. */
  private final Map<Integer, Exact> others = new HashMap<>();

  /** Adds a number. */
  public ValuesBuilder add(Exact value) {
    int power = decimalPlaces(value.denominator());
    if (power <= 18) {
      BigInteger unscaled =
          value.numerator().multiply(BigInteger.TEN.pow(power)).divide(value.denominator());
      if (unscaled.bitLength() < Long.SIZE) {
        return add(unscaled.longValueExact(), power);
      }
    }
    others.put(size, value);
    return add(0, 0);
  }

  /** Adds a decimal number. */
  public ValuesBuilder add(BigDecimal value) {
    return value.precision() <= 18 && value.scale() >= 0 && value.scale() <= 18
        ? add(value.unscaledValue().longValueExact(), value.scale())
        : add(Exact.of(value));
  }

  /**
   * Adds the number that these characters spell out plainly: at most 18 digits, a hyphen before
   * them, one decimal sign among them.
   *
   * @param sign the decimal sign
   * @return whether they do; if not, nothing is added
   */
  public boolean addPlain(char[] text, int start, int length, char sign) {
    int end = start + length;
    int first = length > 0 && text[start] == '-' ? start + 1 : start;
    long value = 0;
    int point = -1;
    for (int i = first; i < end; i++) {
      char c = text[i];
      if (c >= '0' && c <= '9') {
        value = 10 * value + (c - '0');
      } else if (c == sign && point < 0 && i > first && i < end - 1) {
        point = i;
      } else {
        return false;
      }
    }
    int digitCount = end - first - (point < 0 ? 0 : 1);
    if (digitCount == 0 || digitCount > 18) {
      return false;
    }
    add(first > start ? -value : value, point < 0 ? 0 : end - 1 - point);
    return true;
  }

  /** {@return how many entries there are} */
  public int size() {
    return size;
  }

  /**
   * Takes the last entry away again.
   *
   * @return whether it was a number
   */
  public boolean removeLast() {
    size--;
    boolean number = !missing.get(size);
    missing.clear(size);
    others.remove(size);
    return number;
  }

  /** Adds a missing entry. */
  public ValuesBuilder addMissing() {
    missing.set(size);
    return add(0, 0);
  }

  /**
   * {@return the values}
   *
   * @throws BadInputException if fractions among them have no common denominator of sensible size
   */
  public Values build() throws BadInputException {
    int most = 0;
    for (int i = 0; i < size; i++) {
      most = Math.max(most, places[i]);
    }
    return others.isEmpty() ? buildDecimals(most) : buildWide(BigInteger.TEN.pow(most));
  }

  private ValuesBuilder add(long unscaled, int scale) {
    if (size == digits.length) {
      digits = Arrays.copyOf(digits, 2 * size);
      places = Arrays.copyOf(places, 2 * size);
    }
    digits[size] = unscaled;
    places[size++] = (byte) scale;
    return this;
  }

  private Values buildDecimals(int most) throws BadInputException {
    long[] numerators = new long[size];
    for (int i = 0; i < size; i++) {
      long factor = POWERS_OF_TEN[most - places[i]];
      // The high half of the product is only the sign where it fits into one long.
      if (Math.multiplyHigh(digits[i], factor) != (digits[i] * factor) >> 63) {
        return buildWide(BigInteger.TEN.pow(most));
      }
      numerators[i] = digits[i] * factor;
    }
    return Values.packed(numerators, BigInteger.TEN.pow(most), missing);
  }

  private Values buildWide(BigInteger decimals) throws BadInputException {
    BigInteger common = decimals;
    for (Exact other : others.values()) {
      BigInteger next = other.denominator();
      common = common.divide(common.gcd(next)).multiply(next);
      if (common.bitLength() > LARGEST_COMMON_BITS) {
        throw BadInputException.of("values.fractions");
      }
    }
    BigInteger[] numerators = new BigInteger[size];
    for (int i = 0; i < size; i++) {
      Exact other = others.get(i);
      numerators[i] =
          other == null
              ? BigInteger.valueOf(digits[i]).multiply(common).divide(BigInteger.TEN.pow(places[i]))
              : other.numerator().multiply(common).divide(other.denominator());
    }
    return Values.wide(numerators, common, missing);
  }

  /** The decimals that a fraction with this denominator needs; more than 18 where it never ends. */
  private static int decimalPlaces(BigInteger denominator) {
    if (denominator.equals(BigInteger.ONE)) {
      return 0;
    }
    for (int power = 1; power <= 18; power++) {
      if (BigInteger.TEN.pow(power).mod(denominator).signum() == 0) {
        return power;
      }
    }
    return Integer.MAX_VALUE;
  }
}
