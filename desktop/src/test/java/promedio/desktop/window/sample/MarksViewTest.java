package promedio.desktop.window.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.desktop.session.Background;
import promedio.desktop.window.shell.OpenWindow;

/** What the window tells of answers: one by one, part by part, and for a whole class. */
class MarksViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Pears")
        .with(Item.of(1, "North", "g", new Source.ValuesText("12 15 11 20 17")))
        .asking(
            Part.of(1, "Find mean and spread", Selection.of(1), StatedRules.places(1)),
            List.of(Request.of(Measures.MEAN), Request.of(Measures.SD)));
  }

  @Test
  void anAnswerTellsItsVerdictThenAHintThenWhatItWas() {
    answer("#answer-sd", "13.50");

    assertThat(text("#mark-sd")).isEqualTo("slip");
    assertThat(text("#margin-answer")).startsWith("is not right yet");
    assertThat(shown("#answer-hint-text")).isFalse();
    assertThat(shown("#answer-explained")).isFalse();

    fire("#answer-hint");
    assertThat(text("#answer-hint-text")).isEqualTo("One last step is missing.");

    fire("#answer-explain");
    assertThat(robot.lookup("#answer-explained .answer-text").queryAs(Label.class).getText())
        .endsWith("this is the variance; the standard deviation is its square root.");
    // Another answer is not told of before it is asked.
    answer("#answer-sd", "3.29");
    assertThat(text("#mark-sd")).isEqualTo("right by another rule");
    assertThat(shown("#answer-explained")).isFalse();
  }

  @Test
  void oneIdeaIsToldAtATimeAndTheResultNever() {
    answer("#answer-mean", "14.50");
    fire("#answer-explain");
    List<String> told = new ArrayList<>();
    int ideas = workspace.analysis().mark(Request.of(Measures.MEAN)).explanations().size();
    assertThat(ideas).isGreaterThan(1);
    for (int i = 0; i <= ideas; i++) {
      List<String> now = texts("#answer-explained .answer-text");
      assertThat(now).hasSize(1);
      assertThat(now.get(0)).doesNotContain("15");
      told.add(now.get(0));
      fire("#answer-another");
    }

    assertThat(told.subList(0, ideas)).doesNotHaveDuplicates();
    assertThat(told.get(ideas)).isEqualTo(told.get(0));
  }

  @Test
  void theStepIsOpenedInWhichItHappened() {
    answer("#answer-sd", "13.50");
    fire("#answer-explain");
    fire("#answer-open-step");

    assertThat(robot.lookup("#working-steps .working-step").queryAll()).isNotEmpty();
    Node last =
        robot.lookup("#working-steps .working-step").queryAll().stream()
            .reduce((a, b) -> b)
            .orElseThrow();
    assertThat(last.isFocused()).isTrue();
  }

  @Test
  void theValueThatWasSlippedWithIsShownInTheLineUp() {
    answer("#answer-mean", "13.75");
    fire("#answer-explain");
    assertThat(texts("#answer-explained .answer-text").get(0)).contains("20");
    assertThat(workspace.projection().choice().entry()).isNotEqualTo(3);
    fire("#answer-open-step");

    assertThat(workspace.projection().choice().entry()).isEqualTo(3);
    assertThat(find("#values", TextArea.class).getSelectedText()).isEqualTo("20");
  }

  @Test
  void anEarlierTryStaysBesideTheNextOne() {
    answer("#answer-mean", "18.75");
    answer("#answer-mean", "15");

    assertThat(text("#mark-mean")).isEqualTo("right");
    assertThat(text("#answer-tries")).isEqualTo("Earlier answers: 18.75 (slip)");
    assertThat(robot.lookup(".quiet").queryAllAs(Label.class).stream().map(Label::getText))
        .anyMatch(line -> line.endsWith("1 of 1 answer right"));
  }

  @Test
  void thePartsOfTheSheetAreAnsweredOnOnePage() {
    robot.interact(view::showParts);
    settle();
    assertThat(text("#parts-progress")).isEqualTo("0 of 2 answers right; 0 answered");

    answer("#part-answer-1-mean", "15");
    robot.write("3.7").type(KeyCode.ENTER);
    settle();

    // One place is asked here, so 3.7 has enough.
    assertThat(text("#part-mark-1-sd")).isEqualTo("right");
    assertThat(text("#parts-progress")).isEqualTo("2 of 2 answers right; 2 answered");
    assertThat(workspace.analysis().work(Request.of(Measures.SD)).answer()).isEqualTo("3.7");
    // On the sheet it is the same question.
    robot.interact(() -> workspace.chooseTask(Request.of(Measures.MEDIAN)));
    fire("#part-go-1");
    assertThat(text("#mark-sd")).isEqualTo("right");
    assertThat(workspace.request()).isEqualTo(Request.of(Measures.MEAN));
  }

  @Test
  void partsAreAddedMovedWordedAndRemoved() {
    robot.interact(view::showParts);
    fire("#parts-add");
    assertThat(workspace.assignment().parts()).hasSize(2);
    robot.clickOn("#part-text-2").write("Again");
    fire("#parts-up-2");
    assertThat(workspace.assignment().parts().get(0).text()).isEqualTo("Again");
    fire("#parts-remove-1");

    assertThat(workspace.assignment().parts()).extracting(Part::id).containsExactly(2);
    robot.interact(workspace.session()::undo);
    assertThat(workspace.assignment().parts()).hasSize(2);
    fire("#parts-back");
    assertThat(shown("#line-up")).isTrue();
  }

  @Test
  void dataToPractiseOnComeWithAPart() {
    robot.interact(view::showParts);
    robot.interact(() -> find("#practice-size", TextField.class).setText("lots"));
    fire("#practice-make");
    assertThat(robot.lookup(".problem-text").queryAllAs(Label.class).stream().map(Label::getText))
        .contains("“lots” is not a number of values from 3 to 200");

    robot.interact(() -> find("#practice-size", TextField.class).setText("8"));
    fire("#practice-make");

    assertThat(workspace.assignment().items()).hasSize(2);
    Assignment now = workspace.assignment();
    assertThat(now.questions(now.parts().get(1)))
        .extracting(Question::request)
        .contains(Request.of(Measures.VARIANCE));
    // The sample and its part are one edit.
    robot.interact(workspace.session()::undo);
    assertThat(workspace.assignment().items()).hasSize(1);
  }

  @Test
  void aClassIsMarkedCountedFilteredAndSaved() throws Exception {
    Path answers =
        Files.writeString(
            folder.resolve("class.csv"),
            """
            id,part,sample,measure,answer
            Ana,a,North,sd,13.50
            Eva,a,North,sd,3.67
            Luis,a,North,mean,18.75
            """);
    Path report = folder.resolve("marks.csv");
    when(fileChoice.toMark()).thenReturn(List.of(answers));
    when(fileChoice.toExport(any())).thenReturn(Optional.of(report));

    robot.interact(view::markAnswers);
    WaitForAsyncUtils.waitFor(
        20, TimeUnit.SECONDS, () -> workspace.projection().choice().answers() != null);
    settle();

    assertThat(text("#class-answers-counts")).isEqualTo("3 answers of 3 students");
    assertThat(text("#class-answers-slip")).isEqualTo("2 × slip");
    assertThat(text("#class-answers-part-a")).isEqualTo("a: 1 of 3 right");
    assertThat(text("#class-answers-student-Eva")).isEqualTo("Eva: 1 of 1");
    fire("#class-answers-student-Luis");
    assertThat(
            robot.lookup("#class-answers-table .work-cell").queryAllAs(Label.class).stream()
                .map(Label::getText))
        .contains("Luis")
        .doesNotContain("Ana", "Eva");
    fire("#class-answers-root-not-taken-sd");
    assertThat(
            robot.lookup("#class-answers-table .work-cell").queryAllAs(Label.class).stream()
                .map(Label::getText))
        .contains("Ana")
        .doesNotContain("Eva");
    fire("#class-answers-save");
    await(Background.Lane.EXPORT);
    assertThat(Files.readString(report)).contains("Luis,a,mean,18.75,slip,slip,count-off-by-one");
    fire("#class-answers-back");
    assertThat(shown("#line-up")).isTrue();
  }

  @Test
  void aFileWithoutAnswersIsToldAndNothingChanges() throws Exception {
    Path other = Files.writeString(folder.resolve("other.csv"), "name,weight\nAna,3\n");
    when(fileChoice.toMark()).thenReturn(List.of(other));

    robot.interact(view::markAnswers);
    WaitForAsyncUtils.waitFor(
        20,
        TimeUnit.SECONDS,
        () ->
            robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.getText().contains("other.csv was not marked")));

    assertThat(workspace.projection().choice().answers()).isNull();
  }

  @Test
  void anAnswerThatIsBeingTypedIsNotCalledWrongBeforeAPause() {
    robot.interact(() -> field("#answer-sd").requestFocus());
    robot.write("13");

    assertThat(find("#margin-answer", Label.class).getText()).startsWith("Not the same");
    assertThat(find("#mark-sd", Label.class).isVisible()).isFalse();
    robot.write(".5");
    assertThat(find("#margin-answer", Label.class).getText()).startsWith("Not the same");
    // After a pause the margin tells, and the row when the field is left.
    assertThat(text("#margin-answer")).startsWith("is not right yet");
    assertThat(find("#mark-sd", Label.class).isVisible()).isFalse();
    robot.type(KeyCode.ENTER);
    assertThat(text("#mark-sd")).isEqualTo("slip");
  }
}
