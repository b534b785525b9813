package promedio.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.message.Language;
import promedio.desktop.howto.Topic;
import promedio.desktop.howto.TopicSearch;
import promedio.desktop.howto.Topics;

/** The how-to searched at a key: one of five queries, misspelt ones among them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class HowToBenchmark {

  private static final List<String> QUERIES =
      List.of("standard devation", "average by group", "x̄", "box and whiskers", "s");

  private final TopicSearch search = new TopicSearch(Topics.in(Language.current()));
  private int next;

  /** {@return what one query finds} */
  @Benchmark
  public List<Topic> find() {
    return search.find(QUERIES.get(next++ % QUERIES.size()));
  }
}
