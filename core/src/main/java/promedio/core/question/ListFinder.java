package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.question.FoundData.Kind;

/** Finds what stands in lists: numbers, names with their counts, pairs of coordinates. */
final class ListFinder {

  private static final int CASELESS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;
  private static final Pattern MISSING =
      Pattern.compile("[–—?*-](?=[ \\t]{1,}|,|;|\\n)[ \\t]*[,;]?[ \\t]*\\n?[ \\t]*");
  private static final Pattern NAMED =
      Pattern.compile("(?:.*[.;?!]\\s+|^)([^:=]{1,80}?)\\s*[:=]\\s*\\{?\\s*$");

  /** Where a sentence ends, a paragraph or a part. */
  private static final Pattern BORDER = Pattern.compile("[.?!]\\s|\\n\\s*\\n|" + DataFinder.BORDER);

  private static final int LONGEST_SENTENCE = 300;

  /** So far from a number on it is looked, at a glance, for others. */
  private static final int LOOKED_AT = 100;

  /** Between two numbers of a list stand a unit and the word before the last number at the most. */
  private static final int MOST_WORDS = 2;

  private static final int LONGEST_NAME = 31;

  private static final int FEWEST = 3;

  private final String text;
  private final Numerals numerals;
  private final Pattern and;
  private final Matcher number;
  private final Matcher between;
  private final Matcher missing;
  private final Pattern measuredIn;
  private final Pattern counted;
  private final Pattern coordinate;

  /** Where the first number ends of what was looked at last, whether it was a list or not. */
  private int endOfFirst;

  ListFinder(String text, Words words, Numerals numerals) {
    this.text = text;
    this.numerals = numerals;
    String and = "(?:" + words.text("and") + ")";
    this.and = Pattern.compile(and, CASELESS);
    this.number =
        Pattern.compile(
                "(?<![\\p{L}\\d.,/])(?<n>"
                    + numerals.pattern()
                    + ")(?![\\d/])(?:[ ]?(?<unit>\\p{L}{1,8}|°C?|%|€|\\$)(?![\\p{L}\\d]))?")
            .matcher(text)
            .useTransparentBounds(true)
            .useAnchoringBounds(false);
    this.between =
        Pattern.compile(
                "[ \\t]*[,;][ \\t]*(?:"
                    + and
                    + "[ \\t]+)?\\n?[ \\t]*|[ \\t]+"
                    + and
                    + "[ \\t\\n]+|[ \\t]+[–—-][ \\t]+|[ \\t]*[–—][ \\t]*|[ \\t]+\\n?[ \\t]*|\\n[ \\t]*",
                CASELESS)
            .matcher(text);
    this.missing = MISSING.matcher(text);
    String unit = "(" + words.text("unit") + ")";
    this.measuredIn =
        Pattern.compile(
            "[(\\[]\\s*(?:in |en )?"
                + unit
                + "\\s*[)\\]]|\\b(?:in|en) "
                + unit
                + "(?![\\p{L}\\d²³/])",
            CASELESS);
    this.counted =
        Pattern.compile(
            "(?<name>\\p{L}[\\p{L}’' -]{0,30}?)[ ]*[:=(]?[ ]*(?<n>\\d+)\\)?(?=[\\s,;.]|$)[ ]*(?:[,;]|[ ]"
                + and
                + "[ ]|(?=\\.|$|\\n))\\s*(?:"
                + and
                + "[ ])?",
            CASELESS);
    this.coordinate =
        Pattern.compile(
            "\\(\\s*("
                + numerals.pattern()
                + ")\\s*[,;]\\s*("
                + numerals.pattern()
                + ")\\s*\\)(?:\\s*[,;]?\\s*(?:"
                + and
                + "\\s+)?)",
            CASELESS);
  }

  List<FoundData> find() {
    List<FoundData> found = new ArrayList<>();
    int at = 0;
    while (at < text.length()) {
      char c = text.charAt(at);
      Optional<FoundData> here = Optional.empty();
      if (c == '(') {
        here = coordinates(at);
      } else if (Character.isLetter(c)
          && (at == 0 || !Character.isLetterOrDigit(text.charAt(at - 1)))) {
        here = isAfterColon(at) ? categories(at) : Optional.empty();
      } else if (mayBegin(at)) {
        here = list(at);
        if (here.isEmpty()) {
          at = endOfFirst - 1;
        }
      }
      if (here.isPresent()) {
        found.add(here.get());
        at = here.get().end();
      } else {
        at++;
      }
    }
    return found;
  }

  private boolean isAfterColon(int at) {
    int before = at - 1;
    while (before >= 0 && (text.charAt(before) == ' ' || text.charAt(before) == '\n')) {
      before--;
    }
    return before < 0 || ":.\n".indexOf(text.charAt(before)) >= 0;
  }

  private Optional<FoundData> coordinates(int at) {
    List<List<String>> rows = new ArrayList<>();
    int end = at;
    Matcher matcher = coordinate.matcher(text);
    while (end < text.length() && matcher.region(end, text.length()).lookingAt()) {
      rows.add(
          List.of(
              numerals.plain(matcher.group(1)).orElse(""),
              numerals.plain(matcher.group(2)).orElse("")));
      end = matcher.end();
    }
    return rows.size() < FEWEST
        ? Optional.empty()
        : Optional.of(FoundData.table(Kind.PAIRS, rows, at, end));
  }

  /** Whether a name with a number behind it may begin there: seen without any pattern. */
  private boolean mayBeCounted(int at) {
    int end = at;
    int most = Math.min(text.length(), at + LONGEST_NAME);
    while (end < most && isOfName(text.charAt(end))) {
      end++;
    }
    return end < text.length()
        && (Character.isDigit(text.charAt(end)) || " :=(".indexOf(text.charAt(end)) >= 0);
  }

  private static boolean isOfName(char c) {
    return Character.isLetter(c) || "’' -".indexOf(c) >= 0;
  }

  private Optional<FoundData> categories(int at) {
    if (!mayBeCounted(at)) {
      return Optional.empty();
    }
    List<List<String>> rows = new ArrayList<>();
    int end = at;
    Matcher matcher = counted.matcher(text);
    while (end < text.length() && matcher.region(end, text.length()).lookingAt()) {
      rows.add(List.of(matcher.group("name").strip(), matcher.group("n")));
      end = matcher.end();
    }
    return rows.size() < FEWEST
        ? Optional.empty()
        : Optional.of(FoundData.table(Kind.CATEGORIES, rows, at, end));
  }

  /** A run of numbers; where commas or wide gaps part them, a dash alone is one that is missing. */
  private Optional<FoundData> list(int at) {
    List<String> values = new ArrayList<>();
    String unit = "";
    boolean units = false;
    int end = at;
    int next = at;
    int last = at;
    endOfFirst = at + 1;
    if (!mayHoldList(at)) {
      return Optional.empty();
    }
    while (mayBegin(next) && number.region(next, text.length()).lookingAt()) {
      values.add(number.group("n"));
      if (next == at) {
        endOfFirst = number.end("n");
      }
      String found = number.group("unit") == null ? "" : number.group("unit");
      boolean own = !found.isEmpty() && !and.matcher(found).matches();
      end = own && (units || values.size() == 1) ? number.end() : number.end("n");
      last = end;
      if (own && values.size() == 1) {
        unit = found;
        units = true;
      } else if (own && units && !found.equals(unit)) {
        last = number.end("n");
        break;
      } else if (own && !units) {
        // “… 12, 15 and 20 years”: the unit stands once, at the end.
        unit = found;
        last = number.end();
        break;
      }
      next = next(end, values);
      if (next < 0) {
        break;
      }
    }
    if (values.size() < FEWEST) {
      return Optional.empty();
    }
    values.replaceAll(written -> numerals.plain(written).orElse(""));
    while (!values.isEmpty() && values.get(values.size() - 1).isEmpty()) {
      values.remove(values.size() - 1);
    }
    long numbers = values.stream().filter(each -> !each.isEmpty()).count();
    if (numbers < FEWEST || isOfTime(at, values)) {
      return Optional.empty();
    }
    String before = before(at);
    String in = unit.isEmpty() ? unit(before, at) : unit;
    return Optional.of(FoundData.raw(name(before), in, values, at, last));
  }

  /** {@return where the next number stands; what is missing before it is put down as such} */
  private int next(int from, List<String> values) {
    int at = from;
    if (!mayGoOn(at) || !between.region(at, text.length()).lookingAt() || between.end() == at) {
      return -1;
    }
    boolean blankLine = text.substring(at, between.end()).indexOf("\n\n") >= 0;
    at = between.end();
    if (blankLine) {
      return -1;
    }
    // A dash between commas or wide gaps is a value that is not there.
    if (at < text.length()
        && "–—?*-".indexOf(text.charAt(at)) >= 0
        && missing.region(at, text.length()).lookingAt()) {
      values.add("");
      at = missing.end();
    }
    return at;
  }

  /** Whether there are numbers enough before what stands in no list: seen without any pattern. */
  private boolean mayHoldList(int at) {
    int numbers = 0;
    int words = 0;
    boolean inWord = false;
    int i = at;
    int end = Math.min(text.length(), at + LOOKED_AT);
    while (i < end && numbers < FEWEST && words <= MOST_WORDS && isOfList(text.charAt(i))) {
      boolean digit = Character.isDigit(text.charAt(i));
      boolean letter = !digit && Character.isLetter(text.charAt(i));
      words = digit ? 0 : words + (letter && !inWord ? 1 : 0);
      inWord = letter;
      boolean first = digit && i == at;
      numbers += digit ? 1 : 0;
      i++;
      while (digit && i < text.length() && Character.isDigit(text.charAt(i))) {
        i++;
      }
      if (first) {
        endOfFirst = i;
      }
    }
    return numbers == FEWEST || i >= at + LOOKED_AT;
  }

  private static boolean isOfList(char c) {
    return Character.isLetterOrDigit(c) || " \t\n,;.–—-−/?*°%€$&".indexOf(c) >= 0;
  }

  /** Whether another number may follow: what cannot is seen without looking for one. */
  private boolean mayGoOn(int at) {
    int next = at;
    while (next < text.length() && (text.charAt(next) == ' ' || text.charAt(next) == '\t')) {
      next++;
    }
    return next < text.length()
        && (Character.isLetterOrDigit(text.charAt(next))
            || ",;\n–—-−.?*".indexOf(text.charAt(next)) >= 0);
  }

  /** Whether a number may begin there; what cannot is seen without looking for one. */
  private boolean mayBegin(int at) {
    return at < text.length()
        && (Character.isDigit(text.charAt(at)) || "-−.".indexOf(text.charAt(at)) >= 0);
  }

  /** Years one after the other tell when, not how much. */
  private boolean isOfTime(int at, List<String> values) {
    boolean years = values.stream().allMatch(each -> each.matches("(?:19|20)\\d\\d"));
    String before = text.substring(Math.max(0, at - 20), at);
    return years && before.matches("(?si).*\\b(?:in|between|years?|from|en|años?|entre)\\s*$");
  }

  /** The unit right before the list, or what the sentence says that it is measured in. */
  private String unit(String before, int at) {
    String beside = FoundData.unit(before);
    if (!beside.isEmpty()) {
      return beside;
    }
    String sentence = text.substring(Math.max(0, at - LONGEST_SENTENCE), at);
    Matcher borders = BORDER.matcher(sentence);
    int begin = 0;
    while (borders.find()) {
      begin = borders.end();
    }
    String found = "";
    Matcher measured = measuredIn.matcher(sentence.substring(begin));
    while (measured.find()) {
      found = measured.group(1) == null ? measured.group(2) : measured.group(1);
    }
    return found;
  }

  /** What stands before the list on its line. */
  private String before(int at) {
    int lineStart = text.lastIndexOf('\n', at - 1) + 1;
    return text.substring(Math.max(lineStart, at - 160), at);
  }

  /** What ends with a colon, if it is a name and no sentence. */
  private static String name(String before) {
    Matcher named = NAMED.matcher(before);
    return named.matches() ? FoundData.name(named.group(1)) : "";
  }
}
