/**
 * Formulas and conditions over the columns of a table, written as on paper. Begin at {@link
 * promedio.core.calculation.Calculation}.
 */
@NullMarked
package promedio.core.calculation;

import org.jspecify.annotations.NullMarked;
