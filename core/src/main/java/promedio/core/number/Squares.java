package promedio.core.number;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.BitSet;

/**
 * Tells most numbers that are no squares by their remainders alone, which spares nearly every root
 * of thousands of digits (Cohen, A Course in Computational Algebraic Number Theory, 1.7.2).
 */
final class Squares {

  private static final int[] MODULI = {64, 63, 65, 11};
  private static final BigInteger ALL =
      BigInteger.valueOf(Arrays.stream(MODULI).reduce(1, (a, b) -> a * b));
  private static final BitSet[] REMAINDERS =
      Arrays.stream(MODULI).mapToObj(Squares::remainders).toArray(BitSet[]::new);

  private Squares() {}

  private static BitSet remainders(int modulus) {
    BitSet squares = new BitSet(modulus);
    for (int i = 0; i < modulus; i++) {
      squares.set(i * i % modulus);
    }
    return squares;
  }

  /** {@return whether the number, from 0 on, is surely no square}; others may be none either */
  static boolean isNone(BigInteger number) {
    int remainder = number.remainder(ALL).intValue();
    for (int i = 0; i < MODULI.length; i++) {
      if (!REMAINDERS[i].get(remainder % MODULI[i])) {
        return true;
      }
    }
    return false;
  }
}
