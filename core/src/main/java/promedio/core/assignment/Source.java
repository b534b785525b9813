package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedCategories;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedCounts;
import promedio.core.entry.TypedPairs;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;
import promedio.core.sample.Values;
import promedio.core.table.Table;

/** Where the values of an item come from. */
public sealed interface Source {

  /** What kind of data a source holds. */
  enum Shape {
    VALUES,
    FREQUENCIES,
    CLASSES,
    CATEGORIES,
    /** Two numbers of each individual. */
    PAIRS,
    /** Samples side by side. */
    GROUPS,
    /** Counts of one category by another. */
    COUNTS;

    /** {@return what data of this kind are about} */
    public Subject subject() {
      return switch (this) {
        case VALUES, FREQUENCIES, CLASSES, CATEGORIES -> Subject.ONE;
        case PAIRS -> Subject.PAIRS;
        case GROUPS -> Subject.GROUPS;
        case COUNTS -> Subject.CROSS;
      };
    }
  }

  /** {@return what kind of data it holds, whether any can be read or not} */
  Shape shape();

  /** {@return the values as they are understood} */
  Typed read(DecimalSign sign);

  /**
   * {@return this as it is among these items}: a comparison takes up their values and names, and
   * loses those that are gone
   */
  default Source among(List<Item> items) {
    return this;
  }

  /** {@return the ids of the items that it speaks of} */
  default List<Integer> items() {
    return List.of();
  }

  /** {@return what its variables are called, as far as that is known} */
  default List<String> names() {
    return List.of();
  }

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
      case PAIRS -> new PairsText(text);
      case COUNTS -> new CountsText(text);
      case GROUPS -> throw new IllegalArgumentException("groups are picked, not typed");
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

  /** A line for each pair. */
  record PairsText(String text) implements OfText {
    @Override
    public Shape shape() {
      return Shape.PAIRS;
    }

    @Override
    public Typed read(DecimalSign sign) {
      return TypedPairs.read(text, sign);
    }

    @Override
    public List<String> names() {
      return TypedPairs.names(text);
    }
  }

  /** A printed table of counts, its names in its first row and column. */
  record CountsText(String text) implements OfText {
    @Override
    public Shape shape() {
      return Shape.COUNTS;
    }

    @Override
    public Typed read(DecimalSign sign) {
      return TypedCounts.read(text, sign);
    }
  }

  /**
   * Samples of the assignment side by side. It follows them.
   *
   * @param items their ids, in order
   * @param found the samples as they are
   */
  record Picked(List<Integer> items, List<Item> found) implements Source {

    public Picked {
      items = List.copyOf(items);
      found = List.copyOf(found);
    }

    /** {@return samples of these ids, which are taken up with the assignment} */
    public static Picked of(List<Integer> items) {
      return new Picked(items, List.of());
    }

    @Override
    public Picked among(List<Item> all) {
      List<Item> now =
          items.stream()
              .flatMap(id -> all.stream().filter(item -> item.id() == id))
              .filter(item -> item.source().shape() == Shape.VALUES)
              .toList();
      return now.equals(found) ? this : new Picked(now.stream().map(Item::id).toList(), now);
    }

    @Override
    public Shape shape() {
      return Shape.GROUPS;
    }

    @Override
    public Typed read(DecimalSign sign) {
      List<Groups.Group> groups = new ArrayList<>();
      for (Item item : found) {
        item.source()
            .read(sign)
            .data()
            .sample()
            .ifPresent(sample -> groups.add(new Groups.Group(item.name(), sample)));
      }
      try {
        return new Typed(List.of(), Groups.read(groups), Optional.empty());
      } catch (BadInputException e) {
        return new Typed(List.of(), new Sample(Values.of(List.of())), Optional.of(e.why()));
      }
    }
  }

  /**
   * Columns of a table of the assignment, or a group of them. It follows the table.
   *
   * @param link which part of which table
   * @param data its values, or its categories, as they were found last
   * @param unreadable how many entries are no numbers and left out
   * @param found whether the table still has it
   */
  record Linked(Link link, Data data, int unreadable, boolean found) implements Source {

    /** {@return the part of a table that has it} */
    public static Linked to(Link link, Table table) {
      try {
        return read(link, table);
      } catch (BadInputException e) {
        return new Linked(link, new Sample(Values.of(List.of())), 0, false);
      }
    }

    /**
     * {@return the part of a table that has it}
     *
     * @throws BadInputException if the table has no such part; the message says why
     */
    public static Linked read(Link link, Table table) throws BadInputException {
      Link.Found found = link.read(table);
      return new Linked(link, found.data(), found.unreadable(), true);
    }

    /** {@return the same values, which no table has any more} */
    public Linked parted() {
      return new Linked(link, data, unreadable, false);
    }

    /**
     * {@return what the link leads to in the table; what was found last where it is gone}, or where
     * numbers have become words, or words numbers
     */
    public Linked follow(Table table) {
      Linked now = to(link, table);
      return now.found && now.shape() == shape() ? now : parted();
    }

    @Override
    public Shape shape() {
      return switch (data.subject()) {
        case PAIRS -> Shape.PAIRS;
        case GROUPS -> Shape.GROUPS;
        case CROSS -> Shape.COUNTS;
        case ONE, FIT -> data.categories().isPresent() ? Shape.CATEGORIES : Shape.VALUES;
      };
    }

    @Override
    public List<String> names() {
      return link.columns();
    }

    /** {@return whether both are the same part of a table, with the same values} */
    @Override
    public boolean equals(Object other) {
      return other instanceof Linked that
          && link.equals(that.link)
          && unreadable == that.unreadable
          && found == that.found
          && data.equals(that.data);
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
