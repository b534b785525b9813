package promedio.core.marking;

import java.util.Locale;

/** What sort of thing explains an answer. */
public enum Kind {
  /** The answer is right by another course rule. */
  RULE(Verdict.OTHER_RULE),
  /** Something was rounded too early, or in another way. */
  ROUNDING(Verdict.ROUNDING),
  /** Something else was done than the measure asks for. */
  SLIP(Verdict.SLIP);

  private final Verdict verdict;

  Kind(Verdict verdict) {
    this.verdict = verdict;
  }

  /** {@return the code by which files and the command line know it} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the verdict over an answer that is best explained so} */
  public Verdict verdict() {
    return verdict;
  }
}
