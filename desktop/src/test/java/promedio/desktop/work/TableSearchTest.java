package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import promedio.core.table.Table;
import promedio.desktop.ReadTables;
import promedio.desktop.work.TableSearch.Cell;
import promedio.files.table.Progress;

class TableSearchTest {

  private final Table trays =
      ReadTables.of("variety,picker\nBlanca,Ana\nConference,Bruno\nErcolini,Blanca\n");

  private Optional<Cell> after(String text, Optional<Cell> from) {
    return new TableSearch(trays, text).after(from, Progress.NONE);
  }

  @Test
  void goesOnFromCellToCellAndFromTheTopAgain() {
    assertThat(after("blanca", Optional.empty())).contains(new Cell(0, 0));
    assertThat(after("blanca", Optional.of(new Cell(0, 0)))).contains(new Cell(2, 1));
    assertThat(after("BLANCA", Optional.of(new Cell(2, 1)))).contains(new Cell(0, 0));
  }

  @Test
  void theOnlyCellIsFoundAgainAndWhatIsNowhereIsNot() {
    assertThat(after("erco", Optional.of(new Cell(2, 0)))).contains(new Cell(2, 0));
    assertThat(after("plum", Optional.of(new Cell(1, 1)))).isEmpty();
    assertThat(after("plum", Optional.empty())).isEmpty();
  }

  @Test
  void tellsHowFarItIsAndStopsWhenNobodyWaits() {
    List<Long> told = new ArrayList<>();
    assertThat(
            new TableSearch(trays, "plum").after(Optional.empty(), (so, total) -> told.add(total)))
        .isEmpty();
    assertThat(told).contains(3L);
    Thread.currentThread().interrupt();
    assertThatThrownBy(() -> after("plum", Optional.empty()))
        .isInstanceOf(CancellationException.class);
    // Nobody after this is to be stopped.
    assertThat(Thread.interrupted()).isTrue();
  }
}
