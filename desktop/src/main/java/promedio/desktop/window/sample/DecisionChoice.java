package promedio.desktop.window.sample;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Question;
import promedio.core.marking.Mark;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.message.TypedWords;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.AnswerMark;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MarkLabel;
import promedio.desktop.work.Workspace;

/** What the student decides of the null hypothesis, and whether that is right. */
final class DecisionChoice extends FlowPane {

  private static final List<String> DECISIONS = List.of("reject", "keep");

  private final Workspace workspace;
  private final ToggleGroup group = new ToggleGroup();
  private final MarkLabel mark = new MarkLabel();
  private final AnswerMark worth;
  private @Nullable Asked shown;

  /**
   * What is decided.
   *
   * @param request what asks for the decision
   * @param of what it is asked of
   */
  private record Asked(Request request, Analysis of) {
    Question question() {
      return of.question(request);
    }
  }

  DecisionChoice(Workspace workspace, String id) {
    super(14, 4);
    this.workspace = workspace;
    this.worth =
        new AnswerMark(
            workspace,
            () -> Optional.ofNullable(shown).map(Asked::question),
            question -> Optional.ofNullable(shown).map(now -> now.of().marks()),
            this::show);
    setAlignment(Pos.CENTER_LEFT);
    DECISIONS.forEach(decision -> getChildren().add(button(id, decision)));
    getChildren().add(mark);
    mark.setId(id + "-decision-mark");
  }

  private RadioButton button(String id, String decision) {
    RadioButton button = Controls.literal(new RadioButton(Texts.of("test.decide." + decision)));
    button.setId(id + "-decide-" + decision);
    button.setUserData(decision);
    button.setToggleGroup(group);
    button.setAccessibleText(Texts.of("test.decide.spoken", button.getText()));
    button.setOnAction(event -> decide(decision));
    button
        .focusedProperty()
        .subscribe(
            focused -> {
              if (focused) {
                choose();
              }
            });
    return button;
  }

  /** The margin tells of the decision while the student is at it. */
  private void choose() {
    Asked now = shown;
    if (now != null) {
      workspace.chooseTask(now.of().subset(), now.request());
    }
  }

  private void decide(String decision) {
    Asked now = shown;
    if (now != null) {
      workspace.items().answer(now.question(), Texts.of("decision." + decision));
      worth.keepTry();
    }
  }

  /** Shows what was decided, of this. */
  void show(Request decision, Analysis of) {
    Asked now = new Asked(decision, of);
    shown = now;
    String answer = now.question().answer();
    group.getToggles().stream()
        .filter(each -> TypedWords.says((String) each.getUserData(), answer))
        .findFirst()
        .ifPresentOrElse(group::selectToggle, () -> group.selectToggle(null));
    worth.show(false);
  }

  private void show(Optional<Mark> found) {
    Asked now = shown;
    mark.show(found);
    boolean follows =
        now != null
            && found.filter(judged -> !judged.agrees()).isPresent()
            && now.of().followsFromOwn(now.request());
    if (follows) {
      mark.setText(Texts.of("mark.follows"));
    }
  }
}
