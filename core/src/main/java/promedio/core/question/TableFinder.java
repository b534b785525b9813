package promedio.core.question;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import promedio.core.question.FoundData.Kind;
import promedio.core.question.NumberRows.Row;

/** Finds tables: rows of numbers behind their names, or columns of numbers below them. */
final class TableFinder {

  private static final Pattern BRACKETS = Pattern.compile("\\s*[(\\[][^)\\]]*[)\\]]\\s*");

  /** So many words can stand above columns. */
  private static final int LONGEST_HEAD = 16;

  /** What is said of all samples stands before so many characters. */
  private static final int LONGEST_TOLD = 100_000;

  private final String text;
  private final Words words;
  private final boolean ofPairs;

  /** Whether the words speak of each of several samples; not looked for before it is asked. */
  private @Nullable Boolean ofEach;

  private final List<Line> lines;
  private final NumberRows numbers;

  TableFinder(String text, Words words, Numerals numerals, boolean ofPairs) {
    this.words = words;
    this.ofPairs = ofPairs;
    this.text = text;
    this.lines = Line.of(text);
    this.numbers = new NumberRows(lines, words, numerals);
  }

  List<FoundData> find() {
    List<FoundData> found = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      if (!lines.get(i).isShort()) {
        continue;
      }
      int line = i;
      Optional<Found> here = rows(line).or(() -> bare(line)).or(() -> columns(line));
      if (here.isPresent()) {
        found.addAll(here.get().data());
        i = here.get().last();
      }
    }
    return found;
  }

  /** What was found, and the last of its lines. */
  private record Found(List<FoundData> data, int last) {}

  /** Names above, numbers below. */
  private Optional<Found> columns(int at) {
    Line head = lines.get(at);
    if (!head.hasLetters() || head.text().length() > 160 || isSentence(head)) {
      return Optional.empty();
    }
    List<List<String>> rows = new ArrayList<>();
    List<String> names = new ArrayList<>();
    int last = at;
    for (int i = at + 1; i < lines.size(); i++) {
      if (lines.get(i).isIdle()) {
        if (i - last > 2) {
          break;
        }
        continue;
      }
      Optional<Row> row = numbers.numeric(i);
      if (row.isEmpty()) {
        row = numbers.labelled(i);
      }
      boolean fits =
          row.isPresent()
              && (rows.isEmpty() || row.get().numbers().size() == rows.get(0).size())
              && (rows.isEmpty() || row.get().name().isEmpty() == names.get(0).isEmpty());
      if (!fits) {
        break;
      }
      if (!numbers.isTotal(row.get().name())) {
        rows.add(row.get().numbers());
        names.add(row.get().name());
      }
      last = i;
    }
    if (rows.size() < 2) {
      return Optional.empty();
    }
    return table(head, names, rows, last);
  }

  /** Whether the words speak of each of several samples, so that columns are lists. */
  private boolean ofEach() {
    Boolean known = ofEach;
    if (known == null) {
      String begin = text.substring(0, Math.min(text.length(), LONGEST_TOLD));
      known = !ofPairs && words.says("every", begin);
      ofEach = known;
    }
    return known;
  }

  private static boolean isSentence(Line line) {
    String words = line.text().strip();
    return ".?!:".indexOf(words.charAt(words.length() - 1)) >= 0
        || Line.words(words) > LONGEST_HEAD;
  }

  private Optional<Found> table(Line head, List<String> names, List<List<String>> rows, int last) {
    int start = head.start();
    int end = lines.get(last).end();
    int wide = rows.get(0).size();
    boolean named = !names.get(0).isEmpty();
    List<String> heads = head.cells();
    if (named && wide == 1) {
      return categories(names, rows, start, end, last);
    }
    if (wide < 2 || (!named && rows.size() < 3)) {
      return Optional.empty();
    }
    List<String> column = rows.stream().map(row -> row.get(0)).toList();
    int first = wide > 2 && !heads.isEmpty() && isIndex(heads.get(0), column) ? 1 : 0;
    List<String> columns =
        heads.size() > wide ? heads.subList(heads.size() - wide, heads.size()) : heads;
    List<String> x = rows.stream().map(row -> row.get(first)).toList();
    List<String> y = rows.stream().map(row -> row.get(first + 1)).toList();
    String xName = columns.size() == wide ? columns.get(first) : "";
    String yName = columns.size() == wide ? columns.get(first + 1) : "";
    if (wide == 2 && !named && words.says("running", head.text())) {
      Optional<FoundData> running = ClassFinder.running(head.text(), both(x, y), words, start, end);
      if (running.isPresent()) {
        return Optional.of(new Found(List.of(running.get()), last));
      }
    }
    if (wide - first == 2 || (!named && words.says("other-column", head.text()))) {
      int counted = wide - first == 2 ? first + 1 : frequencyColumn(columns, wide);
      List<String> f = rows.stream().map(row -> row.get(counted)).toList();
      boolean frequencies =
          !ofPairs
              && !named
              && NumberTexts.areCounts(f)
              && NumberTexts.rise(x)
              && (counted > first + 1
                  || words.says("frequency", yName.isEmpty() ? head.text() : yName)
                  || NumberTexts.areSteps(x));
      if (!frequencies && ofEach() && columns.size() == wide) {
        return lists(columns, rows, start, end, last);
      }
      FoundData.Kind kind = frequencies ? Kind.VALUE_FREQUENCY : Kind.PAIRS;
      if (wide - first > 2 && !frequencies) {
        return Optional.empty();
      }
      FoundData made = FoundData.table(kind, both(x, frequencies ? f : y), start, end);
      return Optional.of(
          new Found(
              List.of(frequencies ? made : made.named(plainName(xName), plainName(yName))), last));
    }
    return lists(columns, rows, start, end, last);
  }

  private int frequencyColumn(List<String> columns, int wide) {
    if (columns.size() == wide) {
      for (int i = 1; i < wide; i++) {
        if (words.says("frequency", columns.get(i))
            && !words.says("other-column", columns.get(i))) {
          return i;
        }
      }
    }
    return 1;
  }

  /** Several columns under their names are lists. */
  private Optional<Found> lists(
      List<String> columns, List<List<String>> rows, int start, int end, int last) {
    int wide = rows.get(0).size();
    if (columns.size() != wide) {
      return Optional.empty();
    }
    List<FoundData> found = new ArrayList<>();
    for (int column = 0; column < wide; column++) {
      int at = column;
      found.add(
          FoundData.raw(
              plainName(columns.get(column)),
              "",
              rows.stream().map(row -> row.get(at)).toList(),
              start + column,
              column == 0 ? end : start + column));
    }
    return Optional.of(new Found(found, last));
  }

  private Optional<Found> categories(
      List<String> names, List<List<String>> rows, int start, int end, int last) {
    boolean counts = rows.stream().allMatch(NumberTexts::areCounts);
    if (!counts || new HashSet<>(names).size() != names.size()) {
      return Optional.empty();
    }
    List<List<String>> made = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      made.add(List.of(names.get(i).replaceAll("[:|]", "").strip(), rows.get(i).get(0)));
    }
    return Optional.of(
        new Found(List.of(FoundData.table(Kind.CATEGORIES, made, start, end)), last));
  }

  /** Two rows without names: what is counted, 1, 2, 3 …, and how often. */
  private Optional<Found> bare(int at) {
    boolean two =
        at + 1 < lines.size()
            && numbers.isNumeric(at)
            && numbers.isNumeric(at + 1)
            && (at == 0 || !numbers.isNumeric(at - 1))
            && !numbers.isNumeric(at + 2);
    if (!two) {
      return Optional.empty();
    }
    List<String> x = numbers.numeric(at).orElseThrow().numbers();
    List<String> f = numbers.numeric(at + 1).orElseThrow().numbers();
    boolean frequencies =
        x.size() > 3
            && x.size() == f.size()
            && NumberTexts.rise(x)
            && NumberTexts.areSteps(x)
            && NumberTexts.areCounts(f);
    return frequencies
        ? Optional.of(
            new Found(
                List.of(
                    FoundData.table(
                        ofPairs ? Kind.PAIRS : Kind.VALUE_FREQUENCY,
                        both(x, f),
                        lines.get(at).start(),
                        lines.get(at + 1).end())),
                at + 1))
        : Optional.empty();
  }

  /** Rows of numbers behind their names, one below the other. */
  private Optional<Found> rows(int at) {
    List<Row> rows = new ArrayList<>();
    int last = at;
    boolean totalColumn = false;
    for (int i = at; i < lines.size(); i++) {
      Line line = lines.get(i);
      if (line.isIdle()) {
        if (rows.isEmpty() || i - last > 1) {
          break;
        }
        continue;
      }
      if (!line.isShort() || !line.hasLetters() || !line.hasDigits()) {
        break;
      }
      Optional<Row> row = numbers.behindName(i);
      if (row.isEmpty()) {
        break;
      }
      totalColumn |= row.get().total();
      rows.add(row.get());
      last = i;
    }
    if (rows.isEmpty() || (rows.size() == 1 && !rows.get(0).colon())) {
      return Optional.empty();
    }
    int start = lines.get(at).start();
    int end = lines.get(last).end();
    if (rows.size() > 2 && isIndex(rows.get(0).name(), rows.get(0).numbers())) {
      rows.remove(0);
    }
    if (rows.size() == 2 && !(rows.get(0).colon() && rows.get(1).colon() && !ofPairs)) {
      Optional<FoundData> two = two(rows.get(0), rows.get(1), totalColumn, start, end);
      if (two.isPresent()) {
        return Optional.of(new Found(List.of(two.get()), last));
      }
    }
    List<FoundData> lists = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      Row row = rows.get(i);
      lists.add(
          FoundData.raw(
              FoundData.name(row.name()),
              FoundData.unit(row.name()),
              row.numbers(),
              start + i,
              i == 0 ? end : start + i));
    }
    return Optional.of(new Found(lists, last));
  }

  /** 1, 2, 3 … only say which. */
  private boolean isIndex(String name, List<String> numbers) {
    return words.says("index", name) && numbers.get(0).equals("1") && NumberTexts.areSteps(numbers);
  }

  private Optional<FoundData> two(Row first, Row second, boolean total, int start, int end) {
    List<String> x = first.numbers();
    List<String> y = second.numbers();
    boolean sum = total && y.size() == x.size() + 1;
    if (!sum && x.size() != y.size()) {
      return Optional.empty();
    }
    List<String> counts = sum ? y.subList(0, x.size()) : y;
    boolean frequencies =
        !ofPairs
            && NumberTexts.areCounts(counts)
            && NumberTexts.rise(x)
            && (sum || words.says("frequency", second.name()) || NumberTexts.areSteps(x));
    FoundData made =
        FoundData.table(
            frequencies ? Kind.VALUE_FREQUENCY : Kind.PAIRS, both(x, counts), start, end);
    if (!frequencies && ofEach()) {
      return Optional.empty();
    }
    return Optional.of(
        frequencies ? made : made.named(plainName(first.name()), plainName(second.name())));
  }

  private static String plainName(String name) {
    return BRACKETS.matcher(name).replaceAll(" ").strip();
  }

  private static List<List<String>> both(List<String> x, List<String> y) {
    List<List<String>> rows = new ArrayList<>();
    for (int i = 0; i < x.size(); i++) {
      rows.add(List.of(x.get(i), y.get(i)));
    }
    return rows;
  }
}
