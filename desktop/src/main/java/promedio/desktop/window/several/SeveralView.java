package promedio.desktop.window.several;

import javafx.scene.layout.Region;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;

/** What a sheet shows of one kind of several samples. */
interface SeveralView {

  /** {@return the node that shows it} */
  Region node();

  /** Shows what is computed of an item, whose data are of this kind. */
  void show(Analysis now, Projection all);

  /** Puts the focus on the first thing that can be answered. */
  void focusAnswers();
}
