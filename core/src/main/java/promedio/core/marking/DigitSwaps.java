package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;

/** Numbers in which two neighbouring digits change places. */
final class DigitSwaps {

  private DigitSwaps() {}

  /** {@return the numbers that come of it}; none begins with a 0 that did not before */
  static List<Exact> of(Exact value) {
    String text = PlainText.of(value);
    List<Exact> swapped = new ArrayList<>();
    if (text.indexOf('/') >= 0) {
      return swapped;
    }
    int last = -1;
    for (int i = 0; i < text.length(); i++) {
      if (!Character.isDigit(text.charAt(i))) {
        continue;
      }
      if (last >= 0 && text.charAt(last) != text.charAt(i)) {
        StringBuilder changed = new StringBuilder(text);
        changed.setCharAt(last, text.charAt(i));
        changed.setCharAt(i, text.charAt(last));
        if (!leads(changed) || leads(text)) {
          swapped.add(Exact.of(new BigDecimal(changed.toString())));
        }
      }
      last = i;
    }
    return swapped;
  }

  /** {@return whether the first digit is 0} */
  private static boolean leads(CharSequence text) {
    int first = text.charAt(0) == '-' ? 1 : 0;
    return text.charAt(first) == '0';
  }
}
