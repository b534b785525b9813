package promedio.core.assignment;

import java.util.List;
import java.util.Optional;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;
import promedio.core.sample.Sample;
import promedio.core.table.Table;

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
    if (this instanceof ClassesText mine && other instanceof ClassesText more) {
      String text = mine.text().stripTrailing();
      return Optional.of(new ClassesText(text + (text.isEmpty() ? "" : "\n") + more.text()));
    }
    return Optional.empty();
  }

  /** {@return this with another text, where it is typed} */
  default Source withText(String text) {
    if (this instanceof TableText) {
      return new TableText(text);
    }
    return this instanceof ClassesText ? new ClassesText(text) : new ValuesText(text);
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

  /** A line for each class and its frequency, exactly as typed. */
  record ClassesText(String text) implements Source {
    @Override
    public Typed read(DecimalSign sign) {
      return TypedClasses.read(text, sign);
    }
  }

  /**
   * A column of a table of the assignment, or a group of it. It follows the table.
   *
   * @param link which part of which table
   * @param sample its values as they were found last
   * @param unreadable how many entries are no numbers and left out
   * @param found whether the table still has it
   */
  record Linked(Link link, Sample sample, int unreadable, boolean found) implements Source {

    /** {@return what the link leads to in the table; what was found last where it is gone} */
    public Linked follow(Table table) {
      return link.find(table)
          .map(column -> new Linked(link, column.sample(), column.unreadable(), true))
          .orElseGet(() -> new Linked(link, sample, unreadable, false));
    }

    /** {@return whether both are the same part of a table, with the same values} */
    @Override
    public boolean equals(Object other) {
      return other instanceof Linked that
          && link.equals(that.link)
          && unreadable == that.unreadable
          && found == that.found
          && (sample.equals(that.sample) || sample.values().equals(that.sample.values()));
    }

    @Override
    public int hashCode() {
      return link.hashCode();
    }

    @Override
    public Typed read(DecimalSign sign) {
      return new Typed(List.of(), sample, Optional.empty());
    }
  }
}
