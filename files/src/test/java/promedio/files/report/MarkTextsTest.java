package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;

/** Explanations in a teacher's words. */
class MarkTextsTest {

  private static Problem question(String values, Request request) {
    return Problem.of(
        new Source.ValuesText(values).read(DecimalSign.POINT).data(),
        CourseRules.DEFAULTS,
        request);
  }

  private static String told(String values, Request request, String answer, DecimalSign sign) {
    Problem question = question(values, request);
    Mark mark = Marker.of(question).mark(answer, sign);
    return new MarkTexts(question, sign).text(mark.best().orElseThrow(), mark);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "sd | 13.50 | this is the variance; the standard deviation is its square root.",
        "mean | 13.75 | 20 was left out.",
        "mean | 36.60 | 12 was read as 120, with the decimal sign moved.",
        "variance | 10.80 | this is right if the squares are divided by n; in this course the squares are divided by n − 1.",
        "sd | 9.00 | this is the range; asked is another measure.",
        "z_score 20 | -1.36 | this is the mean minus the value; it is the value minus the mean.",
        "z_score 20 | 0.37 | this is divided by the variance; divide by the standard deviation.",
        "percentile 30 | 12.00 | this is right if a percentile is the np-th value, rounded up (and by "
      })
  void theWordsNameWhatWasDoneWithTheNumbers(String id, String answer, String words) {
    Request request = Measures.ofId(id).orElseThrow();

    assertThat(told("12 15 11 20 17", request, answer, DecimalSign.POINT)).contains(words);
  }

  @Test
  void numbersAreWrittenAsTheStudentWritesThem() {
    assertThat(told("12.3 15 11 20 17", Request.of(Measures.MEAN), "15,75", DecimalSign.COMMA))
        .endsWith("12,3 was left out.");
  }

  @Test
  void theMoreCouldBeChanceTheMoreReservedTheWords() {
    String many = "131.2 118.4 139.9 126.3 144.1 121.5 137.7 129.8 152.6 134.4 127.1 141.3";

    assertThat(told(many, Request.of(Measures.MEAN), "145.845", DecimalSign.POINT))
        .startsWith("Probably:");
    assertThat(told("12 15 11 20 17", Request.of(Measures.MEAN), "12", DecimalSign.POINT))
        .startsWith("Perhaps");
  }

  @Test
  void theShareOfChanceIsTold() {
    Problem question = question("12 15 11 20 17", Request.of(Measures.MEAN));
    MarkTexts texts = new MarkTexts(question, DecimalSign.POINT);

    assertThat(texts.chance(Marker.of(question).mark("12", DecimalSign.POINT)).orElseThrow())
        .matches(
            "Of all numbers with as many decimals near the result \\d+ % would be explained like this.*");
    assertThat(texts.chance(Marker.of(question).mark("15", DecimalSign.POINT))).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Cause.class)
  void everyCauseHasItsWordsAndAHint(Cause cause) throws BadInputException {
    if (cause.kind() == Kind.RULE) {
      Rule<?> rule = Rule.ofCode(cause.code());
      assertThat(words(rule)).hasSize(rule.values().size());
    } else {
      assertThat(Texts.of("mark." + cause.code(), "a", "b")).endsWith(".");
      assertThat(Texts.of("mark.hint." + cause.code())).isNotBlank();
    }
  }

  private static <T> Set<String> words(Rule<T> rule) {
    Set<String> words = new HashSet<>();
    for (T value : rule.values()) {
      words.add(Texts.of("mark.rule." + rule.code() + "." + rule.codeOf(value)));
    }
    return words;
  }

  @Test
  void neitherHintNorExplanationGivesTheResultAway() {
    for (Request request : List.of(Request.of(Measures.SD), Request.of(Measures.MEAN))) {
      Problem question = question("12 15 11 20 17", request);
      MarkTexts texts = new MarkTexts(question, DecimalSign.POINT);
      for (int cents = 1100; cents < 1600; cents++) {
        String answer = BigDecimal.valueOf(cents, 2).toPlainString();
        Mark mark = Marker.of(question).mark(answer, DecimalSign.POINT);
        for (Explanation each : mark.explanations()) {
          assertThat(texts.text(each, mark) + texts.hint(each))
              .as(answer)
              .doesNotContain(texts.result());
        }
      }
    }
  }

  @Test
  void aHintPointsAtTheStep() {
    Problem question = question("12 15 11 20 17", Request.of(Measures.SD));
    Explanation best = Marker.of(question).mark("13.50", DecimalSign.POINT).best().orElseThrow();

    assertThat(new MarkTexts(question, DecimalSign.POINT).hint(best))
        .isEqualTo("One last step is missing.");
  }
}
