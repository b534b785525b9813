package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Source;
import promedio.files.settings.SettingsFile;

/** The first minute: what can be done first, and hints that do not come back. */
class HintLineTest extends OpenWindow {

  private boolean isHintShown() {
    return find("#hint", Node.class).isVisible();
  }

  private void typeASample() {
    robot.interact(() -> workspace.shelf().addSample(new Source.ValuesText("8 10 11")));
    settle();
  }

  @Test
  void anEmptyWindowSaysInALineEachWhatCanBeDoneFirst() {
    for (String way : new String[] {"type", "paste", "open", "demo"}) {
      Button button = find("#empty-" + way, Button.class);
      assertThat(button.getParent().lookupAll(".quiet"))
          .as(way)
          .anyMatch(node -> node instanceof Label told && told.getText().length() > 30);
    }
    assertThat(isHintShown()).isFalse();
  }

  @Test
  void aFirstSampleIsHintedAtUntilSomethingIsAnswered() {
    typeASample();
    assertThat(isHintShown()).isTrue();

    robot.interact(() -> find("#answer-mean", TextField.class).setText("9.67"));
    settle();
    assertThat(isHintShown()).isFalse();
  }

  @Test
  void aDismissedHintDoesNotComeBackAlsoInTheNextWindow() throws Exception {
    typeASample();
    robot.interact(() -> find("#hint-away", Hyperlink.class).fire());
    assertThat(isHintShown()).isFalse();

    typeASample();
    assertThat(isHintShown()).isFalse();
    assertThat(settings.get().dismissed()).containsExactly("sample");
    SettingsFile file = new SettingsFile(folder.resolve("settings.json"));
    file.write(settings.get());
    assertThat(file.read().dismissed()).containsExactly("sample");
  }
}
