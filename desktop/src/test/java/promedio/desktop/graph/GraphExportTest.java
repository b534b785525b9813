package promedio.desktop.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jfree.chart.axis.NumberAxis;
import org.junit.jupiter.api.Test;
import promedio.core.entry.TypedClasses;
import promedio.core.grouping.Grouping;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** What graphs look like on their paper. */
class GraphExportTest {

  private static final int WIDTH = 600;
  private static final int HEIGHT = 400;

  private static final Sample WEIGHTS =
      new Sample(
          Values.ofDecimals(new long[] {118, 121, 124, 126, 127, 129, 131, 131, 140, 152}, 0));

  private static Graph graph(GraphKind kind, ClassTable classes, Height height) {
    return new Graph(
        kind,
        List.of(new Graph.Series("North", WEIGHTS, classes)),
        height,
        "North terrace",
        "weight in g",
        Optional.empty(),
        Set.of(Measure.MEDIAN),
        Optional.empty(),
        CourseRules.DEFAULTS,
        DecimalSign.COMMA);
  }

  private static ClassTable grouped() {
    return Grouping.intoAbout(WEIGHTS, 5, CourseRules.DEFAULTS).orElseThrow().table();
  }

  private static ClassTable typed(String text) {
    return (ClassTable) TypedClasses.read(text, DecimalSign.POINT).data();
  }

  /** How many points down a column are not paper. */
  private static int inked(BufferedImage image, int x, int from, int to) {
    int inked = 0;
    for (int y = from; y < to; y++) {
      inked += image.getRGB(x, y) == Color.WHITE.getRGB() ? 0 : 1;
    }
    return inked;
  }

  @Test
  void aPointOfThePaperIsAValueOfTheAxis() {
    GraphExport export =
        GraphExport.of(graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY), WIDTH, HEIGHT);

    double left = export.valueAt(150).orElseThrow();
    double right = export.valueAt(450).orElseThrow();
    assertThat(left).isBetween(110.0, 135.0);
    assertThat(right).isGreaterThan(left).isBetween(135.0, 165.0);
    assertThat(export.valueAt(2)).isEmpty();
    assertThat(export.valueAt(WIDTH + 50)).isEmpty();
  }

  @Test
  void theTallestBarStandsOverTheMostFrequentClass() {
    ClassTable table = typed("0–10 1\n10–20 9\n20–30 2");
    GraphExport export =
        GraphExport.of(graph(GraphKind.HISTOGRAM, table, Height.FREQUENCY), WIDTH, HEIGHT);
    BufferedImage image = export.image(1);
    int left = inked(image, 160, 60, HEIGHT - 60);
    int middle = inked(image, 330, 60, HEIGHT - 60);
    int right = inked(image, 520, 60, HEIGHT - 60);

    assertThat(middle).isGreaterThan(right).isGreaterThan(left);
  }

  @Test
  void aChosenClassStandsOut() {
    ClassTable table = typed("0–10 5\n10–20 9");
    Graph plain = graph(GraphKind.HISTOGRAM, table, Height.FREQUENCY);
    Graph chosen =
        new Graph(
            plain.kind(),
            plain.series(),
            plain.height(),
            plain.title(),
            plain.xName(),
            plain.ticks(),
            plain.marks(),
            Optional.of(table.intervals(false).get(0)),
            plain.rules(),
            plain.sign());
    int without = GraphExport.of(plain, WIDTH, HEIGHT).image(1).getRGB(180, 300);
    int with = GraphExport.of(chosen, WIDTH, HEIGHT).image(1).getRGB(180, 300);

    assertThat(new Color(with).getRed()).isLessThan(new Color(without).getRed());
  }

  @Test
  void thePictureHasThePointsItIsAskedFor() {
    BufferedImage image =
        GraphExport.of(graph(GraphKind.DOT, grouped(), Height.FREQUENCY), WIDTH, HEIGHT).image(2.5);

    assertThat(image.getWidth()).isEqualTo(1500);
    assertThat(image.getHeight()).isEqualTo(1000);
  }

  @Test
  void differentWidthsAskForDensities() {
    assertThat(Graph.proposed(typed("0–10 5\n10–20 9"))).isEqualTo(Height.FREQUENCY);
    assertThat(Graph.proposed(typed("0–10 5\n10–30 9"))).isEqualTo(Height.DENSITY);
    assertThat(Height.ofCode("relative")).contains(Height.RELATIVE);
    assertThat(GraphKind.ofCode("ogive-above")).contains(GraphKind.OGIVE_ABOVE);
    assertThat(GraphKind.ofCode("pie")).isEmpty();
  }

  @Test
  void withoutASampleThereIsNoGraph() {
    Graph some = graph(GraphKind.DOT, grouped(), Height.FREQUENCY);
    assertThatThrownBy(
            () ->
                new Graph(
                    some.kind(),
                    List.of(),
                    some.height(),
                    "",
                    "",
                    Optional.empty(),
                    Set.of(),
                    Optional.empty(),
                    some.rules(),
                    some.sign()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aPlaceOnThePaperAndItsValueLeadToEachOther() {
    GraphExport export =
        GraphExport.of(graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY), WIDTH, HEIGHT);
    double place = export.placeOf(120).orElseThrow();

    assertThat(export.valueAt(place).orElseThrow()).isCloseTo(120, within(1e-9));
    assertThat(export.valueAt(0)).isEmpty();
    assertThat(
            GraphExport.of(
                    graph(GraphKind.STEM_AND_LEAF, grouped(), Height.FREQUENCY), WIDTH, HEIGHT)
                .placeOf(120))
        .isEmpty();
  }

  @Test
  void theNumbersAlongTheAxisStandAsFarApartAsWanted() {
    Graph plain = graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY);
    Graph closer =
        new Graph(
            plain.kind(),
            plain.series(),
            plain.height(),
            plain.title(),
            plain.xName(),
            Optional.of(Exact.of(2)),
            plain.marks(),
            plain.chosen(),
            plain.rules(),
            plain.sign());

    assertThat(ChartMaker.of(closer).getXYPlot().getDomainAxis())
        .isInstanceOfSatisfying(
            NumberAxis.class, axis -> assertThat(axis.getTickUnit().getSize()).isEqualTo(2));
  }
}
