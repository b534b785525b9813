package promedio.desktop.projection.several;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Correction;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.desktop.projection.Analysis;
import promedio.files.table.TableExport;

/** Printed tables of several samples, every cell a question. */
class QuestionGridsTest {

  private static final List<Measure> MEASURES = List.of(Measures.MEAN, Measures.SD);

  private static String line(QuestionGrid grid, int line) {
    QuestionGrid.Line found = grid.lines().get(line);
    return found.name()
        + ": "
        + found.cells().stream().map(QuestionGrid.Cell::text).collect(Collectors.joining(" "));
  }

  private static List<String> names(QuestionGrid grid) {
    return grid.lines().stream().map(QuestionGrid.Line::name).toList();
  }

  private static QuestionGrid groups(GroupTable.Order order) {
    return GroupTable.of(
        SeveralSheets.of(SeveralSheets.COMPARISON), new GroupTable.Shown(MEASURES, order, ""));
  }

  @Test
  void aSummaryHasALineAGroupAndOneForAllWithNAndMissing() {
    QuestionGrid grid = groups(GroupTable.Order.GIVEN);

    assertThat(grid.heads())
        .extracting(QuestionGrid.Head::text)
        .endsWith("n", "missing", "x̄", "s");
    assertThat(line(grid, 0)).isEqualTo("upper: 3 0 10.00 2.00");
    assertThat(line(grid, 1)).isEqualTo("middle: 3 1 22.00 2.00");
    assertThat(line(grid, 3)).startsWith("all together: 10 1 15.20");
  }

  @ParameterizedTest
  @CsvSource({
    "0, false, lower middle upper",
    "0, true, upper middle lower",
    "1, true, lower upper middle",
    "2, true, middle upper lower",
    "3, false, upper lower middle",
    "3, true, middle lower upper"
  })
  void itIsSortedByAnyColumnWithAllTogetherLast(int column, boolean descending, String order) {
    List<String> names = names(groups(new GroupTable.Order(column, descending)));

    assertThat(String.join(" ", names.subList(0, 3))).isEqualTo(order);
    assertThat(names.get(3)).isEqualTo("all together");
  }

  @Test
  void aHeadThatIsChosenSortsUpThenDownThenAsGiven() {
    GroupTable.Order up = GroupTable.Order.GIVEN.chosen(3);

    assertThat(up).isEqualTo(new GroupTable.Order(3, false));
    assertThat(up.chosen(3)).isEqualTo(new GroupTable.Order(3, true));
    assertThat(up.chosen(3).chosen(3)).isEqualTo(GroupTable.Order.GIVEN);
    assertThat(up.chosen(1)).isEqualTo(new GroupTable.Order(1, false));
  }

  @Test
  void xAndYOfPairsAreLinesUnderTheirNames() {
    QuestionGrid grid = GroupTable.ofPairs(SeveralSheets.of(SeveralSheets.PAIRS), MEASURES);

    assertThat(line(grid, 0)).isEqualTo("age: 5 0 3.00 1.58");
    assertThat(line(grid, 1)).isEqualTo("yield: 5 0 5.80 3.11");
  }

  @Test
  void theAnalysisOfVarianceStandsAsItIsPrinted() {
    QuestionGrid grid = VarianceTable.of(SeveralSheets.of(SeveralSheets.COMPARISON));

    assertThat(line(grid, 0)).isEqualTo("between groups: 225.60 2 112.80 8.77 0.0124");
    assertThat(line(grid, 1)).isEqualTo("within groups: 90.00 7 12.86  ");
    assertThat(line(grid, 2)).isEqualTo("total: 315.60 9   ");
  }

  @Test
  void everyTwoGroupsAreComparedAndPIsCorrectedWhereTheCourseWantsIt() {
    Analysis plain = SeveralSheets.of(SeveralSheets.COMPARISON);
    QuestionGrid grid = PairTable.of(plain, plain.typed().data().groups().orElseThrow());
    assertThat(names(grid)).containsExactly("upper – middle", "upper – lower", "middle – lower");
    assertThat(line(grid, 0)).isEqualTo("upper – middle: −12.00 −7.35 4 0.0018 6.00");

    CourseRules holm = CourseRules.DEFAULTS.with(Rule.CORRECTION, Correction.HOLM);
    Analysis corrected =
        SeveralSheets.of(SeveralSheets.ORCHARD.withRules(holm), SeveralSheets.COMPARISON);
    assertThat(line(PairTable.of(corrected, corrected.typed().data().groups().orElseThrow()), 0))
        .isEqualTo("upper – middle: −12.00 −7.35 4 0.0018 0.0055 6.00");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "COUNTS|bruised: 30 10 40|total: 50 50 100",
        "ROW|bruised: 75.00 % 25.00 % 100.00 %|total: 50.00 % 50.00 % 100.00 %",
        "COLUMN|bruised: 60.00 % 20.00 % 40.00 %|total: 100.00 % 100.00 % 100.00 %",
        "ALL|bruised: 30.00 % 10.00 % 40.00 %|total: 50.00 % 50.00 % 100.00 %",
        "EXPECTED|bruised: 20.00 20.00 40|total: 50 50 100",
        "PARTS|'bruised: 5.00 5.00 '|'total:   16.67'"
      })
  void aTwoWayTableHasSixViews(CountTable.View view, String first, String total) {
    Analysis now = SeveralSheets.of(SeveralSheets.COUNTS);
    QuestionGrid grid = CountTable.of(now, now.typed().data().cross().orElseThrow(), view);

    assertThat(line(grid, 0)).isEqualTo(first);
    assertThat(line(grid, 2)).isEqualTo(total);
  }

  @Test
  void anEmptyRowHasNoPercentagesOfItsOwn() {
    Assignment empty =
        SeveralSheets.ORCHARD.with(
            SeveralSheets.ORCHARD
                .item(SeveralSheets.COUNTS)
                .orElseThrow()
                .withSource(new Source.CountsText("1 2\n0 0")));
    Analysis now = SeveralSheets.of(empty, SeveralSheets.COUNTS);

    assertThat(
            line(
                CountTable.of(now, now.typed().data().cross().orElseThrow(), CountTable.View.ROW),
                1))
        .isEqualTo("2: none none none");
  }

  @Test
  void aTableIsCopiedWithTabs() {
    assertThat(groups(GroupTable.Order.GIVEN).tabbed().lines().limit(2))
        .containsExactly("\tn\tmissing\tx̄\ts", "upper\t3\t0\t10.00\t2.00");
  }

  @Test
  void itIsSaidWhatIsAlikeAndWhatDiffers() {
    assertThat(AlikeText.of(SeveralSheets.of(SeveralSheets.COMPARISON)))
        .isEqualTo(
            "The means lie between 10.00 (upper) and 22.00 (middle), 12.00 apart. The spreads"
                + " differ: the standard deviation is 2.00 in upper, but 4.97 in lower, at least"
                + " twice as much.");
  }

  @Test
  void theSummaryGoesOnAsATableWithItsNumbersUnrounded() throws Exception {
    Analysis now = SeveralSheets.of(SeveralSheets.COMPARISON);
    GroupTable.Shown all = new GroupTable.Shown(MEASURES, GroupTable.Order.GIVEN, "");

    assertThat(TableExport.csv(GroupTable.table(now, all), DecimalSign.POINT).lines())
        .containsExactly(
            "group,n,missing,mean,sd",
            "upper,3,0,10,2",
            "middle,3,1,22,2",
            "lower,4,0,14,4.96655480858378");
  }

  @Test
  void onlyTheGroupsWhoseNamesAreSoughtAreShownAndGoOn() throws Exception {
    Analysis now = SeveralSheets.of(SeveralSheets.COMPARISON);
    GroupTable.Shown sought = new GroupTable.Shown(MEASURES, new GroupTable.Order(3, true), " ER");

    assertThat(GroupTable.of(now, sought).lines())
        .extracting(QuestionGrid.Line::name)
        .containsExactly("lower", "upper", "all together");
    assertThat(GroupTable.table(now, sought).column("mean").orElseThrow().text(0)).isEqualTo("14");
  }
}
