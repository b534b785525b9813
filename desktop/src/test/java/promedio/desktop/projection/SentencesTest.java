package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;
import promedio.core.sample.Subject;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.window.working.FormulaSetter;
import promedio.desktop.work.Workspace;

class SentencesTest {

  static Stream<Item> demo() {
    return DemoAssignment.create().items().stream();
  }

  private static Analysis analysis(int id, String... rule) throws BadInputException {
    Workspace workspace =
        new Workspace(DemoAssignment.create(), new Background(Runnable::run, Runnable::run));
    workspace.choose(id);
    for (int i = 0; i < rule.length; i += 2) {
      Assignment now = workspace.assignment();
      workspace.replace(now.withRules(now.rules().with(rule[i], rule[i + 1])));
    }
    return workspace.analysis();
  }

  @ParameterizedTest
  @MethodSource("demo")
  void everyMeasureOfEverySampleHasASentenceAndAFormulaThatCanBeSet(Item item)
      throws BadInputException {
    Analysis analysis = analysis(item.id());
    for (Request request : requests()) {
      Result result = analysis.computation().result(request);

      assertThat(Sentences.about(request, result, analysis))
          .as(request.id())
          .endsWith(".")
          .doesNotContain("{");
      analysis
          .computation()
          .equation(request)
          .ifPresent(
              equation ->
                  assertThat(FormulaSetter.set(equation.latex()).path())
                      .as(request.id())
                      .startsWith("M"));
    }
  }

  private static List<Request> requests() {
    List<Request> requests = new ArrayList<>(Measures.all().stream().map(Request::of).toList());
    for (Measure measure : Measures.others()) {
      Exact number = measure == Measures.MOMENT ? Exact.of(3) : Exact.of(2, 5);
      requests.add(
          new Request(measure, measure.parameters().stream().map(each -> number).toList()));
    }
    return requests;
  }

  static Stream<Rule<?>> rulesOfTheStrip() {
    return Stream.of(
        Rule.DIVISOR, Rule.QUARTILES, Rule.MODE, Rule.SKEWNESS, Rule.PLACES, Rule.ROUNDING);
  }

  @ParameterizedTest
  @MethodSource("rulesOfTheStrip")
  <T> void everyValueOfARuleIsToldInWords(Rule<T> rule) throws BadInputException {
    for (T value : rule.values()) {
      assertThat(Texts.of("rule." + rule.code() + "." + rule.codeOf(value))).isNotBlank();
      assertThat(analysis(1, rule.code(), rule.codeOf(value)).rules().get(rule)).isEqualTo(value);
    }
  }

  @Test
  void sentencesSayTheNumbersOfTheSample() throws BadInputException {
    Analysis north = analysis(1);

    assertThat(
            Sentences.about(
                Request.of(Measures.MEAN),
                north.computation().result(Request.of(Measures.MEAN)),
                north))
        .isEqualTo("If the total were shared equally among 24 values, each would be 138.83 g.");
    assertThat(
            Sentences.about(
                Request.of(Measures.MODES),
                north.computation().result(Request.of(Measures.MODES)),
                north))
        .startsWith("131, 139 g occur most often");
    Analysis moments = analysis(1, "skewness", "pearson-median");
    assertThat(
            Sentences.about(
                Request.of(Measures.SKEWNESS),
                moments.computation().result(Request.of(Measures.SKEWNESS)),
                moments))
        .contains("large values pull it up");
  }

  @Test
  void everyMeasureOfSeveralSamplesSaysSomethingToo() {
    assertThat(
            Measures.every().stream()
                .filter(measure -> !Measures.of(Subject.ONE).contains(measure))
                .map(measure -> "about." + measure.key())
                .filter(key -> !Texts.has(key) && !Texts.has(key + ".positive")))
        .isEmpty();
  }

  @Test
  void sentencesSayNoMoreThanIsTrue() throws BadInputException {
    Analysis sample = analysis(1);
    Analysis population = analysis(1, "divisor", "n");
    Analysis classes = analysis(6);

    assertThat(about(Measures.VARIANCE, sample)).contains("n − 1 times 184.23");
    assertThat(about(Measures.VARIANCE, population)).contains("average 176.56");
    assertThat(about(Measures.MEDIAN, sample)).startsWith("At least half of the values");
    assertThat(about(Measures.MEDIAN, classes)).startsWith("By interpolation half");
  }

  private static String about(Measure measure, Analysis analysis) {
    Request request = Request.of(measure);
    return Sentences.about(request, analysis.computation().result(request), analysis);
  }
}
