/** Data to practise on. Begin at {@link promedio.core.practice.Practice}. */
@NullMarked
package promedio.core.practice;

import org.jspecify.annotations.NullMarked;
