/** The measures of a sample, computed exactly. Begin at {@link promedio.core.measure.Measure}. */
@NullMarked
package promedio.core.measure;

import org.jspecify.annotations.NullMarked;
