package promedio.desktop.window.graph;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.StyleNames;
import promedio.graph.Paper;

/** How large a picture is saved, and with how many dots an inch. */
final class PictureSize extends FlowPane {

  /** What a picture has that nobody asked to be larger. */
  static final Paper USUAL = new Paper(640, 320);

  static final int USUAL_DOTS = 144;

  private final TextField size = new TextField();
  private final ChoiceBox<Integer> dots = new ChoiceBox<>();

  /** Makes the two choices, their ids beginning with a prefix. */
  PictureSize(String prefix) {
    super(6, 2);
    setAlignment(Pos.CENTER_LEFT);
    size.setId(prefix + "-size");
    size.setPrefColumnCount(6);
    size.setPromptText(USUAL.width() + "×" + USUAL.height());
    size.setAccessibleText(Texts.of("picture.size.name"));
    size.textProperty().subscribe((old, text) -> mark());
    dots.setId(prefix + "-dots");
    dots.getItems().addAll(USUAL_DOTS, 300, 600);
    dots.setValue(USUAL_DOTS);
    dots.setAccessibleText(Texts.of("picture.dots"));
    Controls.inWords(dots, each -> Texts.of("picture.dots-each", String.valueOf(each)));
    dots.setOnAction(event -> mark());
    getChildren().addAll(new Label(Texts.of("picture.size")), size, dots);
  }

  private void mark() {
    size.pseudoClassStateChanged(StyleNames.WRONG, problem().isPresent());
  }

  private Optional<Paper> typed() {
    return size.getText().isBlank() ? Optional.of(USUAL) : Paper.read(size.getText());
  }

  /** {@return why no picture can be saved so, in words} */
  Optional<String> problem() {
    Optional<Paper> paper = typed();
    if (paper.isEmpty()) {
      return Optional.of(Texts.of("picture.no-size", size.getText().strip()));
    }
    return paper.get().holds(dots())
        ? Optional.empty()
        : Optional.of(Texts.of("picture.too-fine", size.getText().strip(), dots()));
  }

  /** {@return the paper that is wanted}; the usual one while none that can be used is typed */
  Paper paper() {
    return typed().orElse(USUAL);
  }

  /** {@return how many dots an inch are wanted} */
  int dots() {
    return dots.getValue();
  }
}
