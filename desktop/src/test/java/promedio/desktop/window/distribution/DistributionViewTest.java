package promedio.desktop.window.distribution;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.desktop.projection.ViewState;
import promedio.desktop.projection.distribution.Lookup;
import promedio.desktop.session.Background;
import promedio.desktop.window.shell.OpenWindow;

/** Looking up in the tables of distributions, and drawing samples by chance. */
class DistributionViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Pears")
        .with(Item.of(1, "North", "g", new Source.ValuesText("12 15 11 20 17")));
  }

  @Test
  void aKeyOpensTheTablesAndEscapeClosesThem() {
    robot.push(KeyCode.SHORTCUT, KeyCode.D);
    settle();
    await(Background.Lane.LOOKING_UP);

    assertThat(text("#lookup-told")).startsWith("Value 2.2281 · area below 0.975");
    assertThat(text("#page-read")).isEqualTo("2.228");
    robot.type(KeyCode.ESCAPE);
    settle();
    assertThat(find("#sheet-name", Label.class).isVisible()).isTrue();
    assertThat(workspace.projection().choice().page()).isEqualTo(ViewState.Page.NOTHING);
  }

  @Test
  void anotherCurveAndAnotherNumberAreLookedUpAsTheyAreTyped() {
    robot.interact(workspace::showDistributions);
    settle();
    fire("#lookup-chi-squared");
    fill("#lookup-df", "3");
    fill("#lookup-number", "0.05");
    await(Background.Lane.LOOKING_UP);
    assertThat(text("#page-read")).isEqualTo("7.815");

    fill("#lookup-number", "1.5");
    assertThat(text("#lookup-problem")).isEqualTo("An area lies between 0 and 1.");
    fill("#lookup-number", "");
    assertThat(text("#lookup-problem")).startsWith("Type the degrees of freedom");
    fire("#lookup-normal");
    robot.interact(() -> choice().setValue(Lookup.Given.VALUE));
    fill("#lookup-number", "-1.96");
    assertThat(text("#lookup-told")).startsWith("Value −1.96 · area below 0.024998");
  }

  @SuppressWarnings("unchecked")
  private ChoiceBox<Lookup.Given> choice() {
    return find("#lookup-given", ChoiceBox.class);
  }

  @Test
  void samplesByChancePileUpAndTheLastOneIsKept() {
    fire("#chance-open");
    fire("#chance-draw-10");
    await(Background.Lane.DRAWING);
    settle();
    assertThat(text("#chance-told")).startsWith("10 samples of n = 5: the mean of the means is");
    assertThat(text("#chance-told")).endsWith("for the standard deviation of the means.");
    String ten = text("#chance-told");
    fire("#chance-draw-1000");
    await(Background.Lane.DRAWING);
    settle();
    assertThat(text("#chance-told")).startsWith("1\u202f010 samples");

    fire("#chance-again");
    fire("#chance-draw-10");
    await(Background.Lane.DRAWING);
    settle();
    assertThat(text("#chance-told")).isEqualTo(ten);
    fire("#chance-keep");
    assertThat(workspace.item().name()).isEqualTo("North, sample 10");
    assertThat(workspace.analysis().typed().data().total()).hasToString("5");
  }

  @Test
  void whatCannotBeDrawnIsTold() {
    fire("#chance-open");
    fill("#chance-size", "9");
    fire("#chance-replacing");
    fire("#chance-draw-1");

    assertThat(text("#chance-problem")).contains("without replacement at most 5");
    fill("#chance-size", "5");
    assertThat(shown("#chance-problem")).isFalse();
    fire("#chance-draw-1");
    await(Background.Lane.DRAWING);
    settle();
    assertThat(text("#chance-told"))
        .startsWith("1 sample of n = 5: the mean of the means is 15.00");
  }
}
