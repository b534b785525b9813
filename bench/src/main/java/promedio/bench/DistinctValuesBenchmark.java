package promedio.bench;

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
import promedio.core.measure.Moments;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** The hardest column of 400,000 values: nearly all distinct, with nine and with fifteen digits. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class DistinctValuesBenchmark {

  private static final int SIZE = 400_000;

  private long[] nineDigits = new long[0];
  private long[] fifteenDigits = new long[0];

  /** Makes the columns. */
  @Setup
  public void makeColumns() {
    Random random = new Random(7);
    nineDigits = random.longs(SIZE, 0, 1_000_000_000L).toArray();
    fifteenDigits = random.longs(SIZE, 0, 1_000_000_000_000_000L).toArray();
  }

  /** Moments in packed arithmetic. */
  @Benchmark
  public Exact momentsOfNineDigits() {
    return Moments.of(new Sample(Values.ofDecimals(nineDigits, 3)).tally()).m4();
  }

  /** Moments in big integers, since fourth powers no longer fit the packed way. */
  @Benchmark
  public Exact momentsOfFifteenDigits() {
    return Moments.of(new Sample(Values.ofDecimals(fifteenDigits, 3)).tally()).m4();
  }
}
