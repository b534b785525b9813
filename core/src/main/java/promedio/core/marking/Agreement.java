package promedio.core.marking;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Predicate;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Reading.Form;
import promedio.core.number.Reading.Numeral;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/** Whether what a student found agrees with the exact result, by the student's course rules. */
public final class Agreement {

  private final CourseRules rules;
  private final DecimalSign sign;

  /**
   * Makes a judge.
   *
   * @param rules how results are rounded, and to how many places
   * @param sign the decimal sign of the student
   */
  public Agreement(CourseRules rules, DecimalSign sign) {
    this.rules = rules;
    this.sign = sign;
  }

  /**
   * {@return what the answer is worth}
   *
   * @param request what was asked
   * @param result what it is
   * @param answer what the student wrote: a number, a fraction, a percentage where the measure is
   *     one, {@code none}, or several modes
   */
  public Mark judge(Request request, Result result, String answer) {
    return judge(request, result, Answer.readings(answer, request, sign));
  }

  /** {@return what an answer is worth in the way of reading it that is worth most} */
  Mark judge(Request request, Result result, List<Answer> readings) {
    int places = rules.get(request.isProbability() ? Rule.P_PLACES : Rule.PLACES);
    List<Mark> marks = readings.stream().map(reading -> judge(result, reading, places)).toList();
    return marks.stream().filter(Mark::agrees).findFirst().orElse(marks.get(0));
  }

  /**
   * {@return whether a decision is the one that the student's own p-value leads to}
   *
   * @param decision what asks for the decision
   * @param decided what the student decided
   * @param own the student's answer to the p-value
   */
  public boolean follows(Request decision, String decided, String own) {
    if (!(Answer.readings(decided, decision, sign).get(0) instanceof Answer.Decision said)) {
      return false;
    }
    Answer p = Answer.readings(own, decision.number(), sign).get(0);
    // A bound above the level leaves the decision open.
    return (p instanceof Answer.Numbers numbers
            && said.rejects() == rules.reject(numbers.numbers().get(0).value()))
        || (p instanceof Answer.Below below && said.rejects() && rules.reject(below.bound()));
  }

  /** {@return what an answer that was read is worth} */
  private Mark judge(Result result, Answer answer, int places) {
    if (answer instanceof Answer.Unreadable unreadable) {
      return Mark.unreadable(unreadable.why());
    }
    if (answer instanceof Answer.Below below) {
      return Mark.of(judge(Candidate.numbers(result), below.bound(), places));
    }
    if (answer instanceof Answer.Decision decision) {
      return Mark.of(judge(Candidate.numbers(result), decision));
    }
    return answer instanceof Answer.Numbers written
        ? judge(Candidate.numbers(result), written.numbers(), places)
        : Mark.of(result instanceof Result.Absent ? Verdict.AGREES : Verdict.UNEXPLAINED);
  }

  /** The null hypothesis is rejected where p is not above the level of the course rules. */
  private Verdict judge(List<Real> results, Answer.Decision decision) {
    boolean right =
        results.size() == 1
            && results.get(0) instanceof Exact p
            && decision.rejects() == rules.reject(p);
    return right ? Verdict.AGREES : Verdict.UNEXPLAINED;
  }

  /** "< 0.0001" is right of what is below it, as long as it says no less than is asked. */
  private static Verdict judge(List<Real> results, Exact bound, int places) {
    boolean below =
        results.size() == 1 && results.get(0) instanceof Exact exact && exact.compareTo(bound) < 0;
    boolean fine = bound.compareTo(Exact.of(BigDecimal.ONE.movePointLeft(places))) <= 0;
    return below ? fine ? Verdict.AGREES : Verdict.AGREES_COARSER : Verdict.UNEXPLAINED;
  }

  private Mark judge(List<Real> results, List<Numeral> answers, int places) {
    if (results.size() != answers.size() || !allMatch(results, answers, this::agrees)) {
      return Mark.of(Verdict.UNEXPLAINED);
    }
    if (allMatch(results, answers, pair -> isFineEnough(pair, places))) {
      return Mark.of(Verdict.AGREES);
    }
    return allMatch(results, answers, pair -> isFineEnough(pair, places - 1))
        ? Mark.of(Verdict.AGREES_COARSER)
        : Mark.of(Verdict.UNEXPLAINED, Message.of("answer.too-few-places", String.valueOf(places)));
  }

  private static boolean allMatch(
      List<Real> results, List<Numeral> answers, Predicate<Pair> condition) {
    for (int i = 0; i < results.size(); i++) {
      if (!condition.test(new Pair(results.get(i), answers.get(i)))) {
        return false;
      }
    }
    return true;
  }

  private boolean agrees(Pair pair) {
    Numeral answer = pair.answer();
    return answer.form() == Form.FRACTION
        ? answer.value().equals(pair.result())
        : answer
            .value()
            .equals(Exact.of(pair.result().rounded(answer.places(), rules.get(Rule.ROUNDING))));
  }

  /** A decimal that is the whole of the result need not be filled up with zeros. */
  private static boolean isFineEnough(Pair pair, int asked) {
    return pair.answer().form() == Form.FRACTION
        || pair.answer().places() >= asked
        || pair.answer().value().equals(pair.result());
  }

  private record Pair(Real result, Numeral answer) {}
}
