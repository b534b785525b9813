package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.Grouping;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.desktop.session.Background;
import promedio.desktop.work.Workspace;
import promedio.graph.Graph;

/** What is drawn of an item, by what the student chose and wrote. */
class GraphPlanTest {

  private final Workspace workspace =
      new Workspace(Assignment.empty("Pears"), new Background(Runnable::run, Runnable::run));

  @BeforeEach
  void addSample() {
    workspace.shelf().addNamed("North", new Source.ValuesText("118 121 124 126 131"));
    workspace.items().setUnit("g");
  }

  private GraphPlan plan() {
    return GraphPlan.of(workspace.analysis());
  }

  private Graph graph() {
    return graph(Optional.empty());
  }

  private Graph graph(Optional<GraphPlan.Other> beside) {
    Analysis now = workspace.analysis();
    Grouping grouped =
        now.item()
            .classes()
            .group(now.typed().data(), now.rules(), now.sign())
            .grouping()
            .orElseThrow();
    return plan().graph(grouped, Optional.empty(), beside);
  }

  @Test
  void aSampleIsDrawnAsAHistogramUntilSomethingElseIsChosen() {
    assertThat(graph().kind()).isEqualTo(GraphKind.HISTOGRAM);
    assertThat(graph().height()).isEqualTo(Height.FREQUENCY);
    assertThat(graph().axis().name()).isEqualTo("North in g");

    workspace
        .items()
        .setGraph(now -> now.with(GraphKind.OGIVE).with(Optional.of(Height.PERCENTAGE)));
    workspace
        .items()
        .setGraph(now -> now.with(GraphMark.QUARTILES, true).with(GraphMark.MEDIAN, true));
    workspace.items().typeGraph(GraphText.AXIS, "weight");
    workspace.items().typeGraph(GraphText.PERCENTILES, "10; 90");
    workspace.items().typeGraph(GraphText.TICKS, "2.5");

    assertThat(graph().kind()).isEqualTo(GraphKind.OGIVE);
    assertThat(graph().height()).isEqualTo(Height.PERCENTAGE);
    assertThat(graph().marked().measures())
        .containsExactlyInAnyOrder(Measures.Q1, Measures.MEDIAN, Measures.Q3);
    assertThat(graph().marked().percentiles()).containsExactly(Exact.of(10), Exact.of(90));
    assertThat(graph().axis()).isEqualTo(new Graph.Axis("weight", Optional.of(Exact.of(5, 2))));
  }

  @Test
  void whatWasWrittenIsTakenBackTogetherAndWhatWasChosenStepByStep() {
    workspace.items().setGraph(now -> now.with(GraphKind.BOX));
    workspace.items().typeGraph(GraphText.TITLE, "P");
    workspace.items().typeGraph(GraphText.TITLE, "Pears");
    workspace.session().undo();
    assertThat(plan().choice().text(GraphText.TITLE)).isEmpty();
    assertThat(plan().kind()).isEqualTo(GraphKind.BOX);
    workspace.session().undo();
    assertThat(plan().choice()).isEqualTo(GraphChoice.USUAL);
  }

  @ParameterizedTest
  @CsvSource({
    "TICKS, 0, not a tick spacing",
    "TICKS, -2, not a tick spacing",
    "TICKS, 2x, not a tick spacing",
    "PERCENTILES, 10 101, type percentiles as numbers from 0 to 100",
    "PERCENTILES, ten, type percentiles as numbers from 0 to 100"
  })
  void whatCannotBeUsedIsSaid(GraphText which, String text, String why) {
    workspace.items().typeGraph(which, text);

    assertThat(plan().problem(which).orElseThrow()).contains("“" + text + "”", why);
    assertThat(graph().axis().ticks()).isEmpty();
  }

  @Test
  void whatIsLeftEmptyIsNoProblem() {
    for (GraphText which : GraphText.values()) {
      assertThat(plan().problem(which)).isEmpty();
    }
  }

  @Test
  void singleValuesOfAClassTableAreNotDrawn() {
    workspace.shelf().addNamed("Weights", new Source.ClassesText("10–20 5\n20–40 8"));
    workspace.items().setGraph(now -> now.with(GraphKind.STEM_AND_LEAF));

    assertThat(plan().offers(GraphKind.STEM_AND_LEAF)).isFalse();
    assertThat(plan().offers(GraphKind.BOX)).isTrue();
    assertThat(plan().kind()).isEqualTo(GraphKind.HISTOGRAM);
    // Its classes are not equally wide, and an ogive has no density.
    assertThat(graph().height()).isEqualTo(Height.DENSITY);
    workspace.items().setGraph(now -> now.with(GraphKind.OGIVE).with(Optional.of(Height.DENSITY)));
    assertThat(graph().height()).isEqualTo(Height.FREQUENCY);
  }

  @Test
  void anotherSampleStandsInTheSameClasses() {
    Source south = new Source.ValuesText("99 120 160");
    Graph both =
        graph(Optional.of(new GraphPlan.Other("South", south.read(DecimalSign.POINT).data())));

    ClassTable first = both.series().get(0).classes();
    ClassTable second = both.series().get(1).classes();
    assertThat(second.rows().size()).isGreaterThan(first.rows().size());
    assertThat(second.tally().total()).isEqualTo(Exact.of(3));
    assertThat(second.intervals(false).stream().map(i -> i.lower().orElseThrow()))
        .containsAll(first.intervals(false).stream().map(i -> i.lower().orElseThrow()).toList());
  }

  @Test
  void aSampleThatIsFarAwayCannotShareTheClasses() {
    Source far = new Source.ValuesText("1000000");
    GraphPlan.Other other = new GraphPlan.Other("far", far.read(DecimalSign.POINT).data());

    assertThat(graph(Optional.of(other)).series()).hasSize(1);
    workspace.items().setGraph(now -> now.with(GraphKind.DOT));
    assertThat(graph(Optional.of(other)).series()).hasSize(2);
  }

  @Test
  void onlyOtherSamplesCanStandBeside() {
    int north = workspace.item().id();
    workspace.shelf().addNamed("Weights", new Source.ClassesText("10–20 5"));
    workspace.shelf().addNamed("South", new Source.ValuesText("1 2"));
    workspace.choose(north);

    assertThat(workspace.assignment().items().stream().filter(plan()::takesBeside))
        .extracting(item -> item.name())
        .containsExactly("South");
  }
}
