package promedio.graph;

import promedio.core.graph.GraphKind;

/** What can be drawn. */
public sealed interface Picture permits Graph, CategoryGraph {

  /** {@return what graph it is} */
  GraphKind kind();

  /** {@return what it is about} */
  String name();

  /** {@return what it shows, in a sentence for those who cannot see it} */
  String inWords();
}
