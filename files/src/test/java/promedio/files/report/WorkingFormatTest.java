package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.working.Method;
import promedio.core.working.Working;

/** Workings as they are handed in, read and judged as a teacher would. */
class WorkingFormatTest {

  private static final Data TRAYS =
      new Sample(Values.ofDecimals(new long[] {1310, 1185, 1400, 1295, 1360}, 1));

  private static final Data BASKETS =
      new FrequencyTable(
          List.of(
              new FrequencyTable.Row(Exact.of(36), Exact.of(3)),
              new FrequencyTable.Row(Exact.of(38), Exact.of(5)),
              new FrequencyTable.Row(Exact.of(40), Exact.of(2))),
          0);

  private static List<String> lines(
      WorkingFormat format, Data data, CourseRules rules, Measure measure, Method method) {
    Working working = Working.of(data, rules, measure, method).orElseThrow();
    return format.write("T", working, rules, DecimalSign.POINT);
  }

  @Test
  void theStandardDeviationByDeviations() {
    assertThat(
            lines(WorkingFormat.TEXT, TRAYS, CourseRules.DEFAULTS, Measure.SD, Method.DEFINITION))
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
            "Σx = 655",
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
                CourseRules.DEFAULTS.with("divisor", "n"),
                Measure.VARIANCE,
                Method.SHORTCUT))
        .containsExactly(
            "### T\n",
            "| x | f | x² | f · x² | f · x |",
            "|--:|--:|--:|--:|--:|",
            "| 36 | 3 | 1296 | 3888 | 108 |",
            "| 38 | 5 | 1444 | 7220 | 190 |",
            "| 40 | 2 | 1600 | 3200 | 80 |",
            "| Σ | 10 |  | 14308 | 378 |",
            "",
            "- Σ(f · x²) = 14308",
            "- Σ(f · x) = 378",
            "- Σf = 10",
            "- σ² = (Σ(f · x²) − (Σ(f · x))² / Σf) / Σf = (14308 − 378² / 10) / 10 = 1.96",
            "Rounded by the course rules: 1.96");
  }

  @Test
  void aQuartileByPositionAndTheFenceThatNeedsBoth() {
    CourseRules rules = CourseRules.DEFAULTS.with("quartiles", "hf6");

    assertThat(lines(WorkingFormat.TEXT, TRAYS, rules, Measure.Q3, Method.DEFINITION))
        .containsExactly(
            "T",
            "Q₃ = (x(4) + x(5)) / 2 = (136 + 140) / 2 = 138",
            "Rounded by the course rules: 138.00");
    assertThat(lines(WorkingFormat.TEXT, TRAYS, rules, Measure.UPPER_FENCE, Method.DEFINITION))
        .contains(
            "Q₁ = (x(1) + x(2)) / 2 = (118.5 + 129.5) / 2 = 124",
            "IQR = Q₃ − Q₁ = 138 − 124 = 14",
            "upper fence = Q₃ + 1.5 · IQR = 138 + 1.5 · 14 = 159");
  }

  @Test
  void withEveryStepRoundedTheCostOfThatIsTold() {
    CourseRules rules = CourseRules.DEFAULTS.with("carry", "0");

    assertThat(lines(WorkingFormat.TEXT, TRAYS, rules, Measure.SD, Method.DEFINITION))
        .endsWith(
            "s = √(Σ(x − x̄)² / (n − 1)) = √(279 / (5 − 1)) ≈ 8",
            "Rounded by the course rules: 8.00",
            "Without any rounding on the way it is 8.1317.");
  }

  @Test
  void latexHasAnArrayForTheTableAndAFormulaForEachStep() {
    List<String> lines =
        lines(
            WorkingFormat.LATEX,
            TRAYS,
            CourseRules.DEFAULTS,
            Measure.MEAN_DEVIATION,
            Method.DEFINITION);

    assertThat(lines)
        .contains(
            "\\[\\begin{array}{rrr}",
            "x & x - \\bar{x} & \\left|x - \\bar{x}\\right| \\\\ \\hline",
            "655 & 0 & 28 \\\\",
            "\\[\\mathrm{MD} = \\frac{\\sum \\left|x - \\bar{x}\\right|}{n} = \\frac{28}{5} = 5.6\\]");
  }

  @Test
  void theDecimalCommaIsKeptTogetherInLatex() {
    Working working =
        Working.of(TRAYS, CourseRules.DEFAULTS, Measure.RANGE, Method.DEFINITION).orElseThrow();

    assertThat(WorkingFormat.LATEX.write("T", working, CourseRules.DEFAULTS, DecimalSign.COMMA))
        .contains("\\[R = x_{\\max} - x_{\\min} = 140 - 118{,}5 = 21{,}5\\]");
  }
}
