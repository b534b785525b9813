package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.number.Reading.Form;
import promedio.core.number.Reading.Numeral;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/** Judges what a student found against the exact result, by the student's course rules. */
public final class Marker {

  private final CourseRules rules;
  private final DecimalSign sign;

  /**
   * Makes a marker.
   *
   * @param rules how results are rounded, and to how many places
   * @param sign the decimal sign of the student
   */
  public Marker(CourseRules rules, DecimalSign sign) {
    this.rules = rules;
    this.sign = sign;
  }

  /**
   * {@return what the answer is worth}
   *
   * @param measure what was asked
   * @param result what it is
   * @param answer what the student wrote: a number, a fraction, a percentage where the measure is
   *     one, {@code none}, or several modes
   */
  public Mark judge(Measure measure, Result result, String answer) {
    String text = answer.strip();
    if (text.toLowerCase(Locale.ROOT).equals("none")) {
      return Mark.of(result instanceof Result.Absent ? Verdict.AGREES : Verdict.UNEXPLAINED);
    }
    List<Numeral> numerals = new ArrayList<>();
    for (String part : parts(measure, text)) {
      Reading reading = NumberText.read(part, sign);
      if (reading instanceof Reading.Unreadable unreadable) {
        return Mark.unreadable(unreadable.why());
      }
      Numeral numeral = (Numeral) reading;
      if (numeral.form() == Form.PERCENT && !measure.isPercentage()) {
        return Mark.unreadable(Message.of("answer.no-percentage", text));
      }
      numerals.add(
          numeral.form() == Form.PERCENT
              ? new Numeral(numeral.value().times(100), numeral.places(), Form.DECIMAL)
              : numeral);
    }
    return Mark.of(judge(numbers(result), numerals));
  }

  private Verdict judge(List<Real> results, List<Numeral> answers) {
    if (results.size() != answers.size() || !allMatch(results, answers, this::agrees)) {
      return Verdict.UNEXPLAINED;
    }
    return allMatch(results, answers, this::isFineEnough) ? Verdict.AGREES : Verdict.AGREES_COARSER;
  }

  /** Both lists are put in order: modes may be named in any. */
  private static boolean allMatch(
      List<Real> results, List<Numeral> answers, Predicate<Pair> condition) {
    List<Numeral> ordered =
        answers.stream().sorted((a, b) -> a.value().compareTo(b.value())).toList();
    for (int i = 0; i < results.size(); i++) {
      if (!condition.test(new Pair(results.get(i), ordered.get(i)))) {
        return false;
      }
    }
    return true;
  }

  private boolean agrees(Pair pair) {
    return pair.answer().form() == Form.FRACTION
        ? pair.answer().value().equals(pair.result())
        : pair.answer().value().equals(roundedTo(pair.result(), pair.answer().places()));
  }

  /** A decimal that is the whole of the result need not be filled up with zeros. */
  private boolean isFineEnough(Pair pair) {
    int asked = rules.get(Rule.PLACES);
    return pair.answer().form() == Form.FRACTION
        || pair.answer().places() >= asked
        || pair.answer().value().equals(pair.result());
  }

  private Exact roundedTo(Real result, int places) {
    BigDecimal rounded = result.rounded(places, rules.get(Rule.ROUNDING));
    return Exact.of(rounded);
  }

  private static List<String> parts(Measure measure, String text) {
    return measure == Measure.MODES ? Arrays.asList(text.split("\\s*;\\s*|,?\\s+")) : List.of(text);
  }

  private static List<Real> numbers(Result result) {
    return result instanceof Result.Several several
        ? List.copyOf(several.values())
        : result.number().map(List::of).orElse(List.of());
  }

  private record Pair(Real result, Numeral answer) {}
}
