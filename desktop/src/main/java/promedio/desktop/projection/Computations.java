package promedio.desktop.projection;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.Subject;

/**
 * What is computed of the items of an assignment, each once for all who ask: rows, margin, parts
 * and graphs. What nothing shows any more is forgotten. Safe for several threads.
 */
public final class Computations {

  /** Texts longer than this take longer than a frame to read: about 20,000 values. */
  private static final int LONG_TEXT = 120_000;

  /** So many values of several samples are summed up apart from the window. */
  private static final Exact MANY = Exact.of(20_000);

  /** So do short texts that say a thousand copies, or numbers of very many digits. */
  private static final Pattern HEAVY =
      Pattern.compile("[×xX]\\d{4}|\\d{40}|/\\s?\\d{12}|[eE][-+−]?\\d{3}");

  private final Map<Key, Analysis> known = new ConcurrentHashMap<>();

  /** By what it is read; whatever else changes of an item, its numbers stay. */
  private record Key(Source source, DecimalSign sign) {
    Key(Assignment assignment, Item item) {
      this(item.source(), assignment.sign());
    }
  }

  /** {@return what is computed of the item, if it is known or need not be waited for} */
  Optional<Analysis> atOnce(Assignment assignment, Item item) {
    return known.containsKey(new Key(assignment, item)) || !isLong(item.source())
        ? Optional.of(of(assignment, item))
        : Optional.empty();
  }

  /** {@return what is computed of the item, which is read now if it was not} */
  public Analysis of(Assignment assignment, Item item) {
    Key key = new Key(assignment, item);
    Analysis same = known.get(key);
    Analysis now = same == null ? Analysis.of(assignment, item) : same.inside(assignment, item);
    if (same == null && isLong(item.source())) {
      now.prepare();
    }
    known.put(key, now);
    return now;
  }

  /** Forgets all but these items of the assignment. */
  public void keepOnly(Assignment assignment, Collection<Item> items) {
    known
        .keySet()
        .retainAll(
            items.stream().map(item -> new Key(assignment, item)).collect(Collectors.toSet()));
  }

  /** Forgets all. */
  public void forget() {
    known.clear();
  }

  /** {@return of how many items something is known} */
  int size() {
    return known.size();
  }

  private static boolean isLong(Source source) {
    if (source instanceof Source.Linked linked && linked.shape().subject() != Subject.ONE) {
      return linked.data().total().compareTo(MANY) > 0;
    }
    return source
        .typedText()
        .filter(text -> text.length() > LONG_TEXT || HEAVY.matcher(text).find())
        .isPresent();
  }
}
