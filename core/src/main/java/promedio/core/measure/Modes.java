package promedio.core.measure;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import promedio.core.number.Exact;
import promedio.core.rules.ModeRule;
import promedio.core.sample.Categories;
import promedio.core.sample.Tally;

/** What occurs most often: the values, or the categories, of highest frequency. */
final class Modes {

  private Modes() {}

  static Result of(Tally tally, ModeRule rule) {
    Exact highest = tally.highestFrequency();
    List<Exact> modes =
        IntStream.range(0, tally.size())
            .filter(i -> tally.frequency(i).equals(highest))
            .mapToObj(tally::value)
            .toList();
    return listed(modes, tally.size(), rule, Result.Several::new);
  }

  /** Categories that do not occur are none of those that could be equally frequent. */
  static Result of(Categories categories, ModeRule rule) {
    Exact highest = categories.highestFrequency();
    List<String> modes =
        categories.rows().stream()
            .filter(row -> row.frequency().equals(highest))
            .map(Categories.Row::name)
            .toList();
    long occurring = categories.rows().stream().filter(row -> row.frequency().signum() > 0).count();
    return listed(modes, occurring, rule, Result.Named::new);
  }

  private static <T> Result listed(
      List<T> modes, long distinct, ModeRule rule, Function<List<T>, Result> result) {
    boolean allEqual = modes.size() == distinct && distinct > 1;
    return switch (rule) {
      case NONE_WHEN_ALL_EQUAL ->
          allEqual ? Result.absent("all-equally-frequent") : result.apply(modes);
      case LIST_ALL -> result.apply(modes);
    };
  }
}
