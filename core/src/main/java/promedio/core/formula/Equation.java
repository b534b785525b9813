package promedio.core.formula;

/**
 * What a quantity is: a formula with the name of its result.
 *
 * @param left the result
 * @param right how it comes about
 */
public record Equation(Quantity left, Formula right) {

  /** {@return the equation in LaTeX} */
  public String latex() {
    return left.latex() + " = " + right.latex(LatexWriter::fraction);
  }

  /** {@return the equation in one line of plain characters} */
  public String plain() {
    return left.plain() + " = " + right.plain(PlainWriter::fraction);
  }
}
