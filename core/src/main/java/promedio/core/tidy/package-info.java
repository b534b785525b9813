/**
 * Tidying a table by a list of steps that leave the original as it is. Begin at {@link
 * promedio.core.tidy.Step}.
 */
@NullMarked
package promedio.core.tidy;

import org.jspecify.annotations.NullMarked;
