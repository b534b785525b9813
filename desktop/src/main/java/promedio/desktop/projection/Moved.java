package promedio.desktop.projection;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;

/** Which results a change moved. */
public final class Moved {

  private Moved() {}

  /** {@return what was shown before, for each measure that is shown otherwise now, in order} */
  public static Map<Request, String> between(Analysis before, Analysis after) {
    Map<Request, String> moved = new LinkedHashMap<>();
    for (Request request : requests(after)) {
      String old = Results.shown(before.computation().result(request), request, before);
      if (!old.equals(Results.shown(after.computation().result(request), request, after))) {
        moved.put(request, old);
      }
    }
    return moved;
  }

  private static List<Request> requests(Analysis now) {
    return Stream.concat(
            Measures.of(now.typed().data()).stream().map(Request::of), now.asked().stream())
        .toList();
  }
}
