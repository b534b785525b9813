package promedio.core.tidy;

import java.util.Optional;
import promedio.core.message.Message;
import promedio.core.table.Table;

/**
 * What a step did to a table.
 *
 * @param table the table after the step; where the step does not fit, the table before it
 * @param what what it does and to how many entries, as a sentence
 * @param problem why it does not fit this table, if it does not
 */
public record Outcome(Table table, Message what, Optional<Message> problem) {

  /** {@return the outcome of a step that fits} */
  static Outcome of(Table table, Message what) {
    return new Outcome(table, what, Optional.empty());
  }
}
