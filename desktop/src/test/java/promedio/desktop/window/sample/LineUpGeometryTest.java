package promedio.desktop.window.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import promedio.desktop.window.sample.LineUpGeometry.Scale;
import promedio.desktop.window.sample.LineUpGeometry.Tiles;

class LineUpGeometryTest {

  @Test
  void theScaleIsTrue() {
    Scale scale = Scale.over(100, 200, 10, 500);

    assertThat(scale.x(150)).isEqualTo(260, within(0.001));
    assertThat(scale.x(200) - scale.x(150)).isEqualTo(scale.x(150) - scale.x(100), within(0.001));
    assertThat(scale.x(100)).isGreaterThan(10);
    assertThat(scale.x(200)).isLessThan(510);
    assertThat(Scale.over(7, 7, 0, 100).x(7)).isEqualTo(50, within(0.001));
  }

  @Test
  void ticksAreRoundNumbers() {
    assertThat(Scale.over(118, 178, 0, 600).ticks(8))
        .extracting(Object::toString)
        .containsExactly("120", "130", "140", "150", "160", "170", "180");
    assertThat(Scale.over(0.0012, 0.0048, 0, 600).ticks(5))
        .extracting(Object::toString)
        .containsExactly("0.002", "0.003", "0.004");
    assertThat(Scale.over(-3, 3, 0, 600).ticks(3))
        .extracting(Object::toString)
        .containsExactly("-2", "0", "2");
  }

  @Test
  void dotsThatWouldOverlapAreStacked() {
    assertThat(LineUpGeometry.stack(new double[] {10, 10, 15, 30, 31}, 11))
        .containsExactly(0, 1, 2, 0, 1);
    assertThat(LineUpGeometry.stack(new double[] {10, 30}, 11)).containsExactly(0, 0);
  }

  @Test
  void tilesWrapEvenlyAndPlaceWhatLiesBetween() {
    Tiles tiles = Tiles.of(24, 600, 30);

    assertThat(tiles.across()).isEqualTo(12);
    assertThat(tiles.rows(24)).isEqualTo(2);
    assertThat(tiles.row(12.5)).isZero();
    assertThat(tiles.row(13)).isEqualTo(1);
    assertThat(tiles.x(1)).isEqualTo(tiles.width() / 2, within(0.001));
    assertThat(tiles.x(6.5)).isEqualTo((tiles.x(6) + tiles.x(7)) / 2, within(0.001));
    assertThat(Tiles.of(5, 600, 30).rows(5)).isEqualTo(1);
    assertThat(Tiles.of(60, 600, 30).rows(60)).isEqualTo(3);
  }
}
