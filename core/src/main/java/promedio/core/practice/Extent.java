package promedio.core.practice;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * How long and how large data are.
 *
 * @param lines how many values or rows are printed one after the other, of groups in the longest
 *     one
 * @param largest the number that is farthest from 0
 */
public record Extent(long lines, Exact largest) {

  private static final Data.Visitor<Extent> OF = new OfData();

  /** {@return that of the data} */
  public static Extent of(Data data) {
    return data.accept(OF);
  }

  private static Extent of(long lines, Stream<Exact> numbers) {
    return new Extent(lines, numbers.map(Exact::abs).max(Exact::compareTo).orElse(Exact.ZERO));
  }

  private static Stream<Exact> numbers(Values values) {
    Values present = values.present();
    return IntStream.range(0, present.size()).mapToObj(present::get);
  }

  private static final class OfData implements Data.Visitor<Extent> {

    @Override
    public Extent sample(Sample sample) {
      return of(sample.values().count(), numbers(sample.values()));
    }

    @Override
    public Extent frequencies(FrequencyTable table) {
      return of(
          table.rows().size(),
          table.rows().stream().flatMap(row -> Stream.of(row.value(), row.frequency())));
    }

    @Override
    public Extent classes(ClassTable table) {
      return of(
          table.rows().size(),
          table.rows().stream()
              .flatMap(
                  row ->
                      Stream.concat(
                          Stream.of(row.frequency()),
                          Stream.concat(row.lower().stream(), row.upper().stream()))));
    }

    @Override
    public Extent categories(Categories categories) {
      return of(
          categories.rows().size(), categories.rows().stream().map(Categories.Row::frequency));
    }

    @Override
    public Extent pairs(Pairs pairs) {
      return of(pairs.size(), Stream.concat(numbers(pairs.x()), numbers(pairs.y())));
    }

    @Override
    public Extent groups(Groups groups) {
      List<Extent> each = groups.samples().stream().map(group -> sample(group.sample())).toList();
      return of(
          each.stream().mapToLong(Extent::lines).max().orElse(0),
          each.stream().map(Extent::largest));
    }

    @Override
    public Extent cross(CrossTable table) {
      return of(0, Stream.of(table.total()));
    }

    @Override
    public Extent fit(GoodnessOfFitData fit) {
      return categories(fit.counted());
    }
  }
}
