package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import promedio.core.rules.CourseRules;
import promedio.files.ByteLines;

/** The cases of an independent implementation: pairs, groups, counts crossed, and one mean. */
class SeveralReferenceTest {

  private static final String CASES = "/promedio/files/reference-several.jsonl";

  /** So many digits of a p-value or the end of an interval count. */
  private static final MathContext SURE = new MathContext(12);

  @TestFactory
  Stream<DynamicTest> everyCaseAgrees() throws IOException {
    List<JsonNode> cases = new ArrayList<>();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(getClass().getResourceAsStream(CASES)),
                StandardCharsets.UTF_8))) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        cases.add(MarkRequestJson.JSON.readTree(line));
      }
    }
    assertThat(cases).hasSizeGreaterThan(100);
    return cases.stream().map(one -> dynamicTest(one.get("id").asText(), () -> check(one)));
  }

  private static void check(JsonNode one) throws IOException {
    JsonNode wanted = one.get("answer");
    ObjectNode question = one.deepCopy();
    question.remove("answer");
    JsonNode found =
        MarkRequestJson.JSON.readTree(
            MeasureLines.answer(ByteLines.Line.of(question.toString()), CourseRules.DEFAULTS)
                .text());
    if (wanted.has("refused")) {
      assertThat(found.path("refused").asText()).isNotBlank();
      return;
    }
    compare("", wanted, found);
  }

  /** What is wanted must be there; the program tells more. */
  private static void compare(String path, JsonNode wanted, JsonNode found) {
    if (wanted.has("absent")) {
      assertThat(found.path("absent").asText()).as(path).isNotBlank();
    } else if (wanted.isObject()) {
      boolean exact = wanted.has("exact");
      for (Map.Entry<String, JsonNode> field : wanted.properties()) {
        String name = field.getKey();
        JsonNode value = found.path(name);
        if (name.equals("value") && !exact) {
          assertThat(near(value)).as(path + " value").isEqualByComparingTo(near(field.getValue()));
        } else {
          compare(path + "/" + name, field.getValue(), value);
        }
      }
    } else if (wanted.isArray()) {
      assertThat(found.size()).as(path).isEqualTo(wanted.size());
      for (int i = 0; i < wanted.size(); i++) {
        compare(path + "/" + i, wanted.get(i), found.get(i));
      }
    } else {
      assertThat(found.asText()).as(path).isEqualTo(wanted.asText());
    }
  }

  private static BigDecimal near(JsonNode number) {
    return new BigDecimal(number.asText()).round(SURE);
  }
}
