package promedio.core.table;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What the entries of a column are. */
public enum Kind {
  /** Numbers to compute with. */
  NUMBER,
  /** Words that repeat and part the rows into groups. */
  CATEGORY,
  /** Days, times of day, or both. */
  DATE,
  /** Words that hardly repeat. */
  TEXT;

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the kind of this code} */
  public static Optional<Kind> ofCode(String code) {
    return Arrays.stream(values()).filter(kind -> kind.code().equals(code)).findFirst();
  }
}
