package promedio.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.message.Cancellation;
import promedio.core.sample.Values;

/** The rows of a column, or of several taken together, as codes of the groups they fall in. */
final class Coded {

  /** The code of a row in which an entry is missing. */
  static final int NONE = -1;

  private static final String BETWEEN = " · ";

  private final List<String> names;
  private final int[] codes;

  private Coded(List<String> names, int[] codes) {
    this.names = List.copyOf(names);
    this.codes = codes;
  }

  /** {@return a code for each entry, from 0 in the order in which they first came} */
  static Coded of(Column column) {
    return column instanceof WordColumn words ? of(words) : ofTexts(column);
  }

  /** The column has a code for each word already, but some words may come late, or never. */
  private static Coded of(WordColumn column) {
    List<String> names = new ArrayList<>();
    int[] known = new int[column.words().size()];
    Arrays.fill(known, NONE);
    int[] codes = new int[column.size()];
    for (int row = 0; row < codes.length; row++) {
      Cancellation.check(row);
      int word = column.code(row);
      if (word == WordColumn.MISSING) {
        codes[row] = NONE;
        continue;
      }
      if (known[word] == NONE) {
        known[word] = names.size();
        names.add(column.words().get(word));
      }
      codes[row] = known[word];
    }
    return new Coded(names, codes);
  }

  private static Coded ofTexts(Column column) {
    Map<String, Integer> known = new LinkedHashMap<>();
    int[] codes = new int[column.size()];
    for (int row = 0; row < codes.length; row++) {
      Cancellation.check(row);
      codes[row] =
          column.isMissing(row)
              ? NONE
              : known.computeIfAbsent(column.text(row), text -> known.size());
    }
    return new Coded(List.copyOf(known.keySet()), codes);
  }

  /** {@return both together: a code for each two that came together, in the order of both} */
  Coded by(Coded other) {
    long across = other.names.size();
    long[] both = new long[codes.length];
    for (int row = 0; row < codes.length; row++) {
      Cancellation.check(row);
      boolean none = codes[row] == NONE || other.codes[row] == NONE;
      both[row] = none ? NONE : codes[row] * across + other.codes[row];
    }
    long[] found = found(both, names.size() * across);
    int[] places = new int[both.length];
    boolean all = found.length == names.size() * across;
    for (int row = 0; row < both.length; row++) {
      places[row] =
          both[row] == NONE || all ? (int) both[row] : Arrays.binarySearch(found, both[row]);
    }
    List<String> together =
        Arrays.stream(found)
            .mapToObj(
                each ->
                    names.get((int) (each / across))
                        + BETWEEN
                        + other.names.get((int) (each % across)))
            .toList();
    return new Coded(together, places);
  }

  /** The numbers that come, ascending, of so many that are possible. */
  private static long[] found(long[] numbers, long possible) {
    if (possible > numbers.length) {
      return Arrays.stream(numbers).filter(each -> each != NONE).sorted().distinct().toArray();
    }
    BitSet found = new BitSet();
    for (long number : numbers) {
      if (number != NONE) {
        found.set((int) number);
      }
    }
    return found.stream().asLongStream().toArray();
  }

  /** {@return what the codes stand for} */
  List<String> names() {
    return names;
  }

  /** {@return the code of a row, {@link #NONE} where an entry is missing} */
  int code(int row) {
    return codes[row];
  }

  /** {@return the values of the rows of each code} */
  List<Values> split(Values values) {
    return values.split(codes, names.size());
  }
}
