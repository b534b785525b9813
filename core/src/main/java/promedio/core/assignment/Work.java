package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import promedio.core.measure.Method;
import promedio.core.working.OwnWorking;

/**
 * What a student did about a question.
 *
 * @param answer what was found, as typed; empty where nothing was
 * @param tries earlier answers that did not agree, the first one first
 * @param workings own workings, by the method that they follow
 * @param uncovered whether its covered result was uncovered
 */
public record Work(
    String answer, List<String> tries, Map<Method, OwnWorking> workings, boolean uncovered) {

  /** Nothing done yet. */
  public static final Work NONE = new Work("", List.of(), Map.of(), false);

  public Work {
    answer = answer.isBlank() ? "" : answer;
    tries = List.copyOf(tries);
    Map<Method, OwnWorking> written = new EnumMap<>(Method.class);
    written.putAll(workings);
    written.values().removeIf(own -> own.entries().isEmpty());
    workings = Collections.unmodifiableMap(written);
  }

  /** {@return whether something was found} */
  public boolean isAnswered() {
    return !answer.isEmpty();
  }

  /** {@return this with another answer; a blank one is none} */
  public Work withAnswer(String changed) {
    return new Work(changed, tries, workings, uncovered);
  }

  /** {@return this with the answer kept as a try}; the same one is not kept twice in a row */
  public Work withTry() {
    String tried = answer.strip();
    if (!isAnswered() || (!tries.isEmpty() && tries.get(tries.size() - 1).equals(tried))) {
      return this;
    }
    List<String> changed = new ArrayList<>(tries);
    changed.add(tried);
    return new Work(answer, changed, workings, uncovered);
  }

  /** {@return this with its result uncovered} */
  public Work uncover() {
    return new Work(answer, tries, workings, true);
  }

  /** {@return the student's own working by the method} */
  public OwnWorking working(Method method) {
    return workings.getOrDefault(method, OwnWorking.EMPTY);
  }

  /** {@return this with another own working} */
  public Work with(Method method, OwnWorking own) {
    Map<Method, OwnWorking> changed = new EnumMap<>(Method.class);
    changed.putAll(workings);
    changed.put(method, own);
    return new Work(answer, tries, changed, uncovered);
  }
}
