package promedio.files.table;

import java.util.Set;
import promedio.core.entry.MissingSigns;

/**
 * What stands for a missing entry.
 *
 * @param own signs besides the usual ones
 */
record MissingEntries(Set<String> own) {

  MissingEntries {
    own = Set.copyOf(own);
  }

  /** {@return whether the entry, without blanks around it, is missing} */
  boolean test(String entry) {
    return MissingSigns.matches(entry) || own.contains(entry);
  }

  /** {@return whether a number may stand for a missing entry} */
  boolean anyNumber() {
    return own.stream().anyMatch(sign -> sign.matches(".*\\d.*"));
  }
}
