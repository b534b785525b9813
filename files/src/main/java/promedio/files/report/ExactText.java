package promedio.files.report;

import java.math.BigInteger;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;

/** Fractions as decimal text where their decimals end, otherwise as p/q. */
final class ExactText {

  private ExactText() {}

  /** {@return the fraction} */
  static String of(Exact fraction) {
    BigInteger left = fraction.denominator();
    for (BigInteger factor : new BigInteger[] {BigInteger.TWO, BigInteger.valueOf(5)}) {
      while (left.mod(factor).signum() == 0) {
        left = left.divide(factor);
      }
    }
    return left.equals(BigInteger.ONE) ? PlainText.of(fraction) : fraction.toString();
  }
}
