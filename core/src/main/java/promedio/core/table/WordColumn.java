package promedio.core.table;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;

/** A column of words: categories, dates or text. Each different word is kept once. */
public final class WordColumn implements Column {

  /** The code of a row in which no word stands. */
  static final int MISSING = -1;

  private final String name;
  private final Kind kind;
  private final List<String> words;

  /** For each row the place of its word, −1 where missing. */
  private final int[] codes;

  /** The rank of each word, made when first asked for. */
  private volatile int @Nullable [] ranks;

  WordColumn(String name, Kind kind, List<String> words, int[] codes) {
    this.name = name;
    this.kind = kind;
    this.words = words;
    this.codes = codes;
  }

  /** {@return a column of these words; an empty one is missing} */
  public static WordColumn of(String name, Kind kind, List<String> entries) {
    WordColumnBuilder builder = new WordColumnBuilder();
    entries.forEach(builder::add);
    return builder.build(name, kind);
  }

  /**
   * {@return a column of categories whose order is given}
   *
   * @param order the categories in their order; also those that no row has
   * @param entries the category of each row, empty where missing
   */
  public static WordColumn ordered(String name, List<String> order, List<String> entries) {
    WordColumnBuilder builder = new WordColumnBuilder();
    order.forEach(builder::know);
    entries.forEach(builder::add);
    return builder.build(name, Kind.CATEGORY);
  }

  @Override
  public String name() {
    return name;
  }

  @Override
  public Kind kind() {
    return kind;
  }

  @Override
  public int size() {
    return codes.length;
  }

  /** {@return the different words, in the order in which they first came or that was given} */
  public List<String> words() {
    return words;
  }

  /** {@return the place of the word of the row among {@link #words}, −1 where missing} */
  public int code(int row) {
    return codes[row];
  }

  @Override
  public boolean isMissing(int row) {
    return codes[row] == MISSING;
  }

  @Override
  public String text(int row) {
    return isMissing(row) ? "" : words.get(codes[row]);
  }

  @Override
  public Optional<Exact> number(int row) {
    return Optional.empty();
  }

  @Override
  public Optional<String> unreadable(int row) {
    return Optional.empty();
  }

  @Override
  public int compare(int row, int other) {
    if (isMissing(row) || isMissing(other)) {
      return Boolean.compare(isMissing(row), isMissing(other));
    }
    int[] order = ranks();
    return Integer.compare(order[codes[row]], order[codes[other]]);
  }

  @Override
  public WordColumn named(String other) {
    return new WordColumn(other, kind, words, codes);
  }

  /** {@return the same words as another kind of words} */
  public WordColumn as(Kind other) {
    return new WordColumn(name, other, words, codes);
  }

  @Override
  public WordColumn pick(int[] rows) {
    int[] picked = Arrays.stream(rows).map(row -> row < 0 ? MISSING : codes[row]).toArray();
    return new WordColumn(name, kind, words, picked);
  }

  /** {@return how many rows each word has, in the order of {@link #words}} */
  public int[] counts() {
    int[] counts = new int[words.size()];
    for (int code : codes) {
      if (code != MISSING) {
        counts[code]++;
      }
    }
    return counts;
  }

  /** {@return the words with the number of their rows; words that no row has are left out} */
  public Categories categories() {
    int[] counts = counts();
    List<Categories.Row> rows =
        IntStream.range(0, counts.length)
            .filter(code -> counts[code] > 0)
            .mapToObj(code -> new Categories.Row(words.get(code), Exact.of(counts[code])))
            .toList();
    return new Categories(rows, size() - present());
  }

  @Override
  public int present() {
    return (int) Arrays.stream(codes).filter(code -> code != MISSING).count();
  }

  @Override
  public int unreadable() {
    return 0;
  }

  @Override
  public ColumnSummary summary() {
    int[] counts = counts();
    int n = Arrays.stream(counts).sum();
    int distinct = (int) Arrays.stream(counts).filter(count -> count > 0).count();
    return new ColumnSummary(n, size() - n, 0, distinct, Optional.empty());
  }

  /** Dates are ordered in time, text by its letters, categories as their words are. */
  private int[] ranks() {
    int[] made = ranks;
    if (made == null) {
      made = new int[words.size()];
      Map<String, Integer> rank = new HashMap<>();
      for (String word : kind == Kind.CATEGORY ? words : ordered()) {
        rank.put(word, rank.size());
      }
      for (int i = 0; i < made.length; i++) {
        made[i] = rank.getOrDefault(words.get(i), 0);
      }
      ranks = made;
    }
    return made;
  }

  private List<String> ordered() {
    return words.stream()
        .sorted(kind == Kind.DATE ? Dates.order(words) : String.CASE_INSENSITIVE_ORDER)
        .toList();
  }
}
