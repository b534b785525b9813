/** The how-to as it lies over the window. */
@NullMarked
package promedio.desktop.window.howto;

import org.jspecify.annotations.NullMarked;
