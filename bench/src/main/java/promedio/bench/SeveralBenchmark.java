package promedio.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.computation.GroupSummary;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.practice.SamplingDistribution;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.table.ColumnPairing;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.WordColumn;
import promedio.graph.DrawnGraph;
import promedio.graph.GraphExport;
import promedio.graph.ScatterGraph;

/** Several samples at the size of a sorting line's log: 389,724 rows, 65 groups of two factors. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SeveralBenchmark {

  private static final int PAIRS = 400_000;
  private static final List<Measure> SUMMARY =
      List.of(Measures.MEAN, Measures.SD, Measures.MEDIAN, Measures.Q1, Measures.Q3);

  private final Random random = new Random(7);
  private final long[] weights = numbers(BigFile.ROWS);
  private final NumberColumn weight =
      new NumberColumn("weight", Values.ofDecimals(weights, 1), Map.of());
  private final WordColumn line = words("line", 5);
  private final WordColumn variety = words("variety", 13);
  private final Values x = Values.ofDecimals(numbers(PAIRS), 1);
  private final Values y = Values.ofDecimals(numbers(PAIRS), 1);
  private final Sample thousand = new Sample(Values.ofDecimals(numbers(1000), 1));

  private long[] numbers(int size) {
    return IntStream.range(0, size)
        .mapToLong(i -> Math.round(1388 + 136 * random.nextGaussian()))
        .toArray();
  }

  private WordColumn words(String name, int different) {
    List<String> words = new ArrayList<>();
    for (int i = 0; i < BigFile.ROWS; i++) {
      words.add(name + " " + random.nextInt(different));
    }
    return WordColumn.of(name, Kind.CATEGORY, words);
  }

  /** The same measures of the whole column, exact, for comparison. */
  @Benchmark
  public List<Result> measuresOfTheWholeColumn() {
    Computation all =
        Computation.of(new Sample(Values.ofDecimals(weights, 1)), CourseRules.DEFAULTS);
    return SUMMARY.stream().map(all::result).toList();
  }

  /** The rows are put into their groups, and five measures of each are computed. */
  @Benchmark
  public GroupSummary summaryByTwoFactors() throws BadInputException {
    return GroupSummary.of(
        ColumnPairing.groups(weight, List.of(line, variety)), SUMMARY, CourseRules.DEFAULTS);
  }

  /** The correlation and the line of regression, exact. */
  @Benchmark
  public List<Result> correlationAndLine() {
    Computation pairs = Computation.of(Pairs.of(x, y), CourseRules.DEFAULTS);
    return List.of("correlation", "slope", "intercept").stream()
        .map(key -> pairs.result(Measures.ofKey(key).orElseThrow()))
        .toList();
  }

  /** The scatter graph as a picture on the screen. */
  @Benchmark
  public DrawnGraph scatter() throws BadInputException {
    ScatterGraph graph =
        new ScatterGraph(
            Pairs.of(x, y),
            "",
            "x",
            "y",
            Optional.empty(),
            Set.of(ScatterGraph.Extra.LINE),
            OptionalInt.empty(),
            CourseRules.DEFAULTS,
            DecimalSign.POINT);
    return GraphExport.of(graph, 640, 320).drawn(2);
  }

  /** 100,000 samples of 30 from 1,000 values, with their means. */
  @Benchmark
  public SamplingDistribution meansOfSamplesByChance() {
    return SamplingDistribution.of(
        new SamplingDistribution.Draws(
            thousand, 30, 100_000, 7, true, SamplingDistribution.Of.MEANS));
  }
}
