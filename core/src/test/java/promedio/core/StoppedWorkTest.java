package promedio.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.stream.LongStream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.tidy.ComputeColumn;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;

/** Work that nobody waits for any more gives up, and leaves no half outcome. */
class StoppedWorkTest {

  private static final Values VALUES = Values.ofDecimals(LongStream.range(0, 10_000).toArray(), 0);

  @AfterEach
  void goOn() {
    Thread.interrupted();
  }

  private static void assertStops(ThrowingCallable work) {
    Thread.currentThread().interrupt();
    assertThatThrownBy(work).isInstanceOf(CancellationException.class);
    assertThat(Thread.currentThread().isInterrupted()).isTrue();
  }

  @Test
  void tidyingGivesUp() {
    StepPipeline table =
        StepPipeline.of(Table.of(List.of(new NumberColumn("g", VALUES, Map.of()))));
    List<StepEntry> steps = List.of(StepEntry.of(new ComputeColumn("twice", "2 × g")));

    assertStops(() -> table.with(steps));
    Thread.interrupted();
    assertThat(table.with(steps).result().columns()).hasSize(2);
  }

  @Test
  void oneLongStepGivesUpBetweenItsRows() {
    Table table = Table.of(List.of(new NumberColumn("g", VALUES, Map.of())));

    assertStops(() -> new ComputeColumn("twice", "2 × g").apply(table));
  }

  @Test
  void lookingForWhatExplainsAnAnswerGivesUp() {
    Marker marker =
        Marker.of(Problem.of(new Sample(VALUES), CourseRules.DEFAULTS, Measures.VARIANCE));

    assertStops(() -> marker.mark("17", DecimalSign.POINT));
  }
}
