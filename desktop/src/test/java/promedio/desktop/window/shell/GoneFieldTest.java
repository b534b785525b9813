package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;

/** A menu is asked of a field that another field, when it was left, has taken away. */
class GoneFieldTest extends OpenWindow {

  @Test
  void aMenuOnAFieldThatIsGoneIsNoErrorToTell() {
    Throwable[] thrown = new Throwable[1];
    robot.interact(
        () -> {
          TextField field = new TextField("118");
          VBox box = new VBox(field);
          Scene scene = new Scene(box);
          scene.getRoot().applyCss();
          box.getChildren().clear();
          Thread current = Thread.currentThread();
          Thread.UncaughtExceptionHandler before = current.getUncaughtExceptionHandler();
          current.setUncaughtExceptionHandler((thread, failure) -> thrown[0] = failure);
          try {
            field.fireEvent(
                new ContextMenuEvent(
                    ContextMenuEvent.CONTEXT_MENU_REQUESTED, 1, 1, 1, 1, false, null));
          } catch (IllegalArgumentException e) {
            thrown[0] = e;
          } finally {
            current.setUncaughtExceptionHandler(before);
          }
        });

    assertThat(thrown[0]).isNotNull();
    assertThat(PromedioApplication.isOfGoneNode(thrown[0])).isTrue();
    assertThat(PromedioApplication.isOfGoneNode(new IllegalArgumentException("ours"))).isFalse();
  }
}
