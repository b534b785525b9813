package promedio.desktop.window.control;

import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import org.jspecify.annotations.Nullable;

/** Habits of fields that show a state which can also change elsewhere. */
public final class Fields {

  private Fields() {}

  /** Marks a field whose text is a part of the assignment. */
  private static final String OF_ASSIGNMENT = "promedio.of-assignment";

  /** Notes that every change of the text is an edit of the assignment, which is undone there. */
  public static <T extends TextInputControl> T ofAssignment(T field) {
    field.getProperties().put(OF_ASSIGNMENT, true);
    return field;
  }

  /** {@return whether undo and redo are about the text of the node alone} */
  public static boolean undoesForItself(@Nullable Node node) {
    return node instanceof TextInputControl && !node.getProperties().containsKey(OF_ASSIGNMENT);
  }

  /** Shows the text; a field that shows it already keeps its caret and selection. */
  public static void show(TextInputControl field, String text) {
    if (!field.getText().equals(text)) {
      field.setText(text);
      if (field.isFocused()) {
        field.end();
      } else {
        // A long text is read from its beginning.
        field.home();
      }
    }
  }
}
