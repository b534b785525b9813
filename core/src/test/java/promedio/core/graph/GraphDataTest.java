package promedio.core.graph;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.entry.TypedClasses;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** What graphs show: whiskers and outliers by the fences, stems with their leaves. */
class GraphDataTest {

  private static Sample sample(int places, long... values) {
    return new Sample(Values.ofDecimals(values, places));
  }

  @Test
  void whiskersEndAtTheLastValuesWithinTheFences() {
    BoxPlot box =
        BoxPlot.of(sample(0, 1, 10, 11, 12, 13, 14, 40), CourseRules.DEFAULTS).orElseThrow();

    // Quartiles 10 and 14: the fences are 4 and 20.
    assertThat(box.lowerWhisker()).isEqualTo(Exact.of(10));
    assertThat(box.upperWhisker()).isEqualTo(Exact.of(14));
    assertThat(box.outliers()).containsExactly(Exact.ONE, Exact.of(40));
    assertThat(BoxPlot.of(sample(0, 7), CourseRules.DEFAULTS)).isEmpty();
  }

  @Test
  void theBoxOfAClassTableReachesToItsEnds() {
    BoxPlot box =
        BoxPlot.of(
                TypedClasses.read("10–20 5\n20–30 8\n30–90 1", DecimalSign.POINT).data(),
                CourseRules.DEFAULTS)
            .orElseThrow();
    assertThat(box.lowerWhisker()).isEqualTo(Exact.of(10));
    assertThat(box.upperWhisker()).isEqualTo(Exact.of(90));
    assertThat(box.outliers()).isEmpty();
  }

  private static List<String> stems(Sample sample) {
    return StemAndLeaf.of(sample.tally()).orElseThrow().stems().stream()
        .map(stem -> stem.label() + "|" + stem.leaves())
        .toList();
  }

  @Test
  void leavesAreTheLastFiguresInOrder() {
    assertThat(stems(sample(0, 118, 121, 124, 121, 143)))
        .containsExactly("11|8", "12|114", "13|", "14|3");
    assertThat(stems(sample(1, 12, 15, 21))).containsExactly("1|25", "2|1");
  }

  @Test
  void justBelowZeroThereIsAStemOfItsOwn() {
    assertThat(stems(sample(0, -12, -3, 0, 4))).containsExactly("−1|2", "−0|3", "0|04");
  }

  @Test
  void aWideRangeCutsTheFinestFiguresOff() {
    StemAndLeaf wide = StemAndLeaf.of(sample(0, 1, 12_345, 23_999).tally()).orElseThrow();

    assertThat(wide.unit()).isEqualTo(Exact.of(100));
    assertThat(wide.stems().get(0)).isEqualTo(new StemAndLeaf.Stem("0", "0"));
    assertThat(wide.stems().get(23)).isEqualTo(new StemAndLeaf.Stem("23", "9"));
  }

  @Test
  void severalSamplesShareTheirStemsAndTheWorthOfALeaf() {
    List<StemAndLeaf> both =
        StemAndLeaf.of(List.of(sample(0, 118, 121).tally(), sample(1, 992, 1305).tally()))
            .orElseThrow();

    assertThat(both).extracting(StemAndLeaf::unit).containsOnly(Exact.ONE);
    assertThat(both.get(0).stems())
        .extracting(StemAndLeaf.Stem::label)
        .containsExactly("9", "10", "11", "12", "13");
    assertThat(both.get(1).stems())
        .extracting(StemAndLeaf.Stem::leaves)
        .containsExactly("9", "", "", "", "0");
    assertThat(StemAndLeaf.of(List.of(sample(0, 1).tally(), sample(0).tally()))).isEmpty();
    assertThat(StemAndLeaf.of(List.of())).isEmpty();
  }
}
