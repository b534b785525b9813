package promedio.core.sample;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;

/**
 * The distinct values of some data in ascending order, each with its frequency above 0. All that
 * order and moments depend on. Immutable.
 */
public final class Tally {

  /** No values. */
  static final Tally NONE = new Tally(Values.of(List.of()), Values.of(List.of()));

  private final Values values;
  private final Values frequencies;

  /**
   * Cumulative frequencies, in units of the frequencies' common denominator; made when first asked
   * for, since nobody asks where distinct values are only counted.
   */
  private volatile BigInteger @Nullable [] cumulative;

  /** Made when first asked for; two threads at once make equal ones. */
  private volatile @Nullable PowerSums powerSums;

  Tally(Values values, Values frequencies) {
    this.values = values;
    this.frequencies = frequencies;
  }

  private BigInteger[] cumulative() {
    BigInteger[] known = cumulative;
    if (known == null) {
      known = new BigInteger[values.size()];
      BigInteger sum = BigInteger.ZERO;
      for (int i = 0; i < known.length; i++) {
        sum = sum.add(frequencies.numerator(i));
        known[i] = sum;
      }
      cumulative = known;
    }
    return known;
  }

  /** {@return the tally of values that are in ascending order already} */
  static Tally ofSorted(Values sorted) {
    int[] ends = new int[sorted.size()];
    int found = 0;
    for (int i = 0; i < ends.length; i++) {
      if (i + 1 == ends.length || differ(sorted, i, i + 1)) {
        ends[found] = i;
        found++;
      }
    }
    ends = Arrays.copyOf(ends, found);
    long[] counts = new long[ends.length];
    long start = 0;
    for (int i = 0; i < ends.length; i++) {
      long end = ends[i] + 1L;
      counts[i] = end - start;
      start = end;
    }
    return new Tally(sorted.pick(ends), Values.ofDecimals(counts, 0));
  }

  private static boolean differ(Values sorted, int first, int second) {
    return sorted.isPacked()
        ? sorted.packed(first) != sorted.packed(second)
        : !sorted.numerator(first).equals(sorted.numerator(second));
  }

  /** {@return how many distinct values there are} */
  public int size() {
    return values.size();
  }

  /** {@return whether there is no value at all} */
  public boolean isEmpty() {
    return size() == 0;
  }

  /** {@return the distinct values, ascending} */
  public Values values() {
    return values;
  }

  /** {@return the frequency of each distinct value} */
  public Values frequencies() {
    return frequencies;
  }

  /** {@return the distinct value of this rank, from 0} */
  public Exact value(int index) {
    return values.get(index);
  }

  /** {@return the frequency of the distinct value of this rank} */
  public Exact frequency(int index) {
    return frequencies.get(index);
  }

  /** {@return n, or Σf} */
  public Exact total() {
    return isEmpty() ? Exact.ZERO : Exact.of(cumulative()[size() - 1], frequencies.denominator());
  }

  /** {@return whether every frequency is a whole number, so that the values have positions} */
  public boolean hasPositions() {
    return frequencies.denominator().equals(BigInteger.ONE);
  }

  /** {@return how much of the total lies at values up to this rank, itself included} */
  public Exact cumulative(int index) {
    return Exact.of(cumulative()[index], frequencies.denominator());
  }

  /**
   * {@return the rank of the distinct value that stands at a position when all values are put in
   * order}
   *
   * @param position from 1 to n
   */
  public int rankAt(BigInteger position) {
    BigInteger[] upTo = cumulative();
    int low = 0;
    int high = size() - 1;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (upTo[middle].compareTo(position) >= 0) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  /**
   * {@return the value at a position when all values are put in order}
   *
   * @param position held within 1 and n
   */
  public Exact at(BigInteger position) {
    return value(rankAt(position));
  }

  /**
   * {@return the values at these positions when all are put in order}; they have positions
   *
   * @param from the first position, from 0
   * @param to the position behind the last one
   */
  public Values inOrder(int from, int to) {
    int[] ranks = new int[to - from];
    int rank = 0;
    for (int i = 0; i < ranks.length; i++) {
      while (cumulative()[rank].compareTo(BigInteger.valueOf(from + i)) <= 0) {
        rank++;
      }
      ranks[i] = rank;
    }
    return values.pick(ranks);
  }

  /** {@return the highest frequency} */
  public Exact highestFrequency() {
    return IntStream.range(0, size())
        .mapToObj(frequencies::numerator)
        .max(BigInteger::compareTo)
        .map(most -> Exact.of(most, frequencies.denominator()))
        .orElse(Exact.ZERO);
  }

  /**
   * {@return the power sums of the values}
   *
   * @throws IllegalArgumentException if there is no value
   */
  public PowerSums powerSums() {
    PowerSums result = powerSums;
    if (result == null) {
      result = PowerSums.of(this);
      powerSums = result;
    }
    return result;
  }

  /** {@return the sum of frequency times value over the ranks below this one} */
  public Exact sumBelow(int rank) {
    if (!values.isPacked() || !frequencies.isPacked()) {
      BigInteger sum = BigInteger.ZERO;
      for (int i = 0; i < rank; i++) {
        sum = sum.add(values.numerator(i).multiply(frequencies.numerator(i)));
      }
      return unscaled(sum);
    }
    WideSum sum = new WideSum();
    for (int i = 0; i < rank; i++) {
      sum.addProduct(values.packed(i), frequencies.packed(i));
    }
    return unscaled(sum.toBigInteger());
  }

  private Exact unscaled(BigInteger sum) {
    return Exact.of(sum, values.denominator().multiply(frequencies.denominator()));
  }
}
