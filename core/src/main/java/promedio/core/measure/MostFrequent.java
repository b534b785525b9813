package promedio.core.measure;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;
import promedio.core.formula.Formula;
import promedio.core.number.Exact;
import promedio.core.rules.ModeRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Categories;
import promedio.core.sample.Tally;

/** What occurs most often: the values, or the categories, of highest frequency. */
public record MostFrequent() implements Inspection {

  @Override
  public Seen look(MeasureContext context) {
    ModeRule rule = context.rules().get(Rule.MODE);
    return context
        .categories()
        .map(categories -> named(categories, rule))
        .orElseGet(() -> numbers(context.tally(), rule));
  }

  private static Seen numbers(Tally tally, ModeRule rule) {
    Exact highest = tally.highestFrequency();
    List<InspectionResult> modes =
        IntStream.range(0, tally.size())
            .filter(i -> tally.frequency(i).equals(highest))
            .mapToObj(i -> InspectionResult.of(i, Map.of(), new Formula.Numeral(tally.value(i))))
            .toList();
    return listed(modes, tally.size(), rule, Numbers::new);
  }

  /** Categories that do not occur are none of those that could be equally frequent. */
  private static Seen named(Categories categories, ModeRule rule) {
    Exact highest = categories.highestFrequency();
    List<String> modes =
        categories.rows().stream()
            .filter(row -> row.frequency().equals(highest))
            .map(Categories.Row::name)
            .toList();
    long occurring = categories.rows().stream().filter(row -> row.frequency().signum() > 0).count();
    return listed(modes, occurring, rule, Names::new);
  }

  private static <T> Seen listed(
      List<T> modes, long distinct, ModeRule rule, Function<List<T>, Seen> seen) {
    boolean allEqual = modes.size() == distinct && distinct > 1;
    return switch (rule) {
      case NONE_WHEN_ALL_EQUAL ->
          allEqual ? Inspection.nothing("all-equally-frequent") : seen.apply(modes);
      case LIST_ALL -> seen.apply(modes);
    };
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.mostFrequent(this);
  }
}
