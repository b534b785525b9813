package promedio.desktop.work;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepField;
import promedio.core.tidy.StepKind;

/**
 * A step that is being filled in.
 *
 * @param kind what kind of step
 * @param edited the step that is changed; none for a new one
 * @param answers what is typed so far
 */
public record StepDraft(
    StepKind kind, Optional<StepChange.Seen> edited, Map<StepField, String> answers) {

  public StepDraft {
    answers = Map.copyOf(answers);
  }

  /** {@return a new step of the kind, with nothing filled in yet} */
  public static StepDraft of(StepKind kind) {
    return new StepDraft(kind, Optional.empty(), Map.of());
  }

  /** {@return a step that is changed, as it is} */
  public static StepDraft of(StepChange.Seen edited) {
    Step step = edited.listed().step();
    Map<StepField, String> answers = new EnumMap<>(StepField.class);
    Arrays.stream(StepField.values())
        .filter(ask -> step.stepKind().asks().contains(ask))
        .forEach(ask -> answers.put(ask, step.answer(ask)));
    return new StepDraft(step.stepKind(), Optional.of(edited), answers);
  }

  /** {@return this with what is typed now} */
  public StepDraft with(Map<StepField, String> typed) {
    return new StepDraft(kind, edited, typed);
  }
}
