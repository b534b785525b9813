/**
 * Classes and graphs of a sample, and of categories. Begin at {@link
 * promedio.desktop.window.graph.GraphCard}.
 */
@NullMarked
package promedio.desktop.window.graph;

import org.jspecify.annotations.NullMarked;
