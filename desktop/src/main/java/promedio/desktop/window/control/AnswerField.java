package promedio.desktop.window.control;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Question;
import promedio.core.marking.Mark;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.MarkCache;
import promedio.desktop.work.Workspace;

/**
 * A field for the answer to a question, and what the answer is worth. An answer that is being typed
 * is not called wrong before it is finished; one that is finished and does not agree is kept beside
 * the next one.
 */
public final class AnswerField extends TextField {

  private final Workspace workspace;
  private final Supplier<Optional<Question>> question;
  private final AnswerMark worth;
  private final MarkLabel mark = new MarkLabel();

  /** Whether the answer is being typed. */
  private boolean unfinished;

  private boolean showing;
  private String name = "";

  /**
   * Makes a field.
   *
   * @param question the question as it is now; none where there is nothing to answer
   * @param marks what marks answers to the question
   */
  public AnswerField(
      Workspace workspace,
      Supplier<Optional<Question>> question,
      Function<Question, Optional<MarkCache>> marks) {
    this.workspace = workspace;
    this.question = question;
    this.worth = new AnswerMark(workspace, question, marks, this::show);
    Fields.ofAssignment(this);
    getStyleClass().add("answer");
    textProperty().subscribe((old, text) -> type(text));
    Fields.whenLeft(this, this::finish);
    setOnAction(event -> finish());
  }

  /**
   * {@return a field for the answer to what is asked of the item that is shown}; whoever goes into
   * it chooses the task
   *
   * @param shown what is shown, {@code null} while nothing is
   */
  public static AnswerField ofShown(
      Workspace workspace, Request request, Supplier<@Nullable Analysis> shown) {
    AnswerField field =
        new AnswerField(
            workspace,
            () -> Optional.ofNullable(shown.get()).map(now -> now.question(request)),
            question -> Optional.ofNullable(shown.get()).map(Analysis::marks));
    field
        .focusedProperty()
        .subscribe(
            focused -> {
              Analysis now = shown.get();
              if (focused && now != null) {
                workspace.chooseTask(now.subset(), request);
              }
            });
    return field;
  }

  /** {@return the label that says what the answer is worth} */
  public MarkLabel mark() {
    return mark;
  }

  /** Calls the field; what the answer is worth is spoken after that, and as soon as it is known. */
  public void setName(String called) {
    name = called;
    speak();
  }

  private void speak() {
    String worth = mark.isVisible() ? mark.getText() : "";
    // A change of what the focused field is called is read out.
    setAccessibleText(worth.isEmpty() ? name : Texts.of("row.answer-marked", name, worth));
  }

  private void show(Optional<Mark> found) {
    mark.show(found);
    speak();
  }

  private void type(String text) {
    if (!showing) {
      unfinished = isFocused();
      question.get().ifPresent(asked -> workspace.items().answer(asked, text));
    }
  }

  /** Shows the answer and its mark as they are now. */
  public void show() {
    showing = true;
    Fields.show(this, question.get().map(Question::answer).orElse(""));
    showing = false;
    worth.show(unfinished);
  }

  /** Judges the answer that was typed. */
  public void finish() {
    boolean wasTyped = unfinished;
    unfinished = false;
    worth.show(false);
    if (wasTyped) {
      worth.keepTry();
    }
  }
}
