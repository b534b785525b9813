package promedio.files.answers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Problem;
import promedio.core.marking.Verdict;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.files.RefusedFileException;
import promedio.files.table.Progress;

/** The key of exercise sheets, and the answers of a class that are marked by it. */
class AnswerKeyTest {

  @TempDir private Path folder;

  private static final CourseRules COARSE = CourseRules.DEFAULTS.with(Rule.PLACES, 1);
  private static final Request MEAN = Request.of(Measures.MEAN);
  private static final Request SD = Request.of(Measures.SD);
  private static final Request PERCENTILE = new Request(Measures.PERCENTILE, List.of(Exact.of(90)));

  private static final Request DECISION = Measures.ofId("t_one_p 9 decision").orElseThrow();

  private static AnswerKey.Entry entry(
      String variant, String part, Request request, long... values) {
    return new AnswerKey.Entry(
        variant, part, Problem.of(new Sample(Values.ofDecimals(values, 0)), COARSE, request));
  }

  private static final List<AnswerKey.Entry> SHEETS =
      List.of(
          entry("01", "a", MEAN, 8, 10, 12),
          entry("01", "b", SD, 8, 10, 12),
          entry("01", "b", PERCENTILE, 8, 10, 12),
          entry("02", "a", MEAN, 9, 11, 16),
          entry("02", "b", DECISION, 9, 11, 16));

  private static AnswerKey key() throws RefusedFileException {
    return AnswerKey.read(AnswerKey.write(SHEETS));
  }

  @Test
  void whatIsWrittenIsReadAgain() throws Exception {
    Problem mean = key().problem("02", "a", "mean");

    assertThat(AnswerKey.write(SHEETS).lines()).hasSize(5);
    assertThat(mean.request()).isEqualTo(MEAN);
    assertThat(mean.data()).isEqualTo(new Sample(Values.ofDecimals(new long[] {9, 11, 16}, 0)));
    assertThat(mean.rules()).isEqualTo(COARSE);
    assertThat(key().problem("01", "b", PERCENTILE.id()).request()).isEqualTo(PERCENTILE);
    assertThat(key().problem("02", "b", "").request()).isEqualTo(DECISION);
  }

  @ParameterizedTest
  @CsvSource({"1, a", "01, (a)", "001, A", "' 1 ', '( a )'"})
  void sheetsAndPartsAreNamedAsPeopleNameThem(String variant, String part) throws Exception {
    assertThat(key().problem(variant, part, "").request()).isEqualTo(MEAN);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "3 | a | mean | the key has no part a of variant 3",
        "1 | c | mean | the key has no part c of variant 1",
        "1 | b | mean | part b does not ask “mean”; name one of sd, percentile 90 as measure",
        "1 | b | ''   | part b does not ask “”; name one of sd, percentile 90 as measure",
      })
  void whatIsNotInTheKeyIsTold(String variant, String part, String measure, String why)
      throws Exception {
    AnswerKey key = key();

    assertThatThrownBy(() -> key.problem(variant, part, measure)).hasMessage(why);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"part\":\"a\",\"measure\":\"mean\",\"values\":[\"1\"]} | “variant” is missing",
        "{\"variant\":\"1\",\"part\":\"a\",\"values\":[\"1\"]} | “measure” is missing",
        "{\"variant\":\"1\",\"part\":\"a\",\"measure\":\"mean\"} | none of “values”",
        "{\"variant\":\"1\",\"part\":\"a\",\"measure\":\"mean\",\"decision\":true,"
            + "\"values\":[\"1\"]} | “mean” is no p-value",
        "nothing | this line is not JSON",
      })
  void aLineThatIsNoneOfAKeyIsToldWithItsNumber(String line, String why) {
    assertThatThrownBy(() -> AnswerKey.read(AnswerKey.write(SHEETS) + "\n" + line))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageStartingWith("line 7 is not a line of an answer key: ")
        .hasMessageContaining(why);
  }

  private static ClassAnswers marked(String answers) throws RefusedFileException {
    return ClassAnswersReader.of(key(), DecimalSign.POINT).read(answers, Progress.NONE);
  }

  @Test
  void eachAnswerIsMarkedByTheDataOfItsSheet() throws Exception {
    ClassAnswers answers =
        marked(
            """
            id;variant;part;measure;answer
            ana;1;a;;10
            ben;2;a;;10
            ben;2;(a);mean;12
            eva;1;b;sd;4
            """);

    assertThat(answers.rows())
        .extracting(row -> row.mark().verdict())
        .containsExactly(Verdict.AGREES, Verdict.SLIP, Verdict.AGREES, Verdict.SLIP);
    assertThat(answers.rows()).extracting(MarkedAnswer::measure).contains("mean", "sd");
  }

  @Test
  void mistakesAreToldByStudent() throws Exception {
    ClassAnswers answers =
        marked(
            """
            id,variant,part,measure,answer
            ana,1,a,,10
            ana,1,b,sd,2
            eva,1,a,,10
            eva,1,b,sd,4
            eva,1,b,percentile 90,lots
            "=cmd",2,a,,12
            """);

    assertThat(answers.students())
        .containsExactly(
            new ClassAnswers.Student("ana", 2, 2, List.of()),
            new ClassAnswers.Student(
                "eva", 3, 1, List.of("b sd: root-not-taken", "b percentile 90: unreadable")),
            new ClassAnswers.Student("=cmd", 1, 1, List.of()));
    assertThat(answers.studentsCsv().lines())
        .contains(
            "id,answers,right,mistakes",
            "ana,2,2,",
            "eva,3,1,b sd: root-not-taken; b percentile 90: unreadable",
            "'=cmd,1,1,");
  }

  private Path file(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text);
  }

  private static ClassAnswers chosen(Path... files) throws RefusedFileException {
    return ChosenAnswers.read(List.of(files), Assignment.empty("Pears"), Progress.NONE);
  }

  @Test
  void aKeyAmongTheChosenFilesMarksTheOthers() throws Exception {
    ClassAnswers answers =
        chosen(
            file("ana.csv", "id,variant,part,answer\nana,1,a,10\n"),
            file("key.jsonl", AnswerKey.write(SHEETS)),
            file("ben.csv", "id;variant;part;measure;answer\nben;2;a;;10\nben;2;b;;lots\n"));

    assertThat(answers.students())
        .extracting(ClassAnswers.Student::id, ClassAnswers.Student::right)
        .containsExactly(tuple("ana", 1), tuple("ben", 0));
    assertThat(answers.parts())
        .containsExactly(new ClassAnswers.Part("a", 2, 1), new ClassAnswers.Part("b", 1, 0));
  }

  @Test
  void filesThatCannotBeMarkedTogetherAreRefusedWithTheWayOut() throws Exception {
    Path ana = file("ana.csv", "id,variant,part,answer\nana,1,a,10\n");
    Path key = file("key.jsonl", AnswerKey.write(SHEETS));
    Path list = file("list.csv", "name,weight\nAna,3\n");

    assertThatThrownBy(() -> chosen(ana)).hasMessageContaining("choose it together with");
    assertThatThrownBy(() -> chosen(key)).hasMessageContaining("choose the files of the answers");
    assertThatThrownBy(() -> chosen(key, key, ana)).hasMessageContaining("one key file only");
    assertThatThrownBy(() -> chosen(ana, list, key)).hasMessageStartingWith("list.csv");
  }

  @Test
  void columnsThatAreNotOfSuchAnswersAreRefused() throws Exception {
    AnswerKey key = key();

    assertThatThrownBy(
            () ->
                ClassAnswersReader.of(key, DecimalSign.POINT)
                    .read("id,part,answer\nana,a,1\n", Progress.NONE))
        .hasMessageContaining("needed are id, variant, part and answer");
  }
}
