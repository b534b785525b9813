package promedio.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jfree.chart.annotations.XYLineAnnotation;
import org.jfree.chart.annotations.XYTextAnnotation;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTick;
import org.jfree.chart.ui.RectangleEdge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.catalogue.Measures;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedValues;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.grouping.Grouping;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
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
        Graph.Axis.of("weight in g"),
        Graph.Marked.of(Set.of(Measures.MEDIAN)),
        CourseRules.DEFAULTS,
        DecimalSign.COMMA);
  }

  private static ClassTable grouped() {
    return Grouping.into(WEIGHTS, 5, CourseRules.DEFAULTS).table();
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
  void aPointOfThePaperIsAValueOfTheAxis() throws BadInputException {
    DrawnGraph drawn =
        GraphExport.of(graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY), WIDTH, HEIGHT)
            .drawn(1.5);

    double left = drawn.valueAt(150).orElseThrow();
    double right = drawn.valueAt(450).orElseThrow();
    assertThat(left).isBetween(110.0, 135.0);
    assertThat(right).isGreaterThan(left).isBetween(135.0, 165.0);
    assertThat(drawn.valueAt(2)).isEmpty();
    assertThat(drawn.valueAt(WIDTH + 50)).isEmpty();
  }

  @Test
  void aGraphSaysWhatItShows() {
    assertThat(graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY).inWords())
        .startsWith("Histogram of ")
        .contains(" classes, from ", "The fullest is ", " of " + grouped().tally().total());
    for (GraphKind kind : GraphKind.values()) {
      String words = graph(kind, grouped(), Height.FREQUENCY).inWords();
      assertThat(words).as(kind.code()).endsWith(".").doesNotContain("{").hasSizeBetween(30, 300);
    }
  }

  @Test
  void theTallestBarStandsOverTheMostFrequentClass() throws BadInputException {
    ClassTable table = typed("0–10 1\n10–20 9\n20–30 2");
    GraphExport export =
        GraphExport.of(graph(GraphKind.HISTOGRAM, table, Height.FREQUENCY), WIDTH, HEIGHT);
    BufferedImage image = export.drawn(1).image();
    int left = inked(image, 160, 60, HEIGHT - 60);
    int middle = inked(image, 330, 60, HEIGHT - 60);
    int right = inked(image, 520, 60, HEIGHT - 60);

    assertThat(middle).isGreaterThan(right).isGreaterThan(left);
  }

  @Test
  void aChosenClassStandsOut() throws BadInputException {
    ClassTable table = typed("0–10 5\n10–20 9");
    Graph plain = graph(GraphKind.HISTOGRAM, table, Height.FREQUENCY);
    Graph chosen =
        new Graph(
            plain.kind(),
            plain.series(),
            plain.height(),
            plain.title(),
            plain.axis(),
            new Graph.Marked(Set.of(), List.of(), Optional.of(table.intervals(false).get(0))),
            plain.rules(),
            plain.sign());
    int without = GraphExport.of(plain, WIDTH, HEIGHT).drawn(1).image().getRGB(180, 300);
    int with = GraphExport.of(chosen, WIDTH, HEIGHT).drawn(1).image().getRGB(180, 300);

    assertThat(new Color(with).getRed()).isLessThan(new Color(without).getRed());
  }

  @Test
  void thePictureHasThePointsItIsAskedFor() throws BadInputException {
    BufferedImage image =
        GraphExport.of(graph(GraphKind.DOT, grouped(), Height.FREQUENCY), WIDTH, HEIGHT)
            .drawn(2.5)
            .image();

    assertThat(image.getWidth()).isEqualTo(1500);
    assertThat(image.getHeight()).isEqualTo(1000);
  }

  @Test
  void differentWidthsAskForDensities() {
    assertThat(Graph.proposed(GraphKind.HISTOGRAM, typed("0–10 5\n10–20 9")))
        .isEqualTo(Height.FREQUENCY);
    assertThat(Graph.proposed(GraphKind.HISTOGRAM, typed("0–10 5\n10–30 9")))
        .isEqualTo(Height.DENSITY);
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
                    Graph.Axis.of(""),
                    Graph.Marked.NOTHING,
                    some.rules(),
                    some.sign()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aPlaceOnThePaperAndItsValueLeadToEachOther() throws BadInputException {
    DrawnGraph drawn =
        GraphExport.of(graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY), WIDTH, HEIGHT)
            .drawn(2);
    double place = drawn.placeOf(120).orElseThrow();

    assertThat(drawn.valueAt(place).orElseThrow()).isCloseTo(120, within(1e-9));
    assertThat(drawn.valueAt(0)).isEmpty();
    assertThat(
            GraphExport.of(
                    graph(GraphKind.STEM_AND_LEAF, grouped(), Height.FREQUENCY), WIDTH, HEIGHT)
                .drawn(1)
                .placeOf(120))
        .isEmpty();
  }

  @Test
  void theNumbersAlongTheAxisStandAsFarApartAsWanted() throws BadInputException {
    Graph plain = graph(GraphKind.HISTOGRAM, grouped(), Height.FREQUENCY);
    Graph closer =
        new Graph(
            plain.kind(),
            plain.series(),
            plain.height(),
            plain.title(),
            new Graph.Axis("", Optional.of(Exact.of(2))),
            plain.marked(),
            plain.rules(),
            plain.sign());

    assertThat(ChartMaker.of(closer).getXYPlot().getDomainAxis())
        .isInstanceOfSatisfying(
            NumberAxis.class, axis -> assertThat(axis.getTickUnit().getSize()).isEqualTo(2));
  }

  private static Graph ogive(GraphKind kind, Height height) {
    ClassTable table = typed("0–10 10\n10–20 20\n20–30 10");
    return new Graph(
        kind,
        List.of(new Graph.Series("Crates", table, table)),
        height,
        "",
        Graph.Axis.of("kg"),
        new Graph.Marked(
            Set.of(Measures.Q1, Measures.MEDIAN, Measures.Q3),
            List.of(Exact.of(90)),
            Optional.empty()),
        CourseRules.DEFAULTS,
        DecimalSign.POINT);
  }

  private static List<String> written(Graph graph) throws BadInputException {
    return annotations(graph, XYTextAnnotation.class).map(XYTextAnnotation::getText).toList();
  }

  private static <T> Stream<T> annotations(Graph graph, Class<T> type) throws BadInputException {
    List<?> all = ChartMaker.of(graph).getXYPlot().getAnnotations();
    return all.stream().filter(type::isInstance).map(type::cast);
  }

  @ParameterizedTest
  @EnumSource(
      value = GraphKind.class,
      names = {"OGIVE", "OGIVE_ABOVE"})
  void quartilesAndPercentilesAreReadOffAnOgive(GraphKind kind) throws BadInputException {
    assertThat(written(ogive(kind, Height.FREQUENCY)))
        .containsExactly("Q₁ 10.00", "median 15.00", "Q₃ 20.00", "P₉₀ 26.00");
    // Across and down: two pieces of line for each.
    assertThat(annotations(ogive(kind, Height.FREQUENCY), XYLineAnnotation.class)).hasSize(8);
  }

  @ParameterizedTest
  @EnumSource(
      value = GraphKind.class,
      names = {"HISTOGRAM", "POLYGON"})
  void linesThroughBarsTellWhatTheValuesComeToNotTheirClasses(GraphKind kind)
      throws BadInputException {
    assertThat(written(graph(kind, grouped(), Height.FREQUENCY))).contains("median 128,00");
    // Where there are classes alone, they tell it.
    assertThat(written(ogive(kind, Height.FREQUENCY))).contains("median 15.00");
  }

  @Test
  void theNumbersStandAtTheBoundariesOrTheMidpoints() throws BadInputException {
    assertThat(numbers(ogive(GraphKind.OGIVE, Height.FREQUENCY), WIDTH))
        .containsExactly("0", "10", "20", "30");
    assertThat(numbers(ogive(GraphKind.POLYGON, Height.FREQUENCY), WIDTH))
        .containsExactly("5", "15", "25");
    // Where they would stand too close they stand evenly.
    assertThat(numbers(ogive(GraphKind.HISTOGRAM, Height.FREQUENCY), 60))
        .doesNotContainSequence("0", "10", "20", "30");
  }

  private static List<String> numbers(Graph graph, int width) throws BadInputException {
    PlacedAxis axis = (PlacedAxis) ChartMaker.of(graph).getXYPlot().getDomainAxis();
    Graphics2D graphics =
        new BufferedImage(width, HEIGHT, BufferedImage.TYPE_INT_RGB).createGraphics();
    return axis
        .refreshTicksHorizontal(
            graphics, new Rectangle2D.Double(0, 0, width, HEIGHT), RectangleEdge.BOTTOM)
        .stream()
        .map(NumberTick::getText)
        .toList();
  }

  @ParameterizedTest
  @CsvSource({"FREQUENCY, 5, 0", "RELATIVE, 0.1, 1", "PERCENTAGE, 10, 0"})
  void theHeightsAreNumberedInFewRoundSteps(Height height, double step, int decimals)
      throws BadInputException {
    NumberAxis axis =
        (NumberAxis) ChartMaker.of(ogive(GraphKind.HISTOGRAM, height)).getXYPlot().getRangeAxis();

    assertThat(axis.getTickUnit().getSize()).isEqualTo(step);
    assertThat(axis.getNumberFormatOverride().getMinimumFractionDigits()).isEqualTo(decimals);
  }

  private static Graph of(GraphKind kind, String... samples) {
    List<Graph.Series> series = new ArrayList<>();
    for (String values : samples) {
      Data data = TypedValues.read(values, DecimalSign.POINT).data();
      series.add(new Graph.Series("sample " + series.size(), data, ClassTable.NONE));
    }
    return new Graph(
        kind,
        series,
        Height.FREQUENCY,
        "",
        Graph.Axis.of("g"),
        Graph.Marked.NOTHING,
        CourseRules.DEFAULTS,
        DecimalSign.POINT);
  }

  @Test
  void outliersAreNamedAndNoNameStandsOnAnother() throws BadInputException {
    List<XYTextAnnotation> names =
        annotations(
                of(GraphKind.BOX, "10 11 12×8 13×8 14 15 39.8 40 40.2 40.4 80"),
                XYTextAnnotation.class)
            .toList();

    assertThat(names)
        .extracting(XYTextAnnotation::getText)
        .contains("39.8", "40", "40.2", "80", "sample 0")
        // Three stand above each other; there is no room for a fourth.
        .doesNotContain("40.4");
    assertThat(names.stream().filter(name -> name.getX() > 39 && name.getX() < 41))
        .extracting(XYTextAnnotation::getY)
        .doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @CsvSource({"DOT, too many dots", "BAR, too many bars"})
  void whatCannotBeToldApartIsNotDrawn(GraphKind kind, String why) {
    String many =
        IntStream.range(0, 2001).mapToObj(String::valueOf).collect(Collectors.joining(" "));

    assertThatThrownBy(() -> GraphExport.of(of(kind, many), WIDTH, HEIGHT))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(why);
  }

  @ParameterizedTest
  @CsvSource({
    "HISTOGRAM, no class of Crates has a width",
    "POLYGON, no class of Crates has a width",
    "BOX, Crates has no quartiles or ends"
  })
  void openClassesAloneHaveNoWidthToDraw(GraphKind kind, String why) {
    ClassTable open = typed("under 10 3\n10 and over 4");
    Graph graph =
        new Graph(
            kind,
            List.of(new Graph.Series("Crates", open, open)),
            Height.FREQUENCY,
            "",
            Graph.Axis.of("kg"),
            Graph.Marked.NOTHING,
            CourseRules.DEFAULTS,
            DecimalSign.POINT);

    assertThatThrownBy(() -> GraphExport.of(graph, WIDTH, HEIGHT))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(why);
  }

  @Test
  void twoSamplesStandBackToBackOnTheSameStems() throws BadInputException {
    BufferedImage image =
        GraphExport.of(of(GraphKind.STEM_AND_LEAF, "118 121 121", "99 130"), WIDTH, HEIGHT)
            .drawn(1)
            .image();
    int rows = 26;
    // Leaves of the second row from the bottom (12|) stand on the left, of the last (13|) right.
    assertThat(inkedAcross(image, 0, WIDTH / 2 - 30, 26 + 4 * rows)).isPositive();
    assertThat(inkedAcross(image, WIDTH / 2 + 30, WIDTH, 26 + 4 * rows)).isZero();
    assertThat(inkedAcross(image, 0, WIDTH / 2 - 30, 26 + 5 * rows)).isZero();
    assertThat(inkedAcross(image, WIDTH / 2 + 30, WIDTH, 26 + 5 * rows)).isPositive();
  }

  private static int inkedAcross(BufferedImage image, int from, int to, int bottom) {
    int inked = 0;
    for (int x = from; x < to; x++) {
      inked += inked(image, x, bottom - 12, bottom);
    }
    return inked;
  }
}
