package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;
import static promedio.desktop.cli.Outcome.runOn;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Answers judged from the command line. */
class MarkCommandTest {

  @TempDir private Path folder;

  private Path file(String text) throws Exception {
    return Files.writeString(folder.resolve("answers"), text);
  }

  @Test
  void linesComeBackInTheirOrderHoweverMany() throws Exception {
    String line = "{\"id\":%d,\"values\":[8,10,11],\"measure\":\"mean\",\"answer\":\"9.67\"}\n";
    StringBuilder text = new StringBuilder();
    IntStream.range(0, 1300).forEach(i -> text.append(line.formatted(i)));

    Outcome outcome = run("mark", file(text.toString()).toString());

    assertThat(outcome.code()).isZero();
    assertThat(outcome.lines()).hasSize(1300);
    assertThat(outcome.lines().get(1299))
        .isEqualTo("{\"id\":1299,\"verdict\":\"agrees\",\"explanations\":[]}");
  }

  @Test
  void standardInputIsTheUsualInputAndRulesMayBeGivenForAllLines() {
    String line =
        "{\"id\":\"a\",\"values\":[8,10,11],\"measure\":\"variance\",\"answer\":\"1.56\"}\n";
    assertThat(runOn(line, "mark", "-", "--rule", "divisor=n").lines().get(0))
        .contains("\"verdict\":\"agrees\"");
  }

  @Test
  void whatTheQuestionSaysIsNoRuleOfTheCourse() {
    String line =
        "{\"id\":\"a\",\"values\":[8,10,11],\"measure\":\"variance\",\"answer\":\"2.33\",\"stated\":{\"divisor\":\"n\"}}\n";
    String refused = line.replace("divisor\":\"n", "quartiles\":\"hf7");

    List<String> lines = runOn(line + refused, "mark", "-").lines();

    assertThat(lines.get(0))
        .contains("\"verdict\":\"slip\"", "\"kind\":\"slip\",\"code\":\"divisor\"")
        .contains("the question says that the squares are divided by n");
    assertThat(lines.get(1)).contains("“quartiles” is a rule of the course");
  }

  @Test
  void aClassIsCountedAndItsMarksAreExported() throws Exception {
    Path answers =
        file("id,values,measure,answer\na,12 15 11 20 17,sd,13.50\nb,12 15 11 20 17,sd,3.67\n");
    Path report = folder.resolve("marks.csv");

    Outcome outcome =
        run(
            "mark",
            answers.toString(),
            "--format",
            "csv",
            "--counts",
            "--report",
            report.toString());

    assertThat(outcome.lines()).containsExactly("1  agrees", "1  slip", "1  sd: root-not-taken");
    assertThat(Files.readString(report)).contains("a,,sd,13.50,slip,slip,root-not-taken");
    assertThat(run("mark", answers.toString(), "--format", "csv").lines().get(0))
        .startsWith("{\"id\":\"a\",\"verdict\":\"slip\"");
  }

  @Test
  void aFileForEachStudentIsMarkedAsOneClass() throws Exception {
    Path ana = folder.resolve("ana.csv");
    Path luis = folder.resolve("luis.csv");
    Files.writeString(ana, "id,values,measure,answer\nAna,12 15 11 20 17,sd,13.50\n");
    Files.writeString(luis, "id,values,measure,answer\nLuis,12 15 11 20 17,sd,3.67\n");

    Outcome both = run("mark", ana.toString(), luis.toString(), "--format", "csv", "--students");
    assertThat(both.lines())
        .containsExactly("id,answers,right,mistakes", "Ana,1,0,sd: root-not-taken", "Luis,1,1,");

    Files.writeString(luis, "name\nLuis\n");
    Outcome refused = run("mark", ana.toString(), luis.toString(), "--format", "csv");
    assertThat(refused.code()).isEqualTo(3);
    assertThat(refused.err()).contains("luis.csv");
  }

  @Test
  void wrongUseAndUnusableFilesAreToldWithTheirExitCodes() throws Exception {
    Path lines = file("{}");

    assertThat(run("mark", lines.toString(), "--counts", "--format", "json").code()).isEqualTo(2);
    assertThat(run("mark", lines.toString(), "--rule", "divisor=seven").code()).isEqualTo(2);
    assertThat(run("mark", folder.resolve("nowhere").toString()).code()).isEqualTo(3);
    assertThat(run("mark", lines.toString(), "--format", "csv").code()).isEqualTo(3);
  }
}
