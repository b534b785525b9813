/** The measures of a sample, computed exactly. Begin at {@link promedio.core.measure.Measures}. */
@NullMarked
package promedio.core.measure;

import org.jspecify.annotations.NullMarked;
