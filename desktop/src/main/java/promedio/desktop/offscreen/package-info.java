/** Running the window where there is no display, and taking pictures of it. */
@NullMarked
package promedio.desktop.offscreen;

import org.jspecify.annotations.NullMarked;
