package promedio.core.formula;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.distribution.Distribution;
import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Formula.Named;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Operation;
import promedio.core.formula.Formula.Ordered;
import promedio.core.formula.Formula.Power;
import promedio.core.formula.Formula.Product;
import promedio.core.formula.Formula.Root;
import promedio.core.formula.Formula.Sum;
import promedio.core.number.Exact;

/** Writes a formula in LaTeX, with brackets only where the reading needs them. */
final class LatexWriter implements Formula.Visitor<String> {

  private final Function<Exact, String> numbers;

  LatexWriter(Function<Exact, String> numbers) {
    this.numbers = numbers;
  }

  /** {@return the number as a whole one or a fraction} */
  static String fraction(Exact value) {
    if (value.isWhole()) {
      return value.toString();
    }
    String sign = value.signum() < 0 ? "-" : "";
    return sign + "\\frac{" + value.numerator().abs() + "}{" + value.denominator() + "}";
  }

  @Override
  public String numeral(Numeral numeral) {
    return numbers.apply(numeral.value());
  }

  @Override
  public String named(Named named) {
    return named.quantity().latex();
  }

  @Override
  public String ordered(Ordered ordered) {
    return "x_{(" + ordered.position().accept(this) + ")}";
  }

  @Override
  public String sum(Sum sum) {
    return "\\sum " + factor(sum.body());
  }

  @Override
  public String product(Product product) {
    return "\\prod " + factor(product.body());
  }

  @Override
  public String operation(Operation operation) {
    Formula left = operation.left();
    Formula right = operation.right();
    return switch (operation.operator()) {
      case PLUS ->
          left.accept(this)
              + " + "
              + (right instanceof Numeral ? factor(right) : right.accept(this));
      case MINUS -> left.accept(this) + " - " + factor(right);
      case TIMES -> before(left) + times(left) + factor(right);
      case OVER -> "\\frac{" + left.accept(this) + "}{" + right.accept(this) + "}";
    };
  }

  @Override
  public String power(Power power) {
    String base = power.base().accept(this);
    return (Brackets.areNeededForBase(power.base(), base) ? bracketed(base) : base)
        + "^{"
        + power.exponent().accept(this)
        + "}";
  }

  @Override
  public String root(Root root) {
    boolean square = root.degree().equals(Formula.number(2));
    return "\\sqrt"
        + (square ? "" : "[" + root.degree().accept(this) + "]")
        + "{"
        + root.body().accept(this)
        + "}";
  }

  @Override
  public String absolute(Absolute absolute) {
    return "\\left|" + absolute.body().accept(this) + "\\right|";
  }

  /** Sums and differences are bracketed where they are a factor. */
  private String factor(Formula formula) {
    String text = formula.accept(this);
    return Brackets.areNeededForFactor(formula) ? bracketed(text) : text;
  }

  private String before(Formula formula) {
    String text = formula.accept(this);
    return Brackets.areNeededBeforeFactor(formula) ? bracketed(text) : text;
  }

  private static String bracketed(String text) {
    return "\\left(" + text + "\\right)";
  }

  /** Letters stand side by side; a number or a fraction before them is parted by a dot. */
  private static String times(Formula left) {
    return left instanceof Named ? "\\," : " \\cdot ";
  }

  @Override
  public String area(Formula.Area area) {
    String curve =
        letter(area.curve()) + (area.degrees().isEmpty() ? "" : "(" + list(area.degrees()) + ")");
    String at = area.statistic().accept(this);
    return switch (area.tail()) {
      case LOWER -> "P" + bracketed(curve + " \\le " + at);
      case UPPER -> "P" + bracketed(curve + " \\ge " + at);
      case TWO -> "P" + bracketed("\\left|" + curve + "\\right| \\ge \\left|" + at + "\\right|");
    };
  }

  @Override
  public String quantile(Formula.Quantile quantile) {
    String degrees = list(quantile.degrees());
    return letter(quantile.curve())
        + "_{"
        + quantile.below().accept(this)
        + (degrees.isEmpty() ? "" : ";\\," + degrees)
        + "}";
  }

  private static String letter(Distribution curve) {
    return switch (curve) {
      case NORMAL -> "z";
      case T -> "t";
      case CHI_SQUARED -> "\\chi^2";
      case F -> "F";
    };
  }

  private String list(List<Formula> formulas) {
    return formulas.stream().map(each -> each.accept(this)).collect(Collectors.joining(";\\,"));
  }
}
