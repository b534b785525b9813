package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.rules.CourseRules;
import promedio.files.ByteLines;

class MeasureLinesTest {

  private static JsonNode answer(String line) throws JsonProcessingException {
    return new ObjectMapper()
        .readTree(MeasureLines.answer(ByteLines.Line.of(line), CourseRules.DEFAULTS).text());
  }

  @Test
  void answersWithTheIdAndEveryMeasure() throws Exception {
    JsonNode answer = answer("{\"id\":\"s1\",\"values\":[\"8\",\"10\",\"\",\"11\",\"11\"]}");

    assertThat(answer.get("id").asText()).isEqualTo("s1");
    assertThat(answer.get("n").asInt()).isEqualTo(4);
    assertThat(answer.get("missing").asInt()).isEqualTo(1);
    assertThat(answer.get("rules").get("places").isInt()).isTrue();
    assertThat(answer.get("rules").get("divisor").asText()).isEqualTo("n-1");
    JsonNode measures = answer.get("measures");
    assertThat(measures).hasSize(38);
    assertThat(measures.get("mean"))
        .hasToString("{\"exact\":\"10\",\"value\":\"10\",\"rounded\":\"10.00\"}");
    assertThat(measures.get("sd").get("exact").asText()).isEqualTo("sqrt(2)");
    assertThat(measures.get("sd").get("value").asText())
        .isEqualTo("1.41421356237309504880168872421");
    assertThat(measures.get("modes"))
        .hasToString("[{\"exact\":\"11\",\"value\":\"11\",\"rounded\":\"11.00\"}]");
    assertThat(measures.get("geometric_mean").has("exact")).isFalse();
  }

  @Test
  void takesRulesTrimAndPercentilesFromTheLine() throws Exception {
    JsonNode answer =
        answer(
            "{\"id\":2,\"frequencies\":[[\"1\",\"4\"],[2,\"7\"]],"
                + "\"rules\":{\"divisor\":\"n\",\"places\":3},\"trim\":\"0.1\",\"percentiles\":[\"90\"]}");

    assertThat(answer.get("id").asInt()).isEqualTo(2);
    assertThat(answer.get("n").asInt()).isEqualTo(11);
    assertThat(answer.at("/measures/variance/exact").asText()).isEqualTo("28/121");
    assertThat(answer.at("/measures/variance/rounded").asText()).isEqualTo("0.231");
    assertThat(answer.at("/measures/trimmed_mean/exact").asText()).isEqualTo("5/3");
    assertThat(answer.at("/measures/percentiles/90/exact").asText()).isEqualTo("2");
  }

  @Test
  void aCountThatIsNotWholeIsAFraction() throws Exception {
    assertThat(answer("{\"frequencies\":[[1,0.5],[2,3]]}").get("n").asText()).isEqualTo("7/2");
  }

  @Test
  void absentMeasuresSayWhy() throws Exception {
    JsonNode answer = answer("{\"values\":[3]}");

    assertThat(answer.has("id")).isFalse();
    assertThat(answer.at("/measures/variance/absent").asText())
        .isEqualTo("needs at least 2 values");
    assertThat(answer("{\"values\":[]}").at("/measures/mean/absent").asText())
        .isEqualTo("there are no values");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{\"id\":1,\"values\":[\"8\",\"x\"]}|“x” is not a number",
        "{\"id\":1,\"values\":[1e999999999]}|powers of ten up to 310",
        "{\"id\":1,\"values\":\"8\"}|“values” must be a list",
        "{\"id\":1}|none of “values”, “frequencies”",
        "{\"id\":1,\"frequencies\":[[1]]}|[1] in place of a value and its frequency",
        "{\"id\":1,\"frequencies\":[[1,-2]]}|cannot be negative",
        "{\"id\":1,\"frequencies\":[[1,0]]}|every frequency is 0",
        "{\"id\":1,\"classes\":[[1,2]]}|is not a class",
        "{\"id\":1,\"values\":[1],\"rules\":{\"divisor\":\"m\"}}|it can be n-1, n",
        "{\"id\":1,\"values\":[1],\"rules\":[]}|“rules” must be",
        "{\"id\":1,\"values\":[1],\"percentiles\":[\"101\"]}|from 0 to 100",
        "{\"id\":1,\"values\":[1],\"trim\":\"2\"}|from 0 to 1",
        "[1]|not a JSON object",
        "{\"id\":1,|not JSON"
      })
  void aLineThatCannotBeUsedIsRefusedWithTheReason(String line, String reason) throws Exception {
    JsonNode answer = answer(line);

    assertThat(answer.get("refused").asText()).contains(reason);
    assertThat(answer.has("measures")).isFalse();
  }
}
