package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Original;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepPipeline;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/** The document of an assignment on the command line. */
class HandInCommandTest {

  @TempDir private Path folder;
  private String pears = "";

  @BeforeEach
  void writeTheAssignment() throws Exception {
    Path file = folder.resolve("pears.promedio");
    AssignmentFile.write(
        Assignment.empty("Pears")
            .with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12")))
            .asking(
                Part.of(1, "How heavy?", Selection.of(1), StatedRules.NONE),
                List.of(Request.of(Measures.MEAN)))
            .asking(
                Part.of(2, "How far?", Selection.of(1), StatedRules.NONE),
                List.of(Request.of(Measures.SD))),
        file);
    pears = file.toString();
  }

  @ParameterizedTest
  @ValueSource(strings = {"pdf", "html", "tex", "md"})
  void aDocumentIsWrittenInTheFormatThatItsNameTells(String ending) {
    Path into = folder.resolve("answer." + ending);
    Outcome outcome = Outcome.run("hand-in", pears, "--into", into.toString());

    assertThat(outcome.err()).isEmpty();
    assertThat(outcome.code()).isZero();
    assertThat(outcome.lines()).containsExactly(into.toString());
    assertThat(into).isNotEmptyFile();
  }

  @ParameterizedTest
  @ValueSource(strings = {"hand-in", "exercises"})
  void aFileThatATableRefersToIsReadOnlyWhereThatIsAskedFor(String command) throws Exception {
    Path secret = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n3,4\n");
    Original original =
        new Original.Referred(secret.toString(), Fingerprint.of(DataSource.of(secret)));
    Table table =
        TableReader.read(DataSource.of(secret), ReadingChoices.NONE, Progress.NONE).table();
    Path mine = Files.createDirectories(folder.resolve("mine")).resolve("pears.promedio");
    Assignment plain = AssignmentFile.read(Path.of(pears));
    AssignmentFile.write(
        plain.with(
            new ImportedTable(1, "log", original, ReadingChoices.NONE, StepPipeline.of(table))),
        mine);
    String into = folder.resolve(command.equals("hand-in") ? "a.md" : "sheets").toString();

    Outcome unasked = Outcome.run(command, mine.toString(), "--into", into);
    Outcome asked =
        Outcome.run(command, mine.toString(), "--into", into, "--read-tables", "--force");

    assertThat(unasked.err()).contains("“log” was not read", "secret.csv");
    assertThat(unasked.code()).isZero();
    assertThat(asked.err()).isEmpty();
    assertThat(asked.code()).isZero();
  }

  @Test
  void aDocumentThatIsThereIsReplacedOnlyWhereThatIsAskedFor() throws Exception {
    Path into = Files.writeString(folder.resolve("answer.md"), "my own");

    Outcome refused = Outcome.run("hand-in", pears, "--into", into.toString());

    assertThat(refused.code()).isEqualTo(2);
    assertThat(refused.err()).contains("already exists", "--force");
    assertThat(into).hasContent("my own");
    assertThat(Outcome.run("hand-in", pears, "--into", into.toString(), "--force").code()).isZero();
    assertThat(into).content().contains("Part");
  }

  @Test
  void partsAndContentsAreChosen() throws Exception {
    Path into = folder.resolve("answer.md");
    Outcome.run(
        "hand-in", pears, "--parts", "b", "--contents", "data,workings", "--into", into.toString());

    assertThat(Files.readString(into))
        .contains("## Part \\(b\\)", "8; 10; 12", "\\sqrt")
        .doesNotContain("Part \\(a\\)", "Course rules", "![");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--into answer.docx | answer.docx should end in one of .pdf, .html, .tex, .md",
        "--into a.pdf --parts c | there is no part “c”; the assignment has 2 parts",
        "--into a.pdf --contents all | “all” is not one of rules, data, graphs, results, workings",
      })
  void wrongUseSaysWhatIsRight(String options, String why) {
    String[] words = ("hand-in " + pears + " " + options).split(" ");
    Outcome outcome = Outcome.run(words);

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err()).contains(why);
    assertThat(folder.resolve("a.pdf")).doesNotExist();
  }

  @Test
  void whatIsNoAssignmentIsRefused() throws Exception {
    Path other = Files.writeString(folder.resolve("x.promedio"), "a,b\n1,2\n");
    Outcome outcome =
        Outcome.run("hand-in", other.toString(), "--into", folder.resolve("a.pdf").toString());

    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err()).contains("not an assignment of Promedio");
    assertThat(folder.resolve("a.pdf")).doesNotExist();
  }
}
