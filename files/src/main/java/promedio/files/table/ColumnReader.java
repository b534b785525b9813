package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.number.Reading;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.Dates;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.WordColumn;
import promedio.core.table.WordColumnBuilder;

/**
 * Takes the entries of one column. It begins with numbers or with words, and finds at the end what
 * they are; words can still become numbers then, numbers no words, since their texts are gone.
 */
final class ColumnReader {

  /** So many entries that are no numbers, and more than numbers, and the column is of words. */
  private static final int MOST_UNREADABLE = 10_000;

  private static final int LOOKED_AT_FOR_DATES = 500;
  private static final int LONGEST_CATEGORY = 60;
  private static final int FEW = 12;
  private static final int MOST_CATEGORIES = 1000;

  private final NumberForms forms;
  private final char sign;
  private final MissingEntries missing;
  private final boolean asWords;
  private final Optional<ColumnUnit> unit;

  /** Whether a number came with another unit than the others. */
  private boolean mixed;

  /** Whether a number, such as -999, stands for a missing entry. */
  private final boolean numbersMayMeanMissing;

  private final ValuesBuilder values = new ValuesBuilder();
  private final Map<Integer, String> unreadable = new TreeMap<>();
  private final WordColumnBuilder words = new WordColumnBuilder();
  private int numbers;

  /**
   * Makes one.
   *
   * @param unit the unit that stands with every number
   */
  ColumnReader(
      NumberForms forms, MissingEntries missing, boolean asWords, Optional<ColumnUnit> unit) {
    this.unit = unit;
    this.forms = forms;
    this.sign = forms.sign().sign();
    this.missing = missing;
    this.asWords = asWords;
    this.numbersMayMeanMissing = missing.anyNumber();
  }

  void add(char[] text, int start, int length) {
    if (asWords) {
      words.add(text, start, length);
    } else if (isPlain() && values.addPlain(text, start, length, sign)) {
      numbers++;
    } else {
      addOther(new String(text, start, length));
    }
  }

  /** A number without its unit is left for a person to decide. */
  private boolean isPlain() {
    return !numbersMayMeanMissing && unit.isEmpty();
  }

  void addMissing() {
    if (asWords) {
      words.addMissing();
    } else {
      values.addMissing();
    }
  }

  void removeLast() {
    if (asWords) {
      words.removeLast();
      return;
    }
    numbers -= values.removeLast() ? 1 : 0;
    unreadable.remove(values.size());
  }

  private void addOther(String text) {
    if (missing.test(text)) {
      values.addMissing();
    } else if (read(text) instanceof Reading.Numeral numeral) {
      values.add(numeral.value());
      numbers++;
    } else {
      mixed |= unit.filter(own -> own.isOther(text)).isPresent();
      if (unreadable.size() < MOST_UNREADABLE || unreadable.size() < numbers) {
        unreadable.put(values.size(), text);
      }
      values.addMissing();
    }
  }

  private Reading read(String text) {
    String number = unit.map(own -> own.numberOf(text).orElse("")).orElse(text);
    return forms.read(number);
  }

  private String shownUnit() {
    return unit.map(ColumnUnit::shown).orElse("");
  }

  /** {@return the text of the row, from 0, if it is no number} */
  String word(int row) {
    if (!asWords) {
      return unreadable.getOrDefault(row, "");
    }
    return words.code(row) < 0 ? "" : words.words().get(words.code(row));
  }

  /** {@return whether it must be read again, with words} */
  boolean isOfWords() {
    return !asWords && (mixed || numbers == 0 || numbers < unreadable.size());
  }

  /** {@return whether there is no entry at all} */
  boolean isEmpty() {
    return asWords
        ? words.words().stream().allMatch(String::isEmpty)
        : numbers == 0 && unreadable.isEmpty();
  }

  /** {@return whether an entry holds a character that no text has} */
  boolean holdsNul() {
    return unreadable.values().stream().anyMatch(text -> text.indexOf('\0') >= 0)
        || words.words().stream().anyMatch(text -> text.indexOf('\0') >= 0);
  }

  /** {@return the column, of the kind that its entries show} */
  Column build(String name) throws BadInputException {
    if (!asWords) {
      return new NumberColumn(name, values.build(), unreadable, shownUnit());
    }
    int[] counts = words.counts();
    int present = 0;
    int numeric = 0;
    for (int i = 0; i < counts.length; i++) {
      String word = words.words().get(i);
      if (counts[i] > 0 && !missing.test(word)) {
        present += counts[i];
        numeric += forms.isNumber(word) ? counts[i] : 0;
      }
    }
    return numeric > 0 && 2 * numeric >= present
        ? build(name, Kind.NUMBER)
        : withoutMissing(name, kindOfWords(counts, present));
  }

  /** {@return the column as the given kind} */
  Column build(String name, Kind kind) throws BadInputException {
    if (kind != Kind.NUMBER) {
      return withoutMissing(name, kind);
    }
    return asWords
        ? numbersOfWords(name)
        : new NumberColumn(name, values.build(), unreadable, shownUnit());
  }

  /** Every different word is read once. */
  private NumberColumn numbersOfWords(String name) throws BadInputException {
    List<Reading> readings = words.words().stream().map(this::read).toList();
    ValuesBuilder found = new ValuesBuilder();
    Map<Integer, String> others = new TreeMap<>();
    for (int row = 0; row < words.size(); row++) {
      int code = words.code(row);
      if (code >= 0
          && readings.get(code) instanceof Reading.Numeral numeral
          && !missing.test(words.words().get(code))) {
        found.add(numeral.value());
      } else {
        if (code >= 0 && !missing.test(words.words().get(code))) {
          others.put(row, words.words().get(code));
        }
        found.addMissing();
      }
    }
    Values built = found.build();
    return new NumberColumn(name, built, others, shownUnit());
  }

  private WordColumn withoutMissing(String name, Kind kind) {
    WordColumn all = words.build(name, kind);
    if (all.words().stream().noneMatch(missing::test)) {
      return all;
    }
    List<String> entries = new ArrayList<>(all.size());
    IntStream.range(0, all.size())
        .mapToObj(all::text)
        .map(text -> missing.test(text) ? "" : text)
        .forEach(entries::add);
    return WordColumn.of(name, kind, entries);
  }

  private Kind kindOfWords(int[] counts, int present) {
    List<String> found =
        IntStream.range(0, counts.length)
            .filter(i -> counts[i] > 0)
            .mapToObj(words.words()::get)
            .filter(word -> !missing.test(word))
            .toList();
    List<String> looked = found.stream().limit(LOOKED_AT_FOR_DATES).toList();
    long dates = looked.stream().filter(Dates::isDate).count();
    if (dates > 0 && 10 * dates >= 9L * looked.size()) {
      return Kind.DATE;
    }
    boolean repeats =
        found.size() < present
            && found.size() <= MOST_CATEGORIES
            && (found.size() <= FEW || 3L * found.size() <= present);
    boolean shortWords = found.stream().allMatch(word -> word.length() <= LONGEST_CATEGORY);
    return repeats && shortWords ? Kind.CATEGORY : Kind.TEXT;
  }
}
