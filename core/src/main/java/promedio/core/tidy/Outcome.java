package promedio.core.tidy;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

  private static final int MOST_NAMED = 6;

  /** {@return the outcome of a step that fits} */
  static Outcome of(Table table, Message what) {
    return new Outcome(table, what, Optional.empty());
  }

  /** {@return the outcome of a step that touched so many entries} */
  static Outcome entries(Table table, Step step, long entries) {
    return of(table, Message.of("step.entries", step.intention().text(), String.valueOf(entries)));
  }

  /** {@return the outcome of a step that leaves out these rows, counted from 0} */
  static Outcome without(BitSet rows, Table table, Step step) {
    int[] kept = IntStream.range(0, table.rows()).filter(row -> !rows.get(row)).toArray();
    return of(
        table.pick(kept),
        Message.of("step.rows", step.intention().text(), String.valueOf(rows.cardinality())));
  }

  /** {@return names in a row, of which no more are told than anyone reads} */
  static String names(List<String> names) {
    String shown = names.stream().limit(MOST_NAMED).collect(Collectors.joining(", "));
    return names.size() > MOST_NAMED ? shown + ", … (" + names.size() + ")" : shown;
  }
}
