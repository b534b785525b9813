package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;
import static promedio.desktop.cli.Outcome.runOn;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Commands that answer line by line: what is wrong with a line is said in its place. */
class BatchTest {

  @TempDir private Path folder;

  private static String mark(String id, String data) {
    return "{\"id\":\"" + id + "\"," + data + ",\"measure\":\"mean\",\"answer\":\"9.67\"}\n";
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "oops",
        "{\"id\":2,\"values\":[8,1e99999999999],\"measure\":\"mean\",\"answer\":\"1\"}",
        "{\"id\":2,\"values\":[8],\"measure\":\"correlation\",\"answer\":\"1\"}",
        "{\"id\":2,\"values\":[8],\"measure\":\"fit_chi_squared\",\"answer\":\"1\"}",
        "[1,2]"
      })
  void aLineThatCannotBeMarkedCostsNoOther(String bad) {
    String good = mark("a", "\"values\":[8,10,11]");

    Outcome outcome = runOn(good + bad + "\n" + good, "mark", "-");

    assertThat(outcome.lines()).hasSize(3);
    assertThat(outcome.lines().get(0)).contains("\"agrees\"").isEqualTo(outcome.lines().get(2));
    assertThat(outcome.lines().get(1))
        .contains("\"unreadable\"", "\"reason\"")
        .doesNotContain("unexpected");
    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "measures|{\"id\":1,\"values\":[1,2]}|{\"id\":2,\"values\":[8,1e99999999999]}",
        "measures|{\"id\":1,\"values\":[1,2]}|{\"id\":2}",
        "distribution|{\"id\":1,\"distribution\":\"normal\",\"at\":1}"
            + "|{\"id\":2,\"distribution\":\"normal\",\"area\":\"1e-400\"}",
        "distribution|{\"id\":1,\"distribution\":\"normal\",\"at\":1}"
            + "|{\"id\":2,\"distribution\":\"chi-squared\",\"df\":[\"1e400\"],\"area\":0.5}"
      })
  void aLineThatCannotBeAnsweredIsRefusedWithACode(String command, String good, String bad) {
    Outcome outcome = runOn(bad + "\n" + good + "\n", command, "--lines", "-");

    assertThat(outcome.lines()).hasSize(2);
    assertThat(outcome.lines().get(0))
        .contains("\"refused\":", "\"code\":")
        .doesNotContain("unexpected");
    assertThat(outcome.lines().get(1)).startsWith("{\"id\":1,").doesNotContain("refused");
    assertThat(outcome.code()).isEqualTo(3);
    assertThat(runOn(good + "\n", command, "--lines", "-").code()).isZero();
  }

  @Test
  void anAnswerThatIsNoNumberIsAnAnswerAllTheSame() {
    String line = mark("a", "\"values\":[8,10,11]").replace("9.67", "ten");

    Outcome outcome = runOn(line, "mark", "-");

    assertThat(outcome.out()).contains("\"unreadable\"");
    assertThat(outcome.code()).isZero();
  }

  @Test
  void aLineThatNeverEndsIsRefusedByItsLength() {
    byte[] endless = new byte[9 << 20];
    Arrays.fill(endless, (byte) ' ');
    String text = new String(endless, StandardCharsets.US_ASCII);

    Outcome outcome = runOn(text + "\n" + mark("b", "\"values\":[8,10,11]"), "mark", "-");

    assertThat(outcome.lines().get(0)).contains("8 MB");
    assertThat(outcome.lines().get(1)).contains("agrees");
  }

  @Test
  void aTableOfAnswersIsKnownByItsHead() throws Exception {
    Path answers = folder.resolve("answers.csv");
    Files.writeString(answers, "id,values,measure,answer\na,8 10 11,mean,9.67\n");

    Outcome outcome = run("mark", answers.toString());

    assertThat(outcome.out()).contains("\"id\":\"a\",\"verdict\":\"agrees\"");
    assertThat(outcome.code()).isZero();
    Files.writeString(answers, "\uFEFF" + Files.readString(answers));
    assertThat(run("mark", answers.toString()).out()).isEqualTo(outcome.out());
  }

  @Test
  void aRowWithACellTooManyIsNotMarkedByHalfOfIt() throws Exception {
    Path answers = folder.resolve("answers.csv");
    Files.writeString(
        answers, "id,values,measure,answer\nAna,8 10 11,mean,9,67\nLuis,8 10 11,mean,9.67,,\n");

    Outcome outcome = run("mark", answers.toString());

    assertThat(outcome.lines().get(0))
        .contains("\"unreadable\"", "line 2", "5, not 4")
        .doesNotContain("explanations");
    assertThat(outcome.lines().get(1)).contains("agrees");
    assertThat(outcome.code()).isEqualTo(3);
  }

  @Test
  void theReasonWhyThereIsNoResultHasACodeInEveryLanguage() throws Exception {
    String english = run("measures", "--values", "4", "--format", "json").out();
    String spanish = run("measures", "--values", "4", "--format", "json", "--language", "es").out();

    String code =
        new ObjectMapper()
            .readTree(english)
            .path("measures")
            .path("variance")
            .path("code")
            .asText();
    assertThat(code).isNotEmpty();
    assertThat(spanish).contains("\"code\":\"" + code + "\"");
  }

  @Test
  void noValuesAreNoSample() {
    Outcome outcome = run("measures", "--values", "");

    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err()).contains("no value");
  }

  @Test
  void countsAreWorkedAgainstWhatIsExpected() throws Exception {
    Path counted = folder.resolve("colours.csv");
    Files.writeString(counted, "colour,count\nred,30\ngreen,50\nyellow,20\n");
    String[] asked = {
      "working", counted.toString(), "--kind", "categories", "--measure", "fit_chi_squared"
    };

    assertThat(run(asked).out()).contains("14.00");
    String[] scaled = Arrays.copyOf(asked, asked.length + 2);
    scaled[asked.length] = "--with";
    scaled[asked.length + 1] = "expected=30,50,20";
    assertThat(run(scaled).out()).contains("Rounded by the course rules: 0.00");
    assertThat(
            run("working", counted.toString(), "--measure", "fit_chi_squared", "--column", "count"))
        .satisfies(outcome -> assertThat(outcome.code()).isEqualTo(2))
        .satisfies(outcome -> assertThat(outcome.err()).contains("not a measure of such data"));
  }

  @Test
  void whatNeedsTwoNumbersIsGivenBothByName() {
    Outcome outcome =
        run(
            "working",
            "--values",
            "52 49 55 50",
            "--measure",
            "z_one",
            "--with",
            "mu=50",
            "--with",
            "sigma=4");

    assertThat(outcome.code()).isZero();
    assertThat(outcome.out()).contains("0.75");
  }
}
