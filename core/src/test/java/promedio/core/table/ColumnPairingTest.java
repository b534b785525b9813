package promedio.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import promedio.core.number.Exact;
import promedio.core.sample.Groups;
import promedio.core.sample.Values;

/** Values of a column by one factor or two. */
class ColumnPairingTest {

  private static NumberColumn numbers(List<Integer> numbers) {
    return new NumberColumn(
        "weight",
        Values.ofDecimals(numbers.stream().mapToLong(Integer::longValue).toArray(), 1),
        Map.of());
  }

  private static WordColumn words(String name, List<String> words) {
    return WordColumn.of(name, Kind.CATEGORY, words);
  }

  private static Map<String, List<Exact>> byName(Groups groups) {
    Map<String, List<Exact>> byName = new LinkedHashMap<>();
    for (Groups.Group group : groups.samples()) {
      Values values = group.sample().values();
      byName.put(group.name(), IntStream.range(0, values.size()).mapToObj(values::get).toList());
    }
    return byName;
  }

  @Test
  void groupsComeInTheOrderInWhichEachFactorFirstShowsItsValues() throws Exception {
    Groups groups =
        ColumnPairing.groups(
            numbers(List.of(1, 2, 3, 4, 5, 6)),
            List.of(
                words("terrace", List.of("low", "high", "low", "", "high", "low")),
                words("variety", List.of("Rocha", "Ana", "Ana", "Ana", "Rocha", "Rocha"))));

    assertThat(byName(groups).keySet())
        .containsExactly("low · Rocha", "low · Ana", "high · Rocha", "high · Ana");
    assertThat(byName(groups).get("low · Rocha")).containsExactly(Exact.of(1, 10), Exact.of(6, 10));
  }

  /** Each row alone would be found in the same group by going over all of them. */
  @Property(tries = 100)
  void eachValueIsInTheGroupOfBothItsFactors(
      @ForAll @Size(min = 40, max = 80) List<@IntRange(max = 30) Integer> first,
      @ForAll @IntRange(min = 2, max = 40) int kinds)
      throws Exception {
    List<Integer> values = IntStream.range(0, first.size()).boxed().toList();
    List<String> a = first.stream().map(each -> "a" + each).toList();
    // The first two differ, so that there are two groups at least.
    List<String> b = values.stream().map(row -> "b" + (row * 7 + row / 3) % kinds).toList();
    Map<String, List<Exact>> expected = new TreeMap<>();
    for (int row = 0; row < first.size(); row++) {
      expected
          .computeIfAbsent(a.get(row) + " · " + b.get(row), name -> new ArrayList<>())
          .add(Exact.of(row, 10));
    }

    Groups groups = ColumnPairing.groups(numbers(values), List.of(words("a", a), words("b", b)));

    assertThat(new TreeMap<>(byName(groups))).isEqualTo(expected);
  }

  @Test
  void factorsOfManyValuesNeedNoRoomForWhatNeverComesTogether() throws Exception {
    List<Integer> rows = IntStream.range(0, 50_000).boxed().toList();
    List<String> each = rows.stream().map(row -> "tree " + row / 2).toList();

    Groups groups =
        ColumnPairing.groups(numbers(rows), List.of(words("tree", each), words("again", each)));

    assertThat(groups.samples()).hasSize(25_000);
    assertThat(groups.samples().get(24_999).name()).isEqualTo("tree 24999 · tree 24999");
  }

  @Test
  void wideNumbersAndMissingOnesAreSplitToo() throws Exception {
    Exact wide = Exact.of(10).pow(30);
    Values values = Values.of(List.of(wide, Exact.of(2), wide.plus(Exact.ONE)));

    List<Values> split = values.split(new int[] {1, -1, 1}, 2);

    assertThat(split.get(0).size()).isZero();
    assertThat(split.get(1)).isEqualTo(Values.of(List.of(wide, wide.plus(Exact.ONE))));
    assertThat(values.pickEntries(new int[] {0, -1, 1}).split(new int[] {0, 0, 1}, 2).get(0))
        .satisfies(
            part -> {
              assertThat(part.missing()).isEqualTo(1);
              assertThat(part.get(0)).isEqualTo(wide);
            });
  }
}
