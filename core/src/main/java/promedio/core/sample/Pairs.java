package promedio.core.sample;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;

/**
 * Two numbers x and y of each individual, in the order in which they came. A row where either is
 * missing is left out and counted. Immutable and safe for several threads.
 */
public final class Pairs implements Data {

  private final Values x;
  private final Values y;
  private final int missing;
  private volatile int @Nullable [] ranksOfX;
  private volatile int @Nullable [] ranksOfY;
  private volatile @Nullable PairSums sums;

  private Pairs(Values x, Values y, int missing) {
    this.x = x;
    this.y = y;
    this.missing = missing;
  }

  /**
   * {@return the rows in which neither is missing}
   *
   * @throws IllegalArgumentException if there are more of one than of the other
   */
  public static Pairs of(Values x, Values y) {
    if (x.size() != y.size()) {
      throw new IllegalArgumentException(x.size() + " x and " + y.size() + " y");
    }
    int[] whole =
        IntStream.range(0, x.size()).filter(i -> !x.isMissing(i) && !y.isMissing(i)).toArray();
    return new Pairs(x.pickEntries(whole), y.pickEntries(whole), x.size() - whole.length);
  }

  /** {@return the pairs without that of a row, from 0} */
  public Pairs without(int row) {
    int[] others = IntStream.range(0, size()).filter(each -> each != row).toArray();
    return new Pairs(x.pickEntries(others), y.pickEntries(others), missing);
  }

  /** {@return their sums, found when first asked for} */
  public PairSums sums() {
    PairSums known = sums;
    if (known == null) {
      known = PairSums.of(this);
      sums = known;
    }
    return known;
  }

  /** {@return how many pairs there are} */
  public int size() {
    return x.size();
  }

  /** {@return the first numbers} */
  public Values x() {
    return x;
  }

  /** {@return the second numbers} */
  public Values y() {
    return y;
  }

  /** {@return twice the rank of x in a row, from 2; equal values share the mean of their ranks} */
  public int doubledRankOfX(int row) {
    int[] known = ranksOfX;
    if (known == null) {
      known = doubledRanks(x);
      ranksOfX = known;
    }
    return known[row];
  }

  /** {@return twice the rank of y in a row, from 2; equal values share the mean of their ranks} */
  public int doubledRankOfY(int row) {
    int[] known = ranksOfY;
    if (known == null) {
      known = doubledRanks(y);
      ranksOfY = known;
    }
    return known[row];
  }

  private static int[] doubledRanks(Values values) {
    Integer[] order = IntStream.range(0, values.size()).boxed().toArray(Integer[]::new);
    Arrays.sort(order, Comparator.comparing(row -> row, values::compare));
    int[] ranks = new int[order.length];
    for (int first = 0; first < order.length; ) {
      int end = first + 1;
      while (end < order.length && values.compare(order[first], order[end]) == 0) {
        end++;
      }
      // The mean of first + 1 … end is (first + 1 + end)/2.
      for (int i = first; i < end; i++) {
        ranks[order[i]] = first + 1 + end;
      }
      first = end;
    }
    return ranks;
  }

  @Override
  public Subject subject() {
    return Subject.PAIRS;
  }

  @Override
  public Exact total() {
    return Exact.of(size());
  }

  @Override
  public List<Entry> entries() {
    List<Exact> ofX = x.list();
    List<Exact> ofY = y.list();
    return IntStream.range(0, size())
        .boxed()
        .flatMap(
            i ->
                Stream.of(
                    Entry.row(
                        List.of(ofX.get(i), ofY.get(i)),
                        times -> of(Entry.times(ofX, i, times), Entry.times(ofY, i, times))),
                    Entry.fixed(ofX.get(i), number -> of(Entry.with(ofX, i, number), ofY)),
                    Entry.fixed(ofY.get(i), number -> of(ofX, Entry.with(ofY, i, number)))))
        .toList();
  }

  private static Optional<Data> of(List<Exact> x, List<Exact> y) {
    return x.isEmpty() ? Optional.empty() : Optional.of(of(Values.of(x), Values.of(y)));
  }

  @Override
  public int missing() {
    return missing;
  }

  @Override
  public Optional<Pairs> pairs() {
    return Optional.of(this);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.pairs(this);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Pairs that
        && x.equals(that.x)
        && y.equals(that.y)
        && missing == that.missing;
  }

  @Override
  public int hashCode() {
    return Objects.hash(x, y, missing);
  }
}
