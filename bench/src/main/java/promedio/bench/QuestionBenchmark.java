package promedio.bench;

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
import promedio.core.question.PrintedQuestion;

/** A text of a megabyte read as a printed question: many questions in it, or anything at all. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class QuestionBenchmark {

  private static final int MEGABYTE = 1_000_000;

  /** What the text is made of. */
  public enum Made {
    QUESTIONS,
    WORDS,
    LIST,
    TABLE,
    NOISE;

    private String piece(Random random) {
      return switch (this) {
        case QUESTIONS ->
            "Weights (g): 118, 131, 124.\n(a) Find the mean to 2 places.\n(b) The range?\n\n";
        case WORDS ->
            List.of("the ", "mean ", "of ", "12, ", "3.5 ", "and ", "pears. ", "\n", "find ")
                .get(random.nextInt(9));
        case LIST -> random.nextInt(1000) + (random.nextInt(20) == 0 ? "\n" : ", ");
        case TABLE -> random.nextInt(100) + " | " + random.nextInt(9) + "\n";
        case NOISE -> String.valueOf((char) (' ' + random.nextInt(95)));
      };
    }
  }

  @Param private Made made = Made.QUESTIONS;
  private String text = "";

  /** Writes the text. */
  @Setup
  public void write() {
    Random random = new Random(3);
    StringBuilder written = new StringBuilder(MEGABYTE + 100);
    while (written.length() < MEGABYTE) {
      written.append(made.piece(random));
    }
    text = written.append("\nFind the mean.").toString();
  }

  /** {@return what is understood of it} */
  @Benchmark
  public PrintedQuestion megabyte() {
    return PrintedQuestion.read(text);
  }
}
