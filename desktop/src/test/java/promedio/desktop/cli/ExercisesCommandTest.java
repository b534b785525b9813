package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.StatedRules;
import promedio.files.assignment.AssignmentFile;

/** A tutor makes sheets with data of their own, and marks what comes back. */
class ExercisesCommandTest {

  @TempDir private Path folder;
  private String sheet = "";

  @BeforeEach
  void writeTheAssignment() throws Exception {
    Path file = folder.resolve("sheet.promedio");
    AssignmentFile.write(
        Assignment.empty("Pears")
            .with(Item.of(1, "upper", "g", new Source.ValuesText("118 131 124 139 121")))
            .with(Item.of(2, "trees", "", new Source.PairsText("2 11\n4 19\n6 33\n8 38")))
            .asking(
                Part.of(1, "How heavy?", Selection.of(1), StatedRules.NONE),
                List.of(
                    Request.of(Measures.MEAN),
                    new Request(Measures.PERCENTILE, List.of(Exact.of(90)))))
            .asking(
                Part.of(2, "How near to a line?", Selection.of(2), StatedRules.places(3)),
                List.of(Request.of(Measures.ofKey("correlation").orElseThrow()))),
        file);
    sheet = file.toString();
  }

  private Path make(int variants) {
    Path into = folder.resolve("sheets");
    Outcome made =
        Outcome.run(
            "exercises",
            sheet,
            "--variants",
            String.valueOf(variants),
            "--seed",
            "7",
            "--format",
            "md",
            "--into",
            into.toString());
    assertThat(made.err()).isEmpty();
    assertThat(made.code()).isZero();
    return into;
  }

  private static List<JsonNode> key(Path sheets) throws Exception {
    List<JsonNode> key = new ArrayList<>();
    for (String line : Files.readAllLines(sheets.resolve("key.jsonl"))) {
      key.add(new ObjectMapper().readTree(line));
    }
    return key;
  }

  private static String mean(JsonNode line) {
    Exact sum = Exact.ZERO;
    for (JsonNode value : line.path("values")) {
      sum = sum.plus(Exact.of(value.asLong()));
    }
    return sum.over(5).rounded(2, Rounding.HALF_UP).toPlainString();
  }

  @Test
  void eachSheetHasDataOfItsOwnASolutionAndLinesInTheKey() throws Exception {
    Path sheets = make(3);

    assertThat(sheets.toFile().list())
        .contains("sheet-01.md", "sheet-03.md", "solution-01.md", "key.jsonl");
    assertThat(key(sheets)).hasSize(9);
    assertThat(Files.readString(sheets.resolve("sheet-01.md")))
        .contains("Pears, sheet 01", "How heavy?", "Find\\: Mean; Percentile 90")
        .doesNotContain("Result");
    assertThat(Files.readString(sheets.resolve("solution-01.md")))
        .contains("Result\\: x̄ \\= " + mean(key(sheets).get(0)).replace(".", "\\."));
    assertThat(Files.readString(sheets.resolve("sheet-01.md")))
        .isNotEqualTo(
            Files.readString(sheets.resolve("sheet-02.md")).replace("sheet 02", "sheet 01"));
  }

  @Test
  void answersOfAClassAreMarkedByTheKey() throws Exception {
    Path sheets = make(2);
    List<JsonNode> key = key(sheets);
    String right = mean(key.get(0));
    String rounded = key.get(3).path("values").get(0).asText();
    Path answers =
        Files.writeString(
            folder.resolve("answers.csv"),
            "id,variant,part,measure,answer\n"
                + "ana,1,(a),mean,"
                + right
                + "\n"
                + "ana,01,b,,2\n"
                + "ben,2,a,mean,-"
                + rounded
                + "\n"
                + "ben,2,a,sd,1\n"
                + "eva,9,a,mean,1\n");
    Outcome marked =
        Outcome.run(
            "mark",
            answers.toString(),
            "--format",
            "csv",
            "--key",
            sheets.resolve("key.jsonl").toString());
    List<String> lines = marked.lines();

    assertThat(lines).hasSize(5);
    assertThat(lines.get(0)).contains("\"verdict\":\"agrees\"");
    assertThat(lines.get(1)).contains("\"id\":\"ana\"").doesNotContain("\"agrees\"");
    assertThat(lines.get(2)).doesNotContain("\"agrees\"");
    assertThat(lines.get(3)).contains("part a does not ask “sd”; name one of mean, percentile 90");
    assertThat(lines.get(4)).contains("the key has no part a of variant 9");

    Outcome students =
        Outcome.run(
            "mark",
            answers.toString(),
            "--format",
            "csv",
            "--students",
            "--key",
            sheets.resolve("key.jsonl").toString());
    assertThat(students.lines().get(0)).isEqualTo("id,answers,right,mistakes");
    assertThat(students.lines().get(1)).startsWith("ana,2,1,b correlation: ");
    assertThat(students.lines().get(2)).startsWith("ben,2,0,");
  }

  @Test
  void whatCannotBeIsSaidAndNothingIsReplaced() throws Exception {
    Path sheets = make(1);
    Outcome again = Outcome.run("exercises", sheet, "--into", sheets.toString(), "--format", "md");
    Outcome none = Outcome.run("exercises", sheet, "--variants", "0", "--into", "x");
    Path plain = folder.resolve("plain.promedio");
    AssignmentFile.write(Assignment.empty("Plain"), plain);
    Outcome parts = Outcome.run("exercises", plain.toString(), "--into", "x");
    Path wrong = Files.writeString(folder.resolve("key.jsonl"), "{\"variant\":\"1\"}\n");
    Path answers = Files.writeString(folder.resolve("a.csv"), "id,variant,part,answer\na,1,a,2\n");
    Outcome key =
        Outcome.run("mark", answers.toString(), "--format", "csv", "--key", wrong.toString());

    assertThat(again.code()).isEqualTo(2);
    assertThat(again.err()).contains("already exists and is not empty", "--force");
    assertThat(none.err()).contains("variants are from 1 to 1000, not 0");
    assertThat(parts.code()).isEqualTo(3);
    assertThat(parts.err()).contains("has no parts");
    assertThat(key.code()).isEqualTo(3);
    assertThat(key.err()).contains("line 1 is not a line of an answer key: “part” is missing");
    assertThat(Outcome.run("mark", "-", "--format", "json", "--key", wrong.toString()).err())
        .contains("--key and --students are for --format csv");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "118 x7 1o 4,5|2 entries cannot be read",
        "1e308 2e308|beyond 10^100",
        "many|more than 400 values"
      })
  void aSheetThatWouldNotHoldWhatItsKeyKnowsIsNotMade(String values, String why) throws Exception {
    String text = values.equals("many") ? "7 ".repeat(401) : values;
    Path odd = folder.resolve("odd.promedio");
    AssignmentFile.write(
        AssignmentFile.read(Path.of(sheet))
            .with(Item.of(1, "upper", "g", new Source.ValuesText(text))),
        odd);
    Path into = folder.resolve("none");

    Outcome refused = Outcome.run("exercises", odd.toString(), "--into", into.toString());

    assertThat(refused.code()).isEqualTo(3);
    assertThat(refused.err()).contains("upper", why);
    assertThat(into).doesNotExist();
  }
}
