package promedio.desktop.window.shell;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Keys;

/** The sheet that lists the keys; it lies over the window until it is put away. */
final class KeySheet extends VBox {

  private static final int LINES_IN_A_COLUMN = 11;

  private final Button away = new Button(Texts.of("notice.dismiss"));

  KeySheet(Runnable close) {
    getStyleClass().add("key-sheet");
    setId("key-sheet");
    setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    Label heading = new Label(Texts.of("keys.heading"));
    heading.getStyleClass().add("serif-heading");
    GridPane lines = new GridPane();
    lines.getStyleClass().add("key-lines");
    int row = 0;
    for (Keys.Line line : Keys.lines()) {
      int column = 2 * (row / LINES_IN_A_COLUMN);
      Label keys = new Label(line.keys());
      keys.getStyleClass().add("key");
      lines.add(keys, column, row % LINES_IN_A_COLUMN);
      lines.add(new Label(Texts.of(line.key())), column + 1, row % LINES_IN_A_COLUMN);
      row++;
    }
    away.setOnAction(event -> close.run());
    getChildren().addAll(heading, lines, away);
  }

  void focusButton() {
    away.requestFocus();
  }
}
