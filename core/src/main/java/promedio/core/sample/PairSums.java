package promedio.core.sample;

import java.math.BigInteger;
import promedio.core.message.Cancellation;
import promedio.core.number.Exact;

/**
 * Sums over pairs in whole numbers, until the one division: with X = Σx, Q = Σx², P = Σxy in units
 * of the common denominators and n pairs, Sxx = (n·Q − X²)/n and Sxy = (n·P − X·Y)/n.
 */
public final class PairSums {

  /** So many rows are added up between two looks at whether anybody still waits. */
  private static final int ROWS_AT_ONCE = 4096;

  private final Pairs pairs;
  private final Exact n;
  private BigInteger x = BigInteger.ZERO;
  private BigInteger y = BigInteger.ZERO;
  private BigInteger xx = BigInteger.ZERO;
  private BigInteger yy = BigInteger.ZERO;
  private BigInteger xy = BigInteger.ZERO;

  private PairSums(Pairs pairs) {
    this.pairs = pairs;
    this.n = Exact.of(pairs.size());
  }

  /** {@return the sums over the pairs} */
  static PairSums of(Pairs pairs) {
    PairSums sums = new PairSums(pairs);
    for (int row = 0; row < pairs.size(); row++) {
      if (row % ROWS_AT_ONCE == 0) {
        Cancellation.check();
      }
      sums.add(pairs.x().numerator(row), pairs.y().numerator(row));
    }
    return sums;
  }

  private void add(BigInteger first, BigInteger second) {
    x = x.add(first);
    y = y.add(second);
    xx = xx.add(first.multiply(first));
    yy = yy.add(second.multiply(second));
    xy = xy.add(first.multiply(second));
  }

  private static Exact over(BigInteger sum, Values... units) {
    BigInteger denominator = BigInteger.ONE;
    for (Values each : units) {
      denominator = denominator.multiply(each.denominator());
    }
    return Exact.of(sum, denominator);
  }

  /** {@return how many pairs there are} */
  public Exact n() {
    return n;
  }

  /** {@return x̄} */
  public Exact meanX() {
    return over(x, pairs.x()).over(n);
  }

  /** {@return ȳ} */
  public Exact meanY() {
    return over(y, pairs.y()).over(n);
  }

  private Exact centred(BigInteger products, BigInteger first, BigInteger second) {
    return Exact.of(
        products.multiply(n.numerator()).subtract(first.multiply(second)), n.numerator());
  }

  private static Exact unit(Values first, Values second) {
    return Exact.of(first.denominator().multiply(second.denominator()));
  }

  /** {@return Σ(x−x̄)²} */
  public Exact sxx() {
    return centred(xx, x, x).over(unit(pairs.x(), pairs.x()));
  }

  /** {@return Σ(y−ȳ)²} */
  public Exact syy() {
    return centred(yy, y, y).over(unit(pairs.y(), pairs.y()));
  }

  /** {@return Σ(x−x̄)(y−ȳ)} */
  public Exact sxy() {
    return centred(xy, x, y).over(unit(pairs.x(), pairs.y()));
  }

  /** {@return the standard deviation of x − y by n − 1, of at least two pairs} */
  public Exact sdOfDifferences() {
    // Σ(u−ū)² = Sxx − 2·Sxy + Syy for u = x − y.
    return sxx().minus(sxy().times(2)).plus(syy()).over(n.minus(Exact.ONE)).sqrt();
  }

  /** {@return Σd² of the differences of the ranks} */
  public Exact squaredRankDifferences() {
    BigInteger squares = BigInteger.ZERO;
    for (int row = 0; row < pairs.size(); row++) {
      // Twice the difference is a whole number below 2³¹.
      long apart = (long) pairs.doubledRankOfX(row) - pairs.doubledRankOfY(row);
      squares = squares.add(BigInteger.valueOf(apart * apart));
    }
    return Exact.of(squares, BigInteger.valueOf(4));
  }

  /** {@return the correlation of the ranks; only where x and y vary} */
  public Exact rankCorrelation() {
    BigInteger products = BigInteger.ZERO;
    BigInteger squaresX = BigInteger.ZERO;
    BigInteger squaresY = BigInteger.ZERO;
    // Twice the rank less its mean is a whole number below 2³¹.
    long middle = pairs.size() + 1L;
    for (int row = 0; row < pairs.size(); row++) {
      long first = pairs.doubledRankOfX(row) - middle;
      long second = pairs.doubledRankOfY(row) - middle;
      products = products.add(BigInteger.valueOf(first * second));
      squaresX = squaresX.add(BigInteger.valueOf(first * first));
      squaresY = squaresY.add(BigInteger.valueOf(second * second));
    }
    return Exact.of(products).over(Exact.of(squaresX.multiply(squaresY)).sqrt());
  }
}
