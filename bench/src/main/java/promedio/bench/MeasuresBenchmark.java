package promedio.bench;

import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.TimeUnit;
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
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Moments;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** A column of 400,000 weights with one decimal, against a plain pass in floating point over it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class MeasuresBenchmark {

  private static final int SIZE = 400_000;

  private long[] numerators = new long[0];
  private double[] numbers = new double[0];
  private Sample ready = new Sample(Values.ofDecimals(new long[0], 0));

  /** Makes the column: normal around 138.8 with a spread of 13.6. */
  @Setup
  public void makeColumn() {
    Random random = new Random(7);
    numerators = new long[SIZE];
    for (int i = 0; i < SIZE; i++) {
      numerators[i] = Math.round(1388 + 136 * random.nextGaussian());
    }
    numbers = Arrays.stream(numerators).mapToDouble(n -> n / 10.0).toArray();
    ready = new Sample(Values.ofDecimals(numerators, 1));
  }

  /** Two passes in floating point: mean, then the central moments to the fourth. Not exact. */
  @Benchmark
  public double[] plainMomentsInFloatingPoint() {
    double mean = Arrays.stream(numbers).sum() / numbers.length;
    double[] moments = new double[3];
    for (double x : numbers) {
      double d = x - mean;
      moments[0] += d * d;
      moments[1] += d * d * d;
      moments[2] += d * d * d * d;
    }
    return moments;
  }

  /** A plain sort of the numbers, which every quantile needs. */
  @Benchmark
  public double[] plainSortInFloatingPoint() {
    double[] copy = numbers.clone();
    Arrays.sort(copy);
    return copy;
  }

  /** Sorted and counted, then mean and moments to the fourth, exact. */
  @Benchmark
  public Exact exactMoments() {
    return Moments.of(new Sample(Values.ofDecimals(numerators, 1)).tally()).m4();
  }

  /** Every measure from the bare column, exact. */
  @Benchmark
  public void everyMeasure(Blackhole hole) {
    Sample sample = new Sample(Values.ofDecimals(numerators, 1));
    consumeAll(Computation.of(sample, CourseRules.DEFAULTS), hole);
  }

  /** Every measure by all eleven quartile rules, the column sorted and counted before. */
  @Benchmark
  public void everyMeasureByElevenRules(Blackhole hole) {
    Computation measures = Computation.of(ready, CourseRules.DEFAULTS);
    for (QuantileRule rule : QuantileRule.values()) {
      consumeAll(measures.under(CourseRules.DEFAULTS.with(Rule.QUARTILES, rule)), hole);
    }
  }

  private static void consumeAll(Computation measures, Blackhole hole) {
    for (Measure measure : Measures.all()) {
      hole.consume(measures.result(measure));
    }
  }
}
