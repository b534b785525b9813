package promedio.core.slip;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import promedio.core.formula.Formula;

/**
 * Something that is given in the place of a measure.
 *
 * @param cause what was done
 * @param params with what, by the names of its explanation
 * @param instead what was given
 */
public record Slip(Cause cause, Map<String, String> params, Formula instead) {

  public Slip {
    params = Collections.unmodifiableMap(new LinkedHashMap<>(params));
  }

  /** Makes one of which the cause says all. */
  public Slip(Cause cause, Formula instead) {
    this(cause, Map.of(), instead);
  }

  /** {@return a quantity taken for another one, both by their codes} */
  public static Slip mixedUp(String quantity, String taken, Formula instead) {
    Map<String, String> params = new LinkedHashMap<>();
    params.put("quantity", quantity);
    params.put("instead", taken);
    return new Slip(Cause.MIXED_UP, params, instead);
  }
}
