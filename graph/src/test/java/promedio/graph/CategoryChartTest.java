package promedio.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.plot.CategoryPlot;
import org.jfree.chart.plot.PlotOrientation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.entry.TypedCategories;
import promedio.core.graph.Height;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;

/** What bars of categories look like on their paper. */
class CategoryChartTest {

  private static final int WIDTH = 600;
  private static final int HEIGHT = 400;
  private static final String REASONS = "bruised 14; too small 21; scarred 7";

  private static Categories typed(String text) {
    return (Categories) TypedCategories.read(text, DecimalSign.POINT).data();
  }

  private static CategoryGraph graph(Height height, Optional<String> chosen, String... counts) {
    List<CategoryGraph.Series> series =
        IntStream.range(0, counts.length)
            .mapToObj(i -> new CategoryGraph.Series("count " + (i + 1), typed(counts[i])))
            .toList();
    return new CategoryGraph(
        series,
        height,
        CategoryGraph.Arrangement.BESIDE,
        "Sorted out",
        "reason",
        Set.of("too small"),
        chosen,
        CourseRules.DEFAULTS,
        DecimalSign.COMMA);
  }

  private static CategoryGraph graph(Height height, String... counts) {
    return graph(height, Optional.empty(), counts);
  }

  private static CategoryPlot plot(CategoryGraph graph) throws BadInputException {
    return CategoryChart.of(graph).getCategoryPlot();
  }

  private static String label(CategoryGraph graph, int row, int column) throws BadInputException {
    CategoryPlot plot = plot(graph);
    return plot.getRenderer()
        .getItemLabelGenerator(row, column)
        .generateLabel(plot.getDataset(), row, column);
  }

  @ParameterizedTest
  @CsvSource({
    "FREQUENCY, 14, 21 · mode",
    "RELATIVE, '0,3333', '0,5 · mode'",
    "PERCENTAGE, '33,3333', 50 · mode"
  })
  void eachBarHasItsNumberAndTheModeIsNamed(Height height, String first, String mode)
      throws BadInputException {
    CategoryGraph graph = graph(height, REASONS);

    assertThat(label(graph, 0, 0)).isEqualTo(first);
    assertThat(label(graph, 0, 1)).isEqualTo(mode);
  }

  @Test
  void aClickFindsTheCategoryOfTheBarAndNothingBesideThem() throws BadInputException {
    CategoryGraph graph = graph(Height.FREQUENCY, REASONS);
    DrawnGraph drawn = GraphExport.of(graph, WIDTH, HEIGHT).drawn(1);
    Set<String> found = new LinkedHashSet<>();
    for (int x = 0; x < WIDTH; x += 4) {
      drawn.categoryAt(x, HEIGHT - 90).ifPresent(found::add);
    }

    assertThat(found).containsExactly("bruised", "too small", "scarred");
    assertThat(drawn.categoryAt(5, 5)).isEmpty();
    assertThat(graph.inWords())
        .contains("3 categories, n = 42", "Most frequent is too small, with 21");
    // Names have no axis of values.
    assertThat(drawn.valueAt(300)).isEmpty();
    assertThat(drawn.placeOf(1)).isEmpty();
  }

  @Test
  void theChosenBarStandsOut() throws BadInputException {
    int plain = middle(graph(Height.FREQUENCY, REASONS));
    int chosen = middle(graph(Height.FREQUENCY, Optional.of("too small"), REASONS));
    int other = middle(graph(Height.FREQUENCY, Optional.of("bruised"), REASONS));

    assertThat(new Color(chosen).getRed()).isLessThan(new Color(plain).getRed());
    assertThat(other).isEqualTo(plain);
  }

  private static int middle(CategoryGraph graph) throws BadInputException {
    BufferedImage image = GraphExport.of(graph, WIDTH, HEIGHT).drawn(1).image();
    return image.getRGB(330, 250);
  }

  @Test
  void aSecondCountStandsBesideTheFirstOverAllNamesOfBoth() throws BadInputException {
    CategoryGraph both = graph(Height.RELATIVE, REASONS, "scarred 3; unripe 1");
    CategoryPlot plot = plot(both);

    assertThat(plot.getDataset().getColumnKeys().toString())
        .isEqualTo("[bruised, too small, scarred, unripe]");
    assertThat(plot.getDataset().getRowCount()).isEqualTo(2);
    assertThat(label(both, 1, 0)).isEqualTo("0");
    assertThat(label(both, 1, 2)).isEqualTo("0,75");
    // Two are told apart by a legend, one needs none.
    assertThat(CategoryChart.of(both).getSubtitleCount())
        .isEqualTo(CategoryChart.of(graph(Height.RELATIVE, REASONS)).getSubtitleCount() + 1);
  }

  @Test
  void countsOfTheSameNameAreStillTwo() throws BadInputException {
    CategoryGraph.Series same = new CategoryGraph.Series("North", typed("plum 2, pear 1"));
    CategoryGraph graph =
        new CategoryGraph(
            List.of(same, same),
            Height.FREQUENCY,
            CategoryGraph.Arrangement.BESIDE,
            "",
            "",
            Set.of(),
            Optional.empty(),
            CourseRules.DEFAULTS,
            DecimalSign.POINT);

    assertThat(plot(graph).getDataset().getRowCount()).isEqualTo(2);
    assertThat(graph.name()).isEqualTo("North");
  }

  @Test
  void barsThatAreStackedShowTheSharesWithinEachCategory() throws BadInputException {
    CategoryGraph graph =
        new CategoryGraph(
            List.of(
                new CategoryGraph.Series("Blanca", typed("plum 1, pear 2")),
                new CategoryGraph.Series("Rocha", typed("plum 3, fig 2"))),
            Height.FREQUENCY,
            CategoryGraph.Arrangement.STACKED,
            "",
            "",
            Set.of(),
            Optional.empty(),
            CourseRules.DEFAULTS,
            DecimalSign.POINT);

    assertThat(plot(graph).getDataset().getValue(0, 0)).isEqualTo(25.0);
    assertThat(plot(graph).getDataset().getValue(1, 0)).isEqualTo(75.0);
    assertThat(plot(graph).getRangeAxis().getUpperBound()).isEqualTo(100);
    assertThat(label(graph, 1, 0)).isEqualTo("75.00 %");
    assertThat(label(graph, 0, 2)).isEmpty();
  }

  @Test
  void manyOrLongNamesStandBesideLyingBars() throws BadInputException {
    String many = names(13, "r");
    String lengthy = names(5, "picked up from the ground, number ");

    assertThat(plot(graph(Height.FREQUENCY, REASONS)).getOrientation())
        .isEqualTo(PlotOrientation.VERTICAL);
    assertThat(plot(graph(Height.FREQUENCY, many)).getOrientation())
        .isEqualTo(PlotOrientation.HORIZONTAL);
    assertThat(plot(graph(Height.FREQUENCY, lengthy)).getOrientation())
        .isEqualTo(PlotOrientation.HORIZONTAL);
  }

  private static String names(int count, String name) {
    return IntStream.rangeClosed(1, count)
        .mapToObj(i -> name + i + "\t" + i)
        .collect(Collectors.joining("\n"));
  }

  @Test
  void theAxisHasRoomAboveTheHighestBarAndWholeCounts() throws BadInputException {
    JFreeChart chart = CategoryChart.of(graph(Height.FREQUENCY, "plum 3, pear 5"));

    assertThat(chart.getCategoryPlot().getRangeAxis().getUpperBound()).isBetween(5.5, 6.5);
    assertThat(chart.getCategoryPlot().getRangeAxis().getLowerBound()).isZero();
  }

  @Test
  void whatCannotBeDrawnIsRefused() {
    assertThatThrownBy(() -> graph(Height.DENSITY, REASONS))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> graph(Height.FREQUENCY)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> CategoryChart.of(graph(Height.FREQUENCY, names(61, "r"))))
        .hasMessage("61 categories are too many to draw, at most 60");
  }
}
