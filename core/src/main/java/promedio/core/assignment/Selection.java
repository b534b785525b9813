package promedio.core.assignment;

import promedio.core.sample.DataSubset;

/**
 * What a question is about.
 *
 * @param item the id of a sample, a table, a comparison …; nothing may be left of that id
 * @param subset which part of its data
 */
public record Selection(int item, DataSubset subset) {

  /** {@return all data of the item of this id} */
  public static Selection of(int item) {
    return new Selection(item, DataSubset.WHOLE);
  }

  /** {@return all data of the item} */
  public static Selection of(Item item) {
    return of(item.id());
  }
}
