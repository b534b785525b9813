package promedio.core.sample;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/**
 * Names with their frequencies: what was counted, not measured. Names have no order and no distance
 * of their own, so that frequencies, their shares and the modes are all that can be told of them.
 *
 * @param rows the categories, each once, in the order in which they first came
 * @param missing how many entries are missing and were left out
 */
public record Categories(List<Row> rows, int missing) implements Data {

  /** No categories. */
  public static final Categories NONE = new Categories(List.of(), 0);

  public Categories {
    rows = List.copyOf(rows);
    if (rows.stream().map(Row::name).distinct().count() != rows.size()) {
      throw new IllegalArgumentException("a category stands in one row");
    }
  }

  /**
   * {@return the categories of rows}; the frequencies of equal names are added up
   *
   * @throws BadInputException if a frequency is negative, or rows are there and all have 0
   */
  public static Categories read(List<Row> rows, int missing) throws BadInputException {
    Map<String, Exact> merged = new LinkedHashMap<>();
    for (Row row : rows) {
      if (row.frequency().signum() < 0) {
        throw BadInputException.of("table.negative", row.name(), row.frequency().toString());
      }
      merged.merge(row.name(), row.frequency(), Exact::plus);
    }
    if (!merged.isEmpty() && merged.values().stream().allMatch(f -> f.signum() == 0)) {
      throw BadInputException.of("table.all-zero");
    }
    return new Categories(
        merged.entrySet().stream().map(e -> new Row(e.getKey(), e.getValue())).toList(), missing);
  }

  /**
   * One category.
   *
   * @param name what it is called
   * @param frequency how often it occurs, at least 0
   */
  public record Row(String name, Exact frequency) {

    /** {@return its proportion of a total} */
    public Exact relative(Exact total) {
      return frequency.over(total);
    }
  }

  /** {@return nothing: names are no numbers} */
  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.categories(this);
  }

  @Override
  public Optional<Categories> categories() {
    return Optional.of(this);
  }

  @Override
  public Exact total() {
    return rows.stream().map(Row::frequency).reduce(Exact.ZERO, Exact::plus);
  }

  /** {@return the frequency of the category, 0 where there is none of this name} */
  public Exact frequency(String name) {
    return rows.stream()
        .filter(row -> row.name().equals(name))
        .map(Row::frequency)
        .findFirst()
        .orElse(Exact.ZERO);
  }

  /** {@return the highest frequency, 0 where there are no categories} */
  public Exact highestFrequency() {
    return rows.stream().map(Row::frequency).max(Exact::compareTo).orElse(Exact.ZERO);
  }

  /** {@return the same categories in another order} */
  public Categories in(CategoryOrder order) {
    List<Row> sorted = new ArrayList<>(rows);
    order.comparator().ifPresent(sorted::sort);
    return new Categories(sorted, missing);
  }
}
