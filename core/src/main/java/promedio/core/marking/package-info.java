/** Judging what a student found. Begin at {@link promedio.core.marking.Marker}. */
@NullMarked
package promedio.core.marking;

import org.jspecify.annotations.NullMarked;
