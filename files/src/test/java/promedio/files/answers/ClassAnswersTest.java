package promedio.files.answers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Source;
import promedio.core.marking.Verdict;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.files.ByteLines;
import promedio.files.RefusedFileException;
import promedio.files.table.Progress;

/** Answers of a class, from CSV. */
class ClassAnswersTest {

  private static ClassAnswers read(String csv, DecimalSign sign) throws RefusedFileException {
    return new ClassAnswersReader(CourseRules.DEFAULTS, sign, ClassAnswersTest::sample)
        .read(csv, Progress.NONE);
  }

  private static Optional<Data> sample(String name) {
    return name.equals("Pears")
        ? Optional.of(new Source.ValuesText("12 15 11 20 17").read(DecimalSign.POINT).data())
        : Optional.empty();
  }

  private static String marked(String line) {
    return new MarkLines(false).mark(ByteLines.Line.of(line), CourseRules.DEFAULTS).text();
  }

  @Test
  void eachRowIsMarkedAndTheSlipsAreCounted() throws Exception {
    ClassAnswers answers =
        read(
            """
            id,part,values,measure,answer
            Ana,a,12 15 11 20 17,mean,15
            Ana,b,12 15 11 20 17,sd,13.50
            Luis,a,12 15 11 20 17,mean,18.75
            Luis,b,12 15 11 20 17,sd,13.5
            Eva,b,12 15 11 20 17,sd,3.7
            """,
            DecimalSign.POINT);

    assertThat(answers.rows()).extracting(MarkedAnswer::id).contains("Ana", "Luis", "Eva");
    assertThat(answers.verdicts())
        .containsEntry(Verdict.AGREES, 1)
        .containsEntry(Verdict.AGREES_COARSER, 1)
        .containsEntry(Verdict.SLIP, 3);
    assertThat(answers.counts().get(0))
        .isEqualTo(new ClassAnswers.Count("root-not-taken", "sd", 2));
    assertThat(answers.csv())
        .startsWith("id,part,measure,answer,verdict,kind,code,params,text")
        .contains("Ana,b,sd,13.50,slip,slip,root-not-taken,")
        .contains("Ana,a,mean,15,agrees,,,,");
  }

  @Test
  void samplesOfTheAssignmentAreKnownByName() throws Exception {
    ClassAnswers answers =
        read("id;sample;measure;answer\nAna;Pears;variance;10,8\n", DecimalSign.COMMA);

    assertThat(answers.rows().get(0).mark().verdict()).isEqualTo(Verdict.OTHER_RULE);
    assertThat(answers.rows().get(0).part()).isEmpty();
  }

  @Test
  void aRowThatCannotBeReadSaysWhyAndTheOthersGoOn() throws Exception {
    ClassAnswers answers =
        read(
            """
            id,sample,values,measure,answer
            a,Pears,,mode,15
            b,Plums,,mean,15
            c,,12 x 15,mean,15
            d,Pears,,mean,
            e,Pears,,mean,15
            """,
            DecimalSign.POINT);

    assertThat(answers.rows())
        .extracting(row -> row.mark().verdict())
        .containsExactly(
            Verdict.UNREADABLE,
            Verdict.UNREADABLE,
            Verdict.UNREADABLE,
            Verdict.UNREADABLE,
            Verdict.AGREES);
    assertThat(answers.rows().get(0).mark().reason().orElseThrow().text()).contains("“mode”");
    assertThat(answers.rows().get(1).mark().reason().orElseThrow().text()).contains("“Plums”");
    assertThat(answers.rows().get(2).mark().reason().orElseThrow().text()).contains("“x”");
    assertThat(answers.csv()).contains("b,,mean,15,unreadable,,,,line 3: there is no sample");
  }

  @Test
  void whatIsNoClassOfAnswersIsRefusedWithItsColumns() {
    assertThatThrownBy(() -> read("name,weight\nAna,12\n", DecimalSign.POINT))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("needed are id, measure, answer");
    assertThatThrownBy(() -> read("", DecimalSign.POINT)).isInstanceOf(RefusedFileException.class);
  }

  @Test
  void linesOfJsonAreMarkedInTheirOwnRules() throws Exception {
    String line =
        "{\"id\":7,\"values\":[\"8\",\"10\",\"11\"],\"measure\":\"variance\","
            + "\"answer\":\"%s\",\"rules\":{\"divisor\":\"n\"}}";

    assertThat(marked(line.formatted("1.56")))
        .isEqualTo("{\"id\":7,\"verdict\":\"agrees\",\"explanations\":[]}");
    assertThat(marked(line.formatted("2.33")))
        .contains("\"verdict\":\"other-rule\"")
        .contains("\"code\":\"divisor\",\"params\":{\"value\":\"n-1\"}");
    assertThat(marked("{\"id\":8,\"values\":[1]}"))
        .contains("\"id\":8")
        .contains("\"verdict\":\"unreadable\"")
        .contains("“measure” is missing");
    assertThat(marked("oops")).contains("not JSON");
    assertThat(
            marked(
                "{\"classes\":[[\"10\",\"19\",\"5\"],[\"15\",\"29\",\"8\"]],"
                    + "\"measure\":\"mean\",\"answer\":\"3\"}"))
        .contains("begins before class");
  }

  @Test
  void twoSlipsTogetherAreBothTold() {
    String told =
        marked(
            "{\"values\":[\"12\",\"15\",\"11\",\"20\",\"17\"],\"measure\":\"sd\","
                + "\"answer\":\"10.80\"}");

    assertThat(told).contains("\"with\":{\"kind\":\"rule\",\"code\":\"divisor\"").contains("Also:");
  }

  @Test
  void aClassOfJsonLinesIsReadAsWell() throws Exception {
    ClassAnswersReader reader =
        new ClassAnswersReader(CourseRules.DEFAULTS, DecimalSign.POINT, ClassAnswersTest::sample);
    String line =
        "{\"id\":\"Ana\",\"part\":\"b\",\"values\":[12,15,11,20,17],\"measure\":\"sd\","
            + "\"answer\":\"13.50\"}";

    ClassAnswers answers = reader.read(line + "\n\n{\"id\":\"Eva\"}\n", Progress.NONE);

    assertThat(answers.counts()).containsExactly(new ClassAnswers.Count("root-not-taken", "sd", 1));
    assertThat(answers.rows().get(0).part()).isEqualTo("b");
    assertThat(answers.rows().get(1).mark().verdict()).isEqualTo(Verdict.UNREADABLE);
    assertThat(reader.read("id,sample,measure,answer\nAna,Pears,mean,15\n", Progress.NONE).rows())
        .hasSize(1);
  }

  @Test
  void aLineThatIsNoJsonHasNoId() {
    assertThat(marked("oops")).startsWith("{\"id\":null,\"verdict\":\"unreadable\",\"reason\":");
  }
}
