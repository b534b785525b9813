package promedio.core.catalogue.several;

import static promedio.core.formula.Formula.number;

import promedio.core.formula.Formula;
import promedio.core.measure.Condition;
import promedio.core.message.Message;

/** What must hold for measures of more than one variable to mean something. */
final class Needs {

  private Needs() {}

  /** {@return that a number is at least so large, for otherwise there is no result, and why} */
  static Condition atLeast(Formula subject, int least, String reason) {
    return new Condition(
        subject.minus(number(least)),
        Condition.Sign.NOT_NEGATIVE,
        Message.of("absent." + reason, String.valueOf(least)));
  }

  /** {@return that something is above 0, for otherwise there is no result for this reason} */
  static Condition positive(Formula subject, String reason) {
    return new Condition(subject, Condition.Sign.POSITIVE, Message.of("absent." + reason));
  }

  /** {@return that something is so or not, for this reason where it is not} */
  static Condition that(boolean holds, String reason) {
    return positive(number(holds ? 1 : 0), reason);
  }
}
