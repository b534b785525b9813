package promedio.desktop.projection;

import promedio.core.number.Exact;
import promedio.core.number.Real;

/** Exact numbers in characters of type: 254/3, √(2/3), with a true minus. */
public final class ExactText {

  private ExactText() {}

  /** {@return the exact number; a fraction above 1 is written as it is} */
  public static String of(Real number) {
    Exact exact = (Exact) number;
    String text = exact.toString().replace('-', '−');
    return exact.isRational() ? text : text.replace("sqrt", "√");
  }
}
