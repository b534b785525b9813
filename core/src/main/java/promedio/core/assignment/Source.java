package promedio.core.assignment;

import java.util.List;
import java.util.Optional;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedCategories;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;
import promedio.core.sample.Categories;
import promedio.core.sample.Data;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Where the values of an item come from. */
public sealed interface Source {

  /** What kind of data a source holds. */
  enum Shape {
    VALUES,
    FREQUENCIES,
    CLASSES,
    CATEGORIES
  }

  /** {@return what kind of data it holds, whether any can be read or not} */
  Shape shape();

  /** {@return the values as they are understood} */
  Typed read(DecimalSign sign);

  /** {@return the text that was typed, if any was} */
  default Optional<String> typedText() {
    return this instanceof OfText typed ? Optional.of(typed.text()) : Optional.empty();
  }

  /** {@return this followed by the values of another source, if both are typed the same way} */
  default Optional<Source> append(Source other) {
    if (!(this instanceof OfText mine && other instanceof OfText more)
        || shape() != other.shape()) {
      return Optional.empty();
    }
    if (shape() == Shape.VALUES) {
      return Optional.of(withText(TextEdits.appended(mine.text(), more.text())));
    }
    String text = mine.text().stripTrailing();
    return Optional.of(withText(text + (text.isEmpty() ? "" : "\n") + more.text()));
  }

  /** {@return this with another text, where it is typed; otherwise a list of values} */
  default Source withText(String text) {
    return this instanceof OfText ? typed(shape(), text) : new ValuesText(text);
  }

  /** {@return data of a kind, as typed} */
  static Source typed(Shape shape, String text) {
    return switch (shape) {
      case VALUES -> new ValuesText(text);
      case FREQUENCIES -> new TableText(text);
      case CLASSES -> new ClassesText(text);
      case CATEGORIES -> new CategoriesText(text);
    };
  }

  /** What is typed. */
  sealed interface OfText extends Source {

    /** {@return it, exactly as typed} */
    String text();
  }

  /** A list of values. */
  record ValuesText(String text) implements OfText {
    @Override
    public Shape shape() {
      return Shape.VALUES;
    }

    @Override
    public Typed read(DecimalSign sign) {
      return TypedValues.read(text, sign);
    }
  }

  /** A line for each value and its frequency. */
  record TableText(String text) implements OfText {
    @Override
    public Shape shape() {
      return Shape.FREQUENCIES;
    }

    @Override
    public Typed read(DecimalSign sign) {
      return TypedTable.read(text, sign);
    }
  }

  /** A line for each class and its frequency. */
  record ClassesText(String text) implements OfText {
    @Override
    public Shape shape() {
      return Shape.CLASSES;
    }

    @Override
    public Typed read(DecimalSign sign) {
      return TypedClasses.read(text, sign);
    }
  }

  /** Names, as often as they were seen or with their frequencies. */
  record CategoriesText(String text) implements OfText {
    @Override
    public Shape shape() {
      return Shape.CATEGORIES;
    }

    @Override
    public Typed read(DecimalSign sign) {
      return TypedCategories.read(text, sign);
    }
  }

  /**
   * A column of a table of the assignment, or a group of it. It follows the table.
   *
   * @param link which part of which table
   * @param data its values, or its categories, as they were found last
   * @param unreadable how many entries are no numbers and left out
   * @param found whether the table still has it
   */
  record Linked(Link link, Data data, int unreadable, boolean found) implements Source {

    /** {@return the part of a table that has it} */
    public static Linked to(Link link, Table table) {
      boolean words = table.column(link.column()).filter(WordColumn.class::isInstance).isPresent();
      Data none = words ? Categories.NONE : new Sample(Values.of(List.of()));
      return new Linked(link, none, 0, false).follow(table);
    }

    /**
     * {@return what the link leads to in the table; what was found last where it is gone}, or where
     * numbers have become words, or words numbers
     */
    public Linked follow(Table table) {
      return link.find(table)
          .filter(column -> column instanceof WordColumn == (shape() == Shape.CATEGORIES))
          .map(column -> new Linked(link, dataOf(column), column.unreadable(), true))
          .orElseGet(() -> new Linked(link, data, unreadable, false));
    }

    private static Data dataOf(Column column) {
      return column instanceof NumberColumn numbers
          ? numbers.sample()
          : ((WordColumn) column).categories();
    }

    @Override
    public Shape shape() {
      return data.categories().isPresent() ? Shape.CATEGORIES : Shape.VALUES;
    }

    /** {@return whether both are the same part of a table, with the same values} */
    @Override
    public boolean equals(Object other) {
      return other instanceof Linked that
          && link.equals(that.link)
          && unreadable == that.unreadable
          && found == that.found
          && (data.equals(that.data)
              || data.sample()
                  .map(Sample::values)
                  .filter(
                      mine ->
                          that.data.sample().map(Sample::values).filter(mine::equals).isPresent())
                  .isPresent());
    }

    @Override
    public int hashCode() {
      return link.hashCode();
    }

    @Override
    public Typed read(DecimalSign sign) {
      return new Typed(List.of(), data, Optional.empty());
    }
  }
}
