package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Verdict;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.files.table.DataSource;

class WorkspaceTest {

  private final Workspace empty =
      new Workspace(Assignment.empty("Pears"), new Background(Runnable::run, Runnable::run));

  private static String result(Workspace workspace, Measure measure) {
    return workspace.analysis().computation().result(measure).number().orElseThrow().toString();
  }

  @Test
  void typingIntoAnEmptyAssignmentMakesASample() {
    empty.items().type("  ");
    assertThat(empty.assignment().items()).isEmpty();

    empty.items().type("8 10 11 11");

    assertThat(empty.assignment().items()).extracting(Item::name).containsExactly("Sample 1");
    assertThat(result(empty, Measures.SD)).isEqualTo("sqrt(2)");
  }

  @Test
  void aRuleChangesEveryResultAndCanBeTakenBack() {
    empty.items().type("8 10 11 11");

    empty.setRule(Rule.DIVISOR, Divisor.N);
    assertThat(result(empty, Measures.VARIANCE)).isEqualTo("3/2");
    assertThat(empty.session().nameOfUndo()).contains("changing a course rule");

    empty.session().undo();
    assertThat(result(empty, Measures.VARIANCE)).isEqualTo("2");
    assertThat(empty.session().nameOfRedo()).contains("changing a course rule");

    empty.session().redo();
    assertThat(result(empty, Measures.VARIANCE)).isEqualTo("3/2");
  }

  @Test
  void letterByLetterTypingIsOneStepBack() {
    empty.items().type("8");
    empty.items().type("8 ");
    empty.items().type("8 1");
    empty.items().type("8 10");
    empty.items().answer(Request.of(Measures.MEAN), "9");

    empty.session().undo();
    assertThat(empty.analysis().work(Request.of(Measures.MEAN)).answer()).isEmpty();
    empty.session().undo();
    assertThat(empty.assignment().items()).isEmpty();
    empty.session().undo();
    assertThat(empty.assignment()).isEqualTo(Assignment.empty("Pears"));
  }

  @Test
  void answersAreMarkedByTheRulesAndSignInForce() {
    empty.items().type("8 10 11 12");
    empty.items().answer(Request.of(Measures.MEAN), "10,25");
    assertThat(empty.analysis().mark(Request.of(Measures.MEAN)).verdict())
        .isEqualTo(Verdict.AGREES);

    empty.items().answer(Request.of(Measures.MEAN), "10.3");
    assertThat(empty.analysis().mark(Request.of(Measures.MEAN)).verdict())
        .isEqualTo(Verdict.AGREES_COARSER);
    empty.setRule(Rule.PLACES, 1);
    assertThat(empty.analysis().mark(Request.of(Measures.MEAN)).verdict())
        .isEqualTo(Verdict.AGREES);
  }

  @Test
  void theDecimalSignDecidesHowValuesAreRead() {
    empty.items().type("3,5");
    assertThat(empty.analysis().typed().unreadable()).hasSize(1);

    empty.setSign(DecimalSign.COMMA);

    assertThat(empty.analysis().typed().unreadable()).isEmpty();
    assertThat(result(empty, Measures.MEAN)).isEqualTo("7/2");
  }

  @Test
  void whatChangesNothingIsNoEdit() {
    empty.items().type("8 10 11 11");
    empty.items().rename("Crates");
    empty.setRule(Rule.DIVISOR, Divisor.N);
    var moved = empty.projection().moved();
    assertThat(moved).isNotEmpty();

    empty.items().rename("Crates");
    empty.items().type("8 10 11 11");
    empty.items().setUnit("");
    empty.items().answer(Request.of(Measures.MEAN), "");

    // What the rule moved is still told, and it is still what undo takes back.
    assertThat(empty.projection().moved()).isEqualTo(moved);
    assertThat(empty.session().nameOfUndo()).contains("changing a course rule");
  }

  @Test
  void wordsTypedAsValuesAreCountedOnRequestAndNothingElseIs() {
    empty.items().type("plum pear plum");
    empty.items().countWords();
    assertThat(empty.item().source()).isEqualTo(new Source.CategoriesText("plum, pear, plum"));
    assertThat(empty.analysis().computation().result(Measures.MODES))
        .isEqualTo(new Result.Named(List.of("plum")));

    empty.items().countWords();
    assertThat(empty.session().nameOfUndo()).contains("counting words");
    empty.session().undo();
    assertThat(empty.item().source()).isEqualTo(new Source.ValuesText("plum pear plum"));
  }

  @Test
  void ofCategoriesTheModeIsLookedAtWhateverWasLookedAtBefore() {
    empty.items().type("8 10");
    empty.chooseTask(Request.of(Measures.SD));
    empty.shelf().addCategories();
    assertThat(empty.request()).isEqualTo(Request.of(Measures.MODES));

    empty.items().type("plum 3, pear 1");
    empty.items().answer(Request.of(Measures.MODES), "Plum");
    assertThat(empty.analysis().mark(Request.of(Measures.MODES)).verdict())
        .isEqualTo(Verdict.AGREES);
    assertThat(empty.analysis().progress().agreed()).isEqualTo(1);
  }

  @Test
  void theShelfKeepsAChosenItemWhereItCan() {
    Workspace demo =
        new Workspace(DemoAssignment.create(), new Background(Runnable::run, Runnable::run));
    demo.choose(2);
    demo.items().rename("Lower terrace");
    assertThat(demo.item().name()).isEqualTo("Lower terrace");

    demo.shelf().removeChosen();
    assertThat(demo.item().id()).isEqualTo(3);
    demo.session().undo();
    assertThat(demo.assignment().item(2)).isPresent();
    demo.shelf().addFrequencies();
    assertThat(demo.item().source()).isEqualTo(new Source.TableText(""));
    demo.items().type("3 4");
    assertThat(demo.item().source()).isEqualTo(new Source.TableText("3 4"));
    while (demo.item() != null) {
      demo.shelf().removeChosen();
    }
    assertThat(demo.assignment().items()).isEmpty();
    assertThat(demo.analysis()).isNull();
    demo.shelf().removeChosen();
    demo.items().rename("nothing to rename");
    demo.items().answer(Request.of(Measures.MEAN), "1");
    assertThat(demo.assignment().items()).isEmpty();
  }

  @Test
  void theDemoHoldsWhatItPromises() {
    Workspace demo =
        new Workspace(DemoAssignment.create(), new Background(Runnable::run, Runnable::run));
    String north = result(demo, Measures.MEAN);
    assertThat(demo.analysis().typed().data().missing()).isEqualTo(1);
    assertThat(demo.analysis().mark(Request.of(Measures.MEDIAN)).verdict())
        .isEqualTo(Verdict.AGREES);
    assertThat(demo.analysis().mark(Request.of(Measures.VARIANCE)).verdict())
        .isEqualTo(Verdict.OTHER_RULE);
    String northSpread = result(demo, Measures.SD);

    demo.choose(2);

    assertThat(result(demo, Measures.MEAN)).isEqualTo(north);
    assertThat(result(demo, Measures.SD)).isNotEqualTo(northSpread);
    demo.assignment()
        .items()
        .forEach(
            item -> {
              demo.choose(item.id());
              assertThat(demo.analysis().typed().unreadable()).as(item.name()).isEmpty();
            });
  }

  @Test
  void longTextsAreReadApartFromTheWindow() {
    Deque<Runnable> waiting = new ArrayDeque<>();
    Workspace workspace =
        new Workspace(Assignment.empty("Long"), new Background(waiting::add, Runnable::run));

    workspace.items().type("12.5 ".repeat(30_000));

    assertThat(workspace.analysis()).isNull();
    assertThat(workspace.background().running().get(0).title()).contains("Sample 1");
    while (!waiting.isEmpty()) {
      waiting.pop().run();
    }
    assertThat(result(workspace, Measures.SUM)).isEqualTo("375000");
    assertThat(workspace.background().running()).isEmpty();
  }

  @Test
  void workOfOneKindNeverStopsWorkOfAnother() throws Exception {
    Deque<Runnable> waiting = new ArrayDeque<>();
    Workspace workspace =
        new Workspace(Assignment.empty("Long"), new Background(waiting::add, Runnable::run));
    workspace.items().type("12.5 ".repeat(30_000));
    Callable<String> export = mock();
    workspace.background().run(Background.Lane.EXPORT, "first", export, text -> {}, failure -> {});
    workspace.background().run(Background.Lane.EXPORT, "second", export, text -> {}, failure -> {});
    workspace.imports().begin(DataSource.of("t", "a\n1\n2\n".getBytes(StandardCharsets.UTF_8)));
    assertThat(workspace.background().running()).hasSize(4);
    while (!waiting.isEmpty()) {
      waiting.pop().run();
    }

    assertThat(result(workspace, Measures.SUM)).isEqualTo("375000");
    verify(export, times(2)).call();
    assertThat(workspace.imports().property().get().readProperty().get()).isNotNull();
  }

  @Test
  void aFileThatIsNotImportedAfterAllIsNotReadOn() {
    Deque<Runnable> waiting = new ArrayDeque<>();
    Workspace workspace =
        new Workspace(Assignment.empty("Pears"), new Background(waiting::add, Runnable::run));
    ImportSession left =
        workspace.imports().begin(DataSource.of("t", "a\n1\n2\n".getBytes(StandardCharsets.UTF_8)));

    workspace.imports().end();
    waiting.forEach(Runnable::run);

    assertThat(workspace.background().running()).isEmpty();
    assertThat(left.readProperty().get()).isNull();
  }

  @Test
  void idsAreNeverGivenAgainWhateverIsRemovedOrUndone() {
    empty.items().type("8 10");
    empty.shelf().addSample(new Source.ValuesText("3"));
    assertThat(empty.item().id()).isEqualTo(2);
    empty.shelf().removeChosen();
    empty.shelf().addSample(new Source.ValuesText("4"));
    assertThat(empty.item().id()).isEqualTo(3);
    empty.session().undo();
    empty.shelf().addSample(new Source.ValuesText("5"));
    assertThat(empty.item().id()).isEqualTo(4);

    empty.replace(Assignment.empty("another"));
    empty.items().type("1");
    assertThat(empty.item().id()).isEqualTo(1);
  }

  @Test
  void cancelledWorkTellsNothing() {
    Deque<Runnable> waiting = new ArrayDeque<>();
    Background background = new Background(waiting::add, Runnable::run);
    Consumer<String> done = mock();
    Consumer<Exception> failed = mock();

    background.run(Background.Lane.READING, "reading", () -> "read", done, failed);
    background.running().get(0).cancel();
    waiting.forEach(Runnable::run);

    verify(done, never()).accept(any());
    verify(failed, never()).accept(any());
    assertThat(background.running()).isEmpty();
  }

  @Test
  void failuresAreToldAndANewWorkTakesThePlaceOfTheOld() throws Exception {
    Executor later = mock();
    Deque<Runnable> waiting = new ArrayDeque<>();
    doAnswer(call -> waiting.add(call.getArgument(0))).when(later).execute(any());
    Background background = new Background(later, Runnable::run);
    Callable<String> first = mock();
    Consumer<Exception> failed = mock();
    IllegalStateException problem = new IllegalStateException("no");

    background.run(Background.Lane.READING, "first", first, text -> {}, failed);
    background.run(
        Background.Lane.READING,
        "second",
        () -> {
          throw problem;
        },
        text -> {},
        failed);
    waiting.forEach(Runnable::run);

    verify(first, never()).call();
    verify(failed).accept(problem);
  }
}
