/** Every measure in a file of its own. Begin at {@link promedio.core.catalogue.Measures}. */
@NullMarked
package promedio.core.catalogue;

import org.jspecify.annotations.NullMarked;
