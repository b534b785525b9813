package promedio.core.tidy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.SomeMissing;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

class StepTest {

  private static NumberColumn numbers(String name, long... values) {
    return new NumberColumn(name, Values.ofDecimals(values, 0), Map.of());
  }

  private static final Table PEARS =
      Table.of(
          List.of(
              numbers("tray", 1, 2, 3, 4, 5),
              WordColumn.of(
                  "variety",
                  Kind.CATEGORY,
                  List.of("Blanca", "Ercolini", "Blanca", "", "Conference")),
              new NumberColumn(
                  "weight",
                  SomeMissing.of(Exact.of(131), Exact.of(98), null, null, Exact.of(140)),
                  Map.of(2, "14o"))));

  private static List<String> texts(Outcome outcome, String column) {
    assertThat(outcome.problem().map(Message::text)).isEmpty();
    return texts(outcome.table(), column);
  }

  private static List<String> texts(Table table, String column) {
    Column found = table.column(column).orElseThrow();
    return IntStream.range(0, found.size()).mapToObj(found::text).toList();
  }

  private static String problem(Step step) {
    return step.apply(PEARS).problem().orElseThrow().text();
  }

  @Test
  void choosesAndRenamesColumns() {
    assertThat(new ChooseColumns(List.of("weight", "tray")).apply(PEARS).table().names())
        .containsExactly("weight", "tray");
    assertThat(new RenameColumn("tray", "crate").apply(PEARS).table().names())
        .containsExactly("crate", "variety", "weight");
    assertThat(problem(new ChooseColumns(List.of("wight"))))
        .isEqualTo("there is no column “wight” here; the columns are tray, variety, weight");
    assertThat(problem(new RenameColumn("tray", "weight"))).contains("already a column “weight”");
  }

  @Test
  void sortsWithMissingEntriesLastAndRowsRememberTheirNumbers() {
    Outcome up = new SortRows("weight", false).apply(PEARS);
    Outcome down = new SortRows("weight", true).apply(PEARS);

    assertThat(texts(up, "tray")).containsExactly("2", "1", "5", "3", "4");
    assertThat(texts(down, "tray")).containsExactly("5", "1", "2", "3", "4");
    assertThat(up.table().origin(0)).isEqualTo(2);
    assertThat(up.what().text()).isEqualTo("sort by weight, smallest first: 5 entries");
  }

  @Test
  void leavesOutRowsByConditionByNumberAndWhereSomethingIsMissing() {
    Outcome heavy = new LeaveOutWhere("weight > 130 and variety = Blanca").apply(PEARS);

    assertThat(texts(heavy, "tray")).containsExactly("2", "3", "4", "5");
    assertThat(heavy.what().text()).endsWith(": 1 row");
    assertThat(texts(new LeaveOutRows(new TreeSet<>(List.of(1, 5))).apply(PEARS), "tray"))
        .containsExactly("2", "3", "4");
    assertThat(texts(new DropMissing(List.of("variety", "weight")).apply(PEARS), "tray"))
        .containsExactly("1", "2", "5");
    assertThat(problem(new LeaveOutWhere("weight >"))).contains("cannot be used here");
  }

  @Test
  void keepsRowsThatChanceChoosesTheSameForTheSameSeed() {
    List<String> drawn = texts(new DrawRows(3, 7).apply(PEARS), "tray");

    assertThat(drawn).hasSize(3).doesNotHaveDuplicates().isSorted();
    assertThat(texts(new DrawRows(3, 7).apply(PEARS), "tray")).isEqualTo(drawn);
    assertThat(IntStream.range(0, 20).mapToObj(seed -> new DrawRows(3, seed).apply(PEARS)))
        .extracting(outcome -> texts(outcome, "tray"))
        .anyMatch(other -> !other.equals(drawn));
    assertThat(texts(new DrawRows(5, 1).apply(PEARS), "tray"))
        .containsExactly("1", "2", "3", "4", "5");
    assertThat(problem(new DrawRows(6, 1))).isEqualTo("type how many rows to keep, from 1 to 5");
    assertThat(problem(new DrawRows(0, 1))).contains("from 1 to 5");
  }

  @Test
  void everyRowIsDrawnEquallyOften() {
    Map<String, Integer> often = new TreeMap<>();
    for (int seed = 0; seed < 2000; seed++) {
      texts(new DrawRows(2, seed).apply(PEARS), "tray")
          .forEach(tray -> often.merge(tray, 1, Integer::sum));
    }

    assertThat(often.values()).hasSize(5).allMatch(times -> times > 700 && times < 900);
  }

  @Test
  void recodesValuesToMissingAndCodesToNames() {
    Recode missing = new Recode("tray", List.of(new Recode.Change("5", "—")));
    Recode names =
        new Recode(
            "tray", List.of(new Recode.Change("1.0", "early"), new Recode.Change("2", "late")));

    assertThat(texts(missing.apply(PEARS), "tray")).containsExactly("1", "2", "3", "4", "");
    assertThat(texts(names.apply(PEARS), "tray")).containsExactly("early", "late", "3", "4", "5");
    Column named = names.apply(PEARS).table().column("tray").orElseThrow();
    assertThat(named.kind()).isEqualTo(Kind.CATEGORY);
    assertThat(((WordColumn) named).words()).startsWith("early", "late");
  }

  @Test
  void leavesOutRowsThatRepeatAnEarlierOne() {
    Table doubled = PEARS.pick(new int[] {0, 1, 0, 2, 3, 4, 2, 2});
    Outcome all = new DropRepeated(List.of()).apply(doubled);

    assertThat(texts(all, "tray")).containsExactly("1", "2", "3", "4", "5");
    assertThat(all.what().text()).isEqualTo("leave out repeated rows: 3 rows");
    assertThat(new DropRepeated(List.of("tray")).apply(doubled).table().rows()).isEqualTo(5);
    assertThat(problem(new DropRepeated(List.of("none")))).contains("none");
  }

  @Test
  void cutsNumbersIntoLabelledClassesThatKeepTheEndThatIsChosen() {
    List<String> at = List.of("98", "131", "140");
    CutIntoClasses lower =
        new CutIntoClasses("weight", "class", at, ClassEnd.LOWER, false, List.of());
    CutIntoClasses upper =
        new CutIntoClasses(
            "weight", "class", at, ClassEnd.UPPER, true, List.of("a", "b", "c", "d"));

    assertThat(texts(lower.apply(PEARS), "class")).containsExactly("131–140", "98–131", "", "", "");
    assertThat(texts(upper.apply(PEARS), "class")).containsExactly("b", "a", "", "", "c");
    assertThat(problem(new CutIntoClasses("weight", "c", at, ClassEnd.LOWER, false, List.of("x"))))
        .isEqualTo("there are 2 classes and 1 label");
    assertThat(
            problem(
                new CutIntoClasses(
                    "weight", "c", List.of("3", "2"), ClassEnd.LOWER, false, List.of())))
        .contains("must ascend");
  }

  @Test
  void fillsWhatIsMissingAndLeavesWhatIsToBeMended() {
    assertThat(
            texts(new FillMissing("weight", FillMissing.Filling.MEAN, "").apply(PEARS), "weight"))
        .containsExactly("131", "98", "14o", "123", "140");
    assertThat(
            texts(
                new FillMissing("variety", FillMissing.Filling.BEFORE, "").apply(PEARS), "variety"))
        .containsExactly("Blanca", "Ercolini", "Blanca", "Blanca", "Conference");
    assertThat(problem(new FillMissing("weight", FillMissing.Filling.VALUE, "many")))
        .contains("“many” is not a number");
    assertThat(problem(new FillMissing("variety", FillMissing.Filling.MEDIAN, "")))
        .contains("not hold numbers");
  }

  @ParameterizedTest
  @ValueSource(strings = {"11", "11 kg", "11kg", "kg 11"})
  void aMendedEntryMayStandWithTheUnitOfItsColumnWhichKeepsIt(String text)
      throws BadInputException {
    NumberColumn weights =
        new NumberColumn(
            "w",
            new ValuesBuilder().add(Exact.of(12)).addMissing().build(),
            Map.of(1, "eleven"),
            "kg");

    Outcome mended = new MendEntry("w", 2, text).apply(Table.of(List.of(weights)));

    NumberColumn column = (NumberColumn) mended.table().column("w").orElseThrow();
    assertThat(texts(mended, "w")).containsExactly("12", "11");
    assertThat(column.unit()).isEqualTo("kg");
    assertThat(column.toMend()).isEmpty();
  }

  @Test
  void mendsAnEntryByTheNumberOfItsRow() {
    Outcome mended = new MendEntry("weight", 3, "140").apply(PEARS);

    assertThat(texts(mended, "weight")).containsExactly("131", "98", "140", "", "140");
    assertThat(mended.table().column("weight").orElseThrow().unreadable(2)).isEmpty();
    assertThat(problem(new MendEntry("weight", 9, "1"))).contains("row 9");
  }

  @Test
  void stacksColumnsAndPutsThemBack() throws BadInputException {
    Table scores =
        Table.of(
            List.of(
                WordColumn.of("picker", Kind.TEXT, List.of("Ana", "Beto")),
                numbers("May", 3, 4),
                numbers("June", 5, 6)));
    Outcome stacked = new StackColumns(List.of("May", "June"), "crates", "month").apply(scores);
    Outcome back = new UnstackGroups("crates", "month").apply(stacked.table());

    assertThat(texts(stacked, "picker")).containsExactly("Ana", "Beto", "Ana", "Beto");
    assertThat(texts(stacked, "crates")).containsExactly("3", "4", "5", "6");
    assertThat(texts(stacked, "month")).containsExactly("May", "May", "June", "June");
    assertThat(back.table().names()).containsExactly("picker", "May", "June");
    assertThat(texts(back, "June")).containsExactly("5", "6");
  }

  @Test
  void totalsGoAcrossColumnsAndToTheFoot() {
    TotalAcross mean = new TotalAcross(List.of("tray", "weight"), Total.MEAN, "mean");

    assertThat(texts(mean.apply(PEARS), "mean")).containsExactly("66", "50", "3", "4", "72.5");
    Outcome foot = new TotalsRow(Total.SUM).apply(PEARS);
    assertThat(texts(foot, "weight")).endsWith("369");
    assertThat(texts(foot, "variety")).endsWith("Total");
    assertThat(foot.table().origin(5)).isZero();
  }

  @Test
  void kindsChangeBothWays() {
    Outcome words = new ChangeKind("tray", Kind.CATEGORY).apply(PEARS);
    Outcome back = new ChangeKind("tray", Kind.NUMBER).apply(words.table());

    assertThat(words.table().column("tray").orElseThrow().kind()).isEqualTo(Kind.CATEGORY);
    assertThat(texts(back, "tray")).containsExactly("1", "2", "3", "4", "5");
    Outcome unreadable = new ChangeKind("variety", Kind.NUMBER).apply(PEARS);
    assertThat(unreadable.table().column("variety").orElseThrow().summary().unreadable())
        .isEqualTo(4);
  }

  @Test
  void aListReplaysOnAnotherTableAndSaysWhatNoLongerFits() throws BadInputException {
    List<StepEntry> steps =
        List.of(
            StepEntry.of(new ComputeColumn("double", "weight × 2")),
            new StepEntry(new LeaveOutWhere("double > 200"), false),
            StepEntry.of(new SortRows("variety", false)));
    StepPipeline pipeline = StepPipeline.of(PEARS).with(steps);
    StepPipeline other = pipeline.on(Table.of(List.of(numbers("weight", 5, 6))));

    assertThat(pipeline.problems()).isEmpty();
    assertThat(pipeline.result().rows()).isEqualTo(5);
    assertThat(texts(other.result(), "double")).containsExactly("10", "12");
    assertThat(other.problems())
        .extracting(Message::text)
        .containsExactly("there is no column “variety” here; the columns are weight, double");
    assertThat(PEARS.names()).containsExactly("tray", "variety", "weight");
  }

  @Test
  void whatDidNotChangeIsNotDoneAgain() {
    StepEntry first = StepEntry.of(new SortRows("weight", false));
    StepPipeline once = StepPipeline.of(PEARS).with(List.of(first));
    StepPipeline twice = once.with(List.of(first, StepEntry.of(new RenameColumn("tray", "t"))));

    assertThat(twice.before(1)).isSameAs(once.result());
    assertThat(twice.with(List.of(first)).result()).isSameAs(once.result());
  }

  @Test
  void stackingAgainAndAgainEndsWhereTheTableIsLargerThanAnyThatIsHeld() {
    Table table =
        Table.of(
            List.of(
                new NumberColumn("w", Values.of(List.of(Exact.of(1), Exact.of(3))), Map.of()),
                new NumberColumn("h", Values.of(List.of(Exact.of(2), Exact.of(4))), Map.of())));
    List<StepEntry> steps = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      steps.add(StepEntry.of(new ComputeColumn("c", i == 0 ? "w" : "v" + (i - 1))));
      steps.add(StepEntry.of(new ComputeColumn("d", "c")));
      steps.add(StepEntry.of(new StackColumns(List.of("c", "d"), "v" + i, "g" + i)));
    }
    StepPipeline pipeline = StepPipeline.of(table).with(steps);

    assertThat((long) pipeline.result().rows() * pipeline.result().columns().size())
        .isLessThan(3_000_000);
    assertThat(pipeline.problems().get(0).text()).contains("which is too large");
  }
}
