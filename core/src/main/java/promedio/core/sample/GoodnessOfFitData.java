package promedio.core.sample;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * Categories that were counted, beside the proportions that are expected of them.
 *
 * @param counted what was counted
 * @param expected a number above or equal to 0 for each, of whatever sum; they are scaled by it
 */
public record GoodnessOfFitData(Categories counted, List<Exact> expected) implements Data {

  public GoodnessOfFitData {
    expected = List.copyOf(expected);
  }

  /** {@return the categories beside equal proportions} */
  public static GoodnessOfFitData equal(Categories categories) {
    return new GoodnessOfFitData(
        categories, Collections.nCopies(categories.rows().size(), Exact.ONE));
  }

  /**
   * {@return the categories beside proportions that somebody else gives}
   *
   * @throws BadInputException if they are not as many, one is negative, or all are 0
   */
  public static GoodnessOfFitData read(Categories categories, List<Exact> expected)
      throws BadInputException {
    if (expected.size() != categories.rows().size()) {
      throw new BadInputException(
          Message.of(
              "fit.number",
              String.valueOf(expected.size()),
              String.valueOf(categories.rows().size())));
    }
    boolean negative = expected.stream().anyMatch(each -> each.signum() < 0);
    if (negative || expected.stream().allMatch(each -> each.signum() == 0)) {
      throw new BadInputException(Message.of("fit.not-positive"));
    }
    return new GoodnessOfFitData(categories, expected);
  }

  /** {@return the count that is expected of the category at the index} */
  public Exact expectedCount(int index) {
    return share(index).times(total());
  }

  /** {@return the proportion that is expected of the category at the index; together they are 1} */
  public Exact share(int index) {
    return expected.get(index).over(expected.stream().reduce(Exact.ZERO, Exact::plus));
  }

  @Override
  public Subject subject() {
    return Subject.FIT;
  }

  @Override
  public Exact total() {
    return counted.total();
  }

  @Override
  public List<Entry> entries() {
    List<Categories.Row> rows = counted.rows();
    return IntStream.range(0, rows.size())
        .mapToObj(
            i ->
                Entry.fixed(
                    rows.get(i).frequency(),
                    count ->
                        changed(
                            Entry.with(rows, i, new Categories.Row(rows.get(i).name(), count)))))
        .toList();
  }

  private Optional<Data> changed(List<Categories.Row> rows) {
    try {
      return Optional.of(new GoodnessOfFitData(Categories.read(rows, counted.missing()), expected));
    } catch (BadInputException e) {
      // No counts come of it.
      return Optional.empty();
    }
  }

  @Override
  public int missing() {
    return counted.missing();
  }

  @Override
  public Optional<GoodnessOfFitData> fit() {
    return Optional.of(this);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.fit(this);
  }
}
