package promedio.desktop.projection;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.Grouping;
import promedio.core.measure.Measure;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.practice.SamplingDistribution;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.graph.Graph;

/** What samples by chance tell: in words, and as a graph on the scale that they came from. */
public final class ChanceText {

  /** More dots than these are drawn as a histogram. */
  private static final int MOST_DOTS = 300;

  private ChanceText() {}

  /** {@return what was drawn, what came of it and what theory says} */
  public static String told(SamplingDistribution chances, Analysis now) {
    CourseRules byN = now.rules().with(Rule.DIVISOR, Divisor.N);
    Computation numbers = Computation.of(chances.numbers(), byN);
    boolean means = chances.draws().of() == SamplingDistribution.Of.MEANS;
    String theory =
        means
            ? Texts.of(
                chances.draws().replacing() ? "chance.theory" : "chance.theory-left",
                Results.rounded(chances.expectedSpread(), now.rules(), now.sign()))
            : "";
    return Texts.of(
            means ? "chance.means" : "chance.sds",
            chances.draws().times(),
            Describe.grouped(chances.draws().times()),
            chances.draws().size(),
            shown(numbers, Measures.MEAN, now),
            shown(numbers, Measures.SD, now))
        + theory;
  }

  private static String shown(Computation numbers, Measure measure, Analysis now) {
    return numbers
        .result(measure)
        .number()
        .map(number -> Results.rounded(number, now.rules(), now.sign()))
        .orElseGet(() -> Texts.of("result.none"));
  }

  /**
   * {@return what was drawn from, and the numbers of the samples below it}
   *
   * @throws BadInputException if they cannot be drawn; the message says why
   */
  public static Graph graph(SamplingDistribution chances, Analysis now) throws BadInputException {
    boolean dots =
        chances.numbers().values().size() <= MOST_DOTS
            && chances.draws().from().values().size() <= MOST_DOTS;
    boolean means = chances.draws().of() == SamplingDistribution.Of.MEANS;
    String pile = Texts.of(means ? "chance.pile-means" : "chance.pile-sds");
    List<Graph.Series> series =
        means
            ? List.of(
                series(now.item().name(), chances.draws().from(), dots, now),
                series(pile, chances.numbers(), dots, now))
            : List.of(series(pile, chances.numbers(), dots, now));
    return new Graph(
        dots ? GraphKind.DOT : GraphKind.HISTOGRAM,
        series,
        dots ? Height.FREQUENCY : Height.DENSITY,
        "",
        Graph.Axis.of(now.item().unit()),
        Graph.Marked.of(Set.of(Measures.MEAN)),
        now.rules(),
        now.sign());
  }

  private static Graph.Series series(String name, Sample sample, boolean dots, Analysis now)
      throws BadInputException {
    if (dots) {
      return new Graph.Series(name, sample, ClassTable.NONE);
    }
    Optional<ClassTable> classes =
        ClassChoice.USUAL.group(sample, now.rules(), now.sign()).grouping().map(Grouping::table);
    return new Graph.Series(name, sample, classes.orElse(ClassTable.NONE));
  }
}
