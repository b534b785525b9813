package promedio.core.question;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Data that stand in a text.
 *
 * @param kind what they are
 * @param name what they are called, of pairs what x is called; empty where nothing says it
 * @param second of pairs, what y is called
 * @param unit the unit that stands with them; empty for none
 * @param rows the values, one to a row; or the rows of the table
 * @param printed how a class table stands in the text; empty where as usual
 * @param start where they begin in the text
 * @param end where they end
 */
public record FoundData(
    Kind kind,
    String name,
    String second,
    String unit,
    List<List<String>> rows,
    String printed,
    int start,
    int end) {

  /** What data can be. */
  public enum Kind {
    RAW("raw"),
    VALUE_FREQUENCY("value-frequency"),
    CLASSES("classes"),
    PAIRS("pairs"),
    /** Samples of one measure, a row each: the name, then the values. */
    GROUPS("groups"),
    CATEGORIES("categories");

    private final String code;

    Kind(String code) {
      this.code = code;
    }

    /** {@return its name on the command line} */
    public String code() {
      return code;
    }
  }

  public FoundData {
    rows = rows.stream().map(List::copyOf).toList();
  }

  static FoundData raw(String name, String unit, List<String> values, int start, int end) {
    return new FoundData(
        Kind.RAW, name, "", unit, values.stream().map(List::of).toList(), "", start, end);
  }

  static FoundData table(Kind kind, List<List<String>> rows, int start, int end) {
    return new FoundData(kind, "", "", "", rows, "", start, end);
  }

  /** {@return lists with names as the groups of one measure} */
  static FoundData groups(List<FoundData> lists) {
    FoundData first = lists.get(0);
    List<List<String>> rows =
        lists.stream()
            .map(each -> Stream.concat(Stream.of(each.name()), each.values().stream()).toList())
            .toList();
    int end = lists.get(lists.size() - 1).end();
    return new FoundData(Kind.GROUPS, "", "", first.unit(), rows, "", first.start(), end);
  }

  /** “Weights (g):”, “sugar (in °Bx)”; a single x, f or n is a symbol. */
  private static final Pattern UNIT =
      Pattern.compile(
          "[(\\[]\\s*(?:in |en )?(?![xyfn]\\s*[)\\]])([\\p{L}°%µ/²³]{1,10})\\s*[)\\]]\\s*[:=]?\\s*\\{?\\s*$");

  /** So many words can be a name; more are a sentence. */
  private static final int LONGEST_NAME = 5;

  /** {@return what stands before data as their name; empty where it is a sentence} */
  static String name(String before) {
    String name = before.replaceAll("\\s*[(\\[][^)\\]]*[)\\]]\\s*", " ").strip();
    boolean isName = name.split("\\s+", -1).length <= LONGEST_NAME && !name.contains(",");
    return isName ? name : "";
  }

  /** {@return the unit in brackets that stands last before data; empty where there is none} */
  static String unit(String before) {
    Matcher matcher = UNIT.matcher(before);
    return matcher.find() ? matcher.group(1) : "";
  }

  /** {@return the values of a list} */
  public List<String> values() {
    return rows.stream().map(row -> row.get(0)).toList();
  }

  /** {@return what else the same rows can be read as; this itself first} */
  public List<Kind> kinds() {
    return switch (kind) {
      case VALUE_FREQUENCY -> List.of(kind, Kind.PAIRS);
      case PAIRS -> List.of(kind, Kind.VALUE_FREQUENCY);
      case CATEGORIES -> List.of(kind, Kind.RAW);
      case RAW, CLASSES, GROUPS -> List.of(kind);
    };
  }

  /**
   * {@return the same rows as data of another kind}
   *
   * @param other one of {@link #kinds}
   */
  public FoundData as(Kind other) {
    if (!kinds().contains(other)) {
      throw new IllegalArgumentException(kind + " cannot be read as " + other);
    }
    return kind == Kind.CATEGORIES && other == Kind.RAW
        ? measured()
        : new FoundData(other, name, second, unit, rows, printed, start, end);
  }

  /** {@return the same data under another name, in another unit} */
  public FoundData called(String other, String in) {
    return new FoundData(kind, other, second, in, rows, printed, start, end);
  }

  /** {@return the numbers of categories as values; other data as they are} */
  FoundData measured() {
    return kind == Kind.CATEGORIES
        ? raw(name, unit, rows.stream().map(row -> row.get(1)).toList(), start, end)
        : this;
  }

  FoundData named(String first, String other) {
    return new FoundData(kind, first, other, unit, rows, printed, start, end);
  }

  FoundData printed(String how) {
    return new FoundData(kind, name, second, unit, rows, how, start, end);
  }
}
