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
    return left.latex() + " = " + right.accept(new LatexWriter());
  }

  /** {@return the equation in one line of plain characters} */
  public String plain() {
    return left.plain() + " = " + right.accept(new PlainWriter());
  }
}
