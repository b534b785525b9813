package promedio.files.table;

import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.message.TypedWords;
import promedio.core.table.Dates;

/**
 * The unit or currency that stands with every number of a column: {@code € 3,50}, {@code $-3.50},
 * {@code US$ 12}, {@code 12,- €}, {@code 12 kg}.
 *
 * @param shown it, as it stands there first
 */
record ColumnUnit(String shown) {

  private static final int LONGEST = 12;

  private static final String NUMBER = "\\d(?:[\\d.,'’\u00A0\u202F\u2009]| (?=\\d{3}))*|[.,]\\d+";
  private static final String CURRENCY = "(?:[A-Z]{0,3}\\p{Sc}|[A-Z]{3})";
  private static final Pattern BEFORE =
      Pattern.compile(
          "([-+−]?)\\s*(" + CURRENCY + ")\\s*([-+−]?)\\s*(" + NUMBER + ")(?:[.,][-–—])?");
  private static final Pattern BEHIND =
      Pattern.compile(
          "([-+−]?)\\s*("
              + NUMBER
              + ")(?:[.,][-–—])?\\s*("
              + CURRENCY
              + "|[\\p{L}°µ][\\p{L}\\p{N}°µ²³/·^⁻¹.-]*)");

  /** What no eye sees and some programs put into cells. */
  private static final Pattern INVISIBLE =
      Pattern.compile("[\u00AD\u200B-\u200F\u202A-\u202E\u2060\u2066-\u2069\uFEFF]");

  private static final Set<String> CURRENCIES =
      Currency.getAvailableCurrencies().stream()
          .map(Currency::getCurrencyCode)
          .collect(Collectors.toUnmodifiableSet());

  /** A number and what stands with it. */
  private record Parted(String number, String unit) {}

  /** {@return the text without what no eye sees} */
  static String visible(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '\u00AD' || c > '\u2000') {
        return INVISIBLE.matcher(text).replaceAll("").strip();
      }
    }
    return text;
  }

  /**
   * {@return the unit that at least half of the cells have and no cell has another}: as many as
   * make a column one of numbers
   */
  static Optional<ColumnUnit> find(List<String> cells) {
    List<Parted> parted = cells.stream().flatMap(cell -> parted(visible(cell)).stream()).toList();
    if (parted.size() < 2 || 2 * parted.size() < cells.size()) {
      return Optional.empty();
    }
    ColumnUnit first = new ColumnUnit(parted.get(0).unit());
    return parted.stream().allMatch(one -> first.isSame(one.unit()))
        ? Optional.of(first)
        : Optional.empty();
  }

  /** {@return the number of the cell without any unit that it may have} */
  static String bare(String cell) {
    return parted(visible(cell)).map(Parted::number).orElse(cell);
  }

  private boolean isSame(String unit) {
    return unit.equalsIgnoreCase(shown);
  }

  /** {@return the number of the cell, where it stands with this unit} */
  Optional<String> numberOf(String cell) {
    return parted(visible(cell)).filter(one -> isSame(one.unit())).map(Parted::number);
  }

  /** {@return whether the cell has a number with another unit} */
  boolean isOther(String cell) {
    return parted(visible(cell)).filter(one -> !isSame(one.unit())).isPresent();
  }

  private static Optional<Parted> parted(String cell) {
    // A cheap look first: most cells are plain numbers or words.
    if (cell.length() > 60 || !hasNumberAndWord(cell) || Dates.isDate(cell)) {
      return Optional.empty();
    }
    Matcher before = BEFORE.matcher(cell);
    if (before.matches() && isCurrency(before.group(2))) {
      boolean twice = !before.group(1).isEmpty() && !before.group(3).isEmpty();
      return twice
          ? Optional.empty()
          : Optional.of(
              new Parted(
                  before.group(1) + before.group(3) + before.group(4).strip(), before.group(2)));
    }
    Matcher behind = BEHIND.matcher(cell);
    if (behind.matches() && isUnit(behind.group(3))) {
      return Optional.of(new Parted(behind.group(1) + behind.group(2).strip(), behind.group(3)));
    }
    return Optional.empty();
  }

  private static boolean hasNumberAndWord(String cell) {
    boolean number = false;
    boolean word = false;
    for (int i = 0; i < cell.length(); i++) {
      char c = cell.charAt(i);
      number |= c >= '0' && c <= '9';
      word |= Character.isLetter(c) || isSign(c) || c == '°' || Character.isSurrogate(c);
    }
    return number && word;
  }

  private static boolean isCurrency(String text) {
    return CURRENCIES.contains(text) || text.codePoints().anyMatch(ColumnUnit::isSign);
  }

  private static boolean isSign(int c) {
    return Character.getType(c) == Character.CURRENCY_SYMBOL;
  }

  private static boolean isUnit(String text) {
    return text.length() <= LONGEST
        // Words behind numbers that are no units: 12 May, 7 am, 1st.
        && !TypedWords.says("no-unit", text.replaceAll("\\.$", ""))
        // 1e3 is a number that is written with its power of ten.
        && !text.matches("[eE][-+]?\\d+");
  }
}
