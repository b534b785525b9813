package promedio.bench;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.grouping.Grouping;
import promedio.core.grouping.WidthRule;
import promedio.core.measure.Method;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.working.Working;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingFormat;
import promedio.graph.Graph;
import promedio.graph.GraphExport;

/** A working until every line of it is written, and a sample put into classes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class WorkingBenchmark {

  @Param({"30", "400"})
  private int size;

  private Sample sample = new Sample(Values.ofDecimals(new long[0], 0));
  private Sample large = sample;
  private Sample tenThousand = sample;

  /** Makes samples of weights with one decimal. */
  @Setup
  public void makeSamples() {
    sample = weights(size);
    large = weights(400_000);
    large.tally().powerSums();
    tenThousand = weights(10_000);
  }

  private static Sample weights(int count) {
    Random random = new Random(11);
    long[] tenths = new long[count];
    for (int i = 0; i < count; i++) {
      tenths[i] = Math.round(1388 + 136 * random.nextGaussian());
    }
    return new Sample(Values.ofDecimals(tenths, 1));
  }

  /** The adjusted skewness, whose table is the widest. */
  @Benchmark
  public List<String> workingOfTheSkewness() {
    Working working =
        Working.of(sample, CourseRules.DEFAULTS, Measures.SKEWNESS_ADJUSTED, Method.DEFINITION)
            .orElseThrow();
    return WorkingFormat.HTML.write(
        "Skewness", working, new ShownNumbers(CourseRules.DEFAULTS, DecimalSign.POINT));
  }

  /** 400,000 sorted values into classes by the rule of Freedman and Diaconis. */
  @Benchmark
  public Grouping groupingOfFourHundredThousand() throws BadInputException {
    return Grouping.by(WidthRule.FREEDMAN_DIACONIS, large, CourseRules.DEFAULTS).orElseThrow();
  }

  /** 10,000 values grouped anew and their histogram drawn, as while a boundary is moved. */
  @Benchmark
  public BufferedImage frameOfAMovedBoundary() throws BadInputException {
    List<Exact> boundaries = new ArrayList<>();
    for (int at = 80; at <= 200; at += 10) {
      boundaries.add(at == 130 ? Exact.of(131) : Exact.of(at));
    }
    Grouping grouping = Grouping.of(tenThousand, boundaries, ClassEnd.LOWER);
    Graph graph =
        new Graph(
            GraphKind.HISTOGRAM,
            List.of(new Graph.Series("weights", tenThousand, grouping.table())),
            Height.FREQUENCY,
            "",
            Graph.Axis.of("weight in g"),
            Graph.Marked.NOTHING,
            CourseRules.DEFAULTS,
            DecimalSign.POINT);
    return GraphExport.of(graph, 640, 320).drawn(2).image();
  }
}
