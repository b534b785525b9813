package promedio.core.tidy;

/**
 * A step in a list of steps.
 *
 * @param step what it does
 * @param on whether it is done, or passed over for now
 */
public record StepEntry(Step step, boolean on) {

  /** {@return the step, to be done} */
  public static StepEntry of(Step step) {
    return new StepEntry(step, true);
  }

  /** {@return this step, done or passed over} */
  public StepEntry switched(boolean done) {
    return new StepEntry(step, done);
  }
}
