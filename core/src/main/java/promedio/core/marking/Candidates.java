package promedio.core.marking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Quantity;
import promedio.core.measure.Result;
import promedio.core.message.Cancellation;
import promedio.core.number.Exact;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;
import promedio.core.slip.Slip;

/** Collects what the causes would lead to in one problem. */
final class Candidates {

  /** Of more values no hand computes anything, and each cause would take long. */
  static final int MOST_VALUES = 500;

  private final Problem problem;
  private final List<Candidate> found = new ArrayList<>();
  private final Set<Candidate> seen = new HashSet<>();

  /** What causes of their own lead to. */
  private final Set<Result> saidBetter = new HashSet<>();

  private final Set<Result> otherMeasures = new HashSet<>();

  private Candidates(Problem problem) {
    this.problem = problem;
  }

  /** {@return all that would lead to something else than the right result} */
  static List<Candidate> of(Problem problem) {
    Candidates candidates = new Candidates(problem);
    if (problem.data().subject() != Subject.ONE) {
      RuleCauses.find(problem, candidates);
      EndingCauses.find(problem, candidates);
      candidates.findPlain();
      candidates.findEdits();
      EntrySlips.find(problem, candidates);
      return candidates.found;
    }
    if (!problem.data().tally().isEmpty()) {
      RuleCauses.find(problem, candidates);
      EndingCauses.find(problem, candidates);
      candidates.findPlain();
      candidates.findEdits();
      if (problem.data().tally().size() <= MOST_VALUES) {
        EarlyRounding.find(problem, candidates);
        EntrySlips.find(problem, candidates);
      }
    }
    return candidates.found;
  }

  /** {@return the slips that leave nothing to choose: no value, no step and no places} */
  static List<Candidate> plain(Problem problem) {
    Candidates candidates = new Candidates(problem);
    if (problem.data().subject() != Subject.ONE || !problem.data().tally().isEmpty()) {
      candidates.findPlain();
    }
    return candidates.found;
  }

  private void findPlain() {
    MeasureSlips.find(problem, this);
    SeveralSlips.find(problem, this);
    WrongDesign.find(problem, this);
    if (problem.context().scope().rows() <= MOST_VALUES) {
      DataEdits.find(problem, this);
    }
    if (problem.data().subject() != Subject.ONE) {
      return;
    }
    OrderSlips.find(problem, this);
    if (problem.data().tally().size() <= MOST_VALUES) {
      SumSlips.find(problem, this);
      TableSlips.find(problem, this);
      ClassSlips.find(problem, this);
    }
  }

  /** Takes what a cause leads to, unless it is the right result. */
  void add(Cause cause, Result outcome, String... params) {
    add(cause, cause.kind(), outcome, params);
  }

  /** Takes what a slip that only this measure knows leads to. */
  void addSlip(Slip slip, Result outcome) {
    addWrong(new Candidate(slip.cause(), slip.params(), outcome, RoundingVariant.ROUNDED));
  }

  /** Takes what another rule leads to, a mistake where the question says which one. */
  void add(Cause cause, Kind kind, Result outcome, String... params) {
    addWrong(new Candidate(cause, named(params), outcome, RoundingVariant.ROUNDED).as(kind));
  }

  /**
   * Takes what comes of a step that was rounded to so many places before its result was used.
   *
   * @param at what the step finds
   * @param step what the step is told as
   */
  void addRounded(Quantity at, String step, int places, Result outcome) {
    Map<String, String> params = named("step", step, "places", String.valueOf(places));
    addWrong(new Candidate(Cause.ROUNDED_EARLY, params, outcome, RoundingVariant.ROUNDED).in(at));
  }

  /**
   * Takes what a mistake on the way leads to, unless a cause of its own says it better.
   *
   * @param prior how likely it is, of 100
   */
  void addEdit(Cause cause, Map<String, String> params, Result outcome, int prior) {
    boolean otherMeasure = isOtherMeasure(cause, params.getOrDefault("step", ""), outcome);
    if (!saidBetter.contains(outcome) && !otherMeasure) {
      // A rule that holds for none of these results is a mistake there.
      addWrong(
          new Candidate(cause, params, outcome, RoundingVariant.ROUNDED)
              .as(Kind.SLIP)
              .likely(prior));
    }
  }

  /** By another rule there may be no result; no mistake makes one disappear. */
  private void addWrong(Candidate candidate) {
    Result outcome = candidate.outcome();
    if (!outcome.equals(problem.right())
        && (candidate.kind() == Kind.RULE || !(outcome instanceof Result.Absent))) {
      add(candidate);
    }
  }

  /** A measure that is a step on the way to another one is told as that measure. */
  private boolean isOtherMeasure(Cause cause, String step, Result outcome) {
    boolean isGiven = cause == Cause.STOPPED_EARLY || Measures.ofKey(step).isPresent();
    return problem.data().subject() == Subject.ONE
        && otherMeasures.contains(outcome)
        && (isGiven || cause == Cause.SD_FOR_STANDARD_ERROR);
  }

  /** From here on, what leads to the same as a cause without choices is told as that cause. */
  private void findEdits() {
    found.stream()
        .filter(Candidates::hasNoChoice)
        .filter(candidate -> candidate.variant() == RoundingVariant.ROUNDED)
        .forEach(candidate -> saidBetter.add(candidate.outcome()));
    found.stream()
        .filter(candidate -> candidate.cause() == Cause.OTHER_MEASURE)
        .forEach(candidate -> otherMeasures.add(candidate.outcome()));
    WayEdits.find(problem, this);
  }

  private static boolean hasNoChoice(Candidate candidate) {
    return candidate.params().isEmpty() || candidate.kind() == Kind.RULE;
  }

  /** Takes what a cause leads to, where that is a number. */
  void add(Cause cause, Optional<Exact> outcome, String... params) {
    outcome.ifPresent(value -> add(cause, problem.result(value), params));
  }

  /**
   * Takes what a cause leads to.
   *
   * @param params names and values in turn
   */
  void add(Cause cause, Result outcome, RoundingVariant variant, String... params) {
    add(new Candidate(cause, named(params), outcome, variant));
  }

  private void add(Candidate candidate) {
    // Each candidate is a whole result; those of a long table take a while.
    Cancellation.check();
    if (seen.add(candidate)) {
      found.add(candidate);
    }
  }

  /** {@return names and values in turn as a map in their order} */
  static Map<String, String> named(String... params) {
    Map<String, String> named = new LinkedHashMap<>();
    for (int i = 0; i < params.length; i += 2) {
      named.put(params[i], params[i + 1]);
    }
    return named;
  }
}
