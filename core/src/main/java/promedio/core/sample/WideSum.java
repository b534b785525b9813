package promedio.core.sample;

import java.math.BigInteger;

/**
 * A sum of up to 2^31 numbers of 128 bits. Each is cut into four pieces of 32 bits that are summed
 * apart: a piece is below 2^32 in size, so 2^31 of them stay below 2^63 and no carry is ever due.
 */
final class WideSum {

  private static final long LOW_HALF = 0xFFFF_FFFFL;

  private long first;
  private long second;
  private long third;
  private long fourth;

  /** Adds a number. */
  void add(long value) {
    add(value >> 63, value);
  }

  /** Adds a product. */
  void addProduct(long left, long right) {
    add(Math.multiplyHigh(left, right), left * right);
  }

  BigInteger toBigInteger() {
    return BigInteger.valueOf(fourth)
        .shiftLeft(32)
        .add(BigInteger.valueOf(third))
        .shiftLeft(32)
        .add(BigInteger.valueOf(second))
        .shiftLeft(32)
        .add(BigInteger.valueOf(first));
  }

  private void add(long high, long low) {
    first += low & LOW_HALF;
    second += low >>> 32;
    third += high & LOW_HALF;
    fourth += high >> 32;
  }
}
