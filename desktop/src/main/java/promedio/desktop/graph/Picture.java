package promedio.desktop.graph;

import promedio.core.graph.GraphKind;

/** What can be drawn. */
public sealed interface Picture permits Graph, CategoryGraph {

  /** {@return what graph it is} */
  GraphKind kind();

  /** {@return what it is about, for those who cannot see it} */
  String name();
}
