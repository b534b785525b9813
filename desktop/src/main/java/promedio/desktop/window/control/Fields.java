package promedio.desktop.window.control;

import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import org.jspecify.annotations.Nullable;
import promedio.desktop.work.Memory;
import promedio.desktop.work.Workspace;

/** Habits of fields that show a state which can also change elsewhere. */
public final class Fields {

  private Fields() {}

  /** Stands for the document as a whole. */
  private static final int WHOLE = 0;

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

  /**
   * Does something when the focus goes from the field to something else of the window: a window
   * that is left for another program and come back to finds the field as it was.
   */
  public static void whenLeft(Node field, Runnable left) {
    field
        .focusedProperty()
        .subscribe(
            (was, is) -> {
              Scene scene = field.getScene();
              if (was && !is && (scene == null || scene.getFocusOwner() != field)) {
                left.run();
              }
            });
  }

  /**
   * Remembers what is typed into a field and is no part of the assignment, as long as the window
   * lives; it stands there again when the field is made anew.
   *
   * @param name tells the field from the others
   */
  public static <T extends TextInputControl> T remembered(
      T field, Workspace workspace, String name) {
    Memory<String> memory = workspace.memory(name, field.getText());
    field.setText(memory.of(WHOLE));
    field.textProperty().subscribe((old, text) -> memory.put(WHOLE, text));
    return field;
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
