package promedio.core.marking;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import promedio.core.measure.Measure;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.number.Reading.Form;
import promedio.core.number.Reading.Numeral;

/** What a student wrote as the result. */
sealed interface Answer {

  /** Written where there is no result. */
  String NONE = "none";

  /** It cannot be read. */
  record Unreadable(Message why) implements Answer {}

  /** There is no result. */
  record None() implements Answer {}

  /** Numbers, ascending; more than one only where modes are asked. */
  record Numbers(List<Numeral> numbers) implements Answer {
    public Numbers {
      numbers = numbers.stream().sorted(Comparator.comparing(Numeral::value)).toList();
    }

    /** {@return the most decimals that one of them is written with} */
    int places() {
      return numbers.stream().mapToInt(Numeral::places).max().orElse(0);
    }
  }

  /**
   * {@return the answer as it is understood}
   *
   * @param measure what was asked: percentages are read only where the measure is one, several
   *     numbers only for modes
   */
  static Answer read(String written, Measure measure, DecimalSign sign) {
    String text = written.strip();
    if (text.toLowerCase(Locale.ROOT).equals(NONE)) {
      return new None();
    }
    List<Numeral> numerals = new ArrayList<>();
    for (String part : parts(measure, text)) {
      Reading reading = NumberText.read(part, sign);
      if (reading instanceof Reading.Unreadable unreadable) {
        return new Unreadable(unreadable.why());
      }
      Numeral numeral = (Numeral) reading;
      if (numeral.form() == Form.PERCENT && !measure.isPercentage()) {
        return new Unreadable(Message.of("answer.no-percentage", text));
      }
      numerals.add(
          numeral.form() == Form.PERCENT
              ? new Numeral(numeral.value().times(100), numeral.places(), Form.DECIMAL)
              : numeral);
    }
    return new Numbers(numerals);
  }

  private static List<String> parts(Measure measure, String text) {
    return measure == Measure.MODES
        ? Arrays.asList(text.split("\\s*;\\s*|,?\\s+", -1))
        : List.of(text);
  }
}
