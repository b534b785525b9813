package promedio.desktop.window.control;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** Every key of the window, for its table of actions and for the sheet that lists them. */
public final class Keys {

  public static final KeyCombination UNDO = shortcut(KeyCode.Z);
  public static final KeyCombination REDO = shortcutShift(KeyCode.Z);
  public static final KeyCombination REDO_OTHER = shortcut(KeyCode.Y);
  public static final KeyCombination NEW_SAMPLE = shortcut(KeyCode.N);
  public static final KeyCombination NEW_TABLE = shortcutShift(KeyCode.N);

  /** Outside of fields, what is pasted is a new sample. */
  public static final KeyCombination PASTE = shortcut(KeyCode.V);

  public static final KeyCombination OPEN = shortcut(KeyCode.O);
  public static final KeyCombination SAVE = shortcut(KeyCode.S);
  public static final KeyCombination SAVE_AS = shortcutShift(KeyCode.S);
  public static final KeyCombination LARGER = shortcut(KeyCode.EQUALS);
  public static final KeyCombination LARGER_PLUS = shortcut(KeyCode.PLUS);
  public static final KeyCombination SMALLER = shortcut(KeyCode.MINUS);
  public static final KeyCombination USUAL = shortcut(KeyCode.DIGIT0);
  public static final KeyCombination VALUES = shortcut(KeyCode.DIGIT1);
  public static final KeyCombination LINE_UP = shortcut(KeyCode.DIGIT2);
  public static final KeyCombination ANSWERS = shortcut(KeyCode.DIGIT3);
  public static final KeyCombination RULES = shortcut(KeyCode.DIGIT4);
  public static final KeyCombination CELLS = shortcut(KeyCode.DIGIT5);
  public static final KeyCombination STEPS = shortcut(KeyCode.DIGIT6);
  public static final KeyCombination WORKING = shortcut(KeyCode.DIGIT7);
  public static final KeyCombination SCRATCH = shortcut(KeyCode.DIGIT8);
  public static final KeyCombination PARTS = shortcut(KeyCode.DIGIT9);
  public static final KeyCombination DISTRIBUTIONS = shortcut(KeyCode.D);
  public static final KeyCombination HAND_IN = shortcut(KeyCode.P);
  public static final KeyCombination QUESTION = shortcutShift(KeyCode.V);
  public static final KeyCombination COPY = shortcut(KeyCode.C);
  public static final KeyCombination HOW_TO = new KeyCodeCombination(KeyCode.F1);
  public static final KeyCombination PREVIOUS =
      new KeyCodeCombination(KeyCode.UP, KeyCombination.ALT_DOWN);
  public static final KeyCombination NEXT =
      new KeyCodeCombination(KeyCode.DOWN, KeyCombination.ALT_DOWN);

  /**
   * A line of the sheet of keys.
   *
   * @param key the sentence of what it does, in the bundle
   * @param keys what to press
   */
  public record Line(String key, String keys) {}

  private Keys() {}

  /** {@return the lines of the sheet of keys} */
  public static List<Line> lines() {
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
        line("keys.distributions", DISTRIBUTIONS),
        line("keys.question", QUESTION),
        line("keys.hand-in", HAND_IN),
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
        line("keys.how-to", HOW_TO));
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
