package promedio.files.tidy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.rules.ClassEnd;
import promedio.core.table.Kind;
import promedio.core.tidy.ChangeKind;
import promedio.core.tidy.ChooseColumns;
import promedio.core.tidy.ComputeColumn;
import promedio.core.tidy.CutIntoClasses;
import promedio.core.tidy.DrawRows;
import promedio.core.tidy.DropMissing;
import promedio.core.tidy.DropRepeated;
import promedio.core.tidy.FillMissing;
import promedio.core.tidy.LeaveOutRows;
import promedio.core.tidy.LeaveOutWhere;
import promedio.core.tidy.MendEntry;
import promedio.core.tidy.Recode;
import promedio.core.tidy.RenameColumn;
import promedio.core.tidy.SortRows;
import promedio.core.tidy.StackColumns;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.Total;
import promedio.core.tidy.TotalAcross;
import promedio.core.tidy.TotalsRow;
import promedio.core.tidy.UnstackGroups;
import promedio.files.RefusedFileException;

class StepsJsonTest {

  @TempDir private Path folder;

  @Test
  void everyKindOfStepComesBackAsItWas() throws Exception {
    List<Step> steps =
        List.of(
            new ChooseColumns(List.of("a", "b")),
            new RenameColumn("a", "c"),
            new SortRows("c", true),
            new LeaveOutWhere("c > 3"),
            new LeaveOutRows(new TreeSet<>(List.of(3, 1))),
            new DrawRows(30, 7),
            new Recode("c", List.of(new Recode.Change("1", "early"))),
            new CutIntoClasses(
                "c", "class", List.of("1", "2.5"), ClassEnd.UPPER, true, List.of("x", "y", "z")),
            new ComputeColumn("d", "c × 2"),
            new FillMissing("c", FillMissing.Filling.MEDIAN, ""),
            new DropRepeated(List.of("g")),
            new DropMissing(List.of("c")),
            new ChangeKind("c", Kind.CATEGORY),
            new StackColumns(List.of("a", "b"), "v", "g"),
            new UnstackGroups("v", "g"),
            new TotalAcross(List.of("a", "b"), Total.MEAN, "m"),
            new TotalsRow(Total.SUM),
            new MendEntry("c", 3, "12"));
    assertThat(steps).hasSize(Step.class.getPermittedSubclasses().length);
    List<StepEntry> listed =
        steps.stream()
            .map(StepEntry::of)
            .map(l -> l.switched(l.step() instanceof SortRows))
            .toList();
    Path file = folder.resolve("tidy.steps.json");

    StepsJson.write(listed, file);

    assertThat(StepsJson.read(file)).isEqualTo(listed);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | a list of steps in square brackets",
        "[3] | step 1: it is not an object",
        "[{\"do\":\"fly\"}] | step 1: “fly” is not a kind of step",
        "[{\"x\":\"fly\"}] | step 1: its “do” is missing",
        "[{\"do\":\"sort\"}] | step 1: “column” is missing",
        "[{\"do\":\"choose\",\"columns\":3}] | step 1: “columns” is missing or wrong",
        "[{\"do\":\"fill\",\"column\":\"a\",\"with\":\"air\",\"value\":\"\"}] | step 1: “with” is missing or wrong",
        "[{\"do\":\"sort\",\"column\":\"a\",\"descending\":true,\"x\":1}] | step 1",
        "[ | not a list of steps"
      })
  void whatIsNoListOfStepsIsRefusedWithTheStepThatIsWrong(String text, String why)
      throws Exception {
    Path file = Files.writeString(folder.resolve("wrong.json"), text);

    assertThatThrownBy(() -> StepsJson.read(file))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("wrong.json")
        .hasMessageContaining(why)
        .hasMessageNotContainingAny("java", "promedio.core", "Step$", "null");
  }
}
