package promedio.desktop.window.graph;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.layout.FlowPane;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.graph.PictureFormat;

/** What can be done with a picture: copied, and saved in any format and size. */
public final class PictureTools extends FlowPane {

  private final GraphPicture picture;
  private final FileChoice fileChoice;
  private final Consumer<String> told;
  private final PictureSize size;

  /**
   * Makes the tools.
   *
   * @param prefix their ids begin with it
   * @param told takes what became of saving, in words
   */
  public PictureTools(
      String prefix, GraphPicture picture, FileChoice fileChoice, Consumer<String> told) {
    super(8, 2);
    this.picture = picture;
    this.fileChoice = fileChoice;
    this.told = told;
    this.size = new PictureSize(prefix);
    setAlignment(Pos.CENTER_LEFT);
    getChildren()
        .addAll(
            Controls.link("graph.copy", prefix + "-copy", picture::copy),
            Controls.link("graph.save", prefix + "-save", this::save),
            size);
  }

  private void save() {
    Optional<String> problem = size.problem();
    if (problem.isPresent()) {
      told.accept(problem.get());
    } else {
      fileChoice.toExport(Texts.of("graph.name")).ifPresent(this::save);
    }
  }

  private void save(Path file) {
    Optional<PictureFormat> format = PictureFormat.of(file);
    if (format.isEmpty()) {
      told.accept(Texts.of("draw.ending", file.toString()));
    } else {
      told.accept(Texts.of("graph.saving", file.toString()));
      picture.save(file, format.get(), size.paper(), size.dots(), told);
    }
  }
}
