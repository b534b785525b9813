package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where the parts of a question begin and end: (a) (b), a) b), 1. 2., i) ii), also within each
 * other.
 */
final class Sections {

  /** Words that stand before the number of a question, at the head of its line. */
  private static final List<String> HEADINGS =
      List.of("question", "exercise", "problem", "ejercicio", "pregunta", "problema");

  /** So many signs at the most stand in a label at the head of a line. */
  private static final int LONGEST_LABEL = 4;

  private static final Pattern LABEL =
      Pattern.compile(
          "(?m)(?:^[ \\t]*(?<line>[a-h]|[ivx]{1,4}|\\d{1,2})[).](?=[ \\t]+\\S)"
              + "|^[ \\t]*(?:"
              + String.join("|", HEADINGS)
              + ")[ \\t]+(?<word>\\d{1,2})(?=[ .:\\t\\n(])[.:]?"
              + "|\\((?<bracket>[a-h]|[ivx]{1,4})\\)"
              + "|(?<=[\\s;,.:])(?<inline>[a-h])\\)(?=[ \\t]+\\S))",
          Pattern.CASE_INSENSITIVE);

  private static final List<String> ROMAN =
      List.of("i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x");

  private Sections() {}

  /**
   * One section.
   *
   * @param label its label; empty for what stands before or without any
   * @param question which numbered question it belongs to, 0 where there is none
   * @param stem whether it only introduces parts that follow
   * @param start where its words begin
   * @param end where they end
   */
  record Section(String label, int question, boolean stem, int start, int end) {}

  /** A label where it stands. */
  private record Label(Kind kind, int number, String text, int start, int end) {}

  private enum Kind {
    NUMBER,
    LETTER,
    ROMAN
  }

  /**
   * {@return the sections of the text, in order; the first one is what stands before all labels}
   */
  static List<Section> of(String text) {
    List<Label> labels = labels(text);
    long numbers = labels.stream().filter(each -> each.kind() == Kind.NUMBER).count();
    boolean others = numbers < labels.size();
    List<Section> sections = new ArrayList<>();
    int first = labels.isEmpty() ? text.length() : labels.get(0).start();
    sections.add(new Section("", 0, true, 0, first));
    int question = 0;
    String letter = "";
    for (int i = 0; i < labels.size(); i++) {
      Label label = labels.get(i);
      int end = i + 1 < labels.size() ? labels.get(i + 1).start() : text.length();
      Optional<Kind> next =
          i + 1 < labels.size() ? Optional.of(labels.get(i + 1).kind()) : Optional.empty();
      switch (label.kind()) {
        case NUMBER -> {
          question = label.number();
          letter = "";
          boolean stem = next.filter(kind -> kind != Kind.NUMBER).isPresent();
          boolean only = numbers == 1 && others;
          sections.add(
              new Section(
                  stem || only ? "" : label.text(), question, stem || only, label.end(), end));
        }
        case LETTER -> {
          letter = label.text();
          boolean stem = next.filter(kind -> kind == Kind.ROMAN).isPresent();
          sections.add(
              new Section(
                  (numbers > 1 ? question : "") + letter, question, stem, label.end(), end));
        }
        case ROMAN ->
            sections.add(
                new Section(
                    (numbers > 1 ? question : "") + letter + label.text(),
                    question,
                    false,
                    label.end(),
                    end));
      }
    }
    return sections;
  }

  /** Where the next line begins that can hold a label: most lines of a long text cannot. */
  private static int lineOfLabel(String text, int from) {
    int line = from;
    while (line < text.length()) {
      int end = endOfLine(text, line);
      if (mayHoldLabel(text, line, end)) {
        return line;
      }
      line = end + 1;
    }
    return line;
  }

  /** A bracket closes a label, or a stop near the head of the line, or the line has a heading. */
  private static boolean mayHoldLabel(String text, int line, int end) {
    int head = line;
    while (head < end && (text.charAt(head) == ' ' || text.charAt(head) == '\t')) {
      head++;
    }
    for (int i = head; i < end; i++) {
      char c = text.charAt(i);
      if (c == ')' || (c == '.' && i <= head + LONGEST_LABEL)) {
        return true;
      }
    }
    return isHeading(text, head);
  }

  private static boolean isHeading(String text, int head) {
    for (String heading : HEADINGS) {
      if (text.regionMatches(true, head, heading, 0, heading.length())) {
        return true;
      }
    }
    return false;
  }

  private static int endOfLine(String text, int from) {
    int end = text.indexOf('\n', from);
    return end < 0 ? text.length() : end;
  }

  /** Labels count only in their order: a, b, c; else they are numbers and letters of the words. */
  private static List<Label> labels(String text) {
    List<Label> labels = new ArrayList<>();
    int number = 0;
    int letter = 0;
    int roman = 0;
    Matcher matcher = LABEL.matcher(text).useTransparentBounds(true).useAnchoringBounds(false);
    int from = lineOfLabel(text, 0);
    while (from < text.length()) {
      int lineEnd = endOfLine(text, from);
      if (!matcher.region(from, lineEnd).find()) {
        from = lineOfLabel(text, lineEnd + 1);
        continue;
      }
      from = matcher.end();
      String found = found(matcher).toLowerCase(Locale.ROOT);
      int start = matcher.start();
      int end = matcher.end();
      if (Character.isDigit(found.charAt(0))) {
        int value = Integer.parseInt(found);
        boolean heading = matcher.group("word") != null;
        if (heading ? labels.isEmpty() : value == number + 1 && isProse(text, end)) {
          if (heading) {
            continue;
          }
          number = value;
          letter = 0;
          roman = 0;
          labels.add(new Label(Kind.NUMBER, value, found, start, end));
        }
      } else if (found.length() == 1 && found.charAt(0) - 'a' == letter && letter < 8) {
        letter++;
        roman = 0;
        labels.add(new Label(Kind.LETTER, letter, found, start, end));
      } else if (roman < ROMAN.size() && ROMAN.get(roman).equals(found)) {
        roman++;
        labels.add(new Label(Kind.ROMAN, roman, found, start, end));
      }
    }
    return sensible(labels);
  }

  /** One letter or one Roman number alone labels nothing. */
  private static List<Label> sensible(List<Label> labels) {
    List<Label> kept = new ArrayList<>(labels);
    for (Kind kind : List.of(Kind.LETTER, Kind.ROMAN)) {
      if (kept.stream().filter(each -> each.kind() == kind).count() == 1
          && kept.stream().noneMatch(each -> each.kind() == Kind.NUMBER)) {
        kept.removeIf(each -> each.kind() == kind);
      }
    }
    return kept;
  }

  /** A number before words labels them; one before numbers is a row of a table. */
  private static boolean isProse(String text, int from) {
    int end = text.indexOf('\n', from);
    String line = text.substring(from, end < 0 ? text.length() : end);
    return line.chars().filter(Character::isLetter).count() > 3;
  }

  private static String found(Matcher matcher) {
    for (String name : List.of("line", "word", "bracket", "inline")) {
      String group = matcher.group(name);
      if (group != null) {
        return group;
      }
    }
    throw new IllegalStateException("a label without a group");
  }
}
