package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;
import static promedio.desktop.cli.Outcome.runOn;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.message.Texts;

/** What cannot be written or read is told, ends with a code, and harms no file. */
class OutputsAndInputsTest {

  @TempDir private Path folder;

  private String file(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text).toString();
  }

  /** A disk without room, or a reader that is gone. */
  private static final class NoRoom extends OutputStream {
    private final String why;
    private int writes;

    NoRoom(String why) {
      this.why = why;
    }

    @Override
    public void write(int one) throws IOException {
      writes++;
      throw new IOException(why);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "measures --values 8",
        "group --values 8;10",
        "working --values 8 --measure mean",
        "contents nothing.csv",
        "mark -",
        "--help",
        "measures --help",
        "--version"
      })
  void outputThatDoesNotArriveIsALineAndACode(String command) {
    StringWriter err = new StringWriter();
    byte[] answer =
        "{\"values\":[8],\"measure\":\"mean\",\"answer\":\"8\"}".getBytes(StandardCharsets.UTF_8);

    int code =
        Outcome.withInput(
            new ByteArrayInputStream(answer),
            () ->
                PromedioCommand.run(
                    new Output(new NoRoom("No space left on device")),
                    new PrintWriter(err),
                    command.split(" ")));

    assertThat(code).isEqualTo(3);
    assertThat(err.toString().lines())
        .containsExactly("The output could not be written completely (No space left on device).");
  }

  @Test
  void aReaderThatIsGoneEndsTheWorkAtOnceAndIsNotTold() throws IOException {
    String line = "{\"values\":[8],\"measure\":\"mean\",\"answer\":\"8\"}\n";
    NoRoom gone = new NoRoom("Broken pipe");
    StringWriter err = new StringWriter();

    int code =
        PromedioCommand.run(
            new Output(gone),
            new PrintWriter(err),
            "mark",
            file("many.jsonl", line.repeat(20_000)));

    assertThat(code).isEqualTo(1);
    assertThat(err.toString()).isEmpty();
    assertThat(gone.writes).isEqualTo(1);
  }

  @Test
  void textThatWouldBeRunAsAFormulaIsMarkedInEveryCsv() throws IOException {
    String answers =
        file(
            "class-answers.csv", "id,values,measure,answer\n=cmd(),8 10,mean,-9\n@x,8 10,mean,9\n");
    Path report = folder.resolve("report.csv");

    assertThat(run("mark", answers, "--format", "csv", "--report", report.toString()).code())
        .isZero();
    assertThat(Files.readAllLines(report).get(1)).startsWith("'=cmd(),,mean,-9,");
    assertThat(Files.readAllLines(report).get(2)).startsWith("'@x,");
    assertThat(run("group", "--kind", "categories", "--values", "=1+1 3, pear 2").lines())
        .contains("'=1+1,3,0.6,60");
  }

  @Test
  void aFileIsNeverReplacedByWhatIsMadeOfItNorHalfNorUnasked() throws IOException {
    String pears = file("pears.png", "8\n10\n11\n");
    String answers = file("class-answers.csv", "id,values,measure,answer\na,8 10,mean,9\n");

    assertThat(run("draw", pears, "--graph", "histogram", "--into", pears).code()).isEqualTo(2);
    assertThat(Path.of(pears)).hasContent("8\n10\n11\n");
    assertThat(run("mark", answers, "--format", "csv", "--report", answers).code()).isEqualTo(2);
    assertThat(Files.readString(Path.of(answers))).startsWith("id,values");

    Path samples = folder.resolve("samples");
    assertThat(run("samples", samples.toString()).code()).isZero();
    Files.writeString(samples.resolve("terraces.csv"), "mine");
    Outcome again = run("samples", samples.toString());
    assertThat(again.code()).isEqualTo(3);
    assertThat(again.err()).contains("terraces.csv already exists").contains("--force");
    assertThat(samples.resolve("terraces.csv")).hasContent("mine");
    assertThat(run("samples", samples.toString(), "--force").code()).isZero();
    assertThat(run("samples", samples.toString(), "--log", "-5").code()).isEqualTo(2);
  }

  @ParameterizedTest
  @CsvSource({
    "1e300 5, beyond 10^100",
    "-1e308 1, beyond 10^100",
    "1e-310 0, beyond 10^-100",
    "100000000000000001 100000000000000002, too close"
  })
  void whatNoPictureCanShowIsRefusedAndTheOldPictureStays(String values, String why)
      throws IOException {
    Path picture = Path.of(file("old.png", "old"));

    for (String graph : List.of("histogram", "box", "dot", "stem-and-leaf", "ogive")) {
      Outcome outcome =
          run(
              "draw",
              "--values",
              values,
              "--graph",
              graph,
              "--into",
              picture.toString(),
              "--force");
      assertThat(outcome.code()).as(graph).isEqualTo(3);
      assertThat(outcome.err()).as(graph).contains(why);
    }
    assertThat(picture).hasContent("old");
  }

  @Test
  void aMarkOfTheEncodingAndOtherEncodingsAreReadRightly() throws IOException {
    String line = "{\"id\":1,\"values\":[8,10],\"measure\":\"mean\",\"answer\":\"9\"}\n";
    String csv = "id,values,measure,answer\nJosé,8 10,mean,9\nAna,8 10,mean\n";

    assertThat(runOn("\uFEFF" + line + line, "mark", "-").lines())
        .hasSize(2)
        .allMatch(l -> l.contains("agrees"));
    for (Charset charset :
        List.of(StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("windows-1252"))) {
      Path answers = Files.write(folder.resolve("class-answers.csv"), csv.getBytes(charset));
      Outcome marked = run("mark", answers.toString(), "--format", "csv");
      assertThat(marked.lines().get(0)).as(charset.name()).contains("José").contains("agrees");
      assertThat(marked.lines().get(1)).contains("unreadable");
    }
    byte[] foreign = "{\"id\":\"Jos\u00e9\"}\n".getBytes(StandardCharsets.ISO_8859_1);
    assertThat(runOn(new ByteArrayInputStream(foreign), "mark", "-").lines())
        .singleElement()
        .asString()
        .contains("line 1 is not UTF-8");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{\"id\":1} {\"id\":2}|a second object follows the first",
        "{\"values\":[1],\"values\":[2]}|“values” is given twice",
        "{\"values\":[1],\"frequencies\":[[1,2]]}|“values”, “frequencies” are given together",
        "{\"values\":[1}|not JSON: from character"
      })
  void aLineThatSaysTwoThingsIsRefusedForItself(String line, String why) {
    String good = "{\"id\":9,\"values\":[8,10],\"measure\":\"mean\",\"answer\":\"9\"}";

    assertThat(runOn(line + "\n" + good + "\n", "mark", "-").lines())
        .satisfiesExactly(
            first -> assertThat(first).contains("unreadable").contains(why),
            second -> assertThat(second).contains("agrees"));
    assertThat(runOn(line + "\n" + good + "\n", "measures", "--lines", "-").lines())
        .satisfiesExactly(
            first -> assertThat(first).contains("refused").contains(why),
            second -> assertThat(second).contains("\"n\":2"));
  }

  @Test
  void oneFileThatFailsDoesNotKeepTheOthersFromBeingTold() throws IOException {
    String good = file("good.csv", "g\n8\n10\n");

    Outcome outcome = run("contents", "/", "a\u0000b", folder.toString(), "gone.csv", good);

    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.lines()).hasSize(5);
    assertThat(outcome.lines().get(0)).contains("\"source\":\"/\"").contains("folder");
    assertThat(outcome.lines().get(1)).contains("is not a file name");
    assertThat(outcome.lines().get(3)).contains("gone.csv").contains("no such file");
    assertThat(outcome.lines().get(4)).contains("\"rows\":2");
  }

  @ParameterizedTest
  @ValueSource(strings = {"measures", "measures --lines", "mark", "group", "contents"})
  void aWrongPathSaysWhatIsWrongWithIt(String command) {
    for (String path : List.of("gone.csv", folder.toString(), "a\u0000b", "")) {
      Outcome outcome = run(arguments(command, path));
      String told = outcome.err() + String.join("\n", outcome.lines());
      assertThat(outcome.code()).as("%s %s", command, path).isIn(2, 3);
      assertThat(told.lines().filter(line -> !line.startsWith("See "))).hasSize(1);
      assertThat(told).doesNotContain("java.").doesNotContain("null").doesNotContain("log");
    }
  }

  private static String[] arguments(String command, String path) {
    String[] words = command.split(" ");
    String[] all = Arrays.copyOf(words, words.length + 1);
    all[words.length] = path;
    return all;
  }

  @Test
  @EnabledOnOs({OS.LINUX, OS.MAC})
  void aPipeIsReadAsStandardInputIs() throws Exception {
    Path pipe = folder.resolve("pipe");
    assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
    Thread writer =
        new Thread(
            () -> {
              try {
                Files.writeString(pipe, "8\n10\n11\n");
              } catch (IOException e) {
                throw new UncheckedIOException(e);
              }
            });
    writer.start();

    assertThat(run("measures", pipe.toString()).lines().get(0)).contains("3 values");
    writer.join();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "measures --values 8 --rule divisor=n --rule divisor=n-1",
        "measures --values 8 --rule divisor",
        "mark - --rule places=2 --rule places=3",
        "group --values 8;10 --by sturges --width 2",
        "group --values 8;10 --limits 5 --classes 2",
        "group --values 8;10 --start 2"
      })
  void whatIsSaidTwiceOrAgainstItselfIsRefused(String command) {
    Outcome outcome = run(command.split(" "));

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err()).isNotBlank();
    assertThat(outcome.lines()).isEmpty();
  }

  @Test
  void namesInFilesDoNotSteerTheTerminal() throws IOException {
    String trays = file("trays.csv", "we\u001B]0;x\u0007ight,b\n1,2\n3,4\n");

    for (String[] command :
        List.of(
            new String[] {"measures", trays, "--column", "1"},
            new String[] {"measures", trays, "--column", "\u001B[31m"},
            new String[] {"contents", trays, "--format", "text"})) {
      Outcome outcome = run(command);
      assertThat(outcome.out() + outcome.err()).doesNotContain("\u001B", "\u0007").contains("?");
    }
  }

  @Test
  void theDigitsOfTheMachineAreNotThoseOfASentence() {
    Locale before = Locale.getDefault();
    try {
      Locale.setDefault(Locale.forLanguageTag("ar-EG"));
      Outcome outcome = run("group", "--values", "1 2 3 4 5 6 7 8 9 10", "--language", "en");
      String sentence = Texts.of("exercises.done", 1234);

      assertThat(outcome.out() + sentence).doesNotContainPattern("[\\u0660-\\u0669]");
      assertThat(sentence).contains("1234");
    } finally {
      Locale.setDefault(before);
    }
  }
}
