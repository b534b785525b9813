package promedio.files.assignment;

import java.util.Iterator;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;

/**
 * A long column as text: a value in each line as a fraction or whole number, empty where missing.
 */
final class ColumnText {

  private ColumnText() {}

  static String write(Values values) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < values.size(); i++) {
      if (!values.isMissing(i)) {
        text.append(values.get(i));
      }
      text.append('\n');
    }
    return text.toString();
  }

  /**
   * {@return the column}
   *
   * @throws BadInputException if a line is no number
   */
  static Sample read(String text) throws BadInputException {
    ValuesBuilder values = new ValuesBuilder();
    for (Iterator<String> lines = text.lines().iterator(); lines.hasNext(); ) {
      String line = lines.next();
      if (line.isEmpty()) {
        values.addMissing();
      } else {
        values.add(number(line));
      }
    }
    return new Sample(values.build());
  }

  private static Exact number(String line) throws BadInputException {
    return PlainText.read(line).orElseThrow(() -> Texts.refusal("assignment.number", line));
  }
}
