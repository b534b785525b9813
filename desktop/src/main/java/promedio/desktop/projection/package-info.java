/**
 * What a window shows, as values that never change: the document, what of it is looked at, all that
 * is computed of it, and its texts. Begin at {@link promedio.desktop.projection.Projection}.
 */
@NullMarked
package promedio.desktop.projection;

import org.jspecify.annotations.NullMarked;
