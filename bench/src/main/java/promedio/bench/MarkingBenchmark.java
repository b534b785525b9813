package promedio.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
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
import promedio.core.catalogue.Measures;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Groups;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.files.ByteLines;
import promedio.files.answers.MarkLines;

/** Answers marked: one in a sample of 30 values, and 10,000 of as many samples. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class MarkingBenchmark {

  private static final int ANSWERS = 10_000;

  private static final List<String> MEASURES =
      List.of("mean", "median", "q1", "variance", "sd", "cv", "skewness", "iqr", "mean_deviation");

  private Sample thirty = new Sample(Values.ofDecimals(new long[0], 0));
  private @Nullable Groups five;
  private final List<String> lines = new ArrayList<>();

  /** Makes samples of weights with one decimal, and answers that nothing explains easily. */
  @Setup
  public void makeAnswers() {
    Random random = new Random(19);
    thirty = new Sample(Values.ofDecimals(weights(random, 30), 1));
    List<Groups.Group> groups = new ArrayList<>();
    for (String name : List.of("a", "b", "c", "d", "e")) {
      groups.add(new Groups.Group(name, new Sample(Values.ofDecimals(weights(random, 30), 1))));
    }
    five = new Groups(groups);
    for (int i = 0; i < ANSWERS; i++) {
      StringBuilder values = new StringBuilder();
      for (long tenths : weights(random, 8 + random.nextInt(23))) {
        values
            .append(values.length() == 0 ? "\"" : ",\"")
            .append(tenths / 10)
            .append('.')
            .append(tenths % 10)
            .append('"');
      }
      String measure = MEASURES.get(i % MEASURES.size());
      String answer = String.format(Locale.ROOT, "%.2f", 50 + 40 * random.nextGaussian());
      lines.add(
          "{\"id\":"
              + i
              + ",\"values\":["
              + values
              + "],\"measure\":\""
              + measure
              + "\",\"answer\":\""
              + answer
              + "\"}");
    }
  }

  private static long[] weights(Random random, int count) {
    long[] tenths = new long[count];
    for (int i = 0; i < count; i++) {
      tenths[i] = Math.round(1388 + 136 * random.nextGaussian());
    }
    return tenths;
  }

  /** One answer to the standard deviation of 30 values, with every cause looked for. */
  @Benchmark
  public Mark answerInThirtyValues() {
    return Marker.of(Problem.of(thirty, CourseRules.DEFAULTS, Measures.SD))
        .mark("12.34", DecimalSign.POINT);
  }

  /** One answer to the F ratio of five groups of 30 values. */
  @Benchmark
  public Mark answerInFiveGroups() {
    return Marker.of(
            Problem.of(
                Objects.requireNonNull(five),
                CourseRules.DEFAULTS,
                Measures.ofKey("f").orElseThrow()))
        .mark("12.34", DecimalSign.POINT);
  }

  /** Ten thousand lines as the command line marks them, on all processors. */
  @Benchmark
  @Warmup(iterations = 1)
  @Measurement(iterations = 2)
  public List<String> tenThousandAnswers() {
    return lines.parallelStream()
        .map(
            line -> new MarkLines(false).mark(ByteLines.Line.of(line), CourseRules.DEFAULTS).text())
        .toList();
  }
}
