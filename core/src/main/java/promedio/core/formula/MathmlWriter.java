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

/** Writes a formula in presentation MathML, with brackets only where the reading needs them. */
final class MathmlWriter implements Formula.Visitor<String> {

  private static final char MACRON = '\u0304';
  private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉ₜ";
  private static final String LOWERED_AS = "0123456789t";

  private final Function<Exact, String> numbers;

  MathmlWriter(Function<Exact, String> numbers) {
    this.numbers = numbers;
  }

  /** {@return the symbol: a bar over, a figure below or above its letter are set as such} */
  static String symbol(Quantity quantity) {
    String plain = quantity.plain();
    char last = plain.charAt(plain.length() - 1);
    if (last == '²') {
      return "<msup>" + letter(plain.substring(0, plain.length() - 1)) + "<mn>2</mn></msup>";
    }
    if (last == '′' && plain.length() == 3) {
      return "<msubsup>"
          + letter(plain.substring(0, 1))
          + lowered(plain.charAt(1))
          + "<mo>′</mo></msubsup>";
    }
    if (LOWERED.indexOf(last) >= 0) {
      return "<msub>" + letter(plain.substring(0, plain.length() - 1)) + lowered(last) + "</msub>";
    }
    return letter(plain);
  }

  private static String lowered(char figure) {
    return "<mi>" + LOWERED_AS.charAt(LOWERED.indexOf(figure)) + "</mi>";
  }

  private static String letter(String text) {
    return text.indexOf(MACRON) == 1
        ? "<mover><mi>" + text.charAt(0) + "</mi><mo>¯</mo></mover>"
        : "<mi>" + text + "</mi>";
  }

  @Override
  public String numeral(Numeral numeral) {
    return number(numbers.apply(numeral.value()));
  }

  private static String number(String text) {
    int slash = text.indexOf('/');
    if (slash > 0) {
      return "<mfrac>"
          + number(text.substring(0, slash))
          + number(text.substring(slash + 1))
          + "</mfrac>";
    }
    return text.startsWith("−")
        ? "<mrow><mo>−</mo><mn>" + text.substring(1) + "</mn></mrow>"
        : "<mn>" + text + "</mn>";
  }

  @Override
  public String named(Named named) {
    return symbol(named.quantity());
  }

  @Override
  public String ordered(Ordered ordered) {
    return "<msub><mi>x</mi>" + bracketed(ordered.position().accept(this)) + "</msub>";
  }

  @Override
  public String sum(Sum sum) {
    return "<mrow><mo>∑</mo>" + factor(sum.body()) + "</mrow>";
  }

  @Override
  public String product(Product product) {
    return "<mrow><mo>∏</mo>" + factor(product.body()) + "</mrow>";
  }

  @Override
  public String operation(Operation operation) {
    Formula left = operation.left();
    Formula right = operation.right();
    return switch (operation.operator()) {
      case PLUS -> row(left.accept(this), "+", negativeBracketed(right));
      case MINUS -> row(left.accept(this), "−", factor(right));
      case TIMES ->
          left instanceof Named
              ? "<mrow>" + factor(left) + "<mspace width='0.15em'/>" + factor(right) + "</mrow>"
              : row(before(left), "·", factor(right));
      case OVER -> "<mfrac>" + left.accept(this) + right.accept(this) + "</mfrac>";
    };
  }

  private static String row(String left, String sign, String right) {
    return "<mrow>" + left + "<mo>" + sign + "</mo>" + right + "</mrow>";
  }

  @Override
  public String power(Power power) {
    String base = power.base().accept(this);
    boolean brackets = Brackets.areNeededForBase(power.base(), base);
    return "<msup>"
        + (brackets ? bracketed(base) : base)
        + power.exponent().accept(this)
        + "</msup>";
  }

  @Override
  public String root(Root root) {
    String body = root.body().accept(this);
    return root.degree().equals(Formula.number(2))
        ? "<msqrt>" + body + "</msqrt>"
        : "<mroot>" + body + root.degree().accept(this) + "</mroot>";
  }

  @Override
  public String absolute(Absolute absolute) {
    return barred(absolute.body().accept(this));
  }

  private static String bracketed(String inner) {
    return "<mrow><mo>(</mo>" + inner + "<mo>)</mo></mrow>";
  }

  private String negativeBracketed(Formula formula) {
    String text = formula.accept(this);
    return Brackets.isNegative(formula) ? bracketed(text) : text;
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

  @Override
  public String area(Formula.Area area) {
    String curve =
        letter(area.curve()) + (area.degrees().isEmpty() ? "" : bracketed(list(area.degrees())));
    String at = area.statistic().accept(this);
    return "<mrow><mi>P</mi>"
        + bracketed(
            switch (area.tail()) {
              case LOWER -> row(curve, "≤", at);
              case UPPER -> row(curve, "≥", at);
              case TWO -> row(barred(curve), "≥", barred(at));
            })
        + "</mrow>";
  }

  @Override
  public String quantile(Formula.Quantile quantile) {
    String degrees = list(quantile.degrees());
    return "<msub>"
        + letter(quantile.curve())
        + "<mrow>"
        + quantile.below().accept(this)
        + (degrees.isEmpty() ? "" : "<mo>;</mo>" + degrees)
        + "</mrow></msub>";
  }

  private static String letter(Distribution curve) {
    return switch (curve) {
      case NORMAL -> "<mi>z</mi>";
      case T -> "<mi>t</mi>";
      case CHI_SQUARED -> "<msup><mi>χ</mi><mn>2</mn></msup>";
      case F -> "<mi>F</mi>";
    };
  }

  private String list(List<Formula> formulas) {
    return formulas.stream()
        .map(each -> each.accept(this))
        .collect(Collectors.joining("<mo>;</mo>"));
  }

  private static String barred(String inner) {
    return "<mrow><mo>|</mo>" + inner + "<mo>|</mo></mrow>";
  }
}
