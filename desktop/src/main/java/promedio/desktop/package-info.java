/** The program: where it starts, and what its parts share. */
@NullMarked
package promedio.desktop;

import org.jspecify.annotations.NullMarked;
