/**
 * Everything that can be known of some data by some course rules. Begin at {@link
 * promedio.core.computation.Computation}.
 */
@NullMarked
package promedio.core.computation;

import org.jspecify.annotations.NullMarked;
