package promedio.core.marking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;

/** Collects what the causes would lead to in one question. */
final class Candidates {

  /** Of more values no hand computes anything, and each cause would take long. */
  static final int MOST_VALUES = 500;

  private final Question question;
  private final List<Candidate> found = new ArrayList<>();
  private final Set<Candidate> seen = new HashSet<>();

  private Candidates(Question question) {
    this.question = question;
  }

  /** {@return all that would lead to something else than the right result} */
  static List<Candidate> of(Question question) {
    Candidates candidates = new Candidates(question);
    if (!question.data().tally().isEmpty()) {
      RuleCauses.find(question, candidates);
      EndingCauses.find(question, candidates);
      candidates.findPlain();
      if (question.data().tally().size() <= MOST_VALUES) {
        EarlyRounding.find(question, candidates);
        ValueSlips.find(question, candidates);
      }
    }
    return candidates.found;
  }

  /** {@return the slips that leave nothing to choose: no value, no step and no places} */
  static List<Candidate> plain(Question question) {
    Candidates candidates = new Candidates(question);
    if (!question.data().tally().isEmpty()) {
      candidates.findPlain();
    }
    return candidates.found;
  }

  private void findPlain() {
    MixUps.find(question, this);
    OrderSlips.find(question, this);
    if (question.data().tally().size() <= MOST_VALUES) {
      SumSlips.find(question, this);
      TableSlips.find(question, this);
      ClassSlips.find(question, this);
    }
  }

  /** Takes what a cause leads to, unless it is the right result. */
  void add(Cause cause, Result outcome, String... params) {
    if (!outcome.equals(question.right())
        && (cause.kind() == Kind.RULE || !(outcome instanceof Result.Absent))) {
      add(cause, outcome, Ending.ROUNDED, params);
    }
  }

  /** Takes what a cause leads to, where that is a number. */
  void add(Cause cause, Optional<Exact> outcome, String... params) {
    outcome.ifPresent(value -> add(cause, question.result(value), params));
  }

  /**
   * Takes what a cause leads to.
   *
   * @param params names and values in turn
   */
  void add(Cause cause, Result outcome, Ending ending, String... params) {
    Map<String, String> named = new LinkedHashMap<>();
    for (int i = 0; i < params.length; i += 2) {
      named.put(params[i], params[i + 1]);
    }
    Candidate candidate = new Candidate(cause, named, outcome, ending);
    if (seen.add(candidate)) {
      found.add(candidate);
    }
  }
}
