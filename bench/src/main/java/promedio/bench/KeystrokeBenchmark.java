package promedio.bench;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;
import promedio.core.assignment.Assignment;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Results;
import promedio.desktop.session.Background;
import promedio.desktop.work.Workspace;

/** A keystroke in a sample of 1,000 values until every result is recomputed, as it is shown. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class KeystrokeBenchmark {

  private static final int VALUES = 1000;

  private final Workspace workspace =
      new Workspace(Assignment.empty("Pears"), new Background(Runnable::run, Runnable::run));
  private String[] texts = new String[0];
  private int next;

  /** Types the sample, nearly all values distinct. */
  @Setup
  public void typeSample() {
    String values =
        new Random(7)
            .ints(VALUES, 10_000, 20_000)
            .mapToObj(value -> String.valueOf(value / 100.0))
            .collect(Collectors.joining(" "));
    texts = new String[] {values + " 1", values + " 12", values + " 12.", values + " 12.5"};
  }

  /** One more letter. */
  @Benchmark
  public void keystroke(Blackhole hole) {
    workspace.items().type(texts[next++ % texts.length]);
    Analysis now = workspace.analysis();
    for (Measure measure : Measures.all()) {
      hole.consume(Results.shown(now.computation().result(measure), Request.of(measure), now));
    }
  }
}
