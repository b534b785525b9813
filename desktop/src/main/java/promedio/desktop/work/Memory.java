package promedio.desktop.work;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import promedio.desktop.session.DocumentKey;

/**
 * Something that is opened, folded or half typed about each item of a document and is no part of
 * it: it stays as it was when the item is looked at again, also by other views, as long as the
 * window lives.
 *
 * @param <T> an immutable type
 */
public final class Memory<T> {

  private final Supplier<DocumentKey> document;
  private final T initial;
  private final Map<About, T> known = new HashMap<>();

  /** An item of a document. */
  private record About(DocumentKey document, int item) {}

  Memory(Supplier<DocumentKey> document, T initial) {
    this.document = document;
    this.initial = initial;
  }

  /** {@return how it is about the item of the id; about the document as a whole where that is 0} */
  public T of(int item) {
    return known.getOrDefault(new About(document.get(), item), initial);
  }

  /** Notes how it is now. */
  public void put(int item, T now) {
    if (now.equals(initial)) {
      known.remove(new About(document.get(), item));
    } else {
      known.put(new About(document.get(), item), now);
    }
  }
}
