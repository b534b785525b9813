package promedio.desktop.window.parts;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.FromQuestion;
import promedio.core.message.Texts;
import promedio.core.question.PrintedQuestion;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;
import promedio.files.report.PrintedQuestionText;

/** A printed question is pasted, what is understood of it is seen, and it is taken in. */
public final class QuestionView extends StackPane {

  /** A text this long is no question; what is understood of its beginning is shown. */
  private static final int MOST_LETTERS = 50_000;

  private final Workspace workspace;
  private final TextArea text = new TextArea();
  private final VBox understood = new VBox(6);
  private final Button take = new Button(Texts.of("question.take"));
  private PrintedQuestion question = PrintedQuestion.read("");

  /** Makes the view. */
  public QuestionView(Workspace workspace) {
    this.workspace = workspace;
    getStyleClass().add("sheet");
    Label heading = new Label(Texts.of("question.heading"));
    heading.getStyleClass().add("serif-heading");
    text.setId("question-text");
    text.setWrapText(true);
    text.setPromptText(Texts.of("question.prompt"));
    text.setAccessibleText(Texts.of("question.prompt"));
    text.textProperty().subscribe((old, now) -> read());
    understood.setId("question-understood");
    take.setId("question-take");
    take.setOnAction(event -> take());
    Button back = new Button(Texts.of("question.cancel"));
    back.setId("question-cancel");
    back.setOnAction(event -> workspace.showParts(false));
    HBox buttons = new HBox(10, take, back);
    buttons.setAlignment(Pos.CENTER_LEFT);
    Label found = new Label(Texts.of("question.understood"));
    found.getStyleClass().add("family-heading");
    ScrollPane lines = new ScrollPane(understood);
    lines.setFitToWidth(true);
    lines.getStyleClass().add("sheet-scroll");
    VBox right = new VBox(8, found, lines, buttons);
    HBox both = new HBox(18, text, right);
    HBox.setHgrow(text, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    right.setPrefWidth(420);
    text.setPrefWidth(420);
    VBox.setVgrow(lines, Priority.ALWAYS);
    VBox.setVgrow(both, Priority.ALWAYS);
    VBox content =
        new VBox(12, heading, Controls.wrapped(Texts.of("question.told"), "quiet"), both);
    content.getStyleClass().add("sheet-content");
    getChildren().add(content);
    read();
  }

  /** Puts the caret where the question is pasted. */
  public void focusText() {
    text.requestFocus();
  }

  private void read() {
    String pasted = text.getText();
    question = PrintedQuestion.read(pasted.substring(0, Math.min(pasted.length(), MOST_LETTERS)));
    List<String> lines = pasted.isBlank() ? List.of() : PrintedQuestionText.of(question);
    understood
        .getChildren()
        .setAll(lines.stream().map(line -> Controls.wrapped(line, "test-text")).toList());
    boolean any =
        !question.data().isEmpty()
            || question.parts().stream().anyMatch(part -> !part.asked().isEmpty());
    take.setDisable(!any);
    Nodes.setShown(understood, !lines.isEmpty());
  }

  /** One edit, which can be undone; the parts are shown next. */
  private void take() {
    PrintedQuestion taken = question;
    workspace.editParts("", now -> FromQuestion.taken(now, taken));
    text.clear();
    workspace.showParts(true);
  }
}
