package promedio.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.DecimalSign;
import promedio.core.sample.ClassTable;
import promedio.core.sample.UnusableDataException;

/** Reads a class table, typed as a line for each class: {@code 10–19 5}. */
public final class TypedClasses {

  private TypedClasses() {}

  /**
   * {@return the class table of the text}
   *
   * @param text as typed, limits and frequency in each line
   * @param sign the decimal sign of the one who typed it
   */
  public static Typed read(String text, DecimalSign sign) {
    ClassLine reader = new ClassLine(sign);
    List<Entry> entries = new ArrayList<>();
    List<ClassTable.Row> rows = new ArrayList<>();
    int missing = 0;
    int start = 0;
    for (String line : text.split("\n", -1)) {
      if (!line.isBlank()) {
        int from = start + line.length() - line.stripLeading().length();
        int to = from + line.strip().length();
        if (reader.read(line) instanceof ClassLine.Read read) {
          missing += read.frequency().isEmpty() ? 1 : 0;
          read.frequency().ifPresent(frequency -> rows.add(read.row()));
          Entry.Content content =
              read.frequency().isEmpty()
                  ? new Entry.Missing()
                  : new Entry.Figure(read.frequency().get(), 1);
          entries.add(new Entry(from, to, content));
        } else {
          ClassLine.Unreadable wrong = (ClassLine.Unreadable) reader.read(line);
          entries.add(new Entry(from, to, new Entry.Unreadable(wrong.why())));
        }
      }
      start += line.length() + 1;
    }
    try {
      return new Typed(entries, new ClassTable(rows, missing), Optional.empty());
    } catch (UnusableDataException e) {
      return new Typed(entries, new ClassTable(List.of(), 0), Optional.of(e.why()));
    }
  }
}
