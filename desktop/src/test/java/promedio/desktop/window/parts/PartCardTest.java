package promedio.desktop.window.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.desktop.window.shell.OpenWindow;

/** A part of the assignment on the sheet of all parts. */
class PartCardTest extends OpenWindow {

  private static final Request MEAN = Request.of(Measures.MEAN);

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Pears")
        .with(Item.of(1, "upper", "g", new Source.ValuesText("12 15 11 20 17")))
        .asking(
            Part.of(1, "How heavy?", Selection.of(1), StatedRules.NONE),
            List.of(MEAN, Request.of(Measures.SD)));
  }

  private void parts(boolean shown) {
    robot.interact(() -> workspace.showParts(shown));
    settle();
  }

  private void cover(boolean wanted) {
    robot.interact(
        () -> {
          CheckBox box = find("#part-covered-1", CheckBox.class);
          if (box.isSelected() != wanted) {
            box.fire();
          }
        });
    settle();
  }

  @Test
  void itsResultsStayCoveredUntilFoundWhileAllOthersAreShown() {
    parts(true);
    cover(true);
    parts(false);
    assertThat(text("#result-mean")).isEqualTo("?");
    assertThat(text("#result-sd")).isEqualTo("?");
    assertThat(text("#result-median")).isEqualTo("15.00");

    parts(true);
    answer("#part-answer-1-mean", "15");
    parts(false);
    assertThat(text("#result-mean")).isEqualTo("15.00");

    robot.interact(workspace.session()::undo);
    robot.interact(workspace.session()::undo);
    settle();
    assertThat(text("#result-sd")).isEqualTo("3.67");
    parts(true);
    assertThat(find("#part-covered-1", CheckBox.class).isSelected()).isFalse();
  }

  @Test
  void whatIsFoundInItIsMarkedWhileTheRestStaysCovered() {
    parts(true);
    cover(true);
    answer("#part-answer-1-sd", "3.3");
    assertThat(text("#part-mark-1-sd")).doesNotContain("3.67");
    answer("#part-answer-1-sd", "3.67");
    assertThat(text("#part-mark-1-sd")).isEqualTo("right");
  }

  /** Chooses what the question says, the first choice being what the course takes. */
  private void state(int menu, int choice) {
    robot.interact(
        () -> {
          Menu of = (Menu) find("#part-stated-1", MenuButton.class).getItems().get(menu);
          of.getItems().get(choice).fire();
        });
    settle();
  }

  @Test
  void itAsksForPlacesOfItsOwn() {
    parts(true);
    state(0, 5);

    assertThat(workspace.assignment().parts().get(0).stated().places()).contains(4);
    answer("#part-answer-1-sd", "3.674");
    assertThat(text("#part-mark-1-sd")).isEqualTo("right, too few places");
  }

  @Test
  void itSaysItselfThatTheValuesAreAPopulation() {
    parts(true);
    answer("#part-answer-1-sd", "3.67");
    assertThat(text("#part-mark-1-sd")).isEqualTo("right");
    state(1, 2);

    assertThat(find("#part-stated-1", MenuButton.class).getText())
        .isEqualTo("The question says: divide by: n, a population");
    assertThat(text("#part-mark-1-sd")).isEqualTo("slip");
    answer("#part-answer-1-sd", "3.29");
    assertThat(text("#part-mark-1-sd")).isEqualTo("right");
    parts(false);
    assertThat(text("#result-sd")).isEqualTo("3.29");
  }
}
