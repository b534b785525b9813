package promedio.core.entry;

import java.util.Locale;
import java.util.Set;

/** What people write where a value is missing. */
public final class MissingSigns {

  private static final Set<String> SIGNS =
      Set.of("", "-", "−", "–", "—", "?", ".", "na", "n/a", "#n/a", "nan", "null");

  private static final int LONGEST = SIGNS.stream().mapToInt(String::length).max().orElseThrow();

  private MissingSigns() {}

  /** {@return whether the text, without space around it, stands for a missing value} */
  public static boolean matches(String text) {
    return text.length() <= LONGEST && SIGNS.contains(text.toLowerCase(Locale.ROOT));
  }
}
