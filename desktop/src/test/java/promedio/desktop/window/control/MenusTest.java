package promedio.desktop.window.control;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.MenuButton;
import org.junit.jupiter.api.Test;
import promedio.desktop.window.shell.OpenWindow;

/** A dialog of the system opens over the window alone. */
class MenusTest extends OpenWindow {

  private boolean isMenuOpen() {
    return find("#assignment-menu", MenuButton.class).isShowing();
  }

  @Test
  void theMenuThatLeadsToADialogIsClosedBeforeItOpens() {
    robot.clickOn("#assignment-menu");
    assertThat(isMenuOpen()).isTrue();

    robot.interact(Menus::close);
    assertThat(isMenuOpen()).isFalse();

    robot.clickOn("#assignment-menu");
    assertThat(isMenuOpen()).isTrue();
  }
}
