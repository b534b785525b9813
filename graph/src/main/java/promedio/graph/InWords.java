package promedio.graph;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Tally;
import promedio.core.table.PairCategories;
import promedio.files.report.ShownNumbers;

/** What a picture shows, in a sentence. */
final class InWords {

  private InWords() {}

  static String of(Graph graph) {
    Graph.Series first = graph.series().get(0);
    ShownNumbers numbers = new ShownNumbers(graph.rules(), graph.sign());
    String words =
        switch (graph.kind()) {
          case HISTOGRAM, POLYGON -> ofClasses(graph, first, numbers);
          case OGIVE, OGIVE_ABOVE, BOX, STEM_AND_LEAF, DOT, BAR -> ofValues(graph, first, numbers);
        };
    return graph.series().size() == 1
        ? words
        : Texts.of("words.beside", words, graph.series().get(1).name());
  }

  private static String ofClasses(Graph graph, Graph.Series series, ShownNumbers numbers) {
    List<Interval> classes = series.classes().intervals(true);
    Interval fullest = classes.stream().max(Comparator.comparing(Interval::frequency)).orElse(null);
    if (fullest == null) {
      return Texts.of("words.empty", series.name());
    }
    return Texts.of(
        "words." + graph.kind().code(),
        series.name(),
        classes.size(),
        numbers.shown(classes.get(0)),
        numbers.shown(classes.get(classes.size() - 1)),
        numbers.shown(fullest),
        numbers.shown(fullest.frequency()),
        numbers.shown(series.classes().tally().total()));
  }

  private static String ofValues(Graph graph, Graph.Series series, ShownNumbers numbers) {
    Computation computation = Computation.of(series.data(), graph.rules());
    Tally tally = series.data().tally();
    if (tally.isEmpty()) {
      return Texts.of("words.empty", series.name());
    }
    return Texts.of(
        "words." + graph.kind().code(),
        series.name(),
        numbers.shown(series.data().total()),
        numbers.shown(tally.value(0)),
        numbers.shown(tally.value(tally.size() - 1)),
        shown(computation, Measures.Q1, numbers),
        shown(computation, Measures.MEDIAN, numbers),
        shown(computation, Measures.Q3, numbers));
  }

  private static String shown(Computation computation, Measure measure, ShownNumbers numbers) {
    Result result = computation.result(measure);
    return result.number().map(numbers::result).orElse("–");
  }

  static String of(ScatterGraph graph) {
    Computation computation = Computation.of(graph.pairs(), graph.rules());
    ShownNumbers numbers = new ShownNumbers(graph.rules(), graph.sign());
    String points =
        Texts.of(
            "words.scatter",
            graph.yName(),
            graph.xName(),
            graph.pairs().size(),
            shown(computation, Measures.ofKey("correlation").orElseThrow(), numbers));
    return graph.categories().map(by -> points + " " + toldApart(by)).orElse(points);
  }

  private static String toldApart(PairCategories by) {
    return Texts.of(
        "words.scatter.categories",
        IntStream.range(0, by.names().size())
            .mapToObj(i -> by.names().get(i) + " (" + by.count(i) + ")")
            .collect(Collectors.joining(", ")));
  }

  static String of(CategoryGraph graph) {
    CategoryGraph.Series first = graph.series().get(0);
    Categories counted = first.categories();
    ShownNumbers numbers = new ShownNumbers(graph.rules(), graph.sign());
    return counted.rows().stream()
        .max(Comparator.comparing(Categories.Row::frequency))
        .map(
            most ->
                Texts.of(
                    "words.categories",
                    first.name(),
                    counted.rows().size(),
                    numbers.shown(counted.total()),
                    most.name(),
                    numbers.shown(most.frequency())))
        .orElseGet(() -> Texts.of("words.empty", first.name()));
  }
}
