/** The measures of counts beside expected ones: of a table of counts crossed, and of categories. */
@NullMarked
package promedio.core.catalogue.counts;

import org.jspecify.annotations.NullMarked;
