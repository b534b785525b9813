package promedio.core.slip;

import java.util.Locale;

/** What sort of thing explains an answer. */
public enum Kind {
  /** The answer is right by another course rule. */
  RULE,
  /** Something was rounded too early, or in another way. */
  ROUNDING,
  /** Something else was done than the measure asks for. */
  SLIP;

  /** {@return the code by which files and the command line know it} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }
}
