package promedio.desktop.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import promedio.files.ByteLines;
import promedio.files.report.JsonLines;

/**
 * Questions that come line by line and are answered in their order. One that cannot be used is
 * refused in its place and costs no other; the exit code then is that of input that cannot be used.
 */
final class Batch {

  /** So many lines are answered together, on all processors. */
  private static final int TOGETHER = 512;

  private final PrintWriter out;
  private final Function<ByteLines.Line, JsonLines.Answer> answering;
  private boolean isRefused;

  /** Answers into a writer. */
  Batch(PrintWriter out, Function<ByteLines.Line, JsonLines.Answer> answering) {
    this.out = out;
    this.answering = answering;
  }

  /** {@return the exit code after all lines} */
  int answer(InputStream in) throws IOException {
    ByteLines lines = new ByteLines(in);
    List<ByteLines.Line> together = new ArrayList<>();
    for (var line = lines.next(); line.isPresent(); line = lines.next()) {
      if (!line.get().isBlank()) {
        together.add(line.get());
      }
      // Whoever waits for an answer to the one line that came gets it at once.
      if (together.size() >= TOGETHER || lines.isWaiting()) {
        print(together);
      }
    }
    print(together);
    return isRefused ? PromedioCommand.UNUSABLE : 0;
  }

  private void print(List<ByteLines.Line> together) {
    for (JsonLines.Answer answer : together.parallelStream().map(answering).toList()) {
      out.println(answer.text());
      isRefused |= answer.isRefused();
    }
    out.flush();
    together.clear();
  }
}
