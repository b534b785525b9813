package promedio.core.formula;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

/** Writes a formula in one line of plain characters. */
final class PlainWriter implements Formula.Visitor<String> {

  private static final Map<String, String> RAISED = Map.of("2", "²", "3", "³", "4", "⁴");

  private static final String SMALL = "0123456789n";
  private static final String RAISED_SMALL = "⁰¹²³⁴⁵⁶⁷⁸⁹ⁿ";

  private final Function<Exact, String> numbers;
  private final Function<Quantity, String> names;

  /**
   * Makes one.
   *
   * @param numbers writes the numbers
   * @param names writes the quantities
   */
  PlainWriter(Function<Exact, String> numbers, Function<Quantity, String> names) {
    this.numbers = numbers;
    this.names = names;
  }

  /** {@return the number as a whole one or a fraction, with a true minus} */
  static String fraction(Exact value) {
    return value.toString().replace('-', '−');
  }

  @Override
  public String numeral(Numeral numeral) {
    return numbers.apply(numeral.value());
  }

  @Override
  public String named(Named named) {
    return names.apply(named.quantity());
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
      case PLUS ->
          left
              + " + "
              + (Brackets.isNegative(operation.right())
                  ? factor(operation.right())
                  : operation.right().accept(this));
      case MINUS -> left + " − " + factor(operation.right());
      case TIMES -> before(operation.left()) + " · " + factor(operation.right());
      case OVER ->
          (isCompound(operation.left()) ? operand(operation.left()) : factor(operation.left()))
              + " / "
              + operand(operation.right());
    };
  }

  @Override
  public String power(Power power) {
    String exponent = power.exponent().accept(this);
    String raised = RAISED.get(exponent);
    String written = power.base().accept(this);
    String base = Brackets.areNeededForBase(power.base(), written) ? "(" + written + ")" : written;
    return base + (raised == null ? "^" + operand(power.exponent()) : raised);
  }

  @Override
  public String root(Root root) {
    String body = "(" + root.body().accept(this) + ")";
    if (root.degree().equals(Formula.number(2))) {
      return "√" + body;
    }
    // A degree on the line would be a factor.
    String degree = root.degree().accept(this);
    Optional<String> raised = raised(degree);
    return raised.map(each -> each + "√" + body).orElse(body + "^(1 / " + degree + ")");
  }

  /** {@return the degree of a root as it stands above the line; none where it cannot} */
  private static Optional<String> raised(String degree) {
    return degree.chars().allMatch(each -> SMALL.indexOf(each) >= 0)
        ? Optional.of(
            degree
                .chars()
                .mapToObj(each -> String.valueOf(RAISED_SMALL.charAt(SMALL.indexOf(each))))
                .collect(Collectors.joining()))
        : Optional.empty();
  }

  @Override
  public String absolute(Absolute absolute) {
    return "|" + absolute.body().accept(this) + "|";
  }

  private String factor(Formula formula) {
    return Brackets.areNeededForFactor(formula)
        ? "(" + formula.accept(this) + ")"
        : formula.accept(this);
  }

  private String before(Formula formula) {
    String text = formula.accept(this);
    return Brackets.areNeededBeforeFactor(formula) ? "(" + text + ")" : text;
  }

  /** Whether a number is shown as a fraction. */
  private boolean isCompound(Formula formula) {
    return formula instanceof Numeral numeral && numbers.apply(numeral.value()).indexOf('/') >= 0;
  }

  private String operand(Formula formula) {
    return formula instanceof Operation || isCompound(formula) || Brackets.isNegative(formula)
        ? "(" + formula.accept(this) + ")"
        : formula.accept(this);
  }

  @Override
  public String area(Formula.Area area) {
    String curve = area.curve().letter() + inBrackets(area.degrees().stream());
    String at = area.statistic().accept(this);
    return switch (area.tail()) {
      case LOWER -> "P(" + curve + " ≤ " + at + ")";
      case UPPER -> "P(" + curve + " ≥ " + at + ")";
      case TWO -> "P(|" + curve + "| ≥ |" + at + "|)";
    };
  }

  @Override
  public String quantile(Formula.Quantile quantile) {
    return quantile.curve().letter()
        + inBrackets(Stream.concat(Stream.of(quantile.below()), quantile.degrees().stream()));
  }

  private String inBrackets(Stream<Formula> formulas) {
    String list = formulas.map(each -> each.accept(this)).collect(Collectors.joining("; "));
    return list.isEmpty() ? "" : "(" + list + ")";
  }
}
