package promedio.desktop.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Supplier;

/**
 * What a command came to.
 *
 * @param code its exit code
 * @param out what it wrote to standard output
 * @param err what it wrote to standard error
 */
record Outcome(int code, String out, String err) {

  /** {@return what a command came to} */
  static Outcome run(String... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int code = PromedioCommand.run(new PrintWriter(out), new PrintWriter(err), arguments);
    return new Outcome(code, out.toString(), err.toString());
  }

  /** {@return what a command came to with the text as its standard input} */
  static Outcome runOn(String input, String... arguments) {
    return runOn(new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)), arguments);
  }

  /** {@return what a command came to with this standard input} */
  static Outcome runOn(InputStream input, String... arguments) {
    return withInput(input, () -> run(arguments));
  }

  /** {@return what the work comes to with this standard input, which is gone afterwards} */
  static <T> T withInput(InputStream input, Supplier<T> work) {
    InputStream before = System.in;
    System.setIn(input);
    try {
      return work.get();
    } finally {
      System.setIn(before);
    }
  }

  /** {@return the lines of standard output} */
  List<String> lines() {
    return out.lines().toList();
  }

  /** {@return the JSON on standard output} */
  JsonNode json() throws IOException {
    return new ObjectMapper().readTree(out);
  }
}
