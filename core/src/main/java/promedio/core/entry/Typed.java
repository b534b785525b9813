package promedio.core.entry;

import java.util.List;
import java.util.Optional;
import promedio.core.message.Message;
import promedio.core.sample.Data;

/**
 * A typed text as it was understood.
 *
 * @param entries every entry in its place
 * @param data what the readable entries make up
 * @param problem why the entries together make no data; the data is empty then
 */
public record Typed(List<Entry> entries, Data data, Optional<Message> problem) {

  public Typed {
    entries = List.copyOf(entries);
  }

  /** {@return the entries that are neither numbers nor missing} */
  public List<Entry> unreadable() {
    return entries.stream().filter(e -> e.content() instanceof Entry.Unreadable).toList();
  }
}
