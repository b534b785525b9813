package promedio.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.message.Cancellation;

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
    int[] both = new int[codes.length];
    Arrays.fill(both, NONE);
    List<String> together = new ArrayList<>();
    int[] known = new int[other.names.size()];
    List<int[]> rows = rows();
    for (int first = 0; first < rows.size(); first++) {
      BitSet seconds = new BitSet(known.length);
      for (int row : rows.get(first)) {
        if (other.codes[row] != NONE) {
          seconds.set(other.codes[row]);
        }
      }
      for (int second : seconds.stream().toArray()) {
        known[second] = together.size();
        together.add(names.get(first) + BETWEEN + other.names.get(second));
      }
      for (int row : rows.get(first)) {
        both[row] = other.codes[row] == NONE ? NONE : known[other.codes[row]];
      }
    }
    return new Coded(together, both);
  }

  /** {@return what the codes stand for} */
  List<String> names() {
    return names;
  }

  /** {@return the code of a row, {@link #NONE} where an entry is missing} */
  int code(int row) {
    return codes[row];
  }

  /** {@return the rows of each code, ascending} */
  List<int[]> rows() {
    int[] sizes = new int[names.size()];
    for (int code : codes) {
      if (code != NONE) {
        sizes[code]++;
      }
    }
    int[][] rows = Arrays.stream(sizes).mapToObj(int[]::new).toArray(int[][]::new);
    int[] filled = new int[rows.length];
    for (int row = 0; row < codes.length; row++) {
      int code = codes[row];
      if (code != NONE) {
        rows[code][filled[code]++] = row;
      }
    }
    return List.of(rows);
  }
}
