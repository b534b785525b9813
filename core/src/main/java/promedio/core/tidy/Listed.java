package promedio.core.tidy;

/**
 * A step in a list of steps.
 *
 * @param step what it does
 * @param on whether it is done, or passed over for now
 */
public record Listed(Step step, boolean on) {

  /** {@return the step, to be done} */
  public static Listed of(Step step) {
    return new Listed(step, true);
  }

  /** {@return this step, done or passed over} */
  public Listed switched(boolean done) {
    return new Listed(step, done);
  }
}
