package promedio.core.table;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a person decided about the reading of a table. All else is recognised.
 *
 * @param aspects the decided aspects, each as its text says
 * @param kinds the decided kinds of columns, which count from 0
 */
public record ReadingChoices(Map<Aspect, String> aspects, Map<Integer, Kind> kinds) {

  /** Nothing is decided: all is recognised. */
  public static final ReadingChoices NONE = new ReadingChoices(Map.of(), Map.of());

  public ReadingChoices {
    Map<Aspect, String> copy = new EnumMap<>(Aspect.class);
    copy.putAll(aspects);
    aspects = Collections.unmodifiableMap(copy);
    kinds = Collections.unmodifiableMap(new TreeMap<>(kinds));
  }

  /** {@return what was decided of the aspect} */
  public Optional<String> of(Aspect aspect) {
    return Optional.ofNullable(aspects.get(aspect));
  }

  /** {@return these choices with the aspect decided} */
  public ReadingChoices with(Aspect aspect, String text) {
    Map<Aspect, String> changed = new EnumMap<>(Aspect.class);
    changed.putAll(aspects);
    changed.put(aspect, text);
    return new ReadingChoices(changed, kinds);
  }

  /** {@return these choices with the aspect left to be recognised} */
  public ReadingChoices without(Aspect aspect) {
    Map<Aspect, String> changed = new EnumMap<>(Aspect.class);
    changed.putAll(aspects);
    changed.remove(aspect);
    return new ReadingChoices(changed, kinds);
  }

  /** {@return these choices with the kind of a column, which counts from 0, decided} */
  public ReadingChoices withKind(int column, Kind kind) {
    Map<Integer, Kind> changed = new TreeMap<>(kinds);
    changed.put(column, kind);
    return new ReadingChoices(aspects, changed);
  }
}
