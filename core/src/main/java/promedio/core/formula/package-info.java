/**
 * Formulas as data: one tree gives a value and the formula as it is set in a textbook. Begin at
 * {@link promedio.core.formula.Formulas}.
 */
@NullMarked
package promedio.core.formula;

import org.jspecify.annotations.NullMarked;
