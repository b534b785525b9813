package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.entry.MissingSigns;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Reading;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;

/** The entries of a column as texts, and back. */
final class Entries {

  private Entries() {}

  /** {@return the number that the text says, if it says one} */
  static Optional<Exact> number(String text) {
    return NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral numeral
        ? Optional.of(numeral.value())
        : PlainText.read(text);
  }

  /** {@return the entries as a column of numbers; what is no number stays as its text} */
  static NumberColumn numbers(String name, List<String> entries) throws BadInputException {
    return numbers(name, entries, "");
  }

  /** {@return the entries in place of those of a column, which may stand with its unit} */
  static NumberColumn numbers(Column column, List<String> entries) throws BadInputException {
    String unit = column instanceof NumberColumn numbers ? numbers.unit() : "";
    return numbers(column.name(), entries, unit);
  }

  private static NumberColumn numbers(String name, List<String> entries, String unit)
      throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    Map<Integer, String> unreadable = new TreeMap<>();
    for (int row = 0; row < entries.size(); row++) {
      Cancellation.check(row);
      String entry = entries.get(row);
      Optional<Exact> number = number(entry).or(() -> number(without(unit, entry)));
      if (number.isPresent()) {
        values.add(number.get());
      } else {
        if (!MissingSigns.matches(entry)) {
          unreadable.put(row, entry);
        }
        values.addMissing();
      }
    }
    return new NumberColumn(name, values.build(), unreadable, unit);
  }

  private static String without(String unit, String entry) {
    if (unit.isEmpty()) {
      return entry;
    }
    return entry.startsWith(unit)
        ? entry.substring(unit.length()).strip()
        : entry.endsWith(unit) ? entry.substring(0, entry.length() - unit.length()).strip() : entry;
  }

  /** {@return the entries as texts, to be changed} */
  static List<String> texts(Column column) {
    return IntStream.range(0, column.size())
        .mapToObj(column::text)
        .collect(Collectors.toCollection(ArrayList::new));
  }
}
