package promedio.core.marking;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.slip.Cause;

/** Marks answers to one problem. Not for several threads. */
public final class Marker {

  /** What two slips together may be made of: frequent ones that leave nothing to choose. */
  private static final Set<Cause> LIKELIEST =
      Set.of(
          Cause.ROOT_NOT_TAKEN,
          Cause.DEVIATIONS_NOT_SQUARED,
          Cause.PERCENT_LEFT_OUT,
          Cause.FREQUENCIES_IGNORED,
          Cause.IQR_NOT_HALVED,
          Cause.NOT_SORTED,
          Cause.SQUARES_NOT_WEIGHTED,
          Cause.LOWER_LIMITS_USED,
          Cause.LIMIT_NOT_BOUNDARY,
          Cause.OWN_CLASS_CUMULATED);

  private final Problem problem;
  private final Candidate right;
  private final Rounding rounding;
  private @Nullable List<Candidate> candidates;

  private Marker(Problem problem) {
    this.problem = problem;
    this.rounding = problem.rules().get(Rule.ROUNDING);
    this.right =
        new Candidate(Cause.OTHER_MEASURE, Map.of(), problem.right(), RoundingVariant.ROUNDED);
  }

  /** {@return one who marks answers to the problem} */
  public static Marker of(Problem problem) {
    return new Marker(problem);
  }

  /** {@return the problem} */
  public Problem problem() {
    return problem;
  }

  /**
   * {@return what the answer is worth, and what would explain it}
   *
   * @param written what the student wrote: a number, a fraction, a percentage where the measure is
   *     one, {@code none}, or several modes; of categories their names
   * @param sign the decimal sign of the student
   */
  public Mark mark(String written, DecimalSign sign) {
    Mark plain = compare(written, sign);
    if (plain.verdict() != Verdict.UNEXPLAINED
        || plain.reason().isPresent()
        || problem.context().categories().isPresent()) {
      return plain;
    }
    List<Answer> readings = Answer.readings(written, problem.request(), sign);
    Answer answer = readings.get(0);
    List<Explanation> found = List.of();
    for (int i = 0; i < readings.size() && found.isEmpty(); i++) {
      answer = readings.get(i);
      found = explain(answer);
    }
    Verdict verdict =
        found.isEmpty() ? Verdict.UNEXPLAINED : Verdict.explainedBy(found.get(0).kind());
    Optional<Exact> chance =
        answer instanceof Answer.Numbers numbers
            ? Chance.of(family(found), right, numbers.places(), rounding)
            : Optional.empty();
    return new Mark(verdict, found, chance, Optional.empty());
  }

  /** All that the cause of the first explanation would lead to; without one, what any would. */
  private List<Candidate> family(List<Explanation> found) {
    return found.isEmpty()
        ? candidates()
        : candidates().stream()
            .filter(candidate -> candidate.cause() == found.get(0).cause())
            .toList();
  }

  private List<Explanation> explain(Answer answer) {
    List<Explanation> found = new ExplanationRanking(candidates(), right, rounding).explain(answer);
    return found.isEmpty() ? twoTogether(answer).map(List::of).orElse(List.of()) : found;
  }

  /**
   * {@return whether the answer agrees, without looking for what would explain one that does not}
   * That is far quicker.
   */
  public Mark compare(String written, DecimalSign sign) {
    if (problem.context().categories().isPresent()) {
      return new CategoryMarks(problem.context().categories().get(), problem.right(), sign)
          .mark(written);
    }
    return new Agreement(problem.rules(), sign)
        .judge(
            problem.request(), problem.right(), Answer.readings(written, problem.request(), sign));
  }

  private List<Candidate> candidates() {
    List<Candidate> known = candidates;
    if (known == null) {
      known = Candidates.of(problem);
      candidates = known;
    }
    return known;
  }

  /** A slip whose result was cut off, or one by the other divisor. */
  private Optional<Explanation> twoTogether(Answer answer) {
    for (Candidate candidate : candidates()) {
      if (LIKELIEST.contains(candidate.cause())) {
        Candidate cut =
            new Candidate(
                candidate.cause(), candidate.params(), candidate.outcome(), RoundingVariant.CUT);
        if (cut.gives(answer, rounding)) {
          return Optional.of(
              Explanation.of(cut)
                  .and(
                      Explanation.of(
                          new Candidate(
                              Cause.TRUNCATED, Map.of(), cut.outcome(), RoundingVariant.CUT))));
        }
      }
    }
    for (Candidate rule : candidates()) {
      if (rule.cause() != Cause.DIVISOR) {
        continue;
      }
      Divisor divisor = problem.context().isPopulation() ? Divisor.N_MINUS_1 : Divisor.N;
      Problem other = problem.under(problem.rules().with(Rule.DIVISOR, divisor));
      for (Candidate candidate : Candidates.plain(other)) {
        if (LIKELIEST.contains(candidate.cause()) && candidate.gives(answer, rounding)) {
          return Optional.of(Explanation.of(candidate).and(Explanation.of(rule)));
        }
      }
    }
    return Optional.empty();
  }
}
