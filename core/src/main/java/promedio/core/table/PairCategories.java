package promedio.core.table;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The category of each pair, by a column beside those that the pairs are made of.
 *
 * @param names the categories, in the order in which they first came
 * @param codes of each pair the place of its category, −1 where it has none
 */
public record PairCategories(List<String> names, List<Integer> codes) {

  public PairCategories {
    names = List.copyOf(names);
    codes = List.copyOf(codes);
  }

  /** {@return how many pairs are in a category, by its place} */
  public int count(int category) {
    return Collections.frequency(codes, category);
  }

  /** {@return them without that of one pair, from 0} */
  public PairCategories without(int pair) {
    List<Integer> left = new ArrayList<>(codes);
    left.remove(pair);
    return new PairCategories(names, left);
  }
}
