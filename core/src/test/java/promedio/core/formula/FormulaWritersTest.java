package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;
import promedio.core.calculation.CalculationException;
import promedio.core.calculation.Scratch;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Every kind of formula within every other, by each writer: what is written, read as anyone reads
 * it, comes to what the formula is.
 */
class FormulaWritersTest {

  private static final Formula MEAN = Quantity.MEAN.formula();
  private static final Formula VARIANCE = Quantity.VARIANCE.formula();
  private static final Map<String, Exact> KNOWN =
      Map.of("x̄", Exact.of(7), "s²", Exact.of(3), "S", Exact.of(11), "P", Exact.of(13));

  private static Formula fraction(long numerator, long denominator) {
    return new Formula.Numeral(Exact.of(numerator, denominator));
  }

  private static Map<String, Formula> inner() {
    Formula five = Formula.number(5);
    Map<String, Formula> inner = new LinkedHashMap<>();
    inner.put("whole", five);
    inner.put("negative", Formula.number(-4));
    inner.put("fraction", fraction(8, 3));
    inner.put("negative fraction", fraction(-8, 3));
    inner.put("named", MEAN);
    inner.put("named with a power", VARIANCE);
    inner.put("plus", MEAN.plus(five));
    inner.put("minus", MEAN.minus(five));
    inner.put("times", MEAN.times(five));
    inner.put("times a fraction", fraction(8, 3).times(MEAN));
    inner.put("over", MEAN.over(five));
    inner.put("power", MEAN.power(2));
    inner.put("power of a fraction", fraction(8, 3).power(2));
    inner.put("root", Formula.number(16).root());
    inner.put("absolute", new Formula.Absolute(Formula.number(2).minus(five)));
    return inner;
  }

  private static Map<String, BinaryOperator<Formula>> outer() {
    Map<String, BinaryOperator<Formula>> outer = new LinkedHashMap<>();
    outer.put("left of plus", (a, b) -> a.plus(b));
    outer.put("right of plus", (a, b) -> b.plus(a));
    outer.put("left of minus", (a, b) -> a.minus(b));
    outer.put("right of minus", (a, b) -> b.minus(a));
    outer.put("left of times", (a, b) -> a.times(b));
    outer.put("right of times", (a, b) -> b.times(a));
    outer.put("above", (a, b) -> a.over(b));
    outer.put("below", (a, b) -> b.over(a));
    outer.put("base", (a, b) -> Formula.number(10).minus(a.power(2)));
    outer.put("cube", (a, b) -> a.power(3).plus(b));
    outer.put("exponent", (a, b) -> new Formula.Power(Formula.number(64), a));
    outer.put("under a root", (a, b) -> b.plus(a.power(2).root()));
    outer.put("between bars", (a, b) -> b.minus(new Formula.Absolute(a)));
    return outer;
  }

  static Stream<Arguments> pairs() {
    List<Arguments> pairs = new ArrayList<>();
    inner()
        .forEach(
            (name, formula) ->
                outer()
                    .forEach((where, put) -> pairs.add(Arguments.of(name, where, formula, put))));
    return pairs.stream();
  }

  private static final Evaluation VALUES =
      new Evaluation(
          Scope.of(new Sample(Values.of(List.of())).tally(), Quantity.X),
          quantity -> Optional.ofNullable(KNOWN.get(quantity.plain())));

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("pairs")
  void whatIsWrittenReadsAsTheFormula(
      String name, String where, Formula formula, BinaryOperator<Formula> put)
      throws CalculationException {
    Formula whole = put.apply(formula, Formula.number(6));
    Optional<Exact> value = VALUES.of(whole.withNumbers(VALUES::of));
    if (value.isEmpty()) {
      // 64 to the power of 8/3 is no number that the formulas of measures have.
      assertThat(where).isEqualTo("exponent");
      return;
    }

    String plain = whole.plain(PlainWriter::fraction);
    String latex = whole.latex(LatexWriter::fraction);
    String mathml = whole.mathml(PlainWriter::fraction);

    assertThat(read(plain.replace("⁴", "^4"))).as(plain).isEqualTo(value.get());
    assertThat(read(ofLatex(latex))).as(latex).isEqualTo(value.get());
    assertThat(read(ofMathml(mathml))).as(mathml).isEqualTo(value.get());
  }

  private static Exact read(String line) throws CalculationException {
    return Scratch.of(line, KNOWN);
  }

  private static String ofLatex(String latex) {
    String text =
        latex
            .replace("\\left|", "|")
            .replace("\\right|", "|")
            .replace("\\left(", "(")
            .replace("\\right)", ")")
            .replace("\\bar{x}", "x̄")
            .replace("\\cdot", "·")
            .replace("\\,", " · ")
            .replace("s^2", "s²");
    String before = "";
    while (!before.equals(text)) {
      before = text;
      text =
          text.replaceAll("\\\\frac\\{([^{}]*)\\}\\{([^{}]*)\\}", "⟨($1)/($2)⟩")
              .replaceAll("\\\\sqrt\\{([^{}]*)\\}", "⟨√($1)⟩")
              .replaceAll("\\^\\{([^{}]*)\\}", "^($1)");
    }
    // A fraction and a root are seen as one; what is raised must be bracketed for all that.
    assertThat(text).doesNotContain("⟩^").doesNotContain("²^");
    return text.replace('⟨', '(').replace('⟩', ')');
  }

  private static String ofMathml(String mathml) {
    try {
      String whole = "<math>" + mathml + "</math>";
      return of(
          DocumentBuilderFactory.newInstance()
              .newDocumentBuilder()
              .parse(new ByteArrayInputStream(whole.getBytes(StandardCharsets.UTF_8)))
              .getDocumentElement());
    } catch (IOException | SAXException | ParserConfigurationException e) {
      throw new IllegalStateException(mathml, e);
    }
  }

  private static String of(Node node) {
    List<Node> children =
        IntStream.range(0, node.getChildNodes().getLength())
            .mapToObj(node.getChildNodes()::item)
            .toList();
    return switch (node.getNodeName()) {
      case "mover" -> "x̄";
      case "mspace" -> "·";
      case "mfrac" -> "((" + of(children.get(0)) + ")/(" + of(children.get(1)) + "))";
      case "msqrt" ->
          "√(" + String.join("", children.stream().map(each -> of(each)).toList()) + ")";
      case "msup" -> raised(children.get(0), children.get(1));
      case "#text" -> node.getTextContent();
      default -> String.join("", children.stream().map(each -> of(each)).toList());
    };
  }

  /** What is raised is one sign or in brackets, or it would be read otherwise. */
  private static String raised(Node base, Node exponent) {
    if (base.getTextContent().equals("s")) {
      return "s²";
    }
    String text = of(base);
    boolean one = List.of("mi", "mn", "mover").contains(base.getNodeName());
    assertThat(one || text.matches("\\(.*\\)|\\|.*\\|")).as(text).isTrue();
    return text + "^(" + of(exponent) + ")";
  }

  @Test
  void sumsAndProductsAreBracketedWhereTheyEndTooSoonOtherwise() {
    Formula sum = new Formula.Sum(Quantity.X.formula());
    Formula product = new Formula.Product(Quantity.X.formula());

    assertThat(sum.times(MEAN).plain(Exact::toString)).isEqualTo("(Σx) · x̄");
    assertThat(MEAN.times(sum).plain(Exact::toString)).isEqualTo("x̄ · Σx");
    assertThat(sum.power(2).plain(Exact::toString)).isEqualTo("(Σx)²");
    assertThat(product.power(2).plain(Exact::toString)).isEqualTo("(Πx)²");
    assertThat(sum.times(MEAN).latex(Exact::toString))
        .isEqualTo("\\left(\\sum x\\right) \\cdot \\bar{x}");
    assertThat(product.power(2).latex(Exact::toString)).isEqualTo("\\left(\\prod x\\right)^{2}");
    assertThat(sum.times(MEAN).mathml(Exact::toString)).contains("<mo>(</mo><mrow><mo>∑</mo>");
    assertThat(Formula.number(10).minus(fraction(8, 3).power(2)).latex(LatexWriter::fraction))
        .isEqualTo("10 - \\left(\\frac{8}{3}\\right)^{2}");
    assertThat(MEAN.power(2).power(3).plain(Exact::toString)).isEqualTo("(x̄²)³");
    assertThat(new Formula.Ordered(Formula.number(3)).power(2).plain(Exact::toString))
        .isEqualTo("x(3)²");
  }

  static Stream<Arguments> areas() {
    Formula df = Formula.number(9);
    Formula at = Formula.number(-2);
    return Stream.of(
        Arguments.of(
            new Formula.Area(Distribution.T, List.of(df), Tail.TWO, at),
            "P(|t(9)| ≥ |-2|)",
            "P\\left(\\left|t(9)\\right| \\ge \\left|-2\\right|\\right)",
            "P(|t(9)|≥|-2|)"),
        Arguments.of(
            new Formula.Area(Distribution.F, List.of(Formula.number(2), df), Tail.UPPER, MEAN),
            "P(F(2; 9) ≥ x̄)",
            "P\\left(F(2;\\,9) \\ge \\bar{x}\\right)",
            "P(F(2;9)≥x¯)"),
        Arguments.of(
            new Formula.Area(Distribution.NORMAL, List.of(), Tail.LOWER, at),
            "P(z ≤ -2)",
            "P\\left(z \\le -2\\right)",
            "P(z≤-2)"),
        Arguments.of(
            new Formula.Quantile(Distribution.CHI_SQUARED, List.of(df), fraction(1, 2)),
            "χ²(1/2; 9)",
            "\\chi^2_{\\frac{1}{2};\\,9}",
            "χ212;9"),
        Arguments.of(
            new Formula.Quantile(Distribution.NORMAL, List.of(), fraction(1, 2)),
            "z(1/2)",
            "z_{\\frac{1}{2}}",
            "z12"));
  }

  @ParameterizedTest
  @MethodSource("areas")
  void areasAndValuesOfCurvesAreWrittenAsBooksHaveThem(
      Formula formula, String plain, String latex, String mathml) throws Exception {
    assertThat(formula.plain(Exact::toString)).isEqualTo(plain);
    assertThat(formula.latex(LatexWriter::fraction)).isEqualTo(latex);
    assertThat(
            DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(
                    new ByteArrayInputStream(
                        ("<math>" + formula.mathml(Exact::toString) + "</math>")
                            .getBytes(StandardCharsets.UTF_8)))
                .getDocumentElement()
                .getTextContent())
        .isEqualTo(mathml);
  }

  @Test
  void areasAndValuesUndoEachOther() {
    Formula df = MEAN.plus(Formula.number(2));
    Formula area = new Formula.Area(Distribution.T, List.of(df), Tail.LOWER, Formula.number(1));
    Formula back = new Formula.Quantile(Distribution.T, List.of(df), area);

    assertThat(VALUES.of(back).orElseThrow().significant(11)).isEqualByComparingTo("1");
    assertThat(back.mentions(Quantity.MEAN)).isTrue();
    assertThat(back.parts()).containsExactly(MEAN);
    assertThat(back.replacing(MEAN, VARIANCE).parts()).containsExactly(VARIANCE);
  }

  @Test
  void aCurveWithoutDegreesOfFreedomAboveZeroHasNoArea() {
    Formula none = Formula.number(0);

    assertThat(VALUES.of(new Formula.Area(Distribution.T, List.of(none), Tail.TWO, MEAN)))
        .isEmpty();
    assertThat(VALUES.of(new Formula.Quantile(Distribution.NORMAL, List.of(), Formula.number(1))))
        .isEmpty();
  }
}
