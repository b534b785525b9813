/**
 * Areas under the curves of probability and the values that cut them off: the one place where core
 * leaves exact numbers. Begin at {@link promedio.core.distribution.Distribution}.
 */
@NullMarked
package promedio.core.distribution;

import org.jspecify.annotations.NullMarked;
