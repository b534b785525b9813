/**
 * Exact numbers, their decimal text, and the reading and writing of numbers as people write them.
 * Begin at {@link promedio.core.number.Exact}.
 */
@NullMarked
package promedio.core.number;

import org.jspecify.annotations.NullMarked;
