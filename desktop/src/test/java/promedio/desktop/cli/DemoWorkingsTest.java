package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.desktop.demo.DemoFiles;

/** The workings of the demo's data, line by line as they are handed in. */
class DemoWorkingsTest {

  @TempDir private static Path demo;

  @BeforeAll
  static void writeTheDemo() throws IOException {
    DemoFiles.write(demo);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "variance-by-deviations | picking-times.csv --measure variance --unit min",
        "mean-assumed | sugar.csv --measure mean --method assumed-mean --unit °Bx",
        "sd-shortcut | pears-per-basket.csv --kind value-frequency --measure sd --method shortcut",
        "quartile-crossed-off | picking-times.csv --measure q1 --method crossing-off --unit min",
        "quartile-by-position | sugar.csv --measure q3 --rule quartiles=hf6",
        "skewness-fractions | sugar.csv --measure skewness --fractions",
        "skewness-rounded | picking-times.csv --measure skewness --rule carry=2",
        "kurtosis-raw | sugar.csv --measure kurtosis_excess --method raw-moments",
        "class-quartile | weights-in-classes.csv --kind classes --measure q3 --unit g",
        "class-mode | weights-in-classes.csv --kind classes --measure modes --unit g",
        "class-sd-coded | weights-in-classes.csv --kind classes --measure sd --method step"
      })
  void areAsATeacherWouldWantThem(String name, String arguments) throws IOException {
    List<String> line = new ArrayList<>(Arrays.asList(("working " + arguments).split(" ")));
    line.set(1, demo.resolve(line.get(1)).toString());
    StringWriter out = new StringWriter();
    int code =
        PromedioCommand.run(
            new PrintWriter(out), new PrintWriter(out), line.toArray(String[]::new));

    assertThat(code).isZero();
    try (InputStream golden =
        Objects.requireNonNull(
            getClass().getResourceAsStream("/promedio/desktop/golden/" + name + ".txt"), name)) {
      String expected = new String(golden.readAllBytes(), StandardCharsets.UTF_8);
      assertThat(out.toString().lines()).containsExactlyElementsOf(expected.lines().toList());
    }
  }
}
