package promedio.desktop.window.working;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import promedio.core.measure.Method;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.files.report.TaskTexts;

/** The methods that a task can be worked by, of which one is chosen. */
final class MethodButtons extends FlowPane {

  private final String idPrefix;
  private final WorkingPane.MethodChoice choice;

  MethodButtons(String idPrefix, WorkingPane.MethodChoice choice) {
    super(4, 2);
    this.idPrefix = idPrefix;
    this.choice = choice;
    Controls.wrapping(this);
  }

  /** Shows the methods there are; one alone is no choice. */
  void show(List<Method> choices, Method chosen) {
    Nodes.setShown(this, choices.size() > 1);
    List<ToggleButton> buttons = buttons(choices, chosen);
    if (!getChildren().equals(buttons)) {
      getChildren().setAll(buttons);
    }
  }

  /** The buttons stay as long as the same methods can be chosen. */
  private List<ToggleButton> buttons(List<Method> choices, Method chosen) {
    List<Node> old = getChildren();
    boolean same = old.stream().map(Node::getUserData).toList().equals(choices);
    List<ToggleButton> buttons =
        same
            ? old.stream().map(ToggleButton.class::cast).toList()
            : choices.stream().map(each -> button(each, choices)).toList();
    buttons.forEach(button -> button.setSelected(button.getUserData() == chosen));
    return buttons;
  }

  private ToggleButton button(Method each, List<Method> choices) {
    ToggleButton button = Controls.literal(new ToggleButton(TaskTexts.name(each, choices)));
    button.setUserData(each);
    button.getStyleClass().add("link");
    button.setId(idPrefix + "method-" + each.code());
    button.setOnAction(
        event -> {
          button.setSelected(true);
          choice.choose(each);
        });
    return button;
  }
}
