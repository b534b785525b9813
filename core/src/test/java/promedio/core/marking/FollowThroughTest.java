package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.marking.OwnMark.Worth;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.working.Methods;
import promedio.core.working.OwnWorking;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** A student's own table and own steps, judged from the student's own numbers. */
class FollowThroughTest {

  private static final Data CRATES =
      new Sample(Values.ofDecimals(new long[] {8, 10, 12, 11, 9}, 0));

  private static Working working(Data data, Measure measure, Method method) {
    return Working.of(data, CourseRules.DEFAULTS, measure, method).orElseThrow();
  }

  private static FollowThrough judged(Data data, Working working, Map<String, String> own) {
    return new FollowThrough(
        data, working, new OwnWorking(own), CourseRules.DEFAULTS, DecimalSign.POINT);
  }

  private static List<Worth> steps(Working working, FollowThrough marks) {
    return IntStream.range(0, working.steps().size())
        .mapToObj(marks::step)
        .flatMap(Optional::stream)
        .map(OwnMark::worth)
        .toList();
  }

  @Test
  void oneEarlyMistakeCountsOnceAndWhatFollowsFromItIsRight() {
    Working working = working(CRATES, Measures.VARIANCE, Method.SHORTCUT);
    // Σx should be 50; with 52 the rest follows: (510 − 52²/5)/4 = −7.7.
    FollowThrough marks =
        judged(CRATES, working, Map.of("Σx²", "510", "Σx", "52", "n", "5", "variance", "-7.70"));

    assertThat(steps(working, marks))
        .containsExactly(Worth.WRONG, Worth.RIGHT, Worth.RIGHT, Worth.FOLLOWS);
    assertThat(marks.mistakes()).isEqualTo(1);
    OwnMark wrong = marks.step(0).orElseThrow();
    assertThat(wrong.due()).contains(Exact.of(50));
  }

  @Test
  void aSecondMistakeCountsToo() {
    Working working = working(CRATES, Measures.VARIANCE, Method.SHORTCUT);
    FollowThrough marks = judged(CRATES, working, Map.of("Σx", "52", "variance", "3.1"));

    assertThat(marks.mistakes()).isEqualTo(2);
    assertThat(marks.step(3).orElseThrow().fromOwn()).contains(Exact.of(-77, 10));
  }

  @Test
  void theEntriesOfAnOwnTableAreJudgedFromThoseBeforeThem() {
    Working working = working(CRATES, Measures.VARIANCE, Method.DEFINITION);
    WorkTable table = working.table().orElseThrow();
    // The deviation of 8 from 10 is −2; with 3 its square is 9, and the total 9 + 1 + 0 + 1 + 4.
    FollowThrough marks =
        judged(
            CRATES,
            working,
            Map.of(
                OwnWorking.cell(table, 1, 0),
                "3",
                OwnWorking.cell(table, 2, 0),
                "9",
                OwnWorking.cell(table, 2, 1),
                "1",
                "Σ(x − mean)²",
                "15",
                "variance",
                "3.75"));

    assertThat(marks.cell(1, 0).orElseThrow().worth()).isEqualTo(Worth.WRONG);
    assertThat(marks.cell(2, 0).orElseThrow().worth()).isEqualTo(Worth.FOLLOWS);
    assertThat(marks.cell(2, 1).orElseThrow().worth()).isEqualTo(Worth.RIGHT);
    assertThat(steps(working, marks)).containsExactly(Worth.FOLLOWS, Worth.FOLLOWS);
    assertThat(marks.mistakes()).isEqualTo(1);
    assertThat(marks.cell(0, 0)).isEmpty();
  }

  @Test
  void aWrongMeanGoesThroughTheWholeTable() {
    Working working = working(CRATES, Measures.VARIANCE, Method.DEFINITION);
    WorkTable table = working.table().orElseThrow();
    FollowThrough marks =
        judged(
            CRATES,
            working,
            Map.of(
                "mean",
                "11",
                OwnWorking.cell(table, 1, 0),
                "-3",
                OwnWorking.cell(table, 2, 0),
                "9",
                "variance",
                "3.75"));

    assertThat(marks.cell(1, 0).orElseThrow().worth()).isEqualTo(Worth.FOLLOWS);
    assertThat(marks.mistakes()).isEqualTo(1);
    // Σ(x − 11)² = 9 + 4 + 1 + 0 + 1.
    assertThat(steps(working, marks)).containsExactly(Worth.WRONG, Worth.FOLLOWS);
  }

  @Test
  void whatIsRoundedOnTheWayIsNoMistake() {
    Data thirds = new Sample(Values.ofDecimals(new long[] {8, 10, 11}, 0));
    Working working = working(thirds, Measures.VARIANCE, Method.DEFINITION);
    WorkTable table = working.table().orElseThrow();
    FollowThrough marks =
        judged(
            thirds,
            working,
            Map.of(
                "mean",
                "9.7",
                OwnWorking.cell(table, 1, 0),
                "-1.7",
                OwnWorking.cell(table, 2, 0),
                "2.89",
                OwnWorking.cell(table, 2, 1),
                "0.09",
                OwnWorking.cell(table, 2, 2),
                "1.69",
                "Σ(x − mean)²",
                "4.67",
                "variance",
                "2.335"));

    assertThat(marks.mistakes()).isZero();
    assertThat(marks.cell(2, 0).orElseThrow().worth()).isEqualTo(Worth.FOLLOWS);
  }

  @Test
  void fractionsAndUnreadableNumbersAreTold() {
    Data thirds = new Sample(Values.ofDecimals(new long[] {8, 10, 11}, 0));
    Working working = working(thirds, Measures.MEAN, Method.DEFINITION);

    FollowThrough marks = judged(thirds, working, Map.of("Σx", "2o", "mean", "29/3"));
    assertThat(steps(working, marks)).containsExactly(Worth.UNREADABLE, Worth.RIGHT);
    assertThat(marks.step(0).orElseThrow().reason()).isPresent();
    assertThat(judged(thirds, working, Map.of()).step(0)).isEmpty();
  }

  @Test
  void aTableWithFrequenciesIsFollowedThroughAsWell() {
    FrequencyTable baskets =
        FrequencyTable.of(
            List.of(
                new FrequencyTable.Row(Exact.of(3), Exact.of(2)),
                new FrequencyTable.Row(Exact.of(4), Exact.of(3))),
            0);
    Working working = working(baskets, Measures.MEAN, Method.DEFINITION);
    WorkTable table = working.table().orElseThrow();
    // f·x of the second row should be 12.
    FollowThrough marks =
        judged(
            baskets,
            working,
            Map.of(OwnWorking.cell(table, 2, 1), "13", "Σ(f · x)", "19", "mean", "3.80"));

    assertThat(steps(working, marks)).containsExactly(Worth.FOLLOWS, Worth.FOLLOWS);
    assertThat(marks.mistakes()).isEqualTo(1);
  }

  @Test
  void eachQuartileOfAClassTableFollowsFromItsOwnPosition() {
    ClassTable weights =
        ClassTable.of(
            List.of(
                ClassTable.Row.of(Exact.of(0), Exact.of(10), Exact.of(5)),
                ClassTable.Row.of(Exact.of(10), Exact.of(20), Exact.of(9)),
                ClassTable.Row.of(Exact.of(20), Exact.of(30), Exact.of(6))),
            0);
    Working working = working(weights, Measures.IQR, Method.DEFINITION);
    // 3 · 20/4 = 15, taken for 16: 20 + (16 − 14)/6 · 10 follows from it, and so does the range.
    FollowThrough marks =
        judged(
            weights,
            working,
            Map.of("position", "5", "position (2)", "16", "q3", "23.33", "iqr", "13.33"));

    assertThat(steps(working, marks))
        .containsExactly(Worth.RIGHT, Worth.WRONG, Worth.FOLLOWS, Worth.FOLLOWS);
    assertThat(marks.mistakes()).isEqualTo(1);

    FollowThrough firstWrong = judged(weights, working, Map.of("position", "6", "q3", "21.67"));
    assertThat(steps(working, firstWrong)).containsExactly(Worth.WRONG, Worth.RIGHT);
  }

  @Test
  void whatWasWrittenStaysBesideItsQuantityHoweverThatIsTypeset() {
    CourseRules population = ByCode.with(CourseRules.DEFAULTS, "divisor", "n");
    Working sample = working(CRATES, Measures.SD, Method.DEFINITION);
    Working whole = Working.of(CRATES, population, Measures.SD, Method.DEFINITION).orElseThrow();

    assertThat(keys(whole)).containsExactlyElementsOf(keys(sample)).contains("mean", "sd");
    assertThat(OwnWorking.cell(whole.table().orElseThrow(), 2, 0))
        .isEqualTo(OwnWorking.cell(sample.table().orElseThrow(), 2, 0))
        .isEqualTo("(x − mean)² #1");
  }

  private static List<String> keys(Working working) {
    return IntStream.range(0, working.steps().size()).mapToObj(working::key).toList();
  }

  @Property(tries = 40)
  void aFaultlessWorkingHasNoMistakesByAnyMethod(
      @ForAll @Size(min = 3, max = 8) List<@IntRange(min = -30, max = 50) Integer> tenths) {
    Data data =
        new Sample(Values.ofDecimals(tenths.stream().mapToLong(Integer::longValue).toArray(), 1));
    for (Measure measure : Measures.all()) {
      for (Method method : Methods.of(Request.of(measure), CourseRules.DEFAULTS)) {
        Working.of(data, CourseRules.DEFAULTS, measure, method)
            .ifPresent(working -> assertFaultless(data, working));
      }
    }
  }

  private static void assertFaultless(Data data, Working working) {
    OwnWorking own = OwnWorking.EMPTY;
    for (int i = 0; i < working.steps().size(); i++) {
      if (working.steps().get(i) instanceof WorkingStep.Computed computed) {
        own =
            own.with(
                working.key(i),
                computed.value().rounded(4, promedio.core.number.Rounding.HALF_UP).toPlainString());
      }
    }
    FollowThrough marks =
        new FollowThrough(data, working, own, CourseRules.DEFAULTS, DecimalSign.POINT);
    assertThat(marks.mistakes()).as(working.request().key()).isZero();
  }
}
