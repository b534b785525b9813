package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Language;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.howto.Place;
import promedio.desktop.howto.Topic;
import promedio.desktop.howto.Topics;
import promedio.desktop.projection.ViewState;

/** The how-to lies over the window, is searched, and leads to each of its places. */
class HowToViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return DemoAssignment.create();
  }

  private void press(KeyCode... keys) {
    robot.press(keys).release(keys);
    settle();
  }

  private String title() {
    return find("#how-to-title", Label.class).getText();
  }

  @Test
  void f1OpensItAboutWhatHasTheFocus() {
    robot.interact(() -> find("#answer-q1", TextField.class).requestFocus());
    press(KeyCode.F1);
    assertThat(title()).isEqualTo("Quartiles");
    press(KeyCode.ESCAPE);
    assertThat(view.getScene().getFocusOwner().getId()).isEqualTo("answer-q1");

    robot.interact(() -> find("#rule-divisor", MenuButton.class).requestFocus());
    press(KeyCode.F1);
    assertThat(title()).isEqualTo("n or n − 1");
  }

  @Test
  void oneTypesMovesByArrowsAndGoesThereByEnter() {
    press(KeyCode.F1);
    robot.interact(() -> find("#how-to-search", TextField.class).setText("spread"));
    String first = title();
    press(KeyCode.DOWN);
    assertThat(title()).isNotEqualTo(first);

    robot.interact(() -> find("#how-to-search", TextField.class).setText("standard deviation"));
    press(KeyCode.ENTER);

    assertThat(find("#how-to", Node.class).isVisible()).isFalse();
    assertThat(workspace.request()).isEqualTo(Request.of(Measures.SD));
    assertThat(view.getScene().getFocusOwner().getId()).isEqualTo("answer-sd");
  }

  @Test
  void whatIsNotKnownSaysWhatIs() {
    press(KeyCode.F1);
    robot.interact(() -> find("#how-to-search", TextField.class).setText("Ausreißer"));

    assertThat(find("#how-to-told", Label.class).getText()).contains("Ausreißer", "all topics");
    assertThat(title()).isEqualTo("Mean");
  }

  @Test
  void showMeReachesThePlaceOfEveryTopic() {
    List<Topic> topics = Topics.in(Language.current()).all();
    for (Topic topic : topics) {
      robot.interact(() -> view.show(topic.place()));
      settle();

      waitUntil(topic, () -> isReached(topic.place()));
      closeMenu();
    }
  }

  private void waitUntil(Topic topic, Callable<Boolean> condition) {
    try {
      waitUntil(condition);
    } catch (TimeoutException e) {
      throw new AssertionError(topic.id() + " is not reached: " + topic.place(), e);
    }
  }

  private boolean isReached(Place place) {
    Node focused = view.getScene().getFocusOwner();
    boolean hasFocus =
        place
            .focus()
            .map(
                id ->
                    Stream.iterate(focused, node -> node != null, Node::getParent)
                        .anyMatch(node -> id.equals(node.getId())))
            .orElse(focused != null);
    boolean measure =
        place.measure().map(key -> workspace.request().measure().key().equals(key)).orElse(true);
    boolean opened =
        place
            .open()
            .map(
                open ->
                    switch (open) {
                      case PARTS -> over() == ViewState.Page.PARTS;
                      case QUESTION -> over() == ViewState.Page.QUESTION;
                      case HAND_IN -> over() == ViewState.Page.HAND_IN;
                      case DISTRIBUTIONS -> over() == ViewState.Page.DISTRIBUTIONS;
                      case MENU -> find("#assignment-menu", MenuButton.class).isShowing();
                      case GRAPHS -> find("#graph-histogram", Node.class).isVisible();
                      case WORKING -> workspace.projection().choice().working() != null;
                    })
            .orElse(over() == ViewState.Page.NOTHING);
    boolean table =
        place.on().filter(on -> on == Place.Needed.TABLE).isEmpty() || workspace.table() != null;
    return hasFocus && measure && opened && table;
  }

  private ViewState.Page over() {
    return workspace.projection().choice().page();
  }

  private void closeMenu() {
    robot.interact(() -> find("#assignment-menu", MenuButton.class).hide());
    robot.interact(() -> workspace.showParts(false));
    settle();
  }

  @Test
  void withoutSuchDataTheDemoShowsItAndUndoBringsOnesOwnBack() {
    robot.interact(() -> workspace.replace(Assignment.empty("Mine")));
    settle();
    press(KeyCode.F1);
    robot.interact(() -> find("#how-to-search", TextField.class).setText("correlation"));
    Button show = find("#how-to-show", Button.class);
    assertThat(show.getText()).isEqualTo("Show me in the demo");

    robot.interact(show::fire);
    settle();
    assertThat(workspace.request().measure().key()).isEqualTo("correlation");

    robot.interact(workspace.session()::undo);
    assertThat(workspace.assignment().title()).isEqualTo("Mine");
  }

  @Test
  void theMarginAndAnExplainedSlipLeadToTheirTopics() {
    robot.interact(() -> workspace.chooseTask(Request.of(Measures.VARIANCE)));
    settle();
    robot.interact(() -> find("#margin-how-to", Hyperlink.class).fire());
    settle();
    assertThat(title()).isEqualTo("Variance");
    press(KeyCode.ESCAPE);

    robot.interact(() -> find("#answer-explain", Hyperlink.class).fire());
    settle();
    robot.interact(() -> find("#answer-how-to", Hyperlink.class).fire());
    settle();
    assertThat(title()).isEqualTo("n or n − 1");
  }
}
