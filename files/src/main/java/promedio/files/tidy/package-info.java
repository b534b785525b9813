/** Lists of steps as files. Begin at {@link promedio.files.tidy.StepsJson}. */
@NullMarked
package promedio.files.tidy;

import org.jspecify.annotations.NullMarked;
