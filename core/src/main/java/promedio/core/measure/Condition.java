package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * Something that must hold for a formula to mean something.
 *
 * @param subject what is looked at
 * @param sign what its sign must be
 * @param why the reason why there is no result where it is not
 */
public record Condition(Formula subject, Sign sign, Message why) {

  /** What a number must be. */
  public enum Sign {
    /** Above 0. */
    POSITIVE,
    /** Not 0. */
    NOT_ZERO,
    /** 0 or above. */
    NOT_NEGATIVE,
    /** Anything, as long as it is there. */
    ANY
  }

  /** {@return whether it holds for this value of its subject} */
  public boolean holds(Exact value) {
    return switch (sign) {
      case POSITIVE -> value.signum() > 0;
      case NOT_ZERO -> value.signum() != 0;
      case NOT_NEGATIVE -> value.signum() >= 0;
      case ANY -> true;
    };
  }

  /** {@return that there is more than one value, as n − 1 needs it} */
  public static Condition moreThanOne(MeasureContext context) {
    return new Condition(
        context.n().minus(number(1)), Sign.POSITIVE, Message.of("absent.too-few", "2"));
  }

  /** {@return that there are at least so many values} */
  public static Condition atLeast(int fewest, MeasureContext context) {
    return atLeast(context.n(), fewest, "too-few");
  }

  /** {@return that the values are not all equal} */
  public static Condition spread() {
    return notZero(Quantity.SECOND_MOMENT.formula(), "no-spread");
  }

  /** {@return that something is not 0, for otherwise there is no result for this reason} */
  public static Condition notZero(Formula subject, String reason) {
    return new Condition(subject, Sign.NOT_ZERO, Message.of("absent." + reason));
  }

  /** {@return that something is not negative, for otherwise there is no result for this reason} */
  public static Condition notNegative(Formula subject, String reason) {
    return new Condition(subject, Sign.NOT_NEGATIVE, Message.of("absent." + reason));
  }

  /** {@return that something is above 0, for otherwise there is no result for this reason} */
  public static Condition positive(Formula subject, String reason) {
    return new Condition(subject, Sign.POSITIVE, Message.of("absent." + reason));
  }

  /**
   * {@return that something is at least so large, for otherwise there is no result for this reason,
   * which says how large it must be}
   */
  public static Condition atLeast(Formula subject, int least, String reason) {
    return new Condition(
        subject.minus(number(least)),
        Sign.NOT_NEGATIVE,
        Message.of("absent." + reason, String.valueOf(least)));
  }

  /** {@return that the data are such, for otherwise there is no result for this reason} */
  public static Condition that(boolean holds, String reason) {
    return positive(number(holds ? 1 : 0), reason);
  }

  /** {@return that there is such a thing; where there is none, its own reason is told} */
  public static Condition exists(Formula subject) {
    return new Condition(subject, Sign.ANY, Message.of("absent.no-values"));
  }
}
