package promedio.desktop.window.several;

import javafx.scene.layout.Region;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.work.Workspace;

/** What a sheet shows of one kind of several samples. */
interface SeveralView {

  /** {@return the node that shows it} */
  Region node();

  /** Shows what is computed of an item, whose data are of this kind. */
  void show(Analysis now, Projection all);

  /** Shows it again, after something that only this sheet knows was chosen. */
  default void showAgain(Workspace workspace) {
    workspace.projection().ifComputed(this::show);
  }

  /** Puts the focus on the first thing that can be answered. */
  void focusAnswers();
}
