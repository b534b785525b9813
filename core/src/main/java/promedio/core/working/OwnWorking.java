package promedio.core.working;

import java.util.Map;
import java.util.TreeMap;

/**
 * What a student wrote beside the steps of a working, and in its table.
 *
 * @param entries what was written, by the key of the step or of the cell; none is blank
 */
public record OwnWorking(Map<String, String> entries) {

  /** Nothing written yet. */
  public static final OwnWorking EMPTY = new OwnWorking(Map.of());

  public OwnWorking {
    entries = Map.copyOf(entries);
  }

  /** {@return what was written there, empty where nothing was} */
  public String entry(String key) {
    return entries.getOrDefault(key, "");
  }

  /** {@return this with something written; a blank text takes it away} */
  public OwnWorking with(String key, String text) {
    Map<String, String> changed = new TreeMap<>(entries);
    if (text.isBlank()) {
      changed.remove(key);
    } else {
      changed.put(key, text);
    }
    return new OwnWorking(changed);
  }

  /** {@return the key of a cell of the table, both counted from 0} */
  public static String cell(WorkTable table, int column, int row) {
    return table.columns().get(column).key() + " #" + (row + 1);
  }
}
