package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.ClassTable;
import promedio.core.sample.UnusableDataException;

/**
 * Reads a class table, typed as a line for each class: {@code 10–19 5}. A line {@code n = 40} or
 * {@code total 40} is checked, and turns percentages into frequencies; a line {@code cumulative}
 * says that the frequencies are.
 */
public final class TypedClasses {

  private static final Pattern TOTAL =
      Pattern.compile(
          "(?:n|N|Σf?|Σ f|total|sum)\\s*[=:]?\\s*(\\d+(?:[.,]\\d+)?)", Pattern.CASE_INSENSITIVE);

  private static final Exact HUNDRED = Exact.of(100);

  private final ClassLine reader;
  private final DecimalSign sign;
  private final List<Entry> entries = new ArrayList<>();
  private final List<ClassLine.Read> lines = new ArrayList<>();
  private Optional<Exact> total = Optional.empty();
  private boolean cumulative;
  private int missing;

  private TypedClasses(DecimalSign sign) {
    this.reader = new ClassLine(sign);
    this.sign = sign;
  }

  /**
   * {@return the class table of the text}
   *
   * @param text as typed, limits and frequency in each line
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    return new TypedClasses(sign).read(text);
  }

  private Typed read(String text) {
    int start = 0;
    for (String line : text.split("\n", -1)) {
      if (!line.isBlank()) {
        int from = start + line.length() - line.stripLeading().length();
        entries.add(new Entry(from, from + line.strip().length(), readLine(line.strip())));
      }
      start += line.length() + 1;
    }
    try {
      ClassTable table = new ClassTable(rows(), missing);
      return new Typed(entries, table, wrongTotal(table));
    } catch (UnusableDataException e) {
      return new Typed(entries, new ClassTable(List.of(), 0), Optional.of(e.why()));
    }
  }

  private Entry.Content readLine(String line) {
    Matcher sum = TOTAL.matcher(line);
    if (sum.matches() && NumberText.read(sum.group(1), sign) instanceof Reading.Numeral numeral) {
      total = Optional.of(numeral.value());
      return new Entry.Figure(numeral.value(), 1);
    }
    if (line.equalsIgnoreCase("cumulative")) {
      cumulative = true;
      return new Entry.Missing();
    }
    if (!(reader.read(line) instanceof ClassLine.Read read)) {
      return new Entry.Unreadable(((ClassLine.Unreadable) reader.read(line)).why());
    }
    if (read.frequency().isEmpty()) {
      missing++;
      return new Entry.Missing();
    }
    lines.add(read);
    return new Entry.Figure(read.frequency().get(), 1);
  }

  private List<ClassTable.Row> rows() {
    boolean percentages = !lines.isEmpty() && lines.stream().allMatch(ClassLine.Read::percentage);
    List<ClassTable.Row> rows = new ArrayList<>();
    Exact before = Exact.ZERO;
    for (ClassLine.Read line : lines) {
      Exact written = line.frequency().orElseThrow();
      Exact frequency = cumulative ? written.minus(before) : written;
      before = written;
      // Without n the percentages themselves are as good as frequencies.
      if (percentages && total.isPresent()) {
        frequency = frequency.times(total.get()).over(HUNDRED);
      }
      rows.add(new ClassTable.Row(line.lower(), line.upper(), frequency));
    }
    return rows;
  }

  /** What is written as the total is what the frequencies must add up to. */
  private Optional<Message> wrongTotal(ClassTable table) {
    Exact sum = table.tally().total();
    return total
        .filter(written -> !lines.isEmpty() && !written.equals(sum))
        .map(written -> Message.of("classes.total", sum.toString(), written.toString()));
  }
}
