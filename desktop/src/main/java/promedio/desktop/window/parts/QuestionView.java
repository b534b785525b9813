package promedio.desktop.window.parts;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.FromQuestion;
import promedio.core.message.Texts;
import promedio.core.question.Change;
import promedio.core.question.Mark;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionDraft;
import promedio.desktop.projection.MarkText;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Memory;
import promedio.desktop.work.QuestionText;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.report.PrintedQuestionText;

/**
 * A printed question is pasted, what is understood of it is seen in its text and changed there, and
 * it is taken in.
 */
public final class QuestionView extends StackPane {

  /** A text this long is no question; what is understood of its beginning is shown. */
  private static final int MOST_LETTERS = 50_000;

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final TextArea text = new PastedText();
  private final MarkedText marked = new MarkedText(this::choose, this::remove);
  private final VBox markedSide = new VBox(8);
  private final VBox editors = new VBox(6);
  private final Label told = Controls.wrapped("", "quiet");
  private final Hyperlink undo = Controls.link("question.undo", "question-undo", this::undo);
  private final Button marks = new Button(Texts.of("question.marks"));
  private final Button edit = new Button(Texts.of("question.edit"));
  private final VBox understood = new VBox(6);
  private final Button take = new Button(Texts.of("question.take"));
  private final Memory<QuestionDraft> drafts;
  private QuestionDraft draft = QuestionDraft.of("");

  /** Once a question is pasted, one looks at what was understood of it. */
  private final class PastedText extends TextArea {
    @Override
    public void paste() {
      super.paste();
      if (!draft.question().marks().isEmpty()) {
        showMarks(true);
      }
    }
  }

  /** Makes the view. */
  public QuestionView(Workspace workspace, FileChoice fileChoice) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.drafts = workspace.memory("question", draft);
    getStyleClass().add("sheet");
    Label heading = new Label(Texts.of("question.heading"));
    heading.getStyleClass().add("serif-heading");
    HBox both = new HBox(18, buildLeft(), buildRight());
    both.getChildren().forEach(side -> HBox.setHgrow(side, Priority.ALWAYS));
    VBox.setVgrow(both, Priority.ALWAYS);
    VBox content =
        new VBox(12, heading, Controls.wrapped(Texts.of("question.told"), "quiet"), both);
    content.getStyleClass().add("sheet-content");
    getChildren().add(content);
    draft = drafts.of(0);
    showMarks(draft.isChanged());
    show();
  }

  private VBox buildLeft() {
    text.setId("question-text");
    text.setWrapText(true);
    text.setPromptText(Texts.of("question.prompt"));
    text.setAccessibleText(Texts.of("question.prompt"));
    Fields.remembered(text, workspace, "question-text")
        .textProperty()
        .subscribe((old, now) -> read());
    ScrollPane page = new ScrollPane(marked);
    page.setFitToWidth(true);
    FollowFocus.in(page);
    page.setId("question-marked");
    page.getStyleClass().add("marked-page");
    told.setId("question-told");
    editors.setId("question-editors");
    markedSide.getChildren().addAll(legend(), page, editors, undo);
    VBox.setVgrow(page, Priority.ALWAYS);
    marks.setId("question-marks");
    marks.setOnAction(event -> showMarks(true));
    edit.setId("question-edit");
    edit.setOnAction(event -> showMarks(false));
    Button file = new Button(Texts.of("question.file"));
    file.setId("question-file");
    file.setOnAction(event -> fileChoice.toOpen().ifPresent(this::open));
    StackPane either = new StackPane(text, markedSide);
    VBox.setVgrow(either, Priority.ALWAYS);
    VBox left = new VBox(8, either, new FlowPane(10, 6, marks, edit, file), told);
    left.setPrefWidth(420);
    return left;
  }

  /** What each kind of line under the words means. */
  private static FlowPane legend() {
    FlowPane legend = new FlowPane(14, 4);
    Stream.of(Mark.Kind.values())
        .map(kind -> new Label(Texts.of("question.change." + MarkText.code(kind)), sample(kind)))
        .forEach(legend.getChildren()::add);
    return legend;
  }

  private static Node sample(Mark.Kind kind) {
    Line line = new Line(0, 0, 22, 0);
    line.getStyleClass().setAll("mark-line", "mark-" + MarkText.code(kind));
    return line;
  }

  private VBox buildRight() {
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
    VBox.setVgrow(lines, Priority.ALWAYS);
    VBox right = new VBox(8, found, lines, buttons);
    right.setPrefWidth(420);
    return right;
  }

  /** Puts the caret where the question is pasted. */
  public void focusText() {
    if (text.isVisible()) {
      text.requestFocus();
    } else {
      marked.focusMark(0);
    }
  }

  /** The text of a file takes the place of what stands here; Ctrl+Z brings that back. */
  private void open(Path file) {
    workspace
        .background()
        .run(
            Background.Lane.PREVIEW,
            Texts.of("question.reading", file.getFileName()),
            () -> {
              try (InputStream in = Files.newInputStream(file)) {
                return QuestionText.read(String.valueOf(file.getFileName()), in);
              }
            },
            read -> {
              text.replaceText(0, text.getLength(), read);
              told.setText("");
              showMarks(!draft.question().marks().isEmpty());
            },
            failure -> {
              LoggerFactory.getLogger(QuestionView.class).info("cannot read {}", file, failure);
              told.setText(
                  failure instanceof RefusedFileException refused
                      ? refused.getMessage()
                      : Texts.of("question.unreadable", file.getFileName()));
            });
  }

  private void read() {
    String pasted = text.getText();
    draft = draft.typed(pasted.substring(0, Math.min(pasted.length(), MOST_LETTERS)));
    choose(List.of());
    show();
  }

  private void showMarks(boolean wanted) {
    Nodes.setShown(markedSide, wanted);
    Nodes.setShown(text, !wanted);
    Nodes.setShown(edit, wanted);
    Nodes.setShown(marks, !wanted);
    focusText();
  }

  /** The words that were chosen can be changed below. */
  private void choose(List<Integer> chosen) {
    editors
        .getChildren()
        .setAll(
            chosen.stream()
                .map(
                    index ->
                        new MarkEditor(
                            draft.question(), index, workspace.assignment().sign(), this::change))
                .toList());
    if (chosen.isEmpty()) {
      editors.getChildren().add(Controls.wrapped(Texts.of("question.choose"), "quiet"));
    }
  }

  private void change(int index, Change change) {
    int before = draft.question().marks().size();
    draft = draft.changed(draft.question().marks().get(index), change);
    show();
    if (draft.question().marks().size() < before) {
      choose(List.of());
      marked.focusMark(Math.min(index, before - 2));
    }
  }

  private void remove(List<Integer> gone) {
    for (int i = gone.size() - 1; i >= 0; i--) {
      change(gone.get(i), Change.removed());
    }
  }

  private void undo() {
    draft = draft.undone();
    choose(List.of());
    show();
    focusText();
  }

  private void show() {
    drafts.put(0, draft);
    PrintedQuestion question = draft.question();
    marked.show(draft.text(), question.marks(), mark -> MarkText.of(question, mark));
    List<String> lines = draft.text().isBlank() ? List.of() : PrintedQuestionText.of(question);
    understood
        .getChildren()
        .setAll(lines.stream().map(line -> Controls.wrapped(line, "test-text")).toList());
    boolean any =
        !question.data().isEmpty()
            || question.parts().stream().anyMatch(part -> !part.asked().isEmpty());
    take.setDisable(!any);
    marks.setDisable(question.marks().isEmpty() && !draft.isChanged());
    Nodes.setShown(understood, !lines.isEmpty());
    Nodes.setShown(undo, draft.isChanged());
  }

  /** One edit, which can be undone; the parts are shown next. */
  private void take() {
    PrintedQuestion taken = draft.question();
    workspace.editParts("", now -> FromQuestion.taken(now, taken));
    draft = QuestionDraft.of("");
    text.clear();
    showMarks(false);
    workspace.showParts(true);
  }
}
