/** Graphs of samples, drawn without a window. Begin at {@link promedio.graph.Graph}. */
@NullMarked
package promedio.graph;

import org.jspecify.annotations.NullMarked;
