package promedio.desktop.window.working;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
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
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingFormat;
import promedio.files.report.WorkingTexts;

/** All that workings write in LaTeX is set by the renderer. */
class FormulaSetterTest {

  private static final Data TRAYS =
      new Sample(Values.ofDecimals(new long[] {1310, 1185, -1400, 1295, 1310, 1360}, 1));

  private static final Data BASKETS =
      FrequencyTable.of(
          List.of(
              new FrequencyTable.Row(Exact.of(36), Exact.of(3)),
              new FrequencyTable.Row(Exact.of(40), Exact.of(4))),
          0);

  @Test
  void theLatexOfAllWorkingsIsSet() {
    Set<String> formulas = new HashSet<>();
    for (Data data : List.of(TRAYS, BASKETS)) {
      for (QuantileRule rule : QuantileRule.values()) {
        CourseRules rules = CourseRules.DEFAULTS.with(Rule.QUARTILES, rule);
        for (Request request : requests()) {
          for (Method method : Methods.of(request, rules)) {
            Working.of(data, rules, request, method).ifPresent(w -> collect(w, rules, formulas));
          }
        }
      }
    }
    assertThat(formulas).hasSizeGreaterThan(300);
    for (String formula : formulas) {
      assertThat(FormulaSetter.set(formula).width()).as(formula).isPositive();
    }
  }

  private static List<Request> requests() {
    List<Request> requests = new ArrayList<>();
    for (Measure measure : Measures.all()) {
      requests.add(Request.of(measure));
    }
    for (Measure measure : Measures.others()) {
      Exact number = measure == Measures.MOMENT ? Exact.of(3) : Exact.of(2, 5);
      requests.add(
          new Request(measure, measure.parameters().stream().map(each -> number).toList()));
    }
    return requests;
  }

  private static void collect(Working working, CourseRules rules, Set<String> formulas) {
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.COMMA);
    working
        .steps()
        .forEach(
            step -> {
              formulas.add(WorkingTexts.latexLines(step, numbers, true));
              formulas.add(WorkingTexts.latexLines(step, numbers, false));
              formulas.add(WorkingTexts.latex(step, numbers));
            });
    String page = String.join("\n", WorkingFormat.LATEX.write("T", working, numbers));
    int from = page.indexOf("\\[");
    while (from >= 0) {
      int to = page.indexOf("\\]", from);
      formulas.add(page.substring(from + 2, to));
      from = page.indexOf("\\[", to);
    }
  }
}
