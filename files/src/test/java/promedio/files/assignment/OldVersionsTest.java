package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Task;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.core.working.Method;
import promedio.files.RefusedFileException;

/** A file of every version, written by the program of its time, opens with all in its place. */
class OldVersionsTest {

  private static final int NEWEST = 7;

  @TempDir private Path folder;

  private Assignment read(int version) throws IOException, RefusedFileException {
    Path file = folder.resolve("version-" + version + ".promedio");
    try (InputStream written =
        Objects.requireNonNull(getClass().getResourceAsStream(file.getFileName().toString()))) {
      Files.copy(written, file);
    }
    return AssignmentFile.read(file);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, NEWEST})
  void valuesRulesAndAnswersAreThere(int version) throws IOException, RefusedFileException {
    Assignment read = read(version);

    assertThat(read.title()).isEqualTo("Pears of version " + version);
    assertThat(read.rules().get(Rule.QUARTILES)).isEqualTo(QuantileRule.HF6);
    assertThat(read.items().stream().map(Item::name)).containsExactly("North terrace", "Crates");
    Item north = read.items().get(0);
    assertThat(north.source()).isEqualTo(new Source.ValuesText("12 15 11 20 17"));
    assertThat(north.answer(Task.of(Measures.MEAN))).isEqualTo("15");
    assertThat(north.answer(Task.of(Measures.SD))).isEqualTo("3.67");
    assertThat(north.asked()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 5, 6, NEWEST})
  void ownWorkingsAndScratchPaperAreThere(int version) throws IOException, RefusedFileException {
    Item north = read(version).items().get(0);

    assertThat(
            north.handWork().working(Task.of(Measures.VARIANCE), Method.DEFINITION).entry("mean"))
        .isEqualTo("15");
    assertThat(north.handWork().scratch()).containsExactly("12 + 15 = 27");
  }

  @ParameterizedTest
  @ValueSource(ints = {4, 5, 6, NEWEST})
  void partsAskWhatTheyAsked(int version) throws IOException, RefusedFileException {
    Assignment read = read(version);

    assertThat(read.parts()).hasSize(1);
    assertThat(read.parts().get(0).tasks()).isEqualTo(List.of(Task.of(Measures.MEAN)));
    assertThat(read.parts().get(0).item()).isEqualTo(read.items().get(0).id());
  }
}
