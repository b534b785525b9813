/**
 * The hand working of measures: steps in order, with the numbers put in. Begin at {@link
 * promedio.core.working.Working}.
 */
@NullMarked
package promedio.core.working;

import org.jspecify.annotations.NullMarked;
