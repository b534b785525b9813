package promedio.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Ellipse2D;
import java.awt.geom.GeneralPath;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jfree.chart.annotations.XYTextAnnotation;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.renderer.xy.XYItemRenderer;
import org.jfree.chart.title.LegendTitle;
import org.jfree.chart.title.TextTitle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Pairs;
import promedio.core.sample.Values;
import promedio.core.table.PairCategories;
import promedio.graph.ScatterGraph.Extra;

/** Pairs as points, and very many of them as squares that are darker where more lie. */
class ScatterGraphTest {

  private static final Pairs FIVE =
      Pairs.of(
          Values.ofDecimals(new long[] {1, 2, 3, 4, 5}, 0),
          Values.ofDecimals(new long[] {2, 4, 6, 8, 10}, 0));

  private static ScatterGraph graph(Pairs pairs, boolean withLine) {
    return graph(pairs, withLine ? Set.of(Extra.LINE) : Set.of(), OptionalInt.empty());
  }

  private static ScatterGraph graph(Pairs pairs, Set<Extra> shown, OptionalInt chosen) {
    return new ScatterGraph(
        pairs,
        "",
        "length",
        "weight",
        Optional.empty(),
        shown,
        chosen,
        CourseRules.DEFAULTS,
        DecimalSign.POINT);
  }

  private static String svg(ScatterGraph graph) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    GraphExport.of(graph, 600, 400).svg(out);
    return out.toString(StandardCharsets.UTF_8);
  }

  private static Pairs many(int n, int different) {
    long[] x = IntStream.range(0, n).mapToLong(i -> i % different).toArray();
    long[] y = IntStream.range(0, n).mapToLong(i -> i / different % different).toArray();
    return Pairs.of(Values.ofDecimals(x, 0), Values.ofDecimals(y, 0));
  }

  @Test
  void itSaysInWordsHowManyPointsAndHowTheyGoTogether() {
    assertThat(graph(FIVE, false).inWords())
        .contains("weight over length", "n = 5", "the correlation is 1.00");
  }

  @ParameterizedTest
  @CsvSource({
    "1 2 1e400, beyond 10^100",
    "1e-200 0 0, beyond 10^-100",
    "12345678901234567 12345678901234568 12345678901234569, too close"
  })
  void whatNoPictureCanTellApartIsRefused(String numbers, String why) {
    Values extreme =
        Values.of(Arrays.stream(numbers.split(" ")).map(BigDecimal::new).map(Exact::of).toList());
    Values usual = Values.ofDecimals(new long[] {1, 2, 3}, 0);

    for (Pairs pairs : List.of(Pairs.of(extreme, usual), Pairs.of(usual, extreme))) {
      assertThatThrownBy(() -> GraphExport.of(graph(pairs, true), 600, 400))
          .isInstanceOf(BadInputException.class)
          .hasMessageContaining(why);
    }
  }

  @Test
  void oneLargeNumberAgainAndAgainIsDrawn() throws Exception {
    Values large = Values.ofDecimals(new long[] {12345678901234567L, 12345678901234567L}, 0);

    assertThat(svg(graph(Pairs.of(large, large), false))).contains("<svg").doesNotContain("NaN");
  }

  @Test
  void manyPointsOfWhichOneHasFourHundredDigitsAreDrawn() throws Exception {
    List<Exact> x = new ArrayList<>();
    for (int i = 0; i < 6000; i++) {
      x.add(Exact.of(i % 60));
    }
    x.set(7, Exact.of(7).plus(Exact.of(10).pow(-400)));
    Values values = Values.of(x);

    assertThat(svg(graph(Pairs.of(values, values), false))).contains("<svg").doesNotContain("NaN");
  }

  @Test
  void bothAxesAreNamed() throws Exception {
    XYPlot plot = ScatterChart.of(graph(FIVE, true)).getXYPlot();

    assertThat(plot.getDomainAxis().getLabel()).isEqualTo("length");
    assertThat(plot.getRangeAxis().getLabel()).isEqualTo("weight");
  }

  @Test
  void veryManyPointsSayWhatDarkMeans() throws Exception {
    assertThat(notes(many(6000, 60)))
        .containsExactly("n = 6000. The darker a square, the more points lie in it.");
    assertThat(notes(FIVE)).isEmpty();
  }

  @Test
  void categoriesDifferInShapeAndNotInColourAlone() throws Exception {
    PairCategories three = new PairCategories(List.of("Ana", "Rocha", "Blanca"), codes());
    ScatterGraph graph =
        new ScatterGraph(
            FIVE,
            "",
            "length",
            "weight",
            Optional.of(three),
            Set.of(),
            OptionalInt.empty(),
            CourseRules.DEFAULTS,
            DecimalSign.POINT);

    XYItemRenderer renderer = ScatterChart.of(graph).getXYPlot().getRenderer();
    assertThat(renderer.getItemShape(0, 0)).isInstanceOf(Ellipse2D.class);
    assertThat(renderer.getItemShape(0, 1)).isInstanceOf(GeneralPath.class);
    assertThat(renderer.getItemShape(0, 2)).isInstanceOf(Rectangle2D.class);
    assertThat(renderer.getItemPaint(0, 0)).isNotEqualTo(renderer.getItemPaint(0, 1));
    LegendTitle legend = (LegendTitle) ScatterChart.of(graph).getSubtitles().get(0);
    assertThat(legend.getSources()[0].getLegendItems().get(1).getLabel()).isEqualTo("Rocha");
    assertThat(graph.inWords())
        .endsWith("Colour and shape tell apart: Ana (2), Rocha (1), Blanca (1).");
  }

  @Test
  void allCategoriesThatAreOfferedCanBeToldApart() {
    Set<List<Object>> marks =
        IntStream.range(-1, ScatterGraph.MOST_CATEGORIES)
            .mapToObj(PointMark::of)
            .map(mark -> List.<Object>of(mark.shape().getClass(), mark.filled(), mark.ink()))
            .collect(Collectors.toSet());

    assertThat(marks).hasSize(ScatterGraph.MOST_CATEGORIES + 1);
  }

  private static List<Integer> codes() {
    return List.of(0, 1, 2, 0, -1);
  }

  private static List<String> notes(Pairs pairs) throws Exception {
    return ScatterChart.of(graph(pairs, false)).getSubtitles().stream()
        .map(title -> ((TextTitle) title).getText())
        .toList();
  }

  /** Whole numbers over squares of another width would make stripes that are not in the data. */
  @Test
  void pointsThatAreSpreadEvenlyAreOfOneTone() throws Exception {
    String even = svg(graph(many(14_400, 120), false));

    assertThat(tones(even)).hasSize(1);
  }

  private static Set<String> tones(String svg) {
    return Pattern.compile("fill-opacity[:=]\"?([0-9.]+)")
        .matcher(svg)
        .results()
        .map(found -> found.group(1))
        .filter(opacity -> Double.parseDouble(opacity) > 0 && Double.parseDouble(opacity) <= 1)
        .collect(Collectors.toSet());
  }

  @Test
  void aLineIsLeftOutWhereAllXAreTheSame() throws Exception {
    Pairs upright =
        Pairs.of(Values.ofDecimals(new long[] {3, 3}, 0), Values.ofDecimals(new long[] {1, 9}, 0));

    assertThat(svg(graph(upright, true))).isEqualTo(svg(graph(upright, false)));
  }

  private static final Pairs BENT =
      Pairs.of(
          Values.ofDecimals(new long[] {1, 2, 3, 4}, 0),
          Values.ofDecimals(new long[] {2, 1, 4, 3}, 0));

  private static int annotations(Set<Extra> shown) throws Exception {
    return ScatterChart.of(graph(BENT, shown, OptionalInt.empty()))
        .getXYPlot()
        .getAnnotations()
        .size();
  }

  @Test
  void bothLinesAndAResidualForEachPointAreDrawnOnRequest() throws Exception {
    int bare = annotations(Set.of());

    assertThat(annotations(Set.of(Extra.LINE)) - bare).isEqualTo(1);
    assertThat(annotations(Set.of(Extra.LINE, Extra.LINE_OF_X)) - bare).isEqualTo(2);
    assertThat(annotations(Set.of(Extra.RESIDUALS)) - bare).isEqualTo(4);
  }

  @Test
  void theRectangleOfAChosenPointSaysWhetherItAddsOrTakes() throws Exception {
    assertThat(texts(0)).containsExactly("+ to Sxy");
    assertThat(texts(1)).containsExactly("+ to Sxy");
    Pairs falling =
        Pairs.of(Values.ofDecimals(new long[] {1, 3}, 0), Values.ofDecimals(new long[] {9, 4}, 0));
    assertThat(texts(falling, 0)).containsExactly("− to Sxy");
    assertThat(texts(falling, 7)).isEmpty();
  }

  private static List<String> texts(int chosen) throws Exception {
    return texts(BENT, chosen);
  }

  private static List<String> texts(Pairs pairs, int chosen) throws Exception {
    List<?> annotations =
        ScatterChart.of(graph(pairs, Set.of(), OptionalInt.of(chosen)))
            .getXYPlot()
            .getAnnotations();
    return annotations.stream()
        .filter(XYTextAnnotation.class::isInstance)
        .map(each -> ((XYTextAnnotation) each).getText())
        .toList();
  }

  @Test
  void aPointOfThePaperTellsItsPair() throws Exception {
    DrawnGraph drawn =
        GraphExport.of(graph(BENT, Set.of(), OptionalInt.empty()), 600, 400).drawn(1);
    double x = drawn.placeOf(3).orElseThrow();

    assertThat(
            IntStream.range(0, 400)
                .mapToObj(y -> drawn.pairAt(x, y))
                .flatMapToInt(OptionalInt::stream)
                .distinct())
        .containsExactly(2);
    assertThat(drawn.pairAt(1, 1)).isEmpty();
  }

  @Test
  void noPairsAreNoGraph() {
    Pairs none = Pairs.of(Values.of(List.of()), Values.of(List.of()));

    assertThatThrownBy(() -> GraphExport.of(graph(none, false), 600, 400))
        .isInstanceOf(BadInputException.class)
        .hasMessage("there are no pairs to draw");
  }
}
