package promedio.desktop.window.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.Height;
import promedio.core.measure.Request;
import promedio.core.rules.Rule;
import promedio.core.sample.CategoryOrder;
import promedio.desktop.window.shell.OpenWindow;

/** Names that were counted: typed, in a table, as bars, and their mode answered. */
class CategoriesViewTest extends OpenWindow {

  private void pasteReasons() {
    fire("#new-categories");
    paste("bruised 14\ntoo small 21\nscarred 9");
  }

  private void typeReasons() {
    fire("#new-categories");
    robot.write("bruised 14\ntoo small 21\nscarred 9");
    settle();
  }

  private List<String> cells() {
    return texts("#category-table .work-cell");
  }

  @SuppressWarnings("unchecked") // the ids are ours
  private <T> void choose(String selector, T value) {
    robot.interact(() -> find(selector, ChoiceBox.class).setValue(value));
    settle();
  }

  private ImageView picture() {
    return find("#category-graph", ImageView.class);
  }

  @Test
  void theirTableFillsItselfAndTheModeIsAName() {
    typeReasons();

    assertThat(text("#counts")).isEqualTo("3 categories, n = 44");
    assertThat(cells())
        .startsWith("bruised", "14", "0.3182", "31.82")
        .contains("too small", "21", "0.4773", "47.73");
    assertThat(texts("#category-table .work-totals")).containsExactly("Σ", "44", "1", "100.00");
    assertThat(texts("#category-table .tally").get(0)).isEqualTo("||||/ ||||/ ||||");
    assertThat(text("#category-note")).isEqualTo("Σf = 44 = n");
    assertThat(text("#result-modes")).isEqualTo("too small");
    assertThat(text("#margin-sentence"))
        .isEqualTo("“too small” occurs most often: 21 times among 44.");
  }

  @Test
  void onlyWhatConcernsNamesIsShown() {
    pasteReasons();

    assertThat(shown("#measure-modes")).isTrue();
    assertThat(robot.lookup("#measure-mean").queryAll()).isEmpty();
    assertThat(robot.lookup("#rule-divisor").queryAll()).isEmpty();
    assertThat(shown("#rule-mode")).isTrue();
    fire("#new-sample");
    robot.write("8 10 11");
    settle();
    assertThat(shown("#measure-mean")).isTrue();
    assertThat(shown("#category-card")).isFalse();
  }

  @Test
  void onesWayFromKindToKindLeavesEverythingAsItWas() {
    fire("#new-sample");
    robot.write("8 10 11");
    fire("#new-table");
    robot.write("3\t12");
    fire("#new-classes");
    robot.write("10-19 5\n20-29 8");
    pasteReasons();
    List<Item> before = workspace.assignment().items();

    for (int round = 0; round < 2; round++) {
      for (Item item : before) {
        fire("#item-" + item.id());
        assertThat(text("#sheet-name")).isEqualTo(item.name());
      }
    }
    assertThat(workspace.assignment().items()).isEqualTo(before);
    assertThat(workspace.session().nameOfRedo()).isEmpty();
  }

  @Test
  void theModeIsAnsweredByNameAndItsFrequencyIsASlip() {
    pasteReasons();

    answer("#answer-modes", "21");
    assertThat(text("#mark-modes")).isEqualTo("slip");
    fire("#answer-explain");
    assertThat(texts("#answer-explained .answer-text").get(0))
        .contains("this is how often the mode occurs; the mode is the value itself");
    answer("#answer-modes", "Too small");
    assertThat(text("#mark-modes")).isEqualTo("right");
    answer("#answer-modes", "to small");
    assertThat(text("#margin-answer")).contains("“to small” is not one of the categories");
  }

  @Test
  void wordsTypedAsValuesAreCountedByAClickAndUndoBringsThemBack() {
    fire("#new-sample");
    robot.write("8 10 11");
    settle();
    assertThat(shown("#values-count-words")).isFalse();
    fire("#new-sample");
    robot.write("plum pear plum fig");
    settle();
    assertThat(shown("#values-count-words")).isTrue();
    fire("#values-count-words");

    assertThat(text("#result-modes")).isEqualTo("plum");
    assertThat(text("#values")).isEqualTo("plum, pear, plum, fig");
    robot.interact(workspace.session()::undo);
    assertThat(workspace.item().source()).isEqualTo(new Source.ValuesText("plum pear plum fig"));
  }

  @Test
  void theyAreListedAndDrawnInTheOrderThatIsWanted() throws Exception {
    pasteReasons();
    choose("#category-order", CategoryOrder.FREQUENCY);

    assertThat(cells()).startsWith("too small", "21");
    choose("#category-order", CategoryOrder.NAME);
    assertThat(cells().get(4)).isEqualTo("scarred");
    choose("#category-height", Height.PERCENTAGE);
    robot.interact(() -> find("#category-mark-modes", CheckBox.class).fire());
    fill("#category-title", "Why pears were sorted out");
    waitUntil(() -> picture().getImage() != null);
    assertThat(picture().getAccessibleText())
        .isEqualTo(
            "Bars of categories 1: 3 categories, n = 44. Most frequent is too small, with 21.");
  }

  @Test
  void aCategoryIsChosenByKeyInTheTableAndLetGoAgain() {
    pasteReasons();
    Label second =
        robot.lookup("#category-table .work-cell").queryAllAs(Label.class).stream()
            .filter(cell -> cell.getText().equals("too small"))
            .findFirst()
            .orElseThrow();
    robot.interact(second::requestFocus);
    robot.push(KeyCode.ENTER);
    settle();

    assertThat(text("#category-note")).isEqualTo("too small: 21 of 44, that is 47.73 %.");
    assertThat(second.getPseudoClassStates()).anyMatch(s -> s.getPseudoClassName().equals("lit"));
    robot.push(KeyCode.SPACE);
    settle();
    assertThat(text("#category-note")).isEqualTo("Σf = 44 = n");
  }

  @Test
  void aClickOnABarChoosesItsCategory() throws Exception {
    pasteReasons();
    waitUntil(() -> picture().getImage() != null);
    settle();
    // The middle of the picture is on the middle bar, the highest.
    robot.interact(() -> picture().requestFocus());
    robot.clickOn(picture());
    settle();

    assertThat(text("#category-note")).startsWith("too small: 21 of 44");
  }

  @Test
  void theTableIsCopiedAndThePictureSaved() throws Exception {
    pasteReasons();
    waitUntil(() -> picture().getImage() != null);
    fire("#category-copy-table");
    robot.interact(
        () ->
            assertThat(Clipboard.getSystemClipboard().getString())
                .startsWith("category\tfrequency\trelative\tpercentage"));
    Path svg = folder.resolve("reasons.svg");
    when(fileChoice.toExport(any())).thenReturn(Optional.of(svg));
    fire("#category-save");
    waitUntil(() -> text("#category-note").equals("Saved as " + svg));
    assertThat(Files.readString(svg)).contains("<svg");
  }

  @Test
  void twoCountsStandBesideEachOther() {
    pasteReasons();
    fire("#new-categories");
    robot.write("bruised 3; unripe 4");
    settle();
    @SuppressWarnings("unchecked") // the ids are ours
    ChoiceBox<Integer> other = find("#category-other", ChoiceBox.class);

    assertThat(other.getItems()).containsExactly(-1, 1);
    assertThat(other.getConverter().toString(1)).isEqualTo("categories 1");
    choose("#category-other", 1);
    assertThat(other.getValue()).isEqualTo(1);
  }

  @Test
  void equallyFrequentNamesFollowTheRuleForTheMode() {
    fire("#new-categories");
    robot.write("plum, pear");
    settle();

    assertThat(text("#result-modes")).isEqualTo("none");
    assertThat(text("#margin-sentence"))
        .isEqualTo("Cannot be computed here: every value occurs equally often.");
    robot.interact(() -> workspace.setRule(Rule.MODE, Rule.MODE.values().get(1)));
    assertThat(text("#result-modes")).isEqualTo("plum; pear");
    assertThat(workspace.request()).isEqualTo(Request.of(Measures.MODES));
  }

  @Test
  void ofManyModesOnlySomeAreShown() {
    fire("#new-categories");
    robot.write("a 2; b 2; c 2; d 2; e 2; f");
    settle();

    assertThat(text("#result-modes")).isEqualTo("a; b; c; d …");
    assertThat(text("#margin-sentence"))
        .isEqualTo("“a; b; c; d …” occur most often: 2 times each among 11.");
  }

  @Test
  void nothingTypedYetIsExplained() {
    fire("#new-categories");

    assertThat(text("#category-note")).startsWith("Nothing counted yet: type names on the left");
    assertThat(shown("#category-table")).isFalse();
  }
}
