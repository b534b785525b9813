package promedio.core.marking;

import java.util.Locale;
import promedio.core.slip.Kind;

/** What a result found by hand is worth. */
public enum Verdict {
  /** It is no number. */
  UNREADABLE,
  /** It is the exact result, rounded to the decimals it is written with, and has enough of them. */
  AGREES,
  /** The same, with fewer decimals than the course rules ask for. */
  AGREES_COARSER,
  /** It is the result by another course rule. */
  OTHER_RULE,
  /** It is what comes of rounding early, or otherwise. */
  ROUNDING,
  /** It is what comes of a single slip. */
  SLIP,
  /** It is not the result, and nothing known explains it. */
  UNEXPLAINED;

  /** {@return the verdict over an answer that is best explained by such a thing} */
  static Verdict explainedBy(Kind kind) {
    return switch (kind) {
      case RULE -> OTHER_RULE;
      case ROUNDING -> ROUNDING;
      case SLIP -> SLIP;
    };
  }

  /** {@return the code by which files and the command line know it} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
