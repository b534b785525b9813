package promedio.desktop.work;

import java.util.EnumMap;
import java.util.Map;
import promedio.core.measure.Measure;

/** Which results a change moved. */
final class Moved {

  private Moved() {}

  /** {@return what was shown before, for each measure that is shown otherwise now} */
  static Map<Measure, String> between(Reckoning before, Reckoning after) {
    Map<Measure, String> moved = new EnumMap<>(Measure.class);
    for (Measure measure : Measure.values()) {
      String old = Results.shown(before.measures().get(measure), measure, before);
      if (!old.equals(Results.shown(after.measures().get(measure), measure, after))) {
        moved.put(measure, old);
      }
    }
    return moved;
  }
}
