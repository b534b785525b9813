package promedio.bench;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.work.Workspace;

/** What the window does between two frames, until all of it is styled and laid out again. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
    value = 5,
    jvmArgsAppend = {
      "-Dglass.platform=Monocle",
      "-Dmonocle.platform=Headless",
      "-Dprism.order=sw",
      "-Djava.awt.headless=true"
    })
public class WindowBenchmark {

  private static final int MANY = 20;
  private static final int LONG = 1000;
  private static final List<Request> IN_TURNS =
      Stream.of(Measures.Q1, Measures.MEAN, Measures.SD, Measures.MODES).map(Request::of).toList();

  private final Workspace workspace = new Workspace(DemoAssignment.create(), Background.ofWindow());
  private Optional<Scene> scene = Optional.empty();
  private int next;

  /** Opens the window on the demo: a line-up of 24 values. */
  @Setup
  public void open() throws Exception {
    scene = Optional.of(MemoryWindow.open(workspace));
  }

  /** Closes it. */
  @TearDown
  public void close() {
    Platform.exit();
  }

  /** Another measure is chosen: the line-up is redrawn, the margin tells of it. */
  @Benchmark
  @OperationsPerInvocation(MANY)
  public void redrawForAnotherMeasure() throws Exception {
    inWindow(
        () -> {
          workspace.chooseTask(IN_TURNS.get(next++ % IN_TURNS.size()));
          layOut();
        });
  }

  /** Another sample is chosen: everything is redrawn. */
  @Benchmark
  @OperationsPerInvocation(MANY)
  public void redrawForAnotherSample() throws Exception {
    inWindow(
        () -> {
          workspace.choose(1 + next++ % 2);
          layOut();
        });
  }

  /** A letter more or less in a sample of 24 values, with its line-up. */
  @Benchmark
  @OperationsPerInvocation(MANY)
  public void keystrokeInASample() throws Exception {
    MemoryWindow.onToolkit(() -> workspace.choose(1));
    String text = workspace.item().source().typedText().orElseThrow();
    inWindow(
        () -> {
          workspace.items().type(next++ % 2 == 0 ? text + "1" : text);
          layOut();
        });
  }

  /** A letter more or less in a sample of 1,000 values, nearly all distinct. */
  @Benchmark
  @OperationsPerInvocation(MANY)
  public void keystrokeInALongSample() throws Exception {
    String text =
        new Random(7)
            .ints(LONG, 10_000, 20_000)
            .mapToObj(value -> String.valueOf(value / 100.0))
            .collect(Collectors.joining(" "));
    MemoryWindow.onToolkit(
        () -> {
          workspace.choose(2);
          workspace.items().type(text);
        });
    inWindow(
        () -> {
          workspace.items().type(next++ % 2 == 0 ? text + "1" : text);
          layOut();
        });
  }

  /** A figure more or less in an answer: its field, its mark, the margin. */
  @Benchmark
  @OperationsPerInvocation(MANY)
  public void keystrokeInAnAnswer() throws Exception {
    MemoryWindow.onToolkit(() -> workspace.choose(1));
    TextField answer = (TextField) scene.orElseThrow().lookup("#answer-mean");
    inWindow(
        () -> {
          answer.setText(next++ % 2 == 0 ? "13" : "138");
          layOut();
        });
  }

  /** A figure more or less in a class table of seven classes, with its columns and graph. */
  @Benchmark
  @OperationsPerInvocation(MANY)
  public void keystrokeInAClassTable() throws Exception {
    MemoryWindow.onToolkit(() -> workspace.choose(6));
    TextField frequency = (TextField) scene.orElseThrow().lookup("#form-frequency-1");
    inWindow(
        () -> {
          frequency.setText(next++ % 2 == 0 ? "41" : "4");
          layOut();
        });
  }

  private void layOut() {
    scene.ifPresent(
        shown -> {
          shown.getRoot().applyCss();
          shown.getRoot().layout();
        });
  }

  /** Many at once, so that painting into memory, which a screen does otherwise, does not count. */
  private static void inWindow(Runnable work) throws Exception {
    MemoryWindow.onToolkit(
        () -> {
          for (int i = 0; i < MANY; i++) {
            work.run();
          }
        });
  }
}
