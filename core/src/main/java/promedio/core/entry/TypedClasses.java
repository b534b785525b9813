package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.TypedWords;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.ClassTable;

/**
 * Reads a class table, typed as a line for each class: {@code 10–19 5}. A line {@code n = 40} or
 * {@code total 40} is checked, and turns percentages and relative frequencies into frequencies; a
 * line {@code cumulative} says that the frequencies are. A class that does not fit to those before
 * it is marked where it stands, and left out until it is mended.
 */
public final class TypedClasses {

  private static final Pattern TOTAL =
      Pattern.compile(
          "(?:n|Σf?|Σ f|" + TypedWords.pattern("total") + ")\\s*[=:]?\\s*(\\d+(?:[.,]\\d+)?)",
          Pattern.CASE_INSENSITIVE);

  private static final Exact HUNDRED = Exact.of(100);

  private final ClassLine reader;
  private final DecimalSign sign;
  private final List<Entry> entries = new ArrayList<>();
  private final List<Line> lines = new ArrayList<>();
  private Optional<Exact> total = Optional.empty();
  private boolean cumulative;
  private int missing;

  /** A line that says a class, and the place of its entry. */
  private record Line(ClassLine.Read read, int entry) {
    Exact written() {
      return read.frequency().orElseThrow();
    }
  }

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
    List<ClassTable.Row> rows = rows();
    try {
      ClassTable table = ClassTable.read(fitting(rows), missing);
      return new Typed(entries, table, wrongTotal(table));
    } catch (BadInputException e) {
      return new Typed(entries, ClassTable.NONE, Optional.of(e.why()));
    }
  }

  private Entry.Content readLine(String line) {
    Matcher sum = TOTAL.matcher(line);
    if (sum.matches() && NumberText.read(sum.group(1), sign) instanceof Reading.Numeral numeral) {
      total = Optional.of(numeral.value());
      return new Entry.Figure(numeral.value(), 1);
    }
    if (TypedWords.says("cumulative", line)) {
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
    lines.add(new Line(read, entries.size()));
    return new Entry.Figure(read.frequency().get(), 1);
  }

  private List<ClassTable.Row> rows() {
    List<ClassTable.Row> rows = new ArrayList<>();
    Exact before = Exact.ZERO;
    for (Line line : lines) {
      Exact frequency = cumulative ? line.written().minus(before) : line.written();
      before = line.written();
      rows.add(new ClassTable.Row(line.read().lower(), line.read().upper(), frequency));
    }
    return total.map(n -> inCounts(rows, n)).orElse(rows);
  }

  /** Percentages, and relative frequencies that sum to 1, become counts where n is known. */
  private List<ClassTable.Row> inCounts(List<ClassTable.Row> rows, Exact n) {
    boolean percentages = !lines.isEmpty() && lines.stream().allMatch(l -> l.read().percentage());
    Exact sum = rows.stream().map(ClassTable.Row::frequency).reduce(Exact.ZERO, Exact::plus);
    boolean relative = sum.equals(Exact.ONE) && !n.equals(Exact.ONE);
    if (!percentages && !relative) {
      return rows;
    }
    Exact whole = percentages ? HUNDRED : Exact.ONE;
    return rows.stream()
        .map(
            row ->
                new ClassTable.Row(row.lower(), row.upper(), row.frequency().times(n).over(whole)))
        .toList();
  }

  /** The rows that make a table together; each other is marked with the reason. */
  private List<ClassTable.Row> fitting(List<ClassTable.Row> rows) {
    if (misfit(rows).isEmpty()) {
      return rows;
    }
    List<ClassTable.Row> fitting = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      fitting.add(rows.get(i));
      Optional<Message> why = cumulative ? falling(i, rows.get(i)) : Optional.empty();
      why = why.or(() -> misfit(fitting));
      if (why.isPresent()) {
        fitting.remove(fitting.size() - 1);
        int place = lines.get(i).entry();
        Entry old = entries.get(place);
        entries.set(place, new Entry(old.start(), old.end(), new Entry.Unreadable(why.get())));
      }
    }
    return fitting;
  }

  private Optional<Message> falling(int index, ClassTable.Row row) {
    // Before the first class nothing has been counted that could fall.
    return row.frequency().signum() < 0 && index > 0
        ? Optional.of(
            Message.of(
                "classes.falls",
                lines.get(index).written().toString(),
                lines.get(index - 1).written().toString()))
        : Optional.empty();
  }

  /** {@return why these classes make no table}, whatever their frequencies sum to */
  private static Optional<Message> misfit(List<ClassTable.Row> rows) {
    List<ClassTable.Row> counted =
        rows.stream()
            .map(
                row ->
                    row.frequency().signum() == 0
                        ? new ClassTable.Row(row.lower(), row.upper(), Exact.ONE)
                        : row)
            .toList();
    try {
      return ClassTable.read(counted, 0).rows().size() == rows.size()
          ? Optional.empty()
          : Optional.of(Message.of("table.all-zero"));
    } catch (BadInputException e) {
      return Optional.of(e.why());
    }
  }

  /** What is written as the total is what the frequencies must add up to. */
  private Optional<Message> wrongTotal(ClassTable table) {
    Exact sum = table.tally().total();
    return total
        .filter(written -> !lines.isEmpty() && !written.equals(sum))
        .map(written -> Message.of("classes.total", sum.toString(), written.toString()));
  }
}
