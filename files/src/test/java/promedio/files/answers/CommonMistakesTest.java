package promedio.files.answers;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

/**
 * Mistakes that teachers see, worked by formulas of their own: a sum given as the mean, a root not
 * taken, brackets that the calculator was not told of.
 */
class CommonMistakesTest {

  private static final ObjectMapper JSON = new ObjectMapper();

  private static List<String> lines() throws Exception {
    try (var stream = CommonMistakesTest.class.getResourceAsStream("mistakes.jsonl")) {
      return new String(stream.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  @Test
  void mostAreToldFirstAndFewAreToldWrongly() throws Exception {
    int first = 0;
    int wrong = 0;
    List<String> lines = lines();
    for (String line : lines) {
      JsonNode mistake = JSON.readTree(line);
      Set<String> meant = Set.of(mistake.path("code").asText().split("\\|", -1));
      MarkedAnswer marked = MarkLines.row(line, CourseRules.DEFAULTS, DecimalSign.POINT);
      var best = marked.mark().best();
      if (best.isPresent()) {
        boolean right = meant.contains(best.get().cause().code());
        first += right ? 1 : 0;
        wrong += right ? 0 : 1;
      }
    }

    assertThat(first).isGreaterThan(lines.size() * 9 / 10);
    assertThat(wrong).isLessThan(lines.size() * 4 / 100);
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
