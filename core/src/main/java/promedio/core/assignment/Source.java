package promedio.core.assignment;

import java.util.List;
import java.util.Optional;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;
import promedio.core.sample.Sample;

/** Where the values of an item come from. */
public sealed interface Source {

  /** {@return the values as they are understood} */
  Typed read(DecimalSign sign);

  /** {@return this followed by the values of another source, if both are typed the same way} */
  default Optional<Source> append(Source other) {
    if (this instanceof ValuesText mine && other instanceof ValuesText more) {
      return Optional.of(new ValuesText(TextEdits.appended(mine.text(), more.text())));
    }
    if (this instanceof TableText mine && other instanceof TableText more) {
      String text = mine.text().stripTrailing();
      return Optional.of(new TableText(text + (text.isEmpty() ? "" : "\n") + more.text()));
    }
    return Optional.empty();
  }

  /** A list of values, exactly as typed. */
  record ValuesText(String text) implements Source {
    @Override
    public Typed read(DecimalSign sign) {
      return TypedValues.read(text, sign);
    }
  }

  /** A line for each value and its frequency, exactly as typed. */
  record TableText(String text) implements Source {
    @Override
    public Typed read(DecimalSign sign) {
      return TypedTable.read(text, sign);
    }
  }

  /**
   * A column of a file, too long to be edited as text.
   *
   * @param file the name of the file
   * @param column the name of the column
   * @param sample its values
   * @param unreadable how many entries were no numbers and left out
   */
  record Column(String file, String column, Sample sample, int unreadable) implements Source {
    @Override
    public Typed read(DecimalSign sign) {
      return new Typed(List.of(), sample, Optional.empty());
    }
  }
}
