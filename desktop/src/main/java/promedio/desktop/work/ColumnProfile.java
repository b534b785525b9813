package promedio.desktop.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import promedio.core.number.Exact;
import promedio.core.sample.Values;
import promedio.core.table.Column;
import promedio.core.table.ColumnSummary;
import promedio.core.table.NumberColumn;
import promedio.core.table.WordColumn;
import promedio.desktop.session.Background;

/**
 * What the head of a column tells: counts, extremes, and how its entries are spread.
 *
 * @param summary counts and extremes
 * @param bars how many entries lie in each of some equal parts from smallest to largest; of words,
 *     how many entries the most frequent ones have
 */
public record ColumnProfile(ColumnSummary summary, List<Integer> bars) {

  private static final int PARTS = 16;

  /** Longer columns are looked through apart from the window. */
  private static final int SHORT = 20_000;

  public ColumnProfile {
    bars = List.copyOf(bars);
  }

  /** {@return the facts of the column} */
  public static ColumnProfile of(Column column) {
    return new ColumnProfile(
        column.summary(),
        column instanceof NumberColumn numbers ? bars(numbers) : bars((WordColumn) column));
  }

  private static List<Integer> bars(NumberColumn column) {
    Values sorted = column.values().sorted();
    if (sorted.size() == 0) {
      return List.of();
    }
    Exact low = sorted.get(0);
    Exact step = sorted.get(sorted.size() - 1).minus(low).over(PARTS);
    List<Integer> bars = new ArrayList<>();
    int from = 0;
    for (int part = 1; part <= PARTS; part++) {
      int to = part == PARTS ? sorted.size() : firstAtLeast(sorted, low.plus(step.times(part)));
      bars.add(Math.max(0, to - from));
      from = Math.max(from, to);
    }
    return bars;
  }

  private static int firstAtLeast(Values sorted, Exact limit) {
    int low = 0;
    int high = sorted.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (sorted.get(middle).compareTo(limit) < 0) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static List<Integer> bars(WordColumn column) {
    return Arrays.stream(column.counts())
        .filter(count -> count > 0)
        .boxed()
        .sorted((a, b) -> Integer.compare(b, a))
        .limit(PARTS)
        .toList();
  }

  /** Finds facts, each once for a column. */
  public static final class Finder {

    private final Map<Column, ColumnProfile> known = new WeakHashMap<>();
    private final Background background;
    private final ExecutorService worker =
        Executors.newSingleThreadExecutor(
            task -> {
              Thread thread = new Thread(task, "promedio-facts");
              thread.setDaemon(true);
              return thread;
            });

    /** Makes one that tells long columns' facts on the thread of the window. */
    public Finder(Background background) {
      this.background = background;
    }

    /** Gives the facts to whoever asks, at once for a short column. */
    public void find(Column column, Consumer<ColumnProfile> asker) {
      ColumnProfile facts = known.get(column);
      if (facts == null && column.size() <= SHORT) {
        facts = ColumnProfile.of(column);
        known.put(column, facts);
      }
      if (facts != null) {
        asker.accept(facts);
        return;
      }
      worker.execute(
          () -> {
            ColumnProfile found = ColumnProfile.of(column);
            background.tell(
                () -> {
                  known.put(column, found);
                  asker.accept(found);
                });
          });
    }
  }
}
