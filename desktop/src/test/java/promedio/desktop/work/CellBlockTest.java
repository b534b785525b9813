package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;
import promedio.core.tidy.SortRows;

class CellBlockTest {

  private final Table trays;

  CellBlockTest() throws BadInputException {
    trays =
        Table.of(
            List.of(
                WordColumn.of("variety", Kind.CATEGORY, List.of("Blanca", "", "Ercolini")),
                new NumberColumn("g", Values.ofDecimals(new long[] {120, 135, 98}, 0), Map.of()),
                new NumberColumn(
                    "mm",
                    new ValuesBuilder().add(Exact.of(161, 2)).addMissing().addMissing().build(),
                    Map.of(2, "7o"))));
  }

  @Test
  void cornersMayBeGivenInAnyOrder() {
    assertThat(CellBlock.between(4, 2, 1, 3)).isEqualTo(new CellBlock(1, 4, 2, 3));
    assertThat(new CellBlock(1, 4, 2, 3).cells()).isEqualTo(8);
    assertThat(new CellBlock(1, 4, 2, 3).contains(4, 3)).isTrue();
    assertThat(new CellBlock(1, 4, 2, 3).contains(5, 3)).isFalse();
  }

  @Test
  void tellsOfItsNumbersAndOfCellsWithoutAValue() throws BadInputException {
    CellBlock.Told told = new CellBlock(0, 2, 0, 2).tell(trays, CourseRules.DEFAULTS);

    assertThat(told.cells()).isEqualTo(9);
    assertThat(told.missing()).isEqualTo(3);
    assertThat(told.get(Measures.SUM)).isEqualTo(new Result.Found(Exact.of(867, 2)));
    assertThat(told.get(Measures.MIN)).isEqualTo(new Result.Found(Exact.of(161, 2)));
    assertThat(new CellBlock(0, 2, 0, 0).tell(trays, CourseRules.DEFAULTS).get(Measures.MEAN))
        .isInstanceOf(Result.Absent.class);
  }

  @Test
  void isCopiedAsATableAndKnowsItsRowsInTheOriginal() {
    Table sorted = new SortRows("g", false).apply(trays).table();
    CellBlock block = new CellBlock(0, 1, 0, 1);

    assertThat(block.text(sorted)).isEqualTo("Ercolini\t98\nBlanca\t120");
    assertThat(block.origins(sorted)).containsExactly(3, 1);
    assertThat(new TreeSet<>(block.origins(sorted))).containsExactly(1, 3);
  }

  @Test
  void theHeadOfAColumnTellsHowItsEntriesAreSpread() {
    long[] values = new long[160];
    for (int i = 0; i < values.length; i++) {
      values[i] = i;
    }
    ColumnProfile even =
        ColumnProfile.of(new NumberColumn("x", Values.ofDecimals(values, 1), Map.of()));
    ColumnProfile equal =
        ColumnProfile.of(
            new NumberColumn("x", Values.ofDecimals(new long[] {7, 7, 7}, 0), Map.of()));
    ColumnProfile words =
        ColumnProfile.of(WordColumn.of("v", Kind.CATEGORY, List.of("a", "b", "b", "", "c", "b")));

    assertThat(even.bars()).hasSize(16).allMatch(bar -> bar == 10);
    assertThat(equal.bars().stream().mapToInt(Integer::intValue).sum()).isEqualTo(3);
    assertThat(words.bars()).containsExactly(3, 1, 1);
    assertThat(ColumnProfile.of(trays.columns().get(2)).summary().unreadable()).isEqualTo(1);
  }
}
