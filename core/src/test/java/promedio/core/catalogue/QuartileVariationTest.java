package promedio.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.computation.Computation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.working.Methods;
import promedio.core.working.Working;

/** A measure that only its own file knows is computed, worked, answered and marked like any. */
class QuartileVariationTest {

  private static final Measure ASKED = Measures.QUARTILE_VARIATION;
  private static final Data RAW =
      new Sample(Values.ofDecimals(new long[] {15, 11, 20, 12, 30, 18, 22, 14}, 0));

  /** The data of each kind, the result, and the formula of its working. */
  static Stream<List<Object>> kinds() {
    Data table =
        FrequencyTable.of(
            List.of(
                new FrequencyTable.Row(Exact.of(2), Exact.of(3)),
                new FrequencyTable.Row(Exact.of(5), Exact.of(4)),
                new FrequencyTable.Row(Exact.of(8), Exact.of(1))),
            0);
    Data classes =
        ClassTable.of(
            List.of(
                ClassTable.Row.of(Exact.of(0), Exact.of(10), Exact.of(4)),
                ClassTable.Row.of(Exact.of(10), Exact.of(20), Exact.of(4))),
            0);
    return Stream.of(
        List.of(RAW, Exact.of(8, 34)),
        List.of(table, Exact.of(3, 7)),
        List.of(classes, Exact.of(1, 2)));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void isComputedWorkedAndMarkedOfEveryKindOfData(List<Object> kind) {
    Data data = (Data) kind.get(0);
    Exact expected = (Exact) kind.get(1);

    assertThat(Computation.of(data, CourseRules.DEFAULTS).result(ASKED))
        .isEqualTo(new Result.Found(expected));
    for (Method method : Methods.of(Request.of(ASKED), CourseRules.DEFAULTS, data)) {
      assertThat(Working.of(data, CourseRules.DEFAULTS, ASKED, method).orElseThrow().results())
          .containsExactly(expected);
    }
    assertThat(mark(data, expected.toString()).agrees()).isTrue();
  }

  @Test
  void aWrongAnswerIsExplainedByTheSlipsThatMeasuresShare() {
    assertThat(codes(mark(RAW, "0.26"))).contains("quartiles");
    assertThat(codes(mark(RAW, "0.13"))).contains("not-sorted");
    assertThat(codes(mark(RAW, "8.00"))).contains("other-measure");
  }

  @Test
  void isAbsentWhereTheQuartilesCancel() {
    Data cancelling = new Sample(Values.ofDecimals(new long[] {-2, -1, 1, 2}, 0));

    assertThat(Computation.of(cancelling, CourseRules.DEFAULTS).result(ASKED))
        .isEqualTo(Result.absent("quartiles-cancel"));
  }

  private static Mark mark(Data data, String answer) {
    return Marker.of(Problem.of(data, CourseRules.DEFAULTS, ASKED)).mark(answer, DecimalSign.POINT);
  }

  private static List<String> codes(Mark mark) {
    return mark.explanations().stream().map(e -> e.cause().code()).toList();
  }
}
