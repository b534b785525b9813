package promedio.desktop.projection;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.message.Message;
import promedio.core.message.Texts;

/** What was typed and is not among the data: who prints them must say so. */
public final class Incomplete {

  private Incomplete() {}

  /** {@return what is missing in the data of an item, in words; none where they are complete} */
  public static Optional<String> of(Item item, Typed typed) {
    if (item.source() instanceof Source.Linked linked && linked.unreadable() > 0) {
      return Optional.of(Texts.of("incomplete.cells", item.name(), linked.unreadable()));
    }
    List<Entry> unreadable = typed.unreadable();
    if (!unreadable.isEmpty() && item.source() instanceof Source.OfText text) {
      Entry first = unreadable.get(0);
      return Optional.of(
          Texts.of(
              "incomplete.entries",
              item.name(),
              unreadable.size(),
              text.text().substring(first.start(), first.end()).strip()));
    }
    return typed
        .problem()
        .map(Message::text)
        .map(why -> Texts.of("incomplete.problem", item.name(), why));
  }
}
