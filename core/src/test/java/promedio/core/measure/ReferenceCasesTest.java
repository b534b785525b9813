package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** The cases of an independent exact implementation, field by field. */
class ReferenceCasesTest {

  private static final String CASES = "/promedio/core/reference-measures.jsonl";

  @TestFactory
  Stream<DynamicTest> everyCaseAgrees() throws IOException {
    List<JsonNode> cases = new ArrayList<>();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(getClass().getResourceAsStream(CASES)),
                StandardCharsets.UTF_8))) {
      ObjectMapper json = new ObjectMapper();
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        cases.add(json.readTree(line));
      }
    }
    return cases.stream().map(one -> dynamicTest(one.get("id").asText(), () -> check(one)));
  }

  private static void check(JsonNode one) throws BadInputException {
    if (one.has("refused")) {
      assertThatThrownBy(() -> data(one)).isInstanceOf(BadInputException.class);
      return;
    }
    CourseRules rules = CourseRules.DEFAULTS;
    for (Map.Entry<String, JsonNode> rule : one.get("rules").properties()) {
      rules = ByCode.with(rules, rule.getKey(), rule.getValue().asText());
    }
    Computation measures = Computation.of(data(one), rules);
    for (Map.Entry<String, JsonNode> expected : one.get("measures").properties()) {
      String key = expected.getKey();
      if (key.equals("percentiles")) {
        for (Map.Entry<String, JsonNode> percent : expected.getValue().properties()) {
          Result result = measures.result(Request.of(Measures.PERCENTILE, exact(percent.getKey())));
          check("percentile " + percent.getKey(), result, percent.getValue(), rules);
        }
      } else {
        Result result =
            key.equals("trimmed_mean")
                ? measures.result(
                    Request.of(Measures.TRIMMED_MEAN, exact(one.get("trim").asText())))
                : measures.result(Measures.ofKey(key).orElseThrow());
        check(key, result, expected.getValue(), rules);
      }
    }
  }

  private static Data data(JsonNode one) throws BadInputException {
    if (one.has("values")) {
      return new Sample(
          Values.of(one.get("values").valueStream().map(v -> exact(v.asText())).toList()));
    }
    if (one.has("classes")) {
      return ClassTable.read(
          one.get("classes")
              .valueStream()
              .map(
                  row ->
                      new ClassTable.Row(
                          limit(row.get(0)), limit(row.get(1)), exact(row.get(2).asText())))
              .toList(),
          0);
    }
    return FrequencyTable.read(
        one.get("frequencies")
            .valueStream()
            .map(
                row ->
                    new FrequencyTable.Row(exact(row.get(0).asText()), exact(row.get(1).asText())))
            .toList(),
        0);
  }

  private static Optional<Exact> limit(JsonNode node) {
    return node.asText().isEmpty() ? Optional.empty() : Optional.of(exact(node.asText()));
  }

  private static void check(String key, Result result, JsonNode expected, CourseRules rules) {
    if (expected.has("absent")) {
      assertThat(result).as(key).isInstanceOf(Result.Absent.class);
      assertThat(((Result.Absent) result).why().text())
          .as(key)
          .isEqualTo(expected.get("absent").asText());
    } else if (expected.isArray()) {
      List<Exact> values = ((Result.Several) result).values();
      assertThat(values).as(key).hasSize(expected.size());
      for (int i = 0; i < values.size(); i++) {
        check(key, values.get(i), expected.get(i), rules);
      }
    } else {
      check(
          key,
          result.number().orElseThrow(() -> new AssertionError(key + result)),
          expected,
          rules);
    }
  }

  private static void check(String key, Real number, JsonNode expected, CourseRules rules) {
    if (expected.has("exact")) {
      assertThat(number).as(key).hasToString(expected.get("exact").asText());
    }
    assertThat(number.significant(30)).as(key).isEqualByComparingTo(expected.get("value").asText());
    assertThat(number.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)).toPlainString())
        .as(key)
        .isEqualTo(expected.get("rounded").asText());
  }

  private static Exact exact(String text) {
    return Exact.of(new BigDecimal(text));
  }
}
