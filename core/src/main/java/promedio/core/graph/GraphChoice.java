package promedio.core.graph;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.sample.CategoryOrder;

/**
 * How the student draws a sample or table.
 *
 * @param kind what graph; none for what the data ask for
 * @param height what the height stands for; none for what the widths of the classes ask for
 * @param marks what is marked
 * @param order in which order categories stand
 * @param beside the id of another item on the same scale, {@value #NO_OTHER} for none
 * @param texts what is written about it, as typed; nothing that is blank
 */
public record GraphChoice(
    Optional<GraphKind> kind,
    Optional<Height> height,
    Set<GraphMark> marks,
    CategoryOrder order,
    int beside,
    Map<GraphText, String> texts) {

  /** No item has this id. */
  public static final int NO_OTHER = -1;

  /** What one begins with. */
  public static final GraphChoice USUAL =
      new GraphChoice(
          Optional.empty(), Optional.empty(), Set.of(), CategoryOrder.GIVEN, NO_OTHER, Map.of());

  public GraphChoice {
    Set<GraphMark> marked = EnumSet.noneOf(GraphMark.class);
    marked.addAll(marks);
    marks = Collections.unmodifiableSet(marked);
    Map<GraphText, String> written = new EnumMap<>(GraphText.class);
    written.putAll(texts);
    written.values().removeIf(String::isBlank);
    texts = Collections.unmodifiableMap(written);
  }

  /** {@return what is written about it, empty for nothing} */
  public String text(GraphText which) {
    return texts.getOrDefault(which, "");
  }

  /** {@return this as another graph} */
  public GraphChoice with(GraphKind changed) {
    return new GraphChoice(Optional.of(changed), height, marks, order, beside, texts);
  }

  /** {@return this with another meaning of the height} */
  public GraphChoice with(Optional<Height> changed) {
    return new GraphChoice(kind, changed, marks, order, beside, texts);
  }

  /** {@return this with or without a mark} */
  public GraphChoice with(GraphMark mark, boolean marked) {
    Set<GraphMark> changed = EnumSet.noneOf(GraphMark.class);
    changed.addAll(marks);
    if (marked) {
      changed.add(mark);
    } else {
      changed.remove(mark);
    }
    return new GraphChoice(kind, height, changed, order, beside, texts);
  }

  /** {@return this with categories in another order} */
  public GraphChoice with(CategoryOrder changed) {
    return new GraphChoice(kind, height, marks, changed, beside, texts);
  }

  /** {@return this with another item on the same scale} */
  public GraphChoice beside(int other) {
    return new GraphChoice(kind, height, marks, order, other, texts);
  }

  /** {@return this with another text; a blank one takes it away} */
  public GraphChoice with(GraphText which, String text) {
    Map<GraphText, String> changed = new EnumMap<>(GraphText.class);
    changed.putAll(texts);
    changed.put(which, text);
    return new GraphChoice(kind, height, marks, order, beside, changed);
  }
}
