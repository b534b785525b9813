package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.assignment.Work;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;
import promedio.files.RefusedFileException;

/** A file of every version, written by the program of its time, opens with all in its place. */
class OldVersionsTest {

  private static final int NEWEST = 13;

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
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, NEWEST})
  void valuesRulesAndAnswersAreThere(int version) throws IOException, RefusedFileException {
    Assignment read = read(version);

    assertThat(read.title()).isEqualTo("Pears of version " + version);
    assertThat(read.rules().get(Rule.QUARTILES)).isEqualTo(QuantileRule.HF6);
    assertThat(read.items().stream().map(Item::name)).containsExactly("North terrace", "Crates");
    Item north = read.items().get(0);
    assertThat(north.source()).isEqualTo(new Source.ValuesText("12 15 11 20 17"));
    Selection about = Selection.of(north);
    assertThat(read.question(Request.of(Measures.MEAN), about).answer()).isEqualTo("15");
    assertThat(read.question(Request.of(Measures.SD), about).answer()).isEqualTo("3.67");
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, NEWEST})
  void ownWorkingsAndScratchPaperAreThere(int version) throws IOException, RefusedFileException {
    Assignment read = read(version);
    Item north = read.items().get(0);
    Work work = read.question(Request.of(Measures.VARIANCE), Selection.of(north)).work();

    assertThat(work.working(Method.DEFINITION).entry("mean")).isEqualTo("15");
    assertThat(north.scratch()).containsExactly("12 + 15 = 27");
  }

  @ParameterizedTest
  @ValueSource(ints = {4, 5, 6, 7, 8, 9, 10, 11, 12, NEWEST})
  void partsAskWhatTheyAsked(int version) throws IOException, RefusedFileException {
    Assignment read = read(version);

    assertThat(read.parts()).isNotEmpty();
    assertThat(read.questions(read.parts().get(0)))
        .singleElement()
        .satisfies(
            question -> {
              assertThat(question.request()).isEqualTo(Request.of(Measures.MEAN));
              assertThat(question.about()).isEqualTo(Selection.of(read.items().get(0)));
              assertThat(question.answer()).isEqualTo("15");
            });
  }

  @Test
  void partsThatAskedForOtherPlacesKeepTheAnswerThatTheyShared() throws Exception {
    Assignment read = read(8);
    Request percentile = Request.of(Measures.PERCENTILE, Exact.of(90));
    Question besides = read.question(percentile, Selection.of(1));

    assertThat(besides.answer()).isEqualTo("21");
    assertThat(besides.work().tries()).containsExactly("20");
    assertThat(besides.stated().places()).contains(4);
    List<Question> coarse = read.questions(read.parts().get(0));
    List<Question> fine = read.questions(read.parts().get(1));
    assertThat(coarse).extracting(Question::answer).containsExactly("15");
    assertThat(coarse.get(0).stated().places()).contains(1);
    assertThat(fine).extracting(Question::answer).containsExactly("15", "21");
    assertThat(fine.get(0).id()).isNotEqualTo(coarse.get(0).id());
  }
}
