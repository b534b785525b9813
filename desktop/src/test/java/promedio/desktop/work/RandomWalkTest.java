package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Rule;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.files.assignment.AssignmentFile;

/** Five hundred edits at random: all the way back and forth again, and through a file. */
class RandomWalkTest {

  private static final int EDITS = 500;

  @TempDir private Path folder;

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void undoRedoAndSavingGiveEqualAssignments(long seed) throws Exception {
    Random random = new Random(seed);
    Workspace workspace =
        new Workspace(DemoAssignment.create(), new Background(Runnable::run, Runnable::run));
    List<Assignment> seen = new ArrayList<>(List.of(workspace.assignment()));
    for (int i = 0; i < EDITS; i++) {
      edit(workspace, random);
      seen.add(workspace.assignment());
    }
    Path file = folder.resolve("walk.promedio");
    AssignmentFile.write(workspace.assignment(), file);
    assertThat(AssignmentFile.read(file)).isEqualTo(workspace.assignment());

    Assignment last = workspace.assignment();
    while (workspace.session().nameOfUndo().isPresent()) {
      assertThat(workspace.session().nameOfUndo().get()).isNotBlank();
      workspace.session().undo();
      assertThat(seen).contains(workspace.assignment());
    }
    assertThat(workspace.assignment()).isEqualTo(DemoAssignment.create());
    while (workspace.session().nameOfRedo().isPresent()) {
      workspace.session().redo();
    }
    assertThat(workspace.assignment()).isEqualTo(last);
  }

  private static void edit(Workspace workspace, Random random) {
    int n = random.nextInt(1000);
    switch (random.nextInt(15)) {
      case 0 -> workspace.setRule(Rule.PLACES, n % 13);
      case 1 -> workspace.setRule(Rule.QUARTILES, any(Rule.QUARTILES.values(), random));
      case 2 -> workspace.setRule(Rule.SKEWNESS, any(Rule.SKEWNESS.values(), random));
      case 3 -> workspace.setSign(any(List.of(DecimalSign.values()), random));
      case 4 -> workspace.setTitle("Title " + n);
      case 5 -> workspace.items().type(n + " 3,5 x" + n + " " + n / 7.0 + " —");
      case 6 ->
          workspace
              .items()
              .answer(Request.of(any(Measures.all(), random)), n % 5 == 0 ? "" : "" + n);
      case 7 -> workspace.items().rename("Row \"" + n + "\" Ñ");
      case 8 -> workspace.shelf().addSample(new Source.ValuesText("1 " + n));
      case 9 -> workspace.shelf().addFrequencies();
      case 10 -> workspace.shelf().duplicateChosen();
      case 11 -> workspace.shelf().moveChosen(n % 5 - 2);
      case 12 -> workspace.items().setNote("note\n" + n);
      case 13 -> {
        if (workspace.assignment().items().size() > 3) {
          workspace.shelf().removeChosen();
        }
      }
      default -> workspace.choose(any(workspace.assignment().items(), random).id());
    }
  }

  private static <T> T any(List<T> values, Random random) {
    return values.get(random.nextInt(values.size()));
  }
}
