package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.working.Methods;
import promedio.core.working.Working;
import promedio.files.ByCode;

/** Workings as they are handed in, read and judged as a teacher would. */
class WorkingFormatTest {

  private static final Data TRAYS =
      new Sample(Values.ofDecimals(new long[] {1310, 1185, 1400, 1295, 1360}, 1));

  private static final Data BASKETS =
      FrequencyTable.of(
          List.of(
              new FrequencyTable.Row(Exact.of(36), Exact.of(3)),
              new FrequencyTable.Row(Exact.of(38), Exact.of(5)),
              new FrequencyTable.Row(Exact.of(40), Exact.of(2))),
          0);

  private static List<String> lines(
      WorkingFormat format, Data data, CourseRules rules, Measure measure, Method method) {
    Working working = Working.of(data, rules, measure, method).orElseThrow();
    return format.write("T", working, new ShownNumbers(rules, DecimalSign.POINT));
  }

  @Test
  void theStandardDeviationByDeviations() {
    assertThat(
            lines(WorkingFormat.TEXT, TRAYS, CourseRules.DEFAULTS, Measures.SD, Method.DEFINITION))
        .containsExactly(
            "T",
            "    x   x − x̄   (x − x̄)²",
            "118.5    −12.5      156.25",
            "129.5     −1.5        2.25",
            "  131        0           0",
            "  136        5          25",
            "  140        9          81",
            "Σ 655        0       264.5",
            "Check: the deviations add up to 0.",
            "",
            "Σx = 118.5 + 129.5 + 131 + 136 + 140 = 655",
            "n = 5",
            "x̄ = Σx / n = 655 / 5 = 131",
            "Σ(x − x̄)² = 264.5",
            "s = √(Σ(x − x̄)² / (n − 1)) = √(264.5 / (5 − 1)) ≈ 8.1317",
            "Rounded by the course rules: 8.13");
  }

  @Test
  void theVarianceOfATableByTheShortcutForAPopulation() {
    assertThat(
            lines(
                WorkingFormat.MARKDOWN,
                BASKETS,
                ByCode.with(CourseRules.DEFAULTS, "divisor", "n"),
                Measures.VARIANCE,
                Method.SHORTCUT))
        .containsExactly(
            "### T\n",
            "| x | f | f · x | x² | f · x² |",
            "|--:|--:|--:|--:|--:|",
            "| 36 | 3 | 108 | 1296 | 3888 |",
            "| 38 | 5 | 190 | 1444 | 7220 |",
            "| 40 | 2 | 80 | 1600 | 3200 |",
            "| Σ | 10 | 378 |  | 14308 |",
            "Check: the frequencies add up to n = 10.",
            "",
            "- Σ(f · x) = 378",
            "- Σ(f · x²) = 14308",
            "- Σf = 10",
            "- σ² = (Σ(f · x²) − (Σ(f · x))² / Σf) / Σf = (14308 − 378² / 10) / 10 = 1.96",
            "Rounded by the course rules: 1.96");
  }

  @Test
  void aQuartileByPositionAndTheFenceThatNeedsBoth() {
    CourseRules rules = ByCode.with(CourseRules.DEFAULTS, "quartiles", "hf6");

    assertThat(lines(WorkingFormat.TEXT, TRAYS, rules, Measures.Q3, Method.DEFINITION))
        .containsExactly(
            "T",
            "118.5  129.5  131  136  140",
            "n = 5",
            "pos = (n + 1) · p = (5 + 1) · 0.75 = 4.5",
            "The position 4.5 lies between 4 and 5: go 0.5 of the way from one value to the next.",
            "Q₃ = (x(4) + x(5)) / 2 = (136 + 140) / 2 = 138",
            "Rounded by the course rules: 138.00");
    assertThat(lines(WorkingFormat.TEXT, TRAYS, rules, Measures.UPPER_FENCE, Method.DEFINITION))
        .contains(
            "Q₁ = (x(1) + x(2)) / 2 = (118.5 + 129.5) / 2 = 124",
            "IQR = Q₃ − Q₁ = 138 − 124 = 14",
            "upper fence = Q₃ + 1.5 · IQR = 138 + 1.5 · 14 = 159");
  }

  @Test
  void withEveryStepRoundedTheCostOfThatIsTold() {
    CourseRules rules = ByCode.with(CourseRules.DEFAULTS, "carry", "0");

    assertThat(lines(WorkingFormat.TEXT, TRAYS, rules, Measures.SD, Method.DEFINITION))
        .endsWith(
            "s = √(Σ(x − x̄)² / (n − 1)) = √(279 / (5 − 1)) ≈ 8",
            "Rounded by the course rules: 8",
            "Without rounding on the way it is 8.13.");
  }

  @Test
  void latexHasAnArrayForTheTableAndAFormulaForEachStep() {
    List<String> lines =
        lines(
            WorkingFormat.LATEX,
            TRAYS,
            CourseRules.DEFAULTS,
            Measures.MEAN_DEVIATION,
            Method.DEFINITION);

    assertThat(lines)
        .contains(
            "x & x - \\bar{x} & \\left|x - \\bar{x}\\right| \\\\ \\hline",
            "655 & 0 & 28 \\\\",
            "\\[\\mathrm{MAD} = \\frac{\\sum \\left|x - \\bar{x}\\right|}{n} = \\frac{28}{5} = 5.6\\]");
  }

  @Test
  void theDecimalCommaIsKeptTogetherInLatex() {
    Working working =
        Working.of(TRAYS, CourseRules.DEFAULTS, Measures.RANGE, Method.DEFINITION).orElseThrow();

    assertThat(
            WorkingFormat.LATEX.write(
                "T", working, new ShownNumbers(CourseRules.DEFAULTS, DecimalSign.COMMA)))
        .contains("\\[R = x_{\\max} - x_{\\min} = 140 - 118{,}5 = 21{,}5\\]");
  }

  @Test
  void theUnitStandsAfterTheResultAsTheMeasureHasIt() {
    ShownNumbers grams = new ShownNumbers(CourseRules.DEFAULTS, DecimalSign.POINT).in("g");

    assertThat(ending(Measures.VARIANCE, grams)).contains("66.13 g²");
    assertThat(ending(Measures.SD, grams)).contains("8.13 g");
    assertThat(ending(Measures.CV, grams)).contains("6.21 %");
    assertThat(ending(Measures.SKEWNESS, grams)).endsWith(": −0.85");
  }

  private static String ending(Measure measure, ShownNumbers numbers) {
    Working working =
        Working.of(TRAYS, CourseRules.DEFAULTS, measure, Method.DEFINITION).orElseThrow();
    return WorkingTexts.ending(working, numbers).get(0);
  }

  @Test
  void valuesThatAreCrossedOffAreMarkedInEveryFormat() {
    assertThat(
            lines(
                WorkingFormat.TEXT,
                TRAYS,
                CourseRules.DEFAULTS,
                Measures.MEDIAN,
                Method.CROSSING_OFF))
        .contains("/118.5/  /129.5/  131  /136/  /140/");
    assertThat(
            lines(
                WorkingFormat.MARKDOWN,
                TRAYS,
                CourseRules.DEFAULTS,
                Measures.Q1,
                Method.CROSSING_OFF))
        .contains("- 118.5  129.5  (131  136  140)");
    assertThat(
            String.join(
                "",
                lines(
                    WorkingFormat.HTML,
                    TRAYS,
                    CourseRules.DEFAULTS,
                    Measures.MEDIAN,
                    Method.CROSSING_OFF)))
        .contains("<s>118.5</s>", "<span class=\"kept\">131</span>");
    assertThat(
            String.join(
                "",
                lines(
                    WorkingFormat.LATEX,
                    TRAYS,
                    CourseRules.DEFAULTS,
                    Measures.MEDIAN,
                    Method.CROSSING_OFF)))
        .contains("\\cancel{118.5}", "\\boxed{131}");
  }

  @Test
  void theModesAreToldInASentence() {
    assertThat(lines(WorkingFormat.TEXT, BASKETS, CourseRules.DEFAULTS, Measures.MODES, def()))
        .endsWith(
            "The greatest frequency is 5; it stands at the value 38.",
            "Rounded by the course rules: 38");
    assertThat(lines(WorkingFormat.TEXT, TRAYS, CourseRules.DEFAULTS, Measures.MODES, def()))
        .endsWith("Every value has the same frequency, 1: there is no mode.");
  }

  private static Method def() {
    return Method.DEFINITION;
  }

  @Test
  void aProgramReadsTheWorkingAsJson() throws IOException {
    List<String> lines =
        lines(WorkingFormat.JSON, TRAYS, CourseRules.DEFAULTS, Measures.SD, Method.DEFINITION);

    JsonNode node = new ObjectMapper().readTree(lines.get(0));
    assertThat(node.get("exact").get(0).asText()).isEqualTo("sqrt(529/8)");
    assertThat(node.get("method").asText()).isEqualTo("definition");
    assertThat(node.at("/table/columns/2").asText()).isEqualTo("(x − x̄)²");
    assertThat(node.at("/steps/3/why").asText()).contains("cancel");
    assertThat(node.at("/steps/4/symbols").asText()).isEqualTo("√(Σ(x − x̄)² / (n − 1))");
  }

  @Test
  void veryLargeNumbersAreShownByAPowerOfTen() {
    ShownNumbers numbers = new ShownNumbers(CourseRules.DEFAULTS, DecimalSign.COMMA);
    Exact large = Exact.of(123_456_789).pow(3);

    assertThat(numbers.shown(large)).isEqualTo("1,8817 · 10²⁴");
    assertThat(numbers.latex(large)).isEqualTo("1{,}8817 \\cdot 10^{24}");
  }

  /** Every measure, method and quartile rule: each formula is MathML that a parser takes. */
  @Test
  void allMathmlIsWellFormed() throws Exception {
    ShownNumbers numbers = new ShownNumbers(CourseRules.DEFAULTS, DecimalSign.POINT);
    DocumentBuilder parser = DocumentBuilderFactory.newInstance().newDocumentBuilder();
    int parsed = 0;
    for (Data data : List.of(TRAYS, BASKETS)) {
      for (Working working : all(data)) {
        String page = String.join("\n", WorkingFormat.HTML.write("T", working, numbers));
        String inner = page.substring(page.indexOf("<body>"), page.indexOf("</html>"));
        parser.parse(new InputSource(new StringReader(inner)));
        parsed++;
      }
    }
    assertThat(parsed).isGreaterThan(300);
  }

  private static List<Working> all(Data data) {
    List<Working> all = new ArrayList<>();
    for (QuantileRule rule : QuantileRule.values()) {
      CourseRules rules = CourseRules.DEFAULTS.with(Rule.QUARTILES, rule);
      for (Measure measure : Measures.all()) {
        for (Method method : Methods.of(Request.of(measure), rules)) {
          Working.of(data, rules, measure, method).ifPresent(all::add);
        }
      }
    }
    for (Measure measure : Measures.others()) {
      Exact number = measure == Measures.MOMENT ? Exact.of(3) : Exact.of(2, 5);
      Request request =
          new Request(measure, measure.parameters().stream().map(each -> number).toList());
      for (Method method : Methods.of(request, CourseRules.DEFAULTS)) {
        Working.of(data, CourseRules.DEFAULTS, request, method).ifPresent(all::add);
      }
    }
    return all;
  }

  @Test
  void noPValueIsShownAs0() {
    CourseRules rules = CourseRules.DEFAULTS;
    Request request = Measures.ofId("z_one_p 0 1").orElseThrow();
    Working working = Working.of(TRAYS, rules, request, Method.DEFINITION).orElseThrow();
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.COMMA);

    assertThat(WorkingFormat.TEXT.write("T", working, numbers))
        .contains(
            "p = P(|z| ≥ |z|) = P(|z| ≥ |292,9249|) < 0,0001",
            "p ≤ α = 0,05: H₀ is rejected.",
            "Rounded by the course rules: < 0,0001");
    assertThat(String.join("", WorkingFormat.HTML.write("T", working, numbers)))
        .contains("<mo>&lt;</mo><mn>0,0001</mn>");
    assertThat(String.join("", WorkingFormat.LATEX.write("T", working, numbers)))
        .contains("\\right) < 0{,}0001");
  }
}
