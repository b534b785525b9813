package promedio.core.graph;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Tally;

/**
 * Values as stems with leaves; what is finer than a leaf is cut off.
 *
 * @param unit what one leaf stands for, a power of ten
 * @param stems the stems from the smallest up, without gaps
 */
public record StemAndLeaf(Exact unit, List<Stem> stems) {

  /** More stems than this are too long to see a shape. */
  private static final int MOST_STEMS = 25;

  /** More values than this are too many to write out. */
  public static final int MOST_VALUES = 1000;

  public StemAndLeaf {
    stems = List.copyOf(stems);
  }

  /**
   * One stem.
   *
   * @param label what stands before the line, {@code −0} for values just below 0
   * @param leaves a figure for each value, from the stem outwards
   */
  public record Stem(String label, String leaves) {}

  /**
   * {@return the stems of the values}; none where they have no positions, or there are none or more
   * than {@value #MOST_VALUES}
   */
  public static Optional<StemAndLeaf> of(Tally tally) {
    return of(List.of(tally)).map(parts -> parts.get(0));
  }

  /**
   * {@return the stems of several samples, the same for all of them, so that their leaves can be
   * compared}; none where one of them has none
   */
  public static Optional<List<StemAndLeaf>> of(List<Tally> tallies) {
    if (tallies.isEmpty() || !tallies.stream().allMatch(StemAndLeaf::canBeWritten)) {
      return Optional.empty();
    }
    int places = Math.min(6, tallies.stream().mapToInt(StemAndLeaf::places).max().orElse(0));
    Exact unit = Exact.of(BigDecimal.ONE.movePointLeft(places));
    Exact smallest = tallies.stream().map(t -> t.value(0)).min(Exact::compareTo).orElseThrow();
    Exact largest =
        tallies.stream().map(t -> t.value(t.size() - 1)).max(Exact::compareTo).orElseThrow();
    Exact range = largest.minus(smallest);
    while (range.over(unit).over(10).compareTo(Exact.of(MOST_STEMS)) > 0) {
      unit = unit.times(10);
    }
    BigInteger first = stem(smallest, unit);
    BigInteger last = stem(largest, unit);
    Exact leaf = unit;
    return Optional.of(
        tallies.stream()
            .map(tally -> new StemAndLeaf(leaf, stems(tally, leaf, first, last)))
            .toList());
  }

  private static boolean canBeWritten(Tally tally) {
    return !tally.isEmpty()
        && tally.hasPositions()
        && tally.total().compareTo(Exact.of(MOST_VALUES)) <= 0;
  }

  /** How many decimals the values have, as far as they end. */
  private static int places(Tally tally) {
    BigInteger denominator = tally.values().denominator();
    int places = 0;
    while (places < 6 && !BigInteger.TEN.pow(places).mod(denominator).equals(BigInteger.ZERO)) {
      places++;
    }
    return places;
  }

  /** Below 0 the stems count down from −1, which stands for −0. */
  private static BigInteger stem(Exact value, Exact unit) {
    BigInteger stem = value.abs().over(unit).floor().divide(BigInteger.TEN);
    return value.signum() < 0 ? stem.not() : stem;
  }

  private static List<Stem> stems(Tally tally, Exact unit, BigInteger first, BigInteger last) {
    Map<BigInteger, StringBuilder> leaves = new HashMap<>();
    for (int i = 0; i < tally.size(); i++) {
      Exact value = tally.value(i);
      BigInteger leaf = value.abs().over(unit).floor().mod(BigInteger.TEN);
      StringBuilder line = leaves.computeIfAbsent(stem(value, unit), p -> new StringBuilder());
      String each = leaf.toString().repeat(tally.frequency(i).numerator().intValueExact());
      if (value.signum() < 0) {
        line.insert(0, each);
      } else {
        line.append(each);
      }
    }
    List<Stem> stems = new ArrayList<>();
    for (BigInteger at = first; at.compareTo(last) <= 0; at = at.add(BigInteger.ONE)) {
      String label = at.signum() < 0 ? "−" + at.not() : at.toString();
      StringBuilder line = leaves.get(at);
      stems.add(new Stem(label, line == null ? "" : line.toString()));
    }
    return stems;
  }
}
