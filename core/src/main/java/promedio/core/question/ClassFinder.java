package promedio.core.question;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds tables of classes and their frequencies, cumulative ones too. */
final class ClassFinder {

  private static final int CASELESS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;
  private static final String UNIT = "(?:[ ]?(?:\\p{L}{1,12}|°C?|%|€|\\$)\\.?)?";

  private static final Pattern LEADING_PIPE = Pattern.compile("^\\|\\s*");

  /** Fewer classes in one line are no table. */
  private static final int FEWEST_ACROSS = 3;

  private final Words words;
  private final Numerals numerals;
  private final List<Line> lines;

  /** How a class may be written that begins with a number, in the order in which it is tried. */
  private final List<Pattern> ofNumber;

  private final List<Pattern> ofBracket;
  private final List<Pattern> ofWord;
  private final Pattern rest;
  private final Pattern across;
  private final Pattern entry;

  ClassFinder(String text, Words words, Numerals numerals) {
    this.words = words;
    this.numerals = numerals;
    this.lines = Line.of(text);
    this.entry = Pattern.compile(numerals.pattern());
    String n = "(" + numerals.pattern().replace("[-−]?", "[-−]?") + ")";
    String plain = "(" + numerals.pattern().substring("[-−]?".length()) + ")";
    String range = "(?:" + words.text("range") + ")";
    String under = "(?:" + words.text("under") + ")";
    String over = "(?:" + words.text("over") + ")";
    String after = "(?=[\\s|:;]|$)(.*)$";
    String to = "\\s*" + range + "\\s*(?:" + under + "\\s*)?" + plain + UNIT + after;
    this.ofNumber =
        List.of(
            form("^" + n + UNIT + to),
            form("^" + n + "\\s*(?:≤|<=|<|⩽)\\s*\\p{L}\\s*(?:≤|<=|<|⩽)\\s*" + n + after),
            form("^()" + n + UNIT + "\\s*(?:" + words.text("and-under") + ")" + after),
            form("^" + n + UNIT + "\\s*(?:" + words.text("and-over") + ")()" + after));
    this.ofBracket =
        List.of(form("^[\\[(\\]]\\s*" + n + "\\s*[,;–-]\\s*" + n + "\\s*[\\])\\[]" + after));
    this.ofWord =
        List.of(
            form("^(?:" + over + "\\s*)" + n + UNIT + to),
            form("^(?:\\p{L}\\s*)?()" + under + "\\s*" + n + UNIT + after),
            form("^(?:\\p{L}\\s*)?" + over + "\\s*" + n + UNIT + "()" + after));
    this.rest = Pattern.compile("[\\s|:;]*((?:" + numerals.pattern() + "|[-–—?])[\\s|%;]*)*");
    this.across =
        Pattern.compile(
            "("
                + numerals.pattern()
                + ")\\s?(?:"
                + range
                + ")\\s?(?:"
                + under
                + "\\s?)?("
                + plain
                + ")|"
                + "[\\[(]\\s*("
                + numerals.pattern()
                + ")\\s*[,;]\\s*("
                + numerals.pattern()
                + ")\\s*[\\])]",
            CASELESS);
  }

  private static Pattern form(String pattern) {
    return Pattern.compile(pattern, CASELESS);
  }

  /** A class with the numbers that stand behind it. */
  private record Row(String lower, String upper, List<String> numbers) {}

  List<FoundData> find() {
    List<FoundData> found = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      List<Row> rows = new ArrayList<>();
      int last = i;
      for (int at = i; at < lines.size(); at++) {
        if (lines.get(at).isIdle()) {
          if (rows.isEmpty() || at - last > 1) {
            break;
          }
          continue;
        }
        Optional<Row> row =
            canBeClass(lines.get(at)) ? row(lines.get(at).text()) : Optional.empty();
        if (row.isEmpty()) {
          break;
        }
        rows.add(row.get());
        last = at;
      }
      if (rows.size() > 1) {
        int end = totals(last);
        found.add(made(rows, i, end));
        i = end;
      } else {
        int line = i;
        acrossAt(line).ifPresent(found::add);
      }
    }
    return found;
  }

  /** Between the limits of a class stands a dash, a sign, a bracket or a word. */
  private static boolean canBeClass(Line line) {
    return line.isShort() && line.hasDigits() && !line.isOnlyNumbers();
  }

  private Optional<Row> row(String line) {
    String text = LEADING_PIPE.matcher(line.strip()).replaceFirst("").strip();
    for (Pattern form : forms(text.charAt(0))) {
      Matcher matcher = form.matcher(text);
      if (matcher.matches()) {
        Matcher numbers = rest.matcher(matcher.group(3));
        if (numbers.matches()) {
          List<String> found = numbers(matcher.group(3));
          if (!found.isEmpty()) {
            return Optional.of(new Row(plain(matcher.group(1)), plain(matcher.group(2)), found));
          }
        }
      }
    }
    return Optional.empty();
  }

  private List<Pattern> forms(char first) {
    if (Character.isDigit(first) || "-−.".indexOf(first) >= 0) {
      return ofNumber;
    }
    return "[(]".indexOf(first) >= 0 ? ofBracket : ofWord;
  }

  private String plain(String written) {
    return written.isEmpty() ? "" : numerals.plain(written).orElse("");
  }

  private List<String> numbers(String text) {
    return entry
        .matcher(text)
        .results()
        .flatMap(each -> numerals.plain(each.group()).stream())
        .toList();
  }

  /** The line of totals below belongs to the table. */
  private int totals(int last) {
    int next = last + 1;
    boolean total =
        next < lines.size()
            && Pattern.compile("^[\\s|]*(?:" + words.text("totals") + ")\\b.*\\d.*", CASELESS)
                .matcher(lines.get(next).text())
                .matches();
    return total ? next : last;
  }

  private FoundData made(List<Row> rows, int first, int last) {
    Optional<Line> head = head(first);
    int column = column(rows, head);
    List<List<String>> classes =
        new ArrayList<>(
            rows.stream()
                .map(
                    row ->
                        List.of(
                            row.lower(),
                            row.upper(),
                            row.numbers().get(Math.min(column, row.numbers().size() - 1))))
                .toList());
    boolean under = rows.stream().allMatch(row -> row.lower().isEmpty());
    boolean over = rows.stream().allMatch(row -> row.upper().isEmpty());
    int start = head.map(Line::start).orElse(lines.get(first).start());
    int end = lines.get(last).end();
    boolean running =
        head.filter(line -> words.says("cumulative", line.text())).isPresent()
            && rows.get(0).numbers().size() == 1
            && rises(classes);
    if ((under && rises(classes)) || (running && !over)) {
      return FoundData.table(FoundData.Kind.CLASSES, fromBelow(classes, under), start, end)
          .printed("cumulative-less");
    }
    if (over) {
      return FoundData.table(FoundData.Kind.CLASSES, fromAbove(classes), start, end)
          .printed("cumulative-more");
    }
    return FoundData.table(FoundData.Kind.CLASSES, classes, start, end);
  }

  /**
   * {@return the classes of a table whose head says that its numbers are those below, or above,
   * each limit}; none where the numbers do not go one way
   */
  static Optional<FoundData> running(
      String head, List<List<String>> rows, Words words, int start, int end) {
    boolean above = words.says("running-above", head);
    List<List<String>> sums =
        rows.stream()
            .map(
                row ->
                    above
                        ? List.of(row.get(0), "", row.get(1))
                        : List.of("", row.get(0), row.get(1)))
            .toList();
    if (above ? sums.size() < 3 : !rises(sums)) {
      return Optional.empty();
    }
    return Optional.of(
        FoundData.table(
                FoundData.Kind.CLASSES, above ? fromAbove(sums) : fromBelow(sums, true), start, end)
            .printed(above ? "cumulative-more" : "cumulative-less"));
  }

  private static boolean rises(List<List<String>> classes) {
    for (int i = 1; i < classes.size(); i++) {
      if (number(classes.get(i).get(2)).compareTo(number(classes.get(i - 1).get(2))) < 0) {
        return false;
      }
    }
    return true;
  }

  private static BigDecimal number(String text) {
    return text.contains("/") ? BigDecimal.ZERO : new BigDecimal(text);
  }

  /** Frequencies up to each limit become those of the classes between them. */
  private static List<List<String>> fromBelow(List<List<String>> sums, boolean open) {
    List<List<String>> classes = new ArrayList<>();
    BigDecimal before = BigDecimal.ZERO;
    String lower = "";
    for (List<String> sum : sums) {
      BigDecimal now = number(sum.get(2));
      boolean nothing = open && classes.isEmpty() && lower.isEmpty() && now.signum() == 0;
      if (!nothing) {
        classes.add(
            List.of(open ? lower : sum.get(0), sum.get(1), now.subtract(before).toPlainString()));
      }
      lower = sum.get(1);
      before = now;
    }
    return classes;
  }

  private static List<List<String>> fromAbove(List<List<String>> sums) {
    List<List<String>> classes = new ArrayList<>();
    for (int i = 0; i < sums.size(); i++) {
      boolean last = i + 1 == sums.size();
      BigDecimal now = number(sums.get(i).get(2));
      BigDecimal next = last ? BigDecimal.ZERO : number(sums.get(i + 1).get(2));
      if (!last || now.signum() != 0) {
        classes.add(
            List.of(
                sums.get(i).get(0),
                last ? "" : sums.get(i + 1).get(0),
                now.subtract(next).toPlainString()));
      }
    }
    return classes;
  }

  /** The line above names the columns, unless it is a sentence. */
  private Optional<Line> head(int first) {
    for (int i = first - 1; i >= 0 && first - i <= 3; i--) {
      Line line = lines.get(i);
      if (line.isIdle()) {
        continue;
      }
      boolean names =
          line.hasLetters()
              && !line.text().strip().matches(".*[.?!:]")
              && line.text().length() < 120;
      return names ? Optional.of(line) : Optional.empty();
    }
    return Optional.empty();
  }

  /** Which of the numbers behind a class is its frequency. */
  private int column(List<Row> rows, Optional<Line> head) {
    int size = rows.get(0).numbers().size();
    List<String> names = head.map(Line::cells).orElse(List.of());
    if (size < 2 || names.size() != size + 1) {
      return 0;
    }
    for (int i = 1; i < names.size(); i++) {
      if (words.says("frequency", names.get(i)) && !words.says("other-column", names.get(i))) {
        return i - 1;
      }
    }
    for (int i = 1; i < names.size(); i++) {
      if (!words.says("other-column", names.get(i))) {
        return i - 1;
      }
    }
    return 0;
  }

  /** Classes in one line, and their frequencies in the next. */
  private Optional<FoundData> acrossAt(int at) {
    Line line = lines.get(at);
    if (!canBeClass(line) || line.numbers() < 2 * FEWEST_ACROSS || line.classes() < FEWEST_ACROSS) {
      return Optional.empty();
    }
    List<List<String>> limits = new ArrayList<>();
    Matcher matcher = across.matcher(line.text());
    int end = 0;
    while (matcher.find()) {
      String between = line.text().substring(end, matcher.start());
      if (!limits.isEmpty() && !between.matches("[\\s|,;]*")) {
        return Optional.empty();
      }
      boolean brackets = matcher.group(1) == null;
      limits.add(
          List.of(
              plain(brackets ? matcher.group(matcher.groupCount() - 1) : matcher.group(1)),
              plain(brackets ? matcher.group(matcher.groupCount()) : matcher.group(2))));
      end = matcher.end();
    }
    int next = at + 1;
    while (next < lines.size() && lines.get(next).isIdle() && next - at < 3) {
      next++;
    }
    if (limits.size() < FEWEST_ACROSS || next >= lines.size()) {
      return Optional.empty();
    }
    List<String> numbers = numbers(lines.get(next).text());
    if (numbers.size() != limits.size() && numbers.size() != limits.size() + 1) {
      return Optional.empty();
    }
    List<List<String>> rows = new ArrayList<>();
    for (int i = 0; i < limits.size(); i++) {
      rows.add(List.of(limits.get(i).get(0), limits.get(i).get(1), numbers.get(i)));
    }
    return Optional.of(
        FoundData.table(FoundData.Kind.CLASSES, rows, line.start(), lines.get(next).end()));
  }
}
