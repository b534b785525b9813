package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Task;
import promedio.files.assignment.AssignmentFile;

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
                Part.of(1, "How heavy?", Selection.of(1), Optional.empty()),
                List.of(Task.of(Measures.MEAN)))
            .asking(
                Part.of(2, "How far?", Selection.of(1), Optional.empty()),
                List.of(Task.of(Measures.SD))),
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
