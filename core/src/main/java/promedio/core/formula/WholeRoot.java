package promedio.core.formula;

import java.math.BigInteger;

/** Roots of whole numbers, without what comes behind the point. */
final class WholeRoot {

  private WholeRoot() {}

  /**
   * {@return the greatest whole number whose power of the degree is not above the number}
   *
   * @param number above 0
   * @param degree at least 1
   */
  static BigInteger of(BigInteger number, int degree) {
    int half = number.bitLength() / degree / 2;
    // A start that is not below the root: that of the upper half of its bits, and one more.
    BigInteger root =
        half == 0
            ? BigInteger.ONE.shiftLeft(number.bitLength() / degree + 1)
            : of(number.shiftRight(degree * half), degree).add(BigInteger.ONE).shiftLeft(half);
    // From above, each step by Newton's rule falls until it would pass the root.
    BigInteger others = BigInteger.valueOf(degree - 1L);
    while (true) {
      BigInteger next =
          root.multiply(others)
              .add(number.divide(root.pow(degree - 1)))
              .divide(BigInteger.valueOf(degree));
      if (next.compareTo(root) >= 0) {
        return root;
      }
      root = next;
    }
  }
}
