package promedio.core.formula;

/**
 * How a quantity is written. A matter of typesetting: nothing is kept by it.
 *
 * @param latex in LaTeX
 * @param plain in plain characters
 */
public record Symbol(String latex, String plain) {}
