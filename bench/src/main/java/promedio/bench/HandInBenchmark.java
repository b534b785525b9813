package promedio.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.desktop.projection.handin.HandIn;
import promedio.document.DocumentFormat;
import promedio.document.Written;

/** The document of an assignment of 200 parts about 50 samples, each with its graph. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1)
@Measurement(iterations = 5)
@Fork(1)
public class HandInBenchmark {

  private static final int SAMPLES = 50;
  private static final int PARTS = 200;
  private static final List<Request> ASKED =
      List.of(Request.of(Measures.MEAN), Request.of(Measures.MEDIAN), Request.of(Measures.SD));

  @Param({"PDF", "HTML", "LATEX", "MARKDOWN"})
  private String format = "PDF";

  private final Assignment assignment = assignment();

  private static Assignment assignment() {
    Random random = new Random(7);
    Assignment made = Assignment.empty("Pears");
    for (int i = 1; i <= SAMPLES; i++) {
      String values =
          IntStream.range(0, 24)
              .mapToObj(v -> String.valueOf(Math.round(140 + 14 * random.nextGaussian())))
              .collect(Collectors.joining(" "));
      made = made.with(Item.of(i, "Terrace " + i, "g", new Source.ValuesText(values)));
    }
    for (int i = 1; i <= PARTS; i++) {
      Part part = Part.of(i, "Part " + i, Selection.of(1 + i % SAMPLES), StatedRules.NONE);
      made = made.asking(part, List.of(ASKED.get(i % ASKED.size())));
    }
    return made;
  }

  /** From the assignment to the bytes of its file; at most 10 seconds. */
  @Benchmark
  public Written document() throws IOException {
    return DocumentFormat.valueOf(format)
        .write(HandIn.of(assignment, HandInChoice.usual(assignment)), Path.of("pears"));
  }
}
