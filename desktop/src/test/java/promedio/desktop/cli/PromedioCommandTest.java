package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;
import static promedio.desktop.cli.Outcome.runOn;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PromedioCommandTest {

  @TempDir private Path folder;

  private String file(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text).toString();
  }

  @Test
  void valuesOnTheCommandLineAsJson() throws Exception {
    Outcome outcome = run("measures", "--values", "2.675", "--format", "json");

    assertThat(outcome.code()).isZero();
    assertThat(outcome.json().at("/measures/mean/rounded").asText()).isEqualTo("2.68");
    assertThat(outcome.json().get("source").asText()).isEqualTo("values");
    assertThat(outcome.err()).isEmpty();
  }

  @Test
  void aColumnOfAFileWithRulesTrimAndPercentiles() throws Exception {
    String pears = file("pears.csv", "tree,weight\nA,118\nB,\nC,121\nD,124\n");

    Outcome outcome =
        run(
            "measures",
            pears,
            "--column",
            "weight",
            "--rule",
            "divisor=n",
            "--rule",
            "places=3",
            "--trim",
            "0.4",
            "--percentile",
            "90",
            "--percentile",
            "2.5",
            "--format",
            "json");

    JsonNode json = outcome.json();
    assertThat(json.get("source").asText()).isEqualTo("pears.csv");
    assertThat(json.get("column").asText()).isEqualTo("weight");
    assertThat(json.get("missing").asInt()).isEqualTo(1);
    assertThat(json.at("/measures/variance/exact").asText()).isEqualTo("6");
    assertThat(json.at("/measures/trimmed_mean/rounded").asText()).isEqualTo("121.000");
    assertThat(json.at("/measures/percentiles")).hasSize(2);
  }

  @Test
  void textForAPerson() throws Exception {
    Outcome outcome = run("measures", file("g.csv", "g\n-3\n-4\n\nNA\n"));

    assertThat(outcome.out())
        .startsWith("g.csv, g: 2 values, 1 missing")
        .containsPattern("mean +−3\\.50")
        .containsPattern("modes +none: every value occurs equally often");
  }

  @Test
  void aTableOfValuesAndFrequencies() throws Exception {
    String baskets = file("baskets.csv", "pears;baskets\n36;3\n37;7\n");

    Outcome outcome = run("measures", baskets, "--kind", "value-frequency", "--format", "json");

    assertThat(outcome.json().at("/measures/mean/exact").asText()).isEqualTo("367/10");
    assertThat(outcome.json().has("column")).isFalse();
  }

  @Test
  void standardInputAsAListOrAsLines() throws Exception {
    assertThat(runOn("8 10\n11 11\n", "measures", "-", "--format", "json").json().get("n").asInt())
        .isEqualTo(4);

    Outcome lines =
        runOn(
            "{\"id\":\"a\",\"values\":[1,2]}\n\n{\"id\":\"b\",\"values\":[\"x\"]}\n",
            "measures",
            "--lines",
            "-");

    List<String> answers = lines.out().lines().toList();
    assertThat(answers).hasSize(2);
    assertThat(answers.get(0)).startsWith("{\"id\":\"a\",\"n\":2,\"missing\":0,\"rules\":");
    assertThat(answers.get(1)).startsWith("{\"id\":\"b\",\"refused\":");
    assertThat(lines.code()).isEqualTo(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "measures|name one input",
        "measures --values 1 file.csv|name one input",
        "measures --values 1 --rule divisor=m|it can be n-1, n",
        "measures --values 1 --rule sum=3|the rules are divisor",
        "measures --values 1 --percentile 200|from 0 to 100",
        "measures --values 1 --trim a|from 0 to 1",
        "measures --values 1 --kind trios|[raw, value-frequency, classes, categories, pairs, groups",
        "measures --values 1 --kind pairs|pairs come from a file, not from --values",
        "measures --values 1 --colour red|Unknown option",
        "measure|Unmatched argument",
        "measures --values 8 10|, --values \"8 10 11\"",
        "measures --values 8 10 11|Unmatched argument: 11. Several values go between quotation marks",
        "measures a.csv b.csv|Unmatched argument: b.csv."
      })
  void wrongUseIsExitTwoAndSaysWhatIsRight(String arguments, String message) {
    Outcome outcome = run(arguments.split(" "));

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err()).contains(message);
    assertThat(outcome.out()).isEmpty();
  }

  @Test
  void severalColumnsOfNumbersAreExitTwoWithTheirNames() throws Exception {
    Outcome outcome = run("measures", file("two.csv", "a,b\n1,2\n3,4\n"));

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err()).contains("a, b");
  }

  @Test
  void inputThatCannotBeUsedIsExitThreeInOneLine() throws Exception {
    Outcome unreadable = run("measures", file("bad.csv", "g\n118\n14o\n"), "--invalid", "refuse");
    Outcome negative =
        run("measures", file("neg.csv", "v,f\n1,-2\n3,4\n"), "--kind", "value-frequency");

    assertThat(unreadable.code()).isEqualTo(3);
    assertThat(unreadable.err().lines()).containsExactly("bad.csv, line 3: “14o” is not a number");
    assertThat(negative.code()).isEqualTo(3);
    assertThat(negative.err()).contains("neg.csv", "frequency of 1 is -2");
    assertThat(run("measures", "--values", "8 x", "--invalid", "refuse").code()).isEqualTo(3);
    assertThat(run("measures", folder.resolve("gone.csv").toString()).err())
        .contains("no such file");
    assertThat(run("measures", "--lines", folder.resolve("gone.jsonl").toString()).code())
        .isEqualTo(3);
  }

  @Test
  void samplesAreWrittenAndCanBeReadAgain() {
    Path target = folder.resolve("orchard");

    Outcome outcome = run("samples", target.toString());

    assertThat(outcome.code()).isZero();
    assertThat(outcome.out().lines()).hasSize(11).allMatch(line -> Files.exists(Path.of(line)));
    assertThat(
            run("measures", target.resolve("terraces.csv").toString(), "--column", "weight_g")
                .code())
        .isZero();
    assertThat(
            run(
                    "measures",
                    target.resolve("pears-per-basket.csv").toString(),
                    "--kind",
                    "value-frequency")
                .out())
        .containsPattern("mean +39\\.05");
  }

  @Test
  void helpShowsExamples() {
    assertThat(run("--help").out()).contains("promedio demo", "Examples:");
    assertThat(run("measures", "--help").out())
        .contains("--percentile", "--lines - < samples.jsonl");
    assertThat(run("--version").out()).contains("promedio 0.1.0");
  }

  @Test
  void contentsTellsOfEachFileAndGoesOnAfterOneThatIsRefused() throws Exception {
    String good = file("trays.csv", "Huerta\ntray;weight\n1;131,5\n2;NA\n3;14o\n");
    String empty = file("empty.csv", "");

    Outcome outcome = run("contents", empty, good);

    assertThat(outcome.code()).isEqualTo(3);
    String[] lines = outcome.out().split("\n", -1);
    assertThat(lines[0]).contains("\"source\":\"empty.csv\"", "the file is empty");
    JsonNode told = new ObjectMapper().readTree(lines[1]);
    assertThat(told.get("separator").asText()).isEqualTo(";");
    assertThat(told.get("decimal").asText()).isEqualTo(",");
    assertThat(told.get("header_line").asInt()).isEqualTo(2);
    assertThat(told.at("/columns/1").toString())
        .isEqualTo(
            "{\"name\":\"weight\",\"kind\":\"number\",\"n\":1,\"missing\":1,"
                + "\"unreadable\":1,\"distinct\":1,\"min\":\"131.5\",\"max\":\"131.5\","
                + "\"sum\":\"131.5\"}");
  }

  @Test
  void whatTheReaderRecognisesCanBeDecidedByOptions() throws Exception {
    String file = file("trays.csv", "a;b\n1;-999\n2;5\n");

    Outcome outcome =
        run("contents", file, "--missing", "-999", "--header-line", "0", "--format", "text");

    assertThat(outcome.code()).isZero();
    assertThat(outcome.out())
        .contains("3 rows, 2 columns", "column 2 (number): 1 entry, 1 missing, 1 invalid");
    assertThat(run("contents", file, "--decimal", "x").out()).contains("“x”");
  }

  @Test
  void measuresAfterTheStepsOfAFile() throws Exception {
    String file = file("trays.csv", "tray,weight\n1,131\n2,14o\n3,141\n4,900\n");
    String steps =
        file(
            "tidy.steps.json",
            "[{\"do\":\"mend\",\"column\":\"weight\",\"row\":2,\"text\":\"140\"},"
                + "{\"do\":\"leave-out\",\"where\":\"weight > 200\"}]");
    String misfit = file("wrong.steps.json", "[{\"do\":\"leave-out\",\"where\":\"wight > 1\"}]");

    Outcome outcome =
        run("measures", file, "--steps", steps, "--column", "weight", "--format", "json");

    assertThat(outcome.json().at("/measures/mean/exact").asText()).isEqualTo("412/3");
    Outcome refused = run("measures", file, "--steps", misfit, "--column", "weight");
    assertThat(refused.code()).isEqualTo(3);
    assertThat(refused.err()).contains("leave out rows where wight > 1", "no column “wight”");
  }

  @Test
  void theLogOfTheSortingLineIsMadeInAnySize() throws Exception {
    Outcome outcome = run("samples", folder.toString(), "--log", "50");

    assertThat(outcome.out()).contains("sorting-line.csv");
    JsonNode told = run("contents", folder.resolve("sorting-line.csv").toString()).json();
    assertThat(told.get("rows").asInt()).isEqualTo(50);
    assertThat(told.get("columns")).hasSize(28);
    long numbers =
        StreamSupport.stream(told.get("columns").spliterator(), false)
            .filter(column -> column.get("kind").asText().equals("number"))
            .count();
    assertThat(numbers).isEqualTo(21);
  }

  @Test
  void theWorkingOfAMeasureIsPrinted() {
    Outcome outcome =
        run("working", "--values", "8 10 11 11", "--measure", "sd", "--method", "shortcut");

    assertThat(outcome.code()).isZero();
    assertThat(outcome.out())
        .startsWith("Standard deviation\n   x    x²\n   8    64\n")
        .contains(
            "s = √((Σx² − (Σx)² / n) / (n − 1)) = √((406 − 40² / 4) / (4 − 1)) ≈ 1.4142",
            "Rounded by the course rules: 1.41");
    Outcome rounded =
        run("working", "--values", "8 -2 11", "--measure", "mean_deviation", "--rule", "carry=1");
    assertThat(rounded.out()).contains("x̄ = Σx / n = 17 / 3 ≈ 5.7", "add up to −0.1 instead of 0");
    assertThat(run("working", "--values", "8", "--measure", "sd").err())
        .contains("no working for the standard deviation: needs at least 2 values");
    assertThat(
            run("working", "--values", "8 9", "--measure", "mean", "--method", "shortcut").code())
        .isEqualTo(2);
    assertThat(run("working", "--values", "8 9", "--measure", "mean", "--format", "latex").out())
        .contains("\\[\\bar{x} = \\frac{\\sum x}{n} = \\frac{17}{2} = 8.5\\]");
  }

  @Test
  void whatIsAboutANumberIsWorkedWithIt() {
    String values = "1 2 3 4 5 6 7 8 9 100";
    assertThat(
            run("working", "--values", values, "--measure", "trimmed_mean", "--with", "0.1").out())
        .contains(
            "Mean without the lowest and highest 10 %",
            "x̄ₜ = Σx / (n − 2 · g) = 44 / (10 − 2 · 1) = 5.5");
    assertThat(run("working", "--values", values, "--measure", "z_score", "--with", "9").out())
        .contains("z = (x₀ − x̄) / s");
    assertThat(run("working", "--values", values, "--measure", "percentile").err())
        .contains("needs a number: --with NUMBER");
    assertThat(run("working", "--values", values, "--measure", "percentile", "--with", "9o").err())
        .contains("“9o” is not a number");
    assertThat(run("working", "--values", values, "--measure", "five_numbers").out())
        .endsWith("Rounded by the course rules: 1.00; 3.00; 5.50; 8.00; 100.00\n");
  }

  @Test
  void theAssumedMeanAndItsStepAreChosen() {
    assertThat(
            run(
                    "working",
                    "--values",
                    "110 120 150",
                    "--measure",
                    "mean",
                    "--method",
                    "step",
                    "--assumed-mean",
                    "130",
                    "--step",
                    "5",
                    "--unit",
                    "g")
                .out())
        .contains("u = (x − A) / h = (x − 130) / 5", "Rounded by the course rules: 126.67 g");
    assertThat(
            run("working", "--values", "1 2", "--measure", "sd", "--method", "step", "--step", "0")
                .err())
        .contains("the step must be above 0");
  }

  @Test
  void aWorkingIsWrittenAsAPageOrForPrograms() {
    assertThat(run("working", "--values", "8 10", "--measure", "sd", "--format", "html").out())
        .startsWith("<!DOCTYPE html>")
        .contains("<math");
    assertThat(run("working", "--values", "8 10", "--measure", "sd", "--format", "json").out())
        .contains("\"exact\":[\"sqrt(2)\"]");
    assertThat(run("working", "--values", "8 10", "--measure", "sd", "--format", "pdf").err())
        .contains("text, markdown, latex, html, json");
  }

  @Test
  void aClassTableIsReadFromValuesAndFromFiles() throws IOException {
    assertThat(
            run(
                    "measures",
                    "--kind",
                    "classes",
                    "--values",
                    "10–19 5, 20–29 8, 30–39 4",
                    "--format",
                    "json")
                .out())
        .contains("\"median\":{\"exact\":\"191/8\"");
    Path file = folder.resolve("weights.csv");
    Files.writeString(file, "lower,upper,frequency\n,10,3\n10,20,8\n20,,2\n");
    Outcome open = run("measures", "--kind", "classes", file.toString(), "--format", "json");
    assertThat(open.out())
        .contains("\"mean\":{\"absent\":\"an open class has no midpoint\",\"code\":");
    Files.writeString(file, "class;f\n10–19;3\n20–29;8\n");
    assertThat(run("measures", "--kind", "classes", file.toString()).out()).contains("21.77");
    Files.writeString(file, "10,20,3\n18,28,4\n");
    Outcome overlap = run("measures", "--kind", "classes", file.toString());
    assertThat(overlap.code()).isEqualTo(3);
    assertThat(overlap.err()).contains("weights.csv", "class 18–28 begins before class 10–20 ends");
  }
}
