/** The window. Begin at {@link promedio.desktop.window.AssignmentView}. */
@NullMarked
package promedio.desktop.window;

import org.jspecify.annotations.NullMarked;
