package promedio.files.answers;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.rules.CourseRules;
import promedio.files.ByteLines;

/** Answers marked one a line, those to what needs a number besides the data too. */
class MarkLinesTest {

  private static JsonNode mark(String asked) throws JsonProcessingException {
    return mark(asked, false);
  }

  private static JsonNode mark(String asked, boolean withResults) throws JsonProcessingException {
    String line = "{\"id\":\"a\",\"values\":[\"12\",\"15\",\"11\",\"20\",\"17\"]," + asked + "}";
    return new ObjectMapper()
        .readTree(
            new MarkLines(withResults).mark(ByteLines.Line.of(line), CourseRules.DEFAULTS).text());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "percentile      | '90'                | 20      | agrees",
        "percentile      | {'percent':'50'}    | 15      | agrees",
        "percentile_rank | '15'                | 50 %    | agrees",
        "trimmed_mean    | 0.2                 | 14.67   | agrees",
        "z_score         | {'one_value':'20'}  | 1.36    | agrees",
        "z_score         | '20'                | -1.36   | slip",
        "value_of_z      | '1'                 | 18.67   | agrees",
        "moment          | 2                   | 10.80   | agrees",
        "decile          | '5'                 | 15.00   | agrees"
      })
  void areMarkedWithIt(String measure, String with, String answer, String verdict)
      throws JsonProcessingException {
    JsonNode marked =
        mark(
            "\"measure\":\"%s\",\"with\":%s,\"answer\":\"%s\""
                .formatted(measure, with.replace('\'', '"'), answer));

    assertThat(marked.get("verdict").asText()).isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'measure':'percentile'               | needs a number besides the data",
        "'measure':'percentile','with':'130'  | does not lie from 0 to 100",
        "'measure':'percentile','with':'ten'  | “ten” is not a number",
        "'measure':'moment','with':'5'        | 5 is not one of 2, 3, 4",
        "'measure':'meen'                     | there is no measure “meen”"
      })
  void areUnreadableWithoutIt(String asked, String words) throws JsonProcessingException {
    JsonNode marked = mark(asked.replace('\'', '"') + ",\"answer\":\"20\"");

    assertThat(marked.get("verdict").asText()).isEqualTo("unreadable");
    assertThat(marked.get("reason").asText()).contains(words);
  }

  @Test
  void aNumberThatIsNotNeededIsIgnored() throws JsonProcessingException {
    assertThat(
            mark("\"measure\":\"mean\",\"with\":\"5\",\"answer\":\"15\"").get("verdict").asText())
        .isEqualTo("agrees");
  }

  @Test
  void theResultIsToldOnlyWhereItIsAskedFor() throws JsonProcessingException {
    String asked = "\"measure\":\"sd\",\"answer\":\"13.50\"";
    JsonNode first = mark(asked).get("explanations").get(0);

    assertThat(mark(asked).toString()).doesNotContain("3.67");
    assertThat(first.get("hint").asText()).isEqualTo("One last step is missing.");
    assertThat(first.get("text").asText()).endsWith("its square root.");
    JsonNode whole = mark(asked, true);
    assertThat(whole.get("result").asText()).isEqualTo("3.67");
    assertThat(whole.get("working").asText()).contains("3.67");
  }

  @Test
  void whatLeadsToTheVerySameIsNamedBesideIt() throws JsonProcessingException {
    JsonNode first = mark("\"measure\":\"mean\",\"answer\":\"75\"").get("explanations").get(0);

    assertThat(first.get("code").asText()).isEqualTo("stopped-early");
    assertThat(first.get("params").get("also"))
        .anyMatch(
            also ->
                also.get("code").asText().equals("operation-left-out")
                    && also.get("params").get("operation").asText().equals("divide"));
  }

  @Test
  void theFiveNumbersAreAnsweredInTheirOrder() throws JsonProcessingException {
    assertThat(
            mark("\"measure\":\"five_numbers\",\"answer\":\"11; 11.5; 15; 18.5; 20\"")
                .get("verdict")
                .asText())
        .isEqualTo("agrees");
    assertThat(
            mark("\"measure\":\"five_numbers\",\"answer\":\"20 18.5 15 11.5 11\"")
                .get("verdict")
                .asText())
        .isEqualTo("unexplained");
  }
}
