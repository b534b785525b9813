/**
 * Samples and frequency tables, packed so that columns of any length stay exact. Begin at {@link
 * promedio.core.sample.Data}.
 */
@NullMarked
package promedio.core.sample;

import org.jspecify.annotations.NullMarked;
