package promedio.core.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.measure.Dimension;
import promedio.core.measure.Request;
import promedio.core.measure.Shape;
import promedio.core.message.Message;
import promedio.core.message.TypedWords;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.number.Reading.Form;
import promedio.core.number.Reading.Numeral;
import promedio.core.number.Rounding;

/** What a student wrote as the result. */
sealed interface Answer {

  /** What a number is handed in with: what it is the value of, that it is rounded, its unit. */
  Pattern DRESSED =
      Pattern.compile(
          "(?:.*[=≈~≃])?\\s*(?<number>[-+−]?[\\d.,][\\d.,/ ]*?)\\s*(?:[\\p{L}°%][\\p{L}°²³/.]*)?\\s*");

  /** Written where there is no result. */
  String NONE = "none";

  /** It cannot be read. */
  record Unreadable(Message why) implements Answer {}

  /** It is below a number, as a p-value may be. */
  record Below(Exact bound) implements Answer {}

  /**
   * What is decided of the null hypothesis, as an answer of its own or in the place of the p-value.
   */
  record Decision(boolean rejects) implements Answer {}

  /** There is no result. */
  record None() implements Answer {}

  /** Numbers, modes ascending; more than one only where several are asked. */
  record Numbers(List<Numeral> numbers) implements Answer {
    public Numbers {
      numbers = List.copyOf(numbers);
    }

    @Override
    public int digits() {
      return numbers.stream()
          .mapToInt(
              each ->
                  each.form() == Form.FRACTION
                      ? Integer.MAX_VALUE
                      : each.value().rounded(each.places(), Rounding.HALF_UP).precision())
          .max()
          .orElse(Integer.MAX_VALUE);
    }

    /** {@return the most decimals that one of them is written with} */
    int places() {
      return numbers.stream().mapToInt(Numeral::places).max().orElse(0);
    }
  }

  /**
   * {@return with how many digits that say something it is written, most where it is no decimal}
   */
  default int digits() {
    return Integer.MAX_VALUE;
  }

  /**
   * {@return the answer in every way that it can be understood, the likeliest first}: {@code 3 1/2}
   * is one mode or two, and {@code 1,570} may be meant either way, of which the right one counts
   *
   * @param request what was asked: percentages are read only where the result is one, several
   *     numbers only where it is several
   */
  static List<Answer> readings(String written, Request request, DecimalSign sign) {
    if (request.measure().shape() == Shape.ONE) {
      return NumberText.meanings(written, sign).stream()
          .map(meant -> read(List.of(meant.strip()), meant, request, sign))
          .toList();
    }
    List<Answer> readings =
        ModesText.parts(written, sign).stream()
            .map(parts -> read(parts, written, request, sign))
            .toList();
    List<Answer> readable =
        readings.stream().filter(reading -> !(reading instanceof Unreadable)).toList();
    return readable.isEmpty() ? readings.subList(0, 1) : readable;
  }

  private static Answer read(
      List<String> parts, String written, Request request, DecimalSign sign) {
    String text = written.strip();
    if (request.decides()) {
      return decided(text)
          .<Answer>map(Decision::new)
          .orElseGet(() -> new Unreadable(Message.of("answer.no-decision", text)));
    }
    if (TypedWords.says(NONE, text)) {
      return new None();
    }
    if (request.isProbability() && text.startsWith("<")) {
      Reading bound = NumberText.read(text.substring(1).strip(), sign);
      return bound instanceof Numeral numeral
          ? new Below(numeral.value())
          : new Unreadable(((Reading.Unreadable) bound).why());
    }
    if (request.isProbability()) {
      Optional<Boolean> decided = decided(text);
      if (decided.isPresent()) {
        return new Decision(decided.get());
      }
    }
    List<Numeral> numerals = new ArrayList<>();
    for (String part : parts) {
      Reading reading = number(part, sign);
      if (reading instanceof Reading.Unreadable unreadable) {
        return new Unreadable(unreadable.why());
      }
      Numeral numeral = (Numeral) reading;
      if (numeral.form() == Form.PERCENT && request.dimension() != Dimension.PERCENT) {
        return new Unreadable(Message.of("answer.no-percentage", text));
      }
      numerals.add(
          numeral.form() == Form.PERCENT
              ? new Numeral(numeral.value().times(100), numeral.places(), Form.DECIMAL)
              : numeral);
    }
    if (request.measure().shape() == Shape.SEVERAL) {
      numerals.sort(Comparator.comparing(Numeral::value));
    }
    return new Numbers(numerals);
  }

  /** A number as it is handed in: “≈ 12.4”, “x̄ = 12.4”, “12.4 kg”. */
  private static Reading number(String part, DecimalSign sign) {
    Reading bare = NumberText.read(part, sign);
    Matcher dressed = DRESSED.matcher(part);
    if (bare instanceof Numeral || !dressed.matches()) {
      return bare;
    }
    Reading inside = NumberText.read(dressed.group("number"), sign);
    return inside instanceof Numeral ? inside : bare;
  }

  private static Optional<Boolean> decided(String text) {
    if (TypedWords.says("keep", text)) {
      return Optional.of(false);
    }
    return TypedWords.says("reject", text) ? Optional.of(true) : Optional.empty();
  }
}
