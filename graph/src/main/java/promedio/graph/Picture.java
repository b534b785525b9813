package promedio.graph;

import java.util.List;

/** What can be drawn. */
public sealed interface Picture permits Graph, CategoryGraph, ScatterGraph, CurveGraph {

  /** {@return what it is about} */
  String name();

  /** {@return how high paper must be to show it well, at least as high as usual; in points} */
  default int height(int usual) {
    return usual;
  }

  /** {@return the numbers that are placed on its axes, an element for each axis} */
  List<Drawable.Scale> scales();

  /** {@return what it shows, in a sentence for those who cannot see it} */
  String inWords();
}
