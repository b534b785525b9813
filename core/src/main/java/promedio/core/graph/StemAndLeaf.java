package promedio.core.graph;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
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
    boolean fits = tally.total().compareTo(Exact.of(MOST_VALUES)) <= 0;
    if (tally.isEmpty() || !tally.hasPositions() || !fits) {
      return Optional.empty();
    }
    int places = Math.min(6, places(tally));
    Exact unit = Exact.of(BigDecimal.ONE.movePointLeft(places));
    Exact range = tally.value(tally.size() - 1).minus(tally.value(0));
    while (range.over(unit).over(10).compareTo(Exact.of(MOST_STEMS)) > 0) {
      unit = unit.times(10);
    }
    return Optional.of(new StemAndLeaf(unit, stems(tally, unit)));
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

  private static List<Stem> stems(Tally tally, Exact unit) {
    TreeMap<BigInteger, StringBuilder> leaves = new TreeMap<>();
    for (int i = 0; i < tally.size(); i++) {
      Exact value = tally.value(i);
      BigInteger[] parts = value.abs().over(unit).floor().divideAndRemainder(BigInteger.TEN);
      // Below 0 the stems count down from −1, which stands for −0.
      BigInteger place = value.signum() < 0 ? parts[0].not() : parts[0];
      StringBuilder line = leaves.computeIfAbsent(place, p -> new StringBuilder());
      String each = parts[1].toString().repeat(tally.frequency(i).numerator().intValueExact());
      if (value.signum() < 0) {
        line.insert(0, each);
      } else {
        line.append(each);
      }
    }
    List<Stem> stems = new ArrayList<>();
    for (BigInteger at = leaves.firstKey();
        at.compareTo(leaves.lastKey()) <= 0;
        at = at.add(BigInteger.ONE)) {
      String label = at.signum() < 0 ? "−" + at.not() : at.toString();
      StringBuilder line = leaves.get(at);
      stems.add(new Stem(label, line == null ? "" : line.toString()));
    }
    return stems;
  }
}
