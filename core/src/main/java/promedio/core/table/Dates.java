package promedio.core.table;

import java.text.ParsePosition;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.temporal.ChronoField;
import java.time.temporal.TemporalAccessor;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Days and times of day as people write them. */
public final class Dates {

  private static final int LONGEST = 40;

  /** How the names of months begin. */
  private static final Set<String> MONTHS =
      Set.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

  private static final List<Form> DAY_FIRST = withTime(List.of("d/M/uuuu", "d-M-uuuu", "d/M/uu"));
  private static final List<Form> MONTH_FIRST = withTime(List.of("M/d/uuuu", "M-d-uuuu", "M/d/uu"));
  private static final List<Form> OTHERS =
      Stream.of(
              withTime(List.of("uuuu-M-d", "uuuu/M/d", "d.M.uuuu", "d.M.uu")),
              withTime(List.of("d MMM uuuu", "MMM d, uuuu", "d MMMM uuuu", "MMMM d, uuuu")),
              withTime(List.of("d-MMM-uuuu", "d-MMM-uu")),
              List.of(
                  new Form(':', format("H:mm[:ss[.SSS]]")),
                  new Form('-', DateTimeFormatter.ISO_OFFSET_DATE_TIME)))
          .flatMap(List::stream)
          .toList();

  private Dates() {}

  /**
   * A form of writing a moment.
   *
   * @param mark its first sign that is neither letter nor digit, so that it is tried only where it
   *     may fit
   */
  private record Form(char mark, DateTimeFormatter format) {}

  /** {@return whether the text is a day, a time of day, or both} */
  public static boolean isDate(String text) {
    return mayBeMoment(text)
        && (firstOf(text, OTHERS).isPresent()
            || firstOf(text, DAY_FIRST).isPresent()
            || firstOf(text, MONTH_FIRST).isPresent());
  }

  /**
   * {@return the order in time of these words, others last}; {@code 3/4/2024} is the 3rd of April
   * unless another of the words, such as {@code 3/14/2024}, shows that the month comes first
   */
  static Comparator<String> order(List<String> words) {
    boolean dayFirst = words.stream().allMatch(word -> moment(word, DAY_FIRST).isPresent());
    Map<String, Double> moments = new HashMap<>();
    for (String word : words) {
      moments.put(
          word,
          moment(word, dayFirst ? DAY_FIRST : MONTH_FIRST)
              .or(() -> moment(word, DAY_FIRST))
              .orElse(Double.POSITIVE_INFINITY));
    }
    return Comparator.comparing((String word) -> moments.getOrDefault(word, 0.0))
        .thenComparing(Comparator.naturalOrder());
  }

  private static List<Form> withTime(List<String> days) {
    return days.stream()
        .map(
            day ->
                new Form(
                    mark(day), format(day + "[[' ']['T']H:mm[:ss[.SSSSSSSSS][.SSSSSS][.SSS]]]")))
        .toList();
  }

  private static DateTimeFormatter format(String pattern) {
    return new DateTimeFormatterBuilder()
        .parseCaseInsensitive()
        .appendPattern(pattern)
        .toFormatter(Locale.ENGLISH);
  }

  /** {@return the first sign that is neither letter nor digit}; one before all may be a minus */
  private static char mark(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (!Character.isLetterOrDigit(c) && (i > 0 || "+-".indexOf(c) < 0)) {
        return c;
      }
    }
    return 0;
  }

  /** A cheap look before any form is tried; those that begin with a word begin with a month. */
  private static boolean mayBeMoment(String text) {
    if (text.length() < 4 || text.length() > LONGEST || "-/.: ".indexOf(mark(text)) < 0) {
      return false;
    }
    if (Character.isLetter(text.charAt(0))
        && !MONTHS.contains(text.substring(0, 3).toLowerCase(Locale.ROOT))) {
      return false;
    }
    for (int i = 0; i < text.length(); i++) {
      if (Character.isDigit(text.charAt(i))) {
        return true;
      }
    }
    return false;
  }

  private static Optional<Double> moment(String text, List<Form> day) {
    return mayBeMoment(text)
        ? firstOf(text, day).or(() -> firstOf(text, OTHERS))
        : Optional.empty();
  }

  private static Optional<Double> firstOf(String text, List<Form> forms) {
    char mark = mark(text);
    for (Form form : forms) {
      Optional<Double> moment =
          form.mark() == mark ? moment(text, form.format()) : Optional.empty();
      if (moment.isPresent()) {
        return moment;
      }
    }
    return Optional.empty();
  }

  /** Nothing is computed with this number but an order. */
  private static Optional<Double> moment(String text, DateTimeFormatter format) {
    ParsePosition position = new ParsePosition(0);
    TemporalAccessor parsed = format.parseUnresolved(text, position);
    if (parsed == null || position.getErrorIndex() >= 0 || position.getIndex() < text.length()) {
      return Optional.empty();
    }
    double key = 0;
    for (Part part : Part.ALL) {
      long value = parsed.isSupported(part.field()) ? parsed.getLong(part.field()) : 0;
      if (parsed.isSupported(part.field()) && !part.field().range().isValidValue(value)) {
        return Optional.empty();
      }
      key += value * part.seconds();
    }
    return Optional.of(key);
  }

  private record Part(ChronoField field, double seconds) {
    static final double DAY = 86_400;
    static final List<Part> ALL =
        List.of(
            new Part(ChronoField.YEAR, 372 * DAY),
            new Part(ChronoField.MONTH_OF_YEAR, 31 * DAY),
            new Part(ChronoField.DAY_OF_MONTH, DAY),
            new Part(ChronoField.HOUR_OF_DAY, 3600),
            new Part(ChronoField.MINUTE_OF_HOUR, 60),
            new Part(ChronoField.SECOND_OF_MINUTE, 1),
            new Part(ChronoField.NANO_OF_SECOND, 1e-9),
            new Part(ChronoField.OFFSET_SECONDS, -1));
  }
}
