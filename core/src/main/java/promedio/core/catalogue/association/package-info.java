/**
 * The measures of pairs (x, y): how both vary together, lines of regression, ranks, differences.
 */
@NullMarked
package promedio.core.catalogue.association;

import org.jspecify.annotations.NullMarked;
