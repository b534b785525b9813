package promedio.desktop.projection.several;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.number.Exact;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;

/** Values of samples with scales of their own, each by its own mean and spread. */
class ZScoresTest {

  private static final Analysis NOW = SeveralSheets.of(SeveralSheets.COMPARISON);

  private static String told(String... values) {
    List<ZScores.Line> lines = new ArrayList<>();
    Map<DataSubset, String> typed = new HashMap<>();
    for (int i = 0; i < values.length; i++) {
      DataSubset sample = ZScores.samples(NOW).get(i);
      ZScores.line(NOW, sample, values[i]).ifPresent(lines::add);
      typed.put(sample, values[i]);
    }
    return ZScores.told(lines, typed);
  }

  @Test
  void eachValueIsScoredInItsOwnSample() {
    ZScores.Line upper = ZScores.line(NOW, DataSubset.group("upper"), "13").orElseThrow();

    assertThat(upper.shown()).isEqualTo("1.50");
    assertThat(upper.request().measure()).isEqualTo(Measures.Z_SCORE);
    assertThat(upper.request().arguments()).containsExactly(Exact.of(13));
    assertThat(ZScores.line(NOW, DataSubset.group("middle"), "20").orElseThrow().shown())
        .isEqualTo("−1.00");
  }

  @Test
  void theOneFarthestAboveItsMeanIsNamedWhicheverNumberIsLarger() {
    assertThat(told("13", "23"))
        .isEqualTo(
            "In its own sample 13 of “upper” stands highest (z = 1.50), 23 of “middle” lowest"
                + " (z = 0.50).");
    assertThat(told("12", "24")).isEqualTo("Each stands equally high in its own sample.");
    assertThat(told("12")).isEmpty();
  }

  @Test
  void whatIsNoNumberHasNoScore() {
    assertThat(ZScores.line(NOW, DataSubset.group("upper"), "ten")).isEmpty();
    assertThat(ZScores.line(NOW, DataSubset.group("upper"), "")).isEmpty();
  }

  @Test
  void coveredMeasuresAreNotToldByTheScores() {
    Analysis covered =
        SeveralSheets.of(SeveralSheets.ORCHARD.withCovered(true), SeveralSheets.COMPARISON);

    ZScores.Line line = ZScores.line(covered, DataSubset.group("upper"), "13").orElseThrow();
    assertThat(line.shown()).isEqualTo("?");
    assertThat(line.score()).isEmpty();
  }
}
