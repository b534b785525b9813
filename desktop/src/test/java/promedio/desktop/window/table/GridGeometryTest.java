package promedio.desktop.window.table;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class GridGeometryTest {

  /** Three columns of 100, 60 and 80; a row head of 40; rows of 20 in 210 of height. */
  private static GridGeometry geometry(int rows, double top, double left) {
    return GridGeometry.of(
        new double[] {100, 60, 80}, new GridGeometry.Room(200, 210, 40, 20), rows, 2, top, left);
  }

  @Test
  void rowsThatAllHaveRoomAreNotCutInTwo() {
    GridGeometry all = geometry(10, 0, 0);

    assertThat(all.visibleRows()).isEqualTo(10);
    assertThat(all.lastRows()).isZero();
    assertThat(all.tearY()).isNegative();
    assertThat(all.rowAt(195)).isEqualTo(9);
    assertThat(all.rowAt(205)).isEqualTo(-1);
  }

  @Test
  void theLastRowsStayInSightBelowTheFirst() {
    GridGeometry many = geometry(1000, 0, 0);

    assertThat(many.scrolledRows()).isEqualTo(8);
    assertThat(many.row(0)).isZero();
    assertThat(many.row(8)).isEqualTo(998);
    assertThat(many.row(9)).isEqualTo(999);
    assertThat(many.tearY()).isEqualTo(160);
    assertThat(many.rowAt(10)).isZero();
    assertThat(many.rowAt(190)).isEqualTo(999);
  }

  @Test
  void atTheEndNothingIsLeftOutBetweenThem() {
    GridGeometry end = geometry(1000, 5000, 0);

    assertThat(end.top()).isEqualTo(990);
    assertThat(end.row(7)).isEqualTo(997);
    assertThat(end.row(8)).isEqualTo(998);
    assertThat(end.tearY()).isNegative();
  }

  @Test
  void onlyColumnsInSightAreLaidOut() {
    GridGeometry start = geometry(10, 0, 0);
    GridGeometry moved = geometry(10, 0, 120);

    assertThat(start.firstColumn()).isZero();
    assertThat(start.lastColumn()).isEqualTo(1);
    assertThat(moved.firstColumn()).isEqualTo(1);
    assertThat(moved.lastColumn()).isEqualTo(2);
    assertThat(moved.x(1)).isEqualTo(20);
    assertThat(moved.columnAt(50)).isEqualTo(1);
    assertThat(start.columnAt(30)).isEqualTo(-1);
    assertThat(start.columnAt(139)).isZero();
    assertThat(start.columnAt(500)).isEqualTo(-1);
    assertThat(start.totalWidth()).isEqualTo(240);
  }
}
