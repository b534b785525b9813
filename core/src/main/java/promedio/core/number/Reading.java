package promedio.core.number;

import promedio.core.message.Message;

/** What {@link NumberText} made of a text. */
public sealed interface Reading {

  /**
   * A number.
   *
   * @param value the number; of {@code 12%} it is 12/100
   * @param places the decimals that were written, 0 for a fraction; of {@code 12.5%} it is 1
   * @param form how it was written
   */
  record Numeral(Exact value, int places, Form form) implements Reading {}

  /**
   * No number.
   *
   * @param why what stands there and how to mend it
   */
  record Unreadable(Message why) implements Reading {}

  /** How a number was written. */
  enum Form {
    DECIMAL,
    FRACTION,
    PERCENT
  }
}
