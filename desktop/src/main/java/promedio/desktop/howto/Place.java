package promedio.desktop.howto;

import java.util.Optional;

/**
 * A place in the window.
 *
 * @param on the data that are needed there; nothing where any will do
 * @param measure the key of the measure that is chosen
 * @param focus the name of what takes the focus; without it the answers do
 * @param open what has to be opened before
 */
public record Place(
    Optional<Needed> on, Optional<String> measure, Optional<String> focus, Optional<Opened> open) {

  /** The data that a place is about. */
  public enum Needed {
    SAMPLE,
    FREQUENCIES,
    CLASSES,
    CATEGORIES,
    PAIRS,
    GROUPS,
    COUNTS,
    TABLE
  }

  /** What can be opened over the sheet, or on it. */
  public enum Opened {
    GRAPHS,
    WORKING,
    DISTRIBUTIONS,
    PARTS,
    QUESTION,
    HAND_IN,
    MENU
  }
}
