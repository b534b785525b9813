/** Graphs of samples, drawn without a window. Begin at {@link promedio.desktop.graph.Graph}. */
@NullMarked
package promedio.desktop.graph;

import org.jspecify.annotations.NullMarked;
