package promedio.desktop.window;

import javafx.scene.control.TextInputControl;

/** Habits of fields that show a state which can also change elsewhere. */
final class Fields {

  private Fields() {}

  /** Shows the text; a field that shows it already keeps its caret and selection. */
  static void show(TextInputControl field, String text) {
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
