package promedio.desktop.projection;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import promedio.core.computation.Computation;
import promedio.core.number.DecimalSign;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Data;
import promedio.core.sample.DataSubset;

/**
 * What is computed of the portions of some data, each once when it is first asked for. Safe for
 * several threads.
 */
public final class Portions {

  private final Computation whole;
  private final StatedRules said;
  private final DecimalSign sign;
  private final Map<DataSubset, Optional<Known>> known = new ConcurrentHashMap<>();

  /** One portion. */
  record Known(Data data, Computation computation, MarkCache marks) {}

  Portions(Computation whole, StatedRules said, DecimalSign sign) {
    this.whole = whole;
    this.said = said;
    this.sign = sign;
  }

  /** {@return what is known of the portion; none where the data have no such portion} */
  Optional<Known> of(DataSubset subset) {
    return known.computeIfAbsent(
        subset,
        asked ->
            asked
                .of(whole.context().data())
                .map(
                    data -> {
                      Computation of = Computation.of(data, whole.context().rules());
                      return new Known(data, of, new MarkCache(of, said, sign));
                    }));
  }
}
