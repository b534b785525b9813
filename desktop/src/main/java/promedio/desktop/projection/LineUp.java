package promedio.desktop.projection;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.Entry;
import promedio.core.measure.Definition;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.Quantiles;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Tally;

/**
 * The values of a sample in order, with the positions that median and quartiles take.
 *
 * @param spots the values, ascending
 * @param median the position of the median, such as 12.5
 * @param lower the position of the lower quartile, if there is one
 * @param upper the position of the upper quartile, if there is one
 * @param half how many values are in each half, if the quartile rule takes halves
 */
public record LineUp(
    List<Spot> spots,
    Exact median,
    Optional<Exact> lower,
    Optional<Exact> upper,
    Optional<Integer> half) {

  /** More values are drawn as a summary. */
  public static final int MOST_SPOTS = 60;

  public LineUp {
    spots = List.copyOf(spots);
  }

  /**
   * One value in the line.
   *
   * @param value the value
   * @param entry the typed entry it comes from
   */
  public record Spot(Exact value, int entry) {}

  /** {@return the line-up, if the values have positions and are few enough to be seen singly} */
  public static Optional<LineUp> of(Analysis analysis) {
    Tally tally = analysis.typed().data().tally();
    if (tally.isEmpty()
        || !tally.hasPositions()
        || tally.total().compareTo(Exact.of(MOST_SPOTS)) > 0) {
      return Optional.empty();
    }
    Quantiles quantiles = new Quantiles(tally);
    QuantileRule rule = analysis.rules().get(Rule.QUARTILES);
    BigInteger n = quantiles.n();
    return Optional.of(
        new LineUp(
            spots(analysis, n.intValueExact()),
            quantiles.median().position(n),
            quantiles.lower(rule).map(place -> place.position(n)),
            quantiles.upper(rule).map(place -> place.position(n)),
            quantiles.half(rule).map(BigInteger::intValueExact)));
  }

  /** {@return the positions, from 1, of the values that what is asked is made of} */
  public Set<Integer> partsOf(Request request, Analysis analysis) {
    Computation computation = analysis.computation();
    Set<Integer> parts = new TreeSet<>();
    if (analysis.isCovered(request)) {
      // Which values are looked at would tell the result.
      return parts;
    }
    if (request.measure() == Measures.MODES) {
      addModes(parts, computation.result(request));
    }
    addAround(parts, median, computation.isMadeOf(request, Measures.MEDIAN));
    boolean lowerCounts = computation.isMadeOf(request, Measures.Q1);
    lower.ifPresent(at -> addAround(parts, at, lowerCounts));
    boolean upperCounts = computation.isMadeOf(request, Measures.Q3);
    upper.ifPresent(at -> addAround(parts, at, upperCounts));
    addAround(parts, Exact.ONE, computation.isMadeOf(request, Measures.MIN));
    addAround(parts, Exact.of(spots.size()), computation.isMadeOf(request, Measures.MAX));
    own(request, computation).ifPresent(at -> addAround(parts, at, true));
    // What is made of none of these is made of all values.
    if (parts.isEmpty() && request.measure() != Measures.MODES) {
      IntStream.rangeClosed(1, spots.size()).forEach(parts::add);
    }
    return parts;
  }

  /** The position of a percentile. */
  private Optional<Exact> own(Request request, Computation computation) {
    Quantiles quantiles = new Quantiles(computation.context().tally());
    return computation.definition(request) instanceof Definition.ByInspection looking
            && looking.how() instanceof OrderedPlace place
        ? place.place(quantiles).map(found -> found.position(quantiles.n()))
        : Optional.empty();
  }

  private static void addAround(Set<Integer> parts, Exact at, boolean counts) {
    if (counts) {
      parts.add(at.floor().intValueExact());
      parts.add(at.negate().floor().negate().intValueExact());
    }
  }

  private void addModes(Set<Integer> parts, Result modes) {
    if (modes instanceof Result.Several several) {
      for (int i = 0; i < spots.size(); i++) {
        if (several.values().contains(spots.get(i).value())) {
          parts.add(i + 1);
        }
      }
    }
  }

  private static List<Spot> spots(Analysis analysis, int n) {
    List<Spot> spots = new ArrayList<>();
    List<Entry> entries = analysis.typed().entries();
    boolean table = analysis.item().source() instanceof Source.TableText;
    for (int i = 0; i < entries.size(); i++) {
      if (entries.get(i).content() instanceof Entry.Figure figure) {
        int times = figure.times();
        if (table) {
          // In a row the value stands first and its frequency right after it.
          times = i + 1 < entries.size() ? frequency(entries.get(i + 1)) : 0;
        }
        for (int k = 0; k < times; k++) {
          spots.add(new Spot(figure.value(), i));
        }
      }
      i += table && i + 1 < entries.size() && isRow(entries, i) ? 1 : 0;
    }
    if (spots.size() != n) {
      // A long column has no entries, and fractions of rows may add up to whole frequencies.
      spots.clear();
      addTally(spots, analysis.typed().data().tally());
    }
    spots.sort(Comparator.comparing(Spot::value));
    return spots;
  }

  private static boolean isRow(List<Entry> entries, int first) {
    return !(entries.get(first).content() instanceof Entry.Unreadable unreadable)
        || !unreadable.why().key().equals("table.not-two");
  }

  private static int frequency(Entry entry) {
    return entry.content() instanceof Entry.Figure figure && figure.value().isWhole()
        ? figure.value().numerator().intValueExact()
        : 0;
  }

  private static void addTally(List<Spot> spots, Tally tally) {
    for (int rank = 0; rank < tally.size(); rank++) {
      int times = tally.frequency(rank).numerator().intValueExact();
      for (int k = 0; k < times; k++) {
        spots.add(new Spot(tally.value(rank), -1));
      }
    }
  }
}
