/**
 * Measures of more than one variable: pairs, groups, counts crossed. Begin at {@link
 * promedio.core.catalogue.several.Several}, which lists them.
 */
@NullMarked
package promedio.core.catalogue.several;

import org.jspecify.annotations.NullMarked;
