package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.TypedClasses;
import promedio.core.grouping.Grouping;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Class tables as they are written. */
class GroupingTextTest {

  private static final Sample CRATES =
      new Sample(Values.ofDecimals(new long[] {8, 10, 11, 11, 15, 23}, 0));

  private static ClassTable typed(String text) {
    return (ClassTable) TypedClasses.read(text, DecimalSign.POINT).data();
  }

  @Test
  void everyColumnIsWrittenExactlyWhereItEnds() {
    assertThat(GroupingText.csv(typed("10–19 1\n20–29 3")).lines())
        .containsExactly(
            "lower,upper,frequency,relative,percentage,cumulative,cumulative_above,density,midpoint",
            "9.5,19.5,1,0.25,25,1,4,0.1,14.5",
            "19.5,29.5,3,0.75,75,4,3,0.3,24.5");
  }

  @Test
  void anOpenClassHasNeitherDensityNorMidpoint() {
    assertThat(GroupingText.csv(typed("under 10 3\n10–20 6")).lines().skip(1).findFirst())
        .contains(",10,3,0.333333333333,33.3333333333,3,9,,");
  }

  @Test
  void theTallyIsBundledInFives() {
    assertThat(GroupingText.tally(Exact.of(3))).isEqualTo("|||");
    assertThat(GroupingText.tally(Exact.of(5))).isEqualTo("||||/");
    assertThat(GroupingText.tally(Exact.of(11))).isEqualTo("||||/ ||||/ |");
    assertThat(GroupingText.tally(Exact.of(5, 2))).isEmpty();
    assertThat(GroupingText.tally(Exact.of(1000))).isEmpty();
  }

  @Test
  void theLinesEndWithTheTotals() throws BadInputException {
    ClassTable table = Grouping.ofWidth(CRATES, Exact.of(5), CourseRules.DEFAULTS).table();
    List<String> lines = GroupingText.lines(table, CourseRules.DEFAULTS);

    assertThat(lines.get(0)).contains("class", "tally", "f/n");
    assertThat(lines.get(lines.size() - 1)).contains("Σ", "6", "100.00");
  }

  @Test
  void groupingIsToldBesideTheValuesWithItsError() throws BadInputException {
    ClassTable table = Grouping.ofWidth(CRATES, Exact.of(5), CourseRules.DEFAULTS).table();
    Computation raw = Computation.of(CRATES, CourseRules.DEFAULTS);
    Computation grouped = Computation.of(table, CourseRules.DEFAULTS);

    // 13 against 14.17: classes 5–10, 10–15, 15–20, 20–25 with midpoints 7.5, 12.5, 17.5, 22.5.
    assertThat(GroupingText.besideRaw(CRATES, table, CourseRules.DEFAULTS))
        .anySatisfy(line -> assertThat(line).containsPattern("mean +13\\.00 +14\\.17 +\\+1\\.17"));
    assertThat(
            GroupingText.error(
                raw.result(Measures.MODES), grouped.result(Measures.MODES), CourseRules.DEFAULTS))
        .isEmpty();
  }

  @Test
  void whereTheValuesDoNotSpreadNoRuleComesToAnything() {
    Sample same = new Sample(Values.ofDecimals(new long[] {5, 5, 5}, 0));
    assertThat(GroupingText.advice(same, CourseRules.DEFAULTS))
        .hasSize(5)
        .allSatisfy(line -> assertThat(line).contains("cannot be computed"));
  }

  @Test
  void eachRuleIsToldWithItsArithmeticAndWhatItComesTo() {
    // 27 values from 0 to 26, as in the tests of the rules.
    Sample sample = new Sample(Values.ofDecimals(LongStream.rangeClosed(0, 26).toArray(), 0));

    assertThat(GroupingText.advice(sample, CourseRules.DEFAULTS))
        .containsExactly(
            "Sturges: 1 + log₂ 27, rounded up, is 6 classes; R ÷ 6 = 26 ÷ 6 = 4.3333"
                + " → rounded up to 5 wide, from a multiple of that: 6 classes from 0",
            "square root: √27, rounded up, is 6 classes; R ÷ 6 = 26 ÷ 6 = 4.3333"
                + " → rounded up to 5 wide, from a multiple of that: 6 classes from 0",
            "Rice: 2 · ∛27, rounded up, is 6 classes; R ÷ 6 = 26 ÷ 6 = 4.3333"
                + " → rounded up to 5 wide, from a multiple of that: 6 classes from 0",
            "Scott: 3.49 · s ÷ ∛n = 3.49 · 7.9373 ÷ ∛27 = 9.2337 → rounded up to 10 wide, from a multiple of that: 3 classes from 0",
            "Freedman–Diaconis: 2 · IQR ÷ ∛n = 2 · 14 ÷ ∛27 = 9.3333 → rounded up to 10 wide, from a multiple of that: 3 classes from 0");
  }

  @Test
  void aRuleThatWouldMakeTooManyClassesSaysSo() {
    long[] far = {1, 2, 3, 4, 5, 6, 7, 1_000_000};
    Sample sample = new Sample(Values.ofDecimals(far, 0));

    assertThat(GroupingText.advice(sample, CourseRules.DEFAULTS))
        .last(InstanceOfAssertFactories.STRING)
        .endsWith("= 4; a width of 4 would make more than 1000 classes");
  }

  @Test
  void aTableIsPastedIntoOtherProgramsWithTheStudentsDecimalSign() throws BadInputException {
    ClassTable table = Grouping.ofWidth(CRATES, Exact.of(5, 2), CourseRules.DEFAULTS).table();

    assertThat(GroupingText.tabbed(table, DecimalSign.COMMA).lines().toList())
        .startsWith(
            "lower\tupper\tfrequency\trelative\tpercentage\tcumulative"
                + "\tcumulative_above\tdensity\tmidpoint")
        .anySatisfy(line -> assertThat(line).startsWith("7,5\t10\t"))
        .noneSatisfy(line -> assertThat(line).contains("."));
  }

  @Test
  void fractionsAreShownWhereTheirDecimalsDoNotEnd() {
    ShownNumbers numbers = new ShownNumbers(CourseRules.DEFAULTS, DecimalSign.POINT).asFractions();

    assertThat(numbers.shown(Exact.of(-5, 3))).isEqualTo("−5/3");
    assertThat(numbers.latex(Exact.of(-5, 3))).isEqualTo("-\\frac{5}{3}");
    assertThat(numbers.shown(Exact.of(5, 4))).isEqualTo("1.25");
    assertThat(numbers.shown(Exact.of(2).sqrt())).isEqualTo("1.4142");
    assertThat(numbers.shown(Exact.of(1_000_000_007, 1_000_000_009))).isEqualTo("1.0000");
    assertThat(numbers.result(Exact.of(-5, 3))).isEqualTo("−1.67");
  }
}
