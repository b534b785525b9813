package promedio.core.formula;

import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Formula.Named;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Operation;
import promedio.core.formula.Formula.Operator;
import promedio.core.formula.Formula.Ordered;
import promedio.core.formula.Formula.Power;
import promedio.core.formula.Formula.Product;
import promedio.core.formula.Formula.Root;
import promedio.core.formula.Formula.Sum;

/** Writes a formula in one line of plain characters. */
final class PlainWriter implements Formula.Visitor<String> {

  @Override
  public String numeral(Numeral numeral) {
    return numeral.value().toString().replace('-', '−');
  }

  @Override
  public String named(Named named) {
    return named.quantity().plain();
  }

  @Override
  public String ordered(Ordered ordered) {
    return "x(" + ordered.position().accept(this) + ")";
  }

  @Override
  public String sum(Sum sum) {
    return "Σ" + operand(sum.body());
  }

  @Override
  public String product(Product product) {
    return "Π" + operand(product.body());
  }

  @Override
  public String operation(Operation operation) {
    String left = operation.left().accept(this);
    return switch (operation.operator()) {
      case PLUS -> left + " + " + operation.right().accept(this);
      case MINUS -> left + " − " + factor(operation.right());
      case TIMES -> factor(operation.left()) + " · " + factor(operation.right());
      case OVER -> factor(operation.left()) + " / " + operand(operation.right());
    };
  }

  @Override
  public String power(Power power) {
    return operand(power.base()) + "^" + operand(power.exponent());
  }

  @Override
  public String root(Root root) {
    boolean square = root.degree().equals(Formula.number(2));
    return (square ? "" : root.degree().accept(this)) + "√(" + root.body().accept(this) + ")";
  }

  @Override
  public String absolute(Absolute absolute) {
    return "|" + absolute.body().accept(this) + "|";
  }

  private String factor(Formula formula) {
    boolean loose =
        formula instanceof Operation operation
            && (operation.operator() == Operator.PLUS || operation.operator() == Operator.MINUS);
    return loose ? "(" + formula.accept(this) + ")" : formula.accept(this);
  }

  private String operand(Formula formula) {
    boolean fraction = formula instanceof Numeral numeral && !numeral.value().isWhole();
    return formula instanceof Operation || fraction
        ? "(" + formula.accept(this) + ")"
        : formula.accept(this);
  }
}
