package promedio.desktop.window.sample;

import promedio.core.number.Exact;
import promedio.core.number.Real;

/** Exact numbers in characters of type: 254/3, √(2/3), with a true minus. */
final class ExactText {

  private ExactText() {}

  /** {@return the exact number; a fraction above 1 is written as it is} */
  static String of(Real number) {
    Exact exact = (Exact) number;
    String text = exact.toString().replace('-', '−');
    return exact.isRational() ? text : text.replace("sqrt", "√");
  }
}
