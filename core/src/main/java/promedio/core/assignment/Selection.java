package promedio.core.assignment;

/**
 * What a question is about: all values of one sample or table.
 *
 * @param item its id; nothing may be left of that id
 */
public record Selection(int item) {

  /** {@return all values of the item} */
  public static Selection of(Item item) {
    return new Selection(item.id());
  }
}
