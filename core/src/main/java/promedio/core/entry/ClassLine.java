package promedio.core.entry;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.message.Message;
import promedio.core.message.TypedWords;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.ClassTable;

/**
 * Reads classes as they are printed: {@code 10–19}, {@code 10 to 20}, {@code [10, 20)}, {@code
 * under 10}, {@code 60 and over}, each with a frequency behind it where a whole line is read.
 */
public final class ClassLine {

  private static final String NUMBER = "[-−+]?\\s?\\d+(?:[.,]\\d+)?(?:/\\d+)?";
  private static final String TO = "(?:–|—|-|−|\\.{2,3}|…|" + TypedWords.pattern("class.to") + ")";
  private static final String BELOW = "(?:" + TypedWords.pattern("class.below") + "|<=?|≤|–|—)";
  private static final String ABOVE = "(?:" + TypedWords.pattern("class.above") + "|\\+|–|—|-)";
  private static final String OVER = "(?:" + TypedWords.pattern("class.from") + "|>=?|≥)";
  private static final String FREQUENCY = "(?:\\s*[:;,|\\t]\\s*|\\s+)(?<f>" + NUMBER + "\\s*%?)?";

  private static final Pattern BETWEEN = limits("(?<l>N)\\s*" + TO + "\\s*(?<u>N)");
  private static final Pattern BRACKETS =
      limits("[\\[(\\]]\\s*(?<l>N)\\s*[,;]\\s*(?<u>N)\\s*[)\\]\\[]");
  private static final Pattern OPEN_BELOW = limits(BELOW + "\\s*(?<u>N)");
  private static final Pattern OPEN_ABOVE = limits("(?<l>N)\\s*" + ABOVE);
  private static final Pattern FROM = limits(OVER + "\\s*(?<l>N)");
  private static final Pattern COLUMNS =
      Pattern.compile(
          "(?<l>N)?(?:\\s*[;,|\\t]\\s*|\\s+)(?<u>N)?(?:\\s*[;,|\\t]\\s*|\\s+)(?<f>N\\s*%?)"
              .replace("N", NUMBER));

  private final DecimalSign sign;

  /** Makes a reader for one who writes this decimal sign. */
  public ClassLine(DecimalSign sign) {
    this.sign = sign;
  }

  private static Pattern limits(String pattern) {
    return Pattern.compile(
        pattern.replace("<l>N", "<l>" + NUMBER).replace("<u>N", "<u>" + NUMBER)
            + "(?:"
            + FREQUENCY
            + ")?",
        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /** What was read of a line. */
  public sealed interface Outcome {}

  /**
   * A class.
   *
   * @param lower the lower limit, none where it is open
   * @param upper the upper limit, none where it is open
   * @param frequency the frequency, where one was written; of a percentage its number
   * @param percentage whether it was written as a percentage
   */
  public record Read(
      Optional<Exact> lower, Optional<Exact> upper, Optional<Exact> frequency, boolean percentage)
      implements Outcome {

    /** {@return the row of a table}; one without a frequency counts as 0 */
    public ClassTable.Row row() {
      return new ClassTable.Row(lower, upper, frequency.orElse(Exact.ZERO));
    }
  }

  /** No class, and why. */
  public record Unreadable(Message why) implements Outcome {}

  /** {@return what the line says} */
  public Outcome read(String line) {
    String text = line.strip();
    for (Pattern pattern :
        new Pattern[] {BRACKETS, COLUMNS, BETWEEN, OPEN_ABOVE, OPEN_BELOW, FROM}) {
      Matcher matcher = pattern.matcher(text);
      if (matcher.matches()) {
        return read(text, matcher);
      }
    }
    return new Unreadable(Message.of("classes.line", text));
  }

  private Outcome read(String line, Matcher matcher) {
    Optional<Exact> lower = Optional.empty();
    Optional<Exact> upper = Optional.empty();
    Optional<Exact> frequency = Optional.empty();
    boolean percentage = group(matcher, "f").endsWith("%");
    for (String group : new String[] {"l", "u", "f"}) {
      String text = group(matcher, group);
      if (text.isEmpty()) {
        continue;
      }
      Reading reading = NumberText.read(text.replaceAll("[\\s%]", ""), sign);
      if (reading instanceof Reading.Unreadable unreadable) {
        return new Unreadable(unreadable.why());
      }
      Optional<Exact> value = Optional.of(((Reading.Numeral) reading).value());
      switch (group) {
        case "l" -> lower = value;
        case "u" -> upper = value;
        default -> frequency = value;
      }
    }
    return lower.isEmpty() && upper.isEmpty()
        ? new Unreadable(Message.of("classes.line", line))
        : new Read(lower, upper, frequency, percentage);
  }

  private static String group(Matcher matcher, String name) {
    boolean has = matcher.pattern().pattern().contains("(?<" + name + ">");
    String text = has ? matcher.group(name) : null;
    return text == null ? "" : text;
  }
}
