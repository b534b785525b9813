package promedio.core.tidy;

import java.util.List;
import java.util.function.Function;

/**
 * A kind of step: what it is called in files and texts, and what its form asks.
 *
 * @param code its name in files, texts and ids; it never changes
 * @param type the steps of this kind
 * @param asks what a form asks, in its order; nothing where there is no form
 * @param maker makes the step of what was filled in
 */
public record StepKind(
    String code,
    Class<? extends Step> type,
    List<StepField> asks,
    Function<StepInput, Step> maker) {

  public StepKind {
    asks = List.copyOf(asks);
  }

  /** {@return a kind whose steps are made in another way than by a form} */
  static StepKind withoutForm(String code, Class<? extends Step> type) {
    return new StepKind(
        code,
        type,
        List.of(),
        answers -> {
          throw new IllegalStateException(code + " has no form");
        });
  }

  /** {@return whether there is a form for it} */
  public boolean hasForm() {
    return !asks.isEmpty();
  }

  /** {@return the step that the answers describe} */
  public Step step(StepInput answers) {
    return maker.apply(answers);
  }

  @Override
  public String toString() {
    return code;
  }
}
