package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

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
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.message.BadInputException;

/** Areas and values of the normal, t, chi-squared and f distributions. */
class DistributionJsonTest {

  /** So many digits are sure. */
  private static final MathContext SURE = new MathContext(12);

  private static final List<String> GIVEN = List.of("area", "upper", "both", "at");

  /** {@return the answers of an independent implementation, with what was asked} */
  static List<JsonNode> cases() throws IOException {
    List<JsonNode> cases = new ArrayList<>();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(
                    DistributionJsonTest.class.getResourceAsStream(
                        "/promedio/files/reference-distributions.jsonl")),
                StandardCharsets.UTF_8))) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        cases.add(MarkRequestJson.JSON.readTree(line));
      }
    }
    return cases;
  }

  private static ObjectNode read(String code, String degrees, String given, String value)
      throws BadInputException {
    return DistributionJson.of(
        code, degrees.isEmpty() ? List.of() : List.of(degrees.split(" ")), Map.of(given, value));
  }

  private static BigDecimal sure(JsonNode node, String field) {
    return new BigDecimal(node.path(field).asText()).round(SURE);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void anIndependentImplementationSaysTheSame(JsonNode one) throws Exception {
    String given = GIVEN.stream().filter(one::has).findFirst().orElseThrow();
    List<String> degrees =
        StreamSupport.stream(one.path("df").spliterator(), false).map(JsonNode::asText).toList();

    ObjectNode found =
        DistributionJson.of(
            one.path("distribution").asText(), degrees, Map.of(given, one.path(given).asText()));

    for (Map.Entry<String, JsonNode> wanted : one.path("answer").properties()) {
      if (List.of("value", "area", "upper", "both").contains(wanted.getKey())) {
        assertThat(sure(found, wanted.getKey()))
            .as(wanted.getKey())
            .isEqualByComparingTo(new BigDecimal(wanted.getValue().asText()).round(SURE));
      }
    }
  }

  @ParameterizedTest(name = "{0} of {1} degrees beyond {2}")
  @CsvSource({
    "normal, '', 1.2",
    "t, 7, -0.4",
    "t, 1, 40",
    "chi-squared, 3, 0.07",
    "f, 4 19, 2.5",
    "f, 1 1, 900"
  })
  void theValueOfTheAreaOfAValueIsThatValue(String code, String degrees, String value)
      throws Exception {
    ObjectNode there = read(code, degrees, "at", value);
    // The small one of both areas has the digits.
    String small = sure(there, "area").compareTo(new BigDecimal("0.5")) < 0 ? "area" : "upper";

    ObjectNode back = read(code, degrees, small, there.path(small).asText());

    assertThat(new BigDecimal(back.path("value").asText()).doubleValue())
        .isCloseTo(Double.parseDouble(value), within(1e-9 * Math.abs(Double.parseDouble(value))));
  }

  @Test
  void bothAreasAreTheWhole() throws Exception {
    ObjectNode read = read("chi-squared", "5", "at", "4.351");

    assertThat(sure(read, "area").add(sure(read, "upper")).doubleValue())
        .isCloseTo(1, within(1e-11));
  }

  @Test
  void theSquareOfTIsFOfOneDegree() throws Exception {
    double t = read("t", "12", "both", "0.05").path("value").asDouble();
    double f = read("f", "1 12", "upper", "0.05").path("value").asDouble();

    assertThat(t * t).isCloseTo(f, within(1e-10));
  }

  @ParameterizedTest(name = "{0}, df {1}, {2} {3}")
  @CsvSource({
    "gamma, 1, at, 2, “gamma” is not one of",
    "t, 0, at, 2, are above 0",
    "t, '', at, 2, takes one number of degrees of freedom and 0 were given",
    "f, 3, at, 2, takes two numbers of degrees of freedom and 1 was given",
    "t, 4, area, 1, between 0 and 1",
    "t, 4, upper, 0, between 0 and 1",
    "f, 3 4, both, 0.1, is not symmetric",
    "t, 4, at, many, many"
  })
  void whatCannotBeReadOffIsRefusedWithTheReason(
      String code, String degrees, String given, String value, String reason) {
    assertThatThrownBy(() -> read(code, degrees, given, value))
        .isInstanceOf(BadInputException.class)
        .satisfies(e -> assertThat(e.getMessage().replace(",", "")).contains(reason));
  }
}
