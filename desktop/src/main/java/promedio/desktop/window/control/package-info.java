/**
 * Small controls and habits that the other rooms share. Begin at {@link
 * promedio.desktop.window.control.Controls}.
 */
@NullMarked
package promedio.desktop.window.control;

import org.jspecify.annotations.NullMarked;
