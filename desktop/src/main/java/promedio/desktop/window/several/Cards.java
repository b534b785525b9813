package promedio.desktop.window.several;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.message.Texts;

/** Parts that all sheets of several samples are made of. */
final class Cards {

  private Cards() {}

  /** {@return a piece of paper with a heading, and what stands on it} */
  static VBox paper(String key, Node... content) {
    VBox paper = new VBox(8);
    paper.getStyleClass().add("graph-card");
    paper.getChildren().add(heading(key));
    paper.getChildren().addAll(content);
    return paper;
  }

  private static Label heading(String key) {
    Label heading = new Label(Texts.of(key));
    heading.getStyleClass().add("family-heading");
    return heading;
  }

  /** {@return a line of controls that goes on below where it is too long} */
  static FlowPane line(Node... content) {
    FlowPane line = new FlowPane(10, 4, content);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }
}
