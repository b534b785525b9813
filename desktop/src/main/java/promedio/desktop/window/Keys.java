package promedio.desktop.window;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** Every key of the window, for its table of actions and for the sheet that lists them. */
final class Keys {

  static final KeyCombination UNDO = shortcut(KeyCode.Z);
  static final KeyCombination REDO = shortcutShift(KeyCode.Z);
  static final KeyCombination REDO_OTHER = shortcut(KeyCode.Y);
  static final KeyCombination NEW_SAMPLE = shortcut(KeyCode.N);
  static final KeyCombination NEW_TABLE = shortcutShift(KeyCode.N);

  /** Outside of fields, what is pasted is a new sample. */
  static final KeyCombination PASTE = shortcut(KeyCode.V);

  static final KeyCombination OPEN = shortcut(KeyCode.O);
  static final KeyCombination SAVE = shortcut(KeyCode.S);
  static final KeyCombination SAVE_AS = shortcutShift(KeyCode.S);
  static final KeyCombination LARGER = shortcut(KeyCode.EQUALS);
  static final KeyCombination LARGER_PLUS = shortcut(KeyCode.PLUS);
  static final KeyCombination SMALLER = shortcut(KeyCode.MINUS);
  static final KeyCombination USUAL = shortcut(KeyCode.DIGIT0);
  static final KeyCombination VALUES = shortcut(KeyCode.DIGIT1);
  static final KeyCombination LINE_UP = shortcut(KeyCode.DIGIT2);
  static final KeyCombination ANSWERS = shortcut(KeyCode.DIGIT3);
  static final KeyCombination RULES = shortcut(KeyCode.DIGIT4);
  static final KeyCombination CELLS = shortcut(KeyCode.DIGIT5);
  static final KeyCombination STEPS = shortcut(KeyCode.DIGIT6);
  static final KeyCombination WORKING = shortcut(KeyCode.DIGIT7);
  static final KeyCombination SCRATCH = shortcut(KeyCode.DIGIT8);
  static final KeyCombination PARTS = shortcut(KeyCode.DIGIT9);
  static final KeyCombination COPY = shortcut(KeyCode.C);
  static final KeyCombination HELP = new KeyCodeCombination(KeyCode.F1);
  static final KeyCombination PREVIOUS =
      new KeyCodeCombination(KeyCode.UP, KeyCombination.ALT_DOWN);
  static final KeyCombination NEXT = new KeyCodeCombination(KeyCode.DOWN, KeyCombination.ALT_DOWN);

  /**
   * A line of the sheet of keys.
   *
   * @param key the sentence of what it does, in the bundle
   * @param keys what to press
   */
  record Line(String key, String keys) {}

  private Keys() {}

  /** {@return the lines of the sheet of keys} */
  static List<Line> lines() {
    return List.of(
        line("keys.values", VALUES),
        line("keys.line-up", LINE_UP),
        line("keys.answers", ANSWERS),
        line("keys.rules", RULES),
        line("keys.cells", CELLS),
        line("keys.steps", STEPS),
        line("keys.working", WORKING),
        line("keys.scratch", SCRATCH),
        line("keys.parts", PARTS),
        line("keys.copy", COPY),
        line("keys.previous", PREVIOUS),
        line("keys.next", NEXT),
        line("keys.new-sample", NEW_SAMPLE),
        line("keys.new-table", NEW_TABLE),
        line("keys.paste", PASTE),
        line("keys.open", OPEN),
        line("keys.save", SAVE),
        line("keys.save-as", SAVE_AS),
        line("keys.undo", UNDO),
        line("keys.redo", REDO),
        line("keys.larger", LARGER),
        line("keys.smaller", SMALLER),
        line("keys.usual", USUAL),
        new Line("keys.along", "← →"),
        new Line("keys.take-out", "Delete"),
        new Line("keys.keep", "Enter"),
        new Line("keys.drop", "Escape"),
        line("keys.help", HELP));
  }

  private static Line line(String key, KeyCombination keys) {
    return new Line(key, keys.getDisplayText());
  }

  private static KeyCombination shortcut(KeyCode code) {
    return new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN);
  }

  private static KeyCombination shortcutShift(KeyCode code) {
    return new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
  }
}
