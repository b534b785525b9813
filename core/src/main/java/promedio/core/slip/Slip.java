package promedio.core.slip;

import promedio.core.formula.Formula;

/**
 * Something that a hand gives in the place of a measure.
 *
 * @param cause what it did
 * @param instead what it gave
 */
public record Slip(Cause cause, Formula instead) {}
