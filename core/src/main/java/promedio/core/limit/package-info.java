/** How much the program takes: the one list of limits. */
@NullMarked
package promedio.core.limit;

import org.jspecify.annotations.NullMarked;
