package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedCategories;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedCounts;
import promedio.core.entry.TypedPairs;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Sample;

/** Data that are written into a line of JSON and read again. */
class DataJsonTest {

  private static final DecimalSign POINT = DecimalSign.POINT;

  private static Data data(Typed typed) {
    assertThat(typed.unreadable()).isEmpty();
    return typed.data();
  }

  private static Sample sample(String values) {
    return data(TypedValues.read(values, POINT)).sample().orElseThrow();
  }

  static Stream<Arguments> shapes() {
    return Stream.of(
        Arguments.of(sample("8 10.5 1/3 -2 11"), "mean"),
        Arguments.of(data(TypedTable.read("3 12\n4.5 8\n7 0", POINT)), "variance"),
        Arguments.of(
            data(TypedClasses.read("under 10 5\n10–20 7\n20 and over 2", POINT)), "median"),
        Arguments.of(data(TypedClasses.read("10–19 5\n20–29 7\n30–39 2", POINT)), "sd"),
        Arguments.of(data(TypedCategories.read("scab 14\n\"too, small\" 21", POINT)), "modes"),
        Arguments.of(data(TypedPairs.read("1 2\n2 4.5\n3 5\n4 9", POINT)), "correlation"),
        Arguments.of(data(TypedCounts.read("Ana Rocha\na 30 10\nb 20 40", POINT)), "chi_squared"),
        Arguments.of(
            new Groups(
                List.of(
                    new Groups.Group("upper, left", sample("8 10 12")),
                    new Groups.Group("lower", sample("9 11 16 20")))),
            "f"));
  }

  private static Measure measure(String key) {
    return Measures.ofKey(key).orElseThrow();
  }

  @ParameterizedTest
  @MethodSource("shapes")
  void theyGiveTheSameResultsWhenTheyAreReadAgain(Data data, String key) throws Exception {
    ObjectNode line = MarkRequestJson.JSON.createObjectNode().put("measure", key);
    DataJson.put(line, data);
    JsonNode read = MarkRequestJson.read(line.toString());

    Data again = MarkRequestJson.data(read, MarkRequestJson.request(read));

    assertThat(again.subject()).isEqualTo(data.subject());
    assertThat(again.total()).isEqualTo(data.total());
    assertThat(Computation.of(again, CourseRules.DEFAULTS).result(measure(key)))
        .isEqualTo(Computation.of(data, CourseRules.DEFAULTS).result(measure(key)));
  }

  @Test
  void missingEntriesStayOut() {
    ObjectNode line = DataJson.put(MarkRequestJson.JSON.createObjectNode(), sample("8 — 10"));

    assertThat(line.toString()).isEqualTo("{\"values\":[\"8\",\"10\"]}");
  }

  @Test
  void whatIsExpectedGoesAlong() throws Exception {
    GoodnessOfFitData fit =
        GoodnessOfFitData.read(
            data(TypedCategories.read("green 30\nred 50", POINT)).categories().orElseThrow(),
            List.of(Exact.of(1, 4), Exact.of(3, 4)));
    ObjectNode line =
        DataJson.put(
            MarkRequestJson.JSON.createObjectNode().put("measure", "fit_chi_squared"), fit);
    JsonNode read = MarkRequestJson.read(line.toString());
    Request request = MarkRequestJson.request(read);

    assertThat(
            Computation.of(MarkRequestJson.data(read, request), CourseRules.DEFAULTS)
                .value(request))
        .isEqualTo(Computation.of(fit, CourseRules.DEFAULTS).value(request))
        .isPresent();
  }
}
