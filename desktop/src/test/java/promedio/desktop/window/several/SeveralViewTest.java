package promedio.desktop.window.several;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.Correction;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.rules.Tails;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.several.LinkedTrees;
import promedio.desktop.window.shell.OpenWindow;

/** The sheets of several samples, as somebody works through them. */
class SeveralViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return LinkedTrees.in(shelf(), 7);
  }

  private static Assignment shelf() {
    return Assignment.empty("Orchard")
        .with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12")))
        .with(Item.of(2, "lower", "g", new Source.ValuesText("9 11 16 20")))
        .with(Item.of(3, "terraces", "g", Source.Picked.of(List.of(1, 2))))
        .with(Item.of(4, "trees", "", new Source.PairsText("1 2\n2 4\n3 5\n4 9\n5 1")))
        .with(
            Item.of(
                5, "reasons", "", new Source.CountsText("Ana Rocha\nbruised 30 10\nscab 20 40")))
        .with(Item.of(6, "colours", "", new Source.CategoriesText("green 30\nyellow 50\nred 20")));
  }

  private void look(int item) {
    robot.interact(() -> workspace.choose(item));
    settle();
  }

  @Test
  void whereThereIsNothingToTypeTheFocusGoesToTheChosenItem() {
    look(1);
    focus("#values");

    look(3);

    assertThat(view.getScene().getFocusOwner().getId()).isEqualTo("item-3");
  }

  private void focus(String selector) {
    robot.interact(() -> find(selector, Node.class).requestFocus());
    settle();
  }

  private void decide(String button) {
    focus(button);
    robot.type(KeyCode.SPACE);
    settle();
  }

  @Test
  void aCellOfTheSummaryOpensIntoItsWorkingAndIsAnsweredBelow() {
    look(3);
    assertThat(text("#several-name")).isEqualTo("terraces");
    assertThat(text("#several-counts")).startsWith("2 groups, n = 7");
    assertThat(text("#summary-0-2")).isEqualTo("10.00");

    focus("#summary-1-2");
    assertThat(text("#margin-heading")).isEqualTo("Mean: lower");
    assertThat(workspace.projection().choice().subset()).isEqualTo(DataSubset.group("lower"));
    robot.write("14");
    robot.type(KeyCode.ENTER);
    settle();

    assertThat(text("#summary-mark")).isEqualTo("right");
    assertThat(find("#summary-1-2", Label.class).getAccessibleText())
        .isEqualTo("mean, lower: 14.00; right");
    assertThat(text("#several-counts")).endsWith("1 of 1 answer right");
  }

  @Test
  void keysGoFromCellToCell() {
    look(3);
    focus("#summary-0-2");
    robot.type(KeyCode.DOWN, KeyCode.RIGHT);
    settle();

    assertThat(find("#summary-1-3", Label.class).isFocused()).isTrue();
    assertThat(workspace.request()).isEqualTo(Request.of(Measures.MEDIAN));
    robot.type(KeyCode.ENTER);
    assertThat(field("#summary-answer").isFocused()).isTrue();
  }

  @Test
  void aHeadSortsTheSummaryAndItIsCopiedAsATable() {
    look(3);
    fire("#summary-head-3");
    fire("#summary-head-3");

    assertThat(text("#summary-0-2")).isEqualTo("14.00");
    fire("#summary-copy");
    robot.interact(
        () ->
            assertThat(Clipboard.getSystemClipboard().getString().lines().toList().get(1))
                .startsWith("lower\t4\t0\t14.00"));
  }

  @Test
  void theSummaryIsBroughtOnAsANewTable() throws Exception {
    look(3);
    fire("#summary-as-table");
    assertThat(workspace.imports().property().get()).isNotNull();
    waitUntil(() -> shown("#import-take") && !find("#import-take", Button.class).isDisabled());
    fire("#import-take");
    waitUntil(() -> workspace.table() != null);

    assertThat(workspace.table().table().names())
        .containsExactly("group", "n", "missing", "mean", "median", "min", "max", "sd");
    assertThat(workspace.table().table().rows()).isEqualTo(2);
  }

  @Test
  void theShownGroupsOfASummaryAreExported() throws Exception {
    Path file = folder.resolve("summary.csv");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(file));
    look(3);
    fill("#summary-filter", "low");
    assertThat(text("#summary-0-2")).isEqualTo("14.00");
    fire("#summary-export");
    waitUntil(() -> Files.exists(file));

    assertThat(Files.readAllLines(file))
        .containsExactly(
            "group,n,missing,mean,median,min,max,sd", "lower,4,0,14,13.5,9,20,4.96655480858378");
  }

  @Test
  void aComparisonIsMadeOfTheSamplesThatAreChecked() {
    look(1);
    robot.interact(() -> workspace.shelf().addComparison());
    settle();
    assertThat(text("#several-counts")).startsWith("2 groups");

    robot.interact(() -> find("#picked-2", CheckBox.class).fire());
    settle();
    assertThat(text("#several-problem"))
        .isEqualTo("one group cannot be compared: give two or more");
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(shown("#several-problem")).isFalse();
  }

  @Test
  void whatIsTypedAsPairsIsCorrelatedAtOnce() {
    robot.interact(() -> workspace.shelf().addPairs());
    settle();
    assertThat(text("#several-counts")).isEqualTo("0 pairs");
    robot.interact(() -> view.startTyping());
    robot.write("age yield\n1 2\n2 4\n3 5");
    settle();

    assertThat(text("#result-correlation")).isEqualTo("0.98");
    assertThat(text("#pairs-summary-0-2")).isEqualTo("2.00");
    answer("#answer-slope", "1.5");
    assertThat(text("#mark-slope")).isEqualTo("right");
    assertThat(text("#margin-heading")).isEqualTo("Slope of the regression line");
  }

  @Test
  void anOutlierIsLeftOutOnTrialAndPutBackAndLeftOut() {
    look(4);
    String all = text("#result-correlation");
    fire("#pairs-previous");
    assertThat(text("#pairs-point")).startsWith("Pair 5: x = 5, y = 1.");
    fire("#pairs-without");
    assertThat(text("#aside-correlation")).isEqualTo("→ 0.96");
    assertThat(text("#result-correlation")).isEqualTo(all);

    fire("#pairs-back");
    assertThat(shown("#aside-correlation")).isFalse();
    fire("#pairs-next");
    fire("#pairs-previous");
    fire("#pairs-without");
    fire("#pairs-leave-out");
    assertThat(text("#result-correlation")).isEqualTo("0.96");
    assertThat(workspace.item().source().typedText()).contains("1 2\n2 4\n3 5\n4 9");
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(text("#result-correlation")).isEqualTo(all);
  }

  @Test
  void aTwoWayTableIsSeenInItsViewsAndItsCellsAreAnswered() {
    look(5);
    assertThat(text("#counts-table-0-0")).isEqualTo("30");
    assertThat(text("#margin-heading")).isEqualTo("Chi squared");

    fire("#counts-view-row");
    assertThat(text("#counts-table-0-0")).isEqualTo("75.00 %");
    focus("#counts-table-1-0");
    answer("#counts-table-answer", "33.33");
    assertThat(text("#counts-table-mark")).isEqualTo("right");
    fire("#counts-view-expected");
    assertThat(text("#counts-table-1-1")).isEqualTo("30.00");
  }

  @Test
  void aTestLeadsFromTheHypothesesToTheSentence() {
    look(3);
    fire("#groups-test-two");

    assertThat(text("#groups-test-hypotheses"))
        .startsWith("H₀: μ₁ = μ₂. The populations of “upper”");
    assertThat(text("#groups-test-critical")).contains("2.5706");
    assertThat(text("#groups-test-sentence"))
        .startsWith("It was not shown that the mean of upper (M =");
    answer("#answer-t_two_df", "5");
    assertThat(text("#mark-t_two_df")).isEqualTo("right");
    fire("#groups-test-two");
    assertThat(shown("#groups-test-sentence")).isFalse();
  }

  @Test
  void theDecisionIsAnAnswerOfItsOwnAndIsUndone() {
    look(3);
    fire("#groups-test-two");
    assertThat(shown("#groups-test-decision-mark")).isFalse();

    // p is 0.2525.
    decide("#groups-test-decide-reject");
    assertThat(text("#groups-test-decision-mark")).isEqualTo("not right");
    assertThat(text("#margin-heading"))
        .isEqualTo("Decision by p-value of t of two samples: upper – lower");
    assertThat(text("#margin-answer")).isEqualTo("is not right by the rules above.");
    decide("#groups-test-decide-keep");
    assertThat(text("#groups-test-decision-mark")).isEqualTo("right");
    assertThat(text("#margin-sentence")).isEqualTo("p is above α = 0.05: H₀ is not rejected.");
    answer("#answer-t_two_p", "0.2525");
    assertThat(text("#mark-t_two_p")).isEqualTo("right");

    robot.interact(workspace.session()::undo);
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(text("#groups-test-decision-mark")).isEqualTo("not right");
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(shown("#groups-test-decision-mark")).isFalse();
  }

  @Test
  void aDecisionMayFollowFromAWrongPValue() {
    look(3);
    fire("#groups-test-two");
    answer("#answer-t_two_p", "0.03");
    decide("#groups-test-decide-reject");

    assertThat(text("#groups-test-decision-mark")).isEqualTo("follows from your p");
    assertThat(text("#margin-answer"))
        .isEqualTo("is not right, but it follows from your own p-value.");
  }

  @Test
  void theRulesOfATestStandInTheStripOfASampleToo() {
    look(1);
    fire("#sample-test-mean");
    fill("#sample-test-mu", "14");
    // p is 0.0742.
    assertThat(text("#sample-test-decision")).contains("H₀ is not rejected");
    fire("#rules-more");
    robot.interact(() -> find("#rule-tails", MenuButton.class).getItems().get(2).fire());
    settle();

    assertThat(text("#sample-test-hypotheses")).contains("H₁: μ < 14");
    assertThat(text("#sample-test-decision")).contains("H₀ is rejected");
  }

  private void state(String menu, String rule, String value) {
    robot.interact(
        () -> {
          Menu of =
              find("#" + menu, MenuButton.class).getItems().stream()
                  .filter(each -> (menu + "-" + rule).equals(each.getId()))
                  .map(Menu.class::cast)
                  .findFirst()
                  .orElseThrow();
          of.getItems().stream()
              .filter(each -> (of.getId() + "-" + value).equals(each.getId()))
              .findFirst()
              .orElseThrow()
              .fire();
        });
    settle();
  }

  @Test
  void whichWayATestLooksAndItsLevelAreSetInTheTestAndTheCourseStaysAsItIs() {
    look(1);
    fire("#sample-test-mean");
    fill("#sample-test-mu", "14");
    state("sample-test-stated", "tails", "lower");

    assertThat(text("#sample-test-hypotheses")).contains("H₁: μ < 14");
    assertThat(text("#sample-test-decision")).contains("H₀ is rejected");
    assertThat(find("#sample-test-stated", MenuButton.class).getText())
        .isEqualTo("The question says: alternative: lower");
    assertThat(workspace.assignment().rules().get(Rule.TAILS)).isEqualTo(Tails.TWO);

    state("sample-test-stated", "alpha", "0.01");
    assertThat(text("#sample-test-decision")).contains("H₀ is not rejected");

    robot.interact(workspace.session()::undo);
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(text("#sample-test-hypotheses")).contains("H₁: μ ≠ 14");
  }

  @Test
  void aWrongTailIsAMistakeOnceTheTestSaysWhichWayItLooks() {
    look(1);
    fire("#sample-test-mean");
    fill("#sample-test-mu", "14");
    answer("#answer-t_one_p-14", "0.0742");
    assertThat(text("#mark-t_one_p-14")).isEqualTo("right");

    state("sample-test-stated", "tails", "lower");
    assertThat(text("#mark-t_one_p-14")).isEqualTo("slip");
    answer("#answer-t_one_p-14", "0.0371");
    assertThat(text("#mark-t_one_p-14")).isEqualTo("right");
  }

  @Test
  void whatAPartSaysOfATestIsShownInTheTestAndChangedThere() {
    Request p = Measures.ofId("t_one_p 14").orElseThrow();
    robot.interact(
        () ->
            workspace.editParts(
                "",
                now ->
                    now.asking(
                        Part.of(
                            9,
                            "Are they lighter than 14 g?",
                            Selection.of(1),
                            StatedRules.NONE.with(Rule.TAILS, Optional.of(Tails.LOWER))),
                        List.of(p))));
    look(1);
    fire("#sample-test-mean");
    fill("#sample-test-mu", "14");
    assertThat(text("#sample-test-hypotheses")).contains("H₁: μ < 14");
    assertThat(text("#result-t_one_p-14")).isEqualTo("0.0371");

    state("sample-test-stated", "tails", "upper");
    assertThat(text("#sample-test-hypotheses")).contains("H₁: μ > 14");
    assertThat(workspace.assignment().parts().get(0).stated().get(Rule.TAILS))
        .contains(Tails.UPPER);
  }

  @Test
  void aTwoWayTableIsOfferedOfTheColumnsOfWords() {
    robot.interact(() -> workspace.chooseTable(1));
    settle();
    robot.interact(() -> find("#together-make", ChoiceBox.class).getSelectionModel().select(2));
    settle();

    assertThat(find("#together-first", ComboBox.class).getValue()).isEqualTo("variety");
    assertThat(find("#together-second", ComboBox.class).getValue()).isEqualTo("tree");
  }

  @Test
  void theKeysMoveThePageOfAComparisonThatWasJustAdded() throws Exception {
    robot.interact(() -> workspace.chooseTable(1));
    settle();
    robot.interact(() -> find("#together-put", Button.class).requestFocus());
    fire("#together-put");
    waitUntil(() -> robot.lookup("#several-name").tryQuery().filter(Node::isVisible).isPresent());

    assertThat(robot.lookup("#several-scroll").query().isFocused()).isTrue();
  }

  @Test
  void aSampleIsTestedOnceTheSupposedMeanIsTyped() {
    look(1);
    fire("#sample-test-mean");
    assertThat(text("#sample-test-problem")).isEqualTo("Type the numbers for this test first.");
    fill("#sample-test-mu", "13");

    assertThat(text("#sample-test-sentence")).contains("t(2) = −2.60");
    answer("#answer-t_one-13", "-2.6");
    assertThat(text("#mark-t_one-13")).isEqualTo("right, too few places");
  }

  @Test
  void categoriesAreTestedAgainstExpectedProportions() {
    look(6);
    assertThat(shown("#sample-test")).isFalse();
    fire("#categories-test-fit");
    assertThat(text("#categories-test-hypotheses"))
        .startsWith("H₀: the categories have the expected proportions, all equal.");
    assertThat(text("#categories-test-sentence")).contains("χ²(2, n = 100) = 14.00");

    fill("#categories-test-expected", "1 2");
    assertThat(text("#categories-test-problem")).startsWith("Type one number above 0 for each");
    fill("#categories-test-expected", "0.25 0.5 0.25");
    assertThat(text("#categories-test-hypotheses")).contains("0.25 : 0.5 : 0.25");
    assertThat(text("#categories-test-sentence"))
        .isEqualTo(
            "It was not shown that the proportions of the categories differ from the expected ones,"
                + " 0.25 : 0.5 : 0.25, χ²(2, n = 100) = 2.00, p = 0.3679.");
    answer("#answer-fit_chi_squared", "2");
    assertThat(text("#mark-fit_chi_squared")).isEqualTo("right");
    assertThat(text("#margin-heading"))
        .isEqualTo("Chi squared of the fit: beside expected proportions");
  }

  @Test
  void pointsAreToldApartByACategoryOfTheTableAndThatCanBeUndone() throws Exception {
    look(7);
    Node picture = find("#pairs-graph", Node.class);
    waitUntil(() -> picture.getAccessibleText().endsWith("correlation is 0.99."));

    @SuppressWarnings("unchecked")
    ChoiceBox<String> category = find("#pairs-category", ChoiceBox.class);
    robot.interact(() -> category.setValue("variety"));
    settle();
    waitUntil(() -> picture.getAccessibleText().endsWith("apart: Ana (4), Rocha (2), Blanca (1)."));

    look(4);
    assertThat(category.getParent().isVisible()).isFalse();
    look(7);
    assertThat(category.getValue()).isEqualTo("variety");

    robot.interact(workspace.session()::undo);
    settle();
    assertThat(category.getValue()).isEqualTo("");
    waitUntil(() -> picture.getAccessibleText().endsWith("correlation is 0.99."));
  }

  @Test
  void aCorrectedPIsAnsweredInTheTableOfComparisons() {
    robot.interact(
        () ->
            workspace.replace(
                workspace
                    .assignment()
                    .with(Item.of(8, "middle", "g", new Source.ValuesText("20 22 24")))
                    .with(Item.of(9, "three", "g", Source.Picked.of(List.of(1, 2, 8))))
                    .withRules(CourseRules.DEFAULTS.with(Rule.CORRECTION, Correction.BONFERRONI))));
    look(9);

    // p = 0.0018 of upper and middle by themselves, three comparisons.
    focus("#pairwise-1-4");
    assertThat(text("#margin-heading"))
        .isEqualTo("p-value of t of two samples, corrected: upper – middle");
    robot.write("0.0055");
    robot.type(KeyCode.ENTER);
    settle();
    assertThat(text("#pairwise-mark")).isEqualTo("right");

    robot.interact(() -> workspace.session().undo());
    focus("#pairwise-1-4");
    robot.write("0.0018");
    robot.type(KeyCode.ENTER);
    settle();
    assertThat(text("#pairwise-mark")).startsWith("right by another");
  }

  @Test
  void goingFromOneKindToAnotherAlwaysHasAMeasureToShow() {
    for (int item : new int[] {4, 5, 3, 1, 4, 3, 5, 1}) {
      look(item);
      assertThat(workspace.focus()).isPresent();
    }
    look(4);
    assertThat(workspace.request()).isEqualTo(Request.of(Measures.CORRELATION));
  }
}
