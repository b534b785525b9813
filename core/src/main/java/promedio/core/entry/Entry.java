package promedio.core.entry;

import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * One entry of a typed text.
 *
 * @param start where it begins, in characters from 0
 * @param end where it ends, the character there left out
 * @param content what it says
 */
public record Entry(int start, int end, Content content) {

  /** What an entry says. */
  public sealed interface Content {}

  /**
   * A number.
   *
   * @param value the number
   * @param times how often it stands there: 3 for {@code 12.5×3}
   */
  public record Figure(Exact value, int times) implements Content {}

  /** A category and how often it stands there, at least 0. */
  record Word(String name, Exact frequency) implements Content {}

  /** A sign for a missing value. */
  public record Missing() implements Content {}

  /** Something else, left out until it is mended. */
  public record Unreadable(Message why) implements Content {}
}
