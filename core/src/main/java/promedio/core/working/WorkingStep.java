package promedio.core.working;

import promedio.core.formula.Formula;
import promedio.core.number.Exact;

/**
 * One step of a working: {@code left = symbols = numbers = value}.
 *
 * @param left what is found: a quantity, or a total of the table
 * @param symbols how it is found, in symbols
 * @param numbers the same with the numbers put in
 * @param value what it comes to, exactly, of the numbers that are put in
 * @param carried what the following steps go on with: the value, or as it is rounded
 */
public record WorkingStep(
    Formula left, Formula symbols, Formula numbers, Exact value, Exact carried) {}
