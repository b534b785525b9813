package promedio.core.sample;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/**
 * A column of rational numbers in their order, some of them missing, packed as whole numerators
 * over one common denominator: in an array of {@code long} where 18 digits do, of big integers
 * otherwise. Immutable.
 */
public final class Values {

  /**
   * Numerators below this differ by less than 2^63, so differences of packed ones never overflow.
   */
  static final long PACKED_LIMIT = 1_000_000_000_000_000_000L;

  /** Packed numerators, 0 where missing; null where they are wide. */
  private final long @Nullable [] packed;

  /** Numerators that do not fit, 0 where missing; null where they are packed. */
  private final BigInteger @Nullable [] wide;

  private final BigInteger denominator;
  private final BitSet missing;

  /** The present values in ascending order, made when first asked for. */
  private volatile @Nullable Values sorted;

  private Values(
      long @Nullable [] packed,
      BigInteger @Nullable [] wide,
      BigInteger denominator,
      BitSet missing) {
    this.packed = packed;
    this.wide = wide;
    this.denominator = denominator;
    this.missing = missing;
  }

  /**
   * {@return these values, none missing}
   *
   * @throws IllegalArgumentException if they have no common denominator of sensible size; where
   *     that may be so, they are {@linkplain #read read}
   */
  public static Values of(List<Exact> values) {
    try {
      return read(values);
    } catch (BadInputException e) {
      throw new IllegalArgumentException(e);
    }
  }

  /**
   * {@return these values from outside, none missing}
   *
   * @throws BadInputException if fractions among them have no common denominator of sensible size
   */
  public static Values read(Collection<Exact> values) throws BadInputException {
    ValuesBuilder builder = new ValuesBuilder();
    values.forEach(builder::add);
    return builder.build();
  }

  /**
   * {@return the numbers of several columns, one column after the other}
   *
   * @param columns columns of which no entry is missing
   */
  static Values join(List<Values> columns) {
    Values first = columns.get(0);
    boolean alike =
        columns.stream().allMatch(v -> v.isPacked() && v.denominator.equals(first.denominator));
    if (alike) {
      Values joined = inARow(columns, first.denominator);
      // Each column may be in order already; to merge them is much less work than to sort them.
      joined.sorted =
          inARow(columns.stream().map(Values::sorted).toList(), first.denominator).sort();
      return joined;
    }
    return of(
        columns.stream().flatMap(v -> IntStream.range(0, v.size()).mapToObj(v::get)).toList());
  }

  private static Values inARow(List<Values> columns, BigInteger denominator) {
    long[] joined = new long[columns.stream().mapToInt(Values::size).sum()];
    int filled = 0;
    for (Values column : columns) {
      System.arraycopy(column.packed, 0, joined, filled, column.size());
      filled += column.size();
    }
    return new Values(joined, null, denominator, new BitSet());
  }

  /** {@return values with these numerators, none missing, over a power of ten} */
  public static Values ofDecimals(long[] numerators, int places) {
    return packed(numerators.clone(), BigInteger.TEN.pow(places), new BitSet());
  }

  /** Takes over the array. */
  static Values packed(long[] numerators, BigInteger denominator, BitSet missing) {
    long least = 0;
    long most = 0;
    for (long numerator : numerators) {
      least = Math.min(least, numerator);
      most = Math.max(most, numerator);
    }
    if (least <= -PACKED_LIMIT || most >= PACKED_LIMIT) {
      return wide(
          Arrays.stream(numerators).mapToObj(BigInteger::valueOf).toArray(BigInteger[]::new),
          denominator,
          missing);
    }
    return new Values(numerators, null, denominator, missing);
  }

  /** Takes over the array; packs it where it can be. */
  static Values wide(BigInteger[] numerators, BigInteger denominator, BitSet missing) {
    BigInteger limit = BigInteger.valueOf(PACKED_LIMIT);
    if (Arrays.stream(numerators).allMatch(n -> n.abs().compareTo(limit) < 0)) {
      long[] packed = Arrays.stream(numerators).mapToLong(BigInteger::longValueExact).toArray();
      return new Values(packed, null, denominator, missing);
    }
    return new Values(null, numerators, denominator, missing);
  }

  /** {@return how many entries there are, missing ones counted} */
  public int size() {
    return packed != null ? packed.length : wide().length;
  }

  /** {@return how many entries are missing} */
  public int missing() {
    return missing.cardinality();
  }

  /** {@return how many numbers there are} */
  public int count() {
    return size() - missing();
  }

  /** {@return whether the entry is missing} */
  public boolean isMissing(int index) {
    return missing.get(index);
  }

  /** {@return the values that are there one after the other} */
  public List<Exact> list() {
    return IntStream.range(0, size()).mapToObj(this::get).toList();
  }

  /**
   * {@return the number at the index, from 0}
   *
   * @throws IllegalArgumentException if it is missing
   */
  public Exact get(int index) {
    if (isMissing(index)) {
      throw new IllegalArgumentException("entry " + index + " is missing");
    }
    return Exact.of(numerator(index), denominator);
  }

  /** {@return the numbers in ascending order, without the missing entries} */
  public Values sorted() {
    Values result = sorted;
    if (result == null) {
      result = sort();
      sorted = result;
    }
    return result;
  }

  /** {@return the same numbers in the same order, without the missing entries} */
  public Values present() {
    if (missing.isEmpty()) {
      return this;
    }
    if (packed == null) {
      return pick(IntStream.range(0, size()).filter(i -> !missing.get(i)).toArray());
    }
    long[] kept = new long[count()];
    int filled = 0;
    int from = 0;
    while (filled < kept.length) {
      int next = missing.nextSetBit(from);
      int run = (next < 0 ? packed.length : next) - from;
      System.arraycopy(packed, from, kept, filled, run);
      filled += run;
      from += run + 1;
    }
    return new Values(kept, null, denominator, new BitSet());
  }

  /** {@return the number that every numerator is divided by, above 0} */
  public BigInteger denominator() {
    return denominator;
  }

  /** {@return the value at the index times the common denominator; 0 where missing} */
  public BigInteger numerator(int index) {
    return packed != null ? BigInteger.valueOf(packed[index]) : wide()[index];
  }

  /** {@return whether all numerators are packed} */
  boolean isPacked() {
    return packed != null;
  }

  /** {@return the packed numerator; only where {@link #isPacked}} */
  long packed(int index) {
    if (packed == null) {
      throw new IllegalStateException("the numerators are wide");
    }
    return packed[index];
  }

  /** {@return the numbers at these indices, none of which may be missing} */
  Values pick(int[] indices) {
    return packed != null
        ? new Values(picked(packed, indices), null, denominator, new BitSet())
        : new Values(
            null,
            Arrays.stream(indices).mapToObj(this::numerator).toArray(BigInteger[]::new),
            denominator,
            new BitSet());
  }

  /** {@return the entries at these indices, missing ones kept; −1 stands for a missing one} */
  public Values pickEntries(int[] indices) {
    BitSet gone = new BitSet();
    boolean anyMissing = !missing.isEmpty();
    for (int i = 0; i < indices.length; i++) {
      if (indices[i] < 0 || (anyMissing && missing.get(indices[i]))) {
        gone.set(i);
      }
    }
    return packed != null
        ? new Values(picked(packed, indices), null, denominator, gone)
        : new Values(
            null,
            Arrays.stream(indices)
                .mapToObj(i -> i < 0 ? BigInteger.ZERO : numerator(i))
                .toArray(BigInteger[]::new),
            denominator,
            gone);
  }

  /**
   * {@return the entries of each part in their order, missing ones kept}
   *
   * @param part for each entry the part that it goes to, from 0; below 0 for none
   * @param parts how many parts there are
   */
  public List<Values> split(int[] part, int parts) {
    int[] sizes = new int[parts];
    for (int each : part) {
      if (each >= 0) {
        sizes[each]++;
      }
    }
    if (packed == null) {
      return splitWide(part, sizes);
    }
    long[][] split = Arrays.stream(sizes).mapToObj(long[]::new).toArray(long[][]::new);
    BitSet[] gone = Stream.generate(BitSet::new).limit(parts).toArray(BitSet[]::new);
    boolean anyMissing = !missing.isEmpty();
    int[] filled = new int[parts];
    for (int i = 0; i < part.length; i++) {
      int to = part[i];
      if (to >= 0) {
        int at = filled[to]++;
        split[to][at] = packed[i];
        if (anyMissing && missing.get(i)) {
          gone[to].set(at);
        }
      }
    }
    return IntStream.range(0, parts)
        .mapToObj(i -> new Values(split[i], null, denominator, gone[i]))
        .toList();
  }

  private List<Values> splitWide(int[] part, int[] sizes) {
    int[][] indices = Arrays.stream(sizes).mapToObj(int[]::new).toArray(int[][]::new);
    int[] filled = new int[sizes.length];
    for (int i = 0; i < part.length; i++) {
      if (part[i] >= 0) {
        indices[part[i]][filled[part[i]]++] = i;
      }
    }
    return Arrays.stream(indices).map(this::pickEntries).toList();
  }

  private static long[] picked(long[] from, int[] indices) {
    long[] picked = new long[indices.length];
    for (int i = 0; i < picked.length; i++) {
      picked[i] = indices[i] < 0 ? 0 : from[indices[i]];
    }
    return picked;
  }

  /** {@return how the numbers at two indices compare; neither may be missing} */
  public int compare(int index, int other) {
    return packed != null
        ? Long.compare(packed[index], packed[other])
        : numerator(index).compareTo(numerator(other));
  }

  /** {@return the sum of the numbers; 0 where there are none} */
  public Exact sum() {
    BigInteger sum = BigInteger.ZERO;
    if (packed == null) {
      for (BigInteger numerator : wide()) {
        sum = sum.add(numerator);
      }
    } else {
      long part = 0;
      for (int i = 0; i < packed.length; i++) {
        // Eight numerators below the limit, and what is left, stay within a long.
        part += packed[i];
        if ((i & 7) == 7) {
          sum = part == 0 ? sum : sum.add(BigInteger.valueOf(part));
          part = 0;
        }
      }
      sum = sum.add(BigInteger.valueOf(part));
    }
    return Exact.of(sum, denominator);
  }

  private BigInteger[] wide() {
    if (wide == null) {
      throw new IllegalStateException("the numerators are packed");
    }
    return wide;
  }

  private Values sort() {
    Values present = present();
    if (present.packed != null) {
      return new Values(PackedSort.sorted(present.packed), null, denominator, new BitSet());
    }
    BigInteger[] copy = present.wide().clone();
    Arrays.sort(copy);
    return new Values(null, copy, denominator, new BitSet());
  }

  /** {@return whether both hold equal numbers and missing entries in the same order} */
  @Override
  public boolean equals(Object other) {
    if (this == other) {
      return true;
    }
    return other instanceof Values that
        && size() == that.size()
        && missing.equals(that.missing)
        && IntStream.range(0, size())
            .allMatch(
                i ->
                    numerator(i)
                        .multiply(that.denominator)
                        .equals(that.numerator(i).multiply(denominator)));
  }

  @Override
  public int hashCode() {
    // Numerators depend on how the values were packed; their number and places do not.
    return 31 * size() + missing.hashCode();
  }

  @Override
  public String toString() {
    return "Values[" + size() + " entries, " + missing() + " missing]";
  }
}
