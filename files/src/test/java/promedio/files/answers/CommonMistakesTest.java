package promedio.files.answers;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

/**
 * Mistakes that teachers see, worked by formulas of their own: a sum given as the mean, a root not
 * taken, brackets that the calculator was not told of.
 */
class CommonMistakesTest {

  private static final ObjectMapper JSON = new ObjectMapper();

  /** Each mistake with its mark. */
  private static final Map<String, MarkedAnswer> MARKED = new LinkedHashMap<>();

  private static List<String> lines() throws Exception {
    try (var stream = CommonMistakesTest.class.getResourceAsStream("mistakes.jsonl")) {
      return new String(stream.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  @BeforeAll
  static void mark() throws Exception {
    for (String line : lines()) {
      MARKED.put(line, MarkLines.row(line, CourseRules.DEFAULTS, DecimalSign.POINT));
    }
  }

  @Test
  void mostAreToldFirstAndFewAreToldWrongly() throws Exception {
    int first = 0;
    int wrong = 0;
    for (Map.Entry<String, MarkedAnswer> each : MARKED.entrySet()) {
      String code = JSON.readTree(each.getKey()).path("code").asText();
      var best = each.getValue().mark().best();
      if (best.isPresent()) {
        boolean right = List.of(code.split("\\|", -1)).contains(best.get().cause().code());
        first += right ? 1 : 0;
        wrong += right ? 0 : 1;
      }
    }

    assertThat(first).isGreaterThan(MARKED.size() * 9 / 10);
    assertThat(wrong).isLessThan(MARKED.size() * 4 / 100);
  }

  @Test
  void noExplanationNamesACode() throws Exception {
    MarkLines words = new MarkLines(false);
    for (Map.Entry<String, MarkedAnswer> marked : MARKED.entrySet()) {
      for (JsonNode each : JSON.readTree(words.json(marked.getValue())).path("explanations")) {
        assertThat(each.path("text").asText())
            .as(marked.getKey())
            .doesNotContainPattern("[a-z]{2,}_[a-z]");
      }
    }
  }

  @Test
  void answersAreReadAsTheyAreHandedIn() {
    for (String answer :
        List.of(
            "≈ 9.67", "~9.67", "x̄ = 29/3 ≈ 9.67", "9.67 kg", "9.67 years", "9,67", "x̄=9.67 g")) {
      String line =
          "{\"id\":\"a\",\"values\":[8,10,11],\"measure\":\"mean\",\"answer\":\"" + answer + "\"}";
      MarkedAnswer marked = MarkLines.row(line, CourseRules.DEFAULTS, DecimalSign.POINT);
      assertThat(marked.mark().agrees()).as(answer).isTrue();
    }
  }
}
