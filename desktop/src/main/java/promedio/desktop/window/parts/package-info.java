/**
 * The assignment part by part, and the answers of a class. Begin at {@link
 * promedio.desktop.window.parts.PartsView}.
 */
@NullMarked
package promedio.desktop.window.parts;

import org.jspecify.annotations.NullMarked;
