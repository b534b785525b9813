package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.desktop.work.WorkingService;
import promedio.graph.Graph;

/** What a covered result shows, and what it keeps to itself. */
class CoveredTest {

  private static final Request MEAN = Request.of(Measures.MEAN);

  private static final Item UPPER =
      Item.of(1, "upper", "g", new Source.ValuesText("12 15 11 20 17"));

  private static final Assignment COVERED = Assignment.empty("Pears").with(UPPER).withCovered(true);

  private static Analysis analysis(Assignment assignment) {
    return Analysis.of(assignment, assignment.item(1).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource({"'', ?", "14, ?", "15, 15.00", "15.0, 15.00", "none, ?"})
  void aResultIsShownOnceItsAnswerIsRight(String answer, String shown) {
    Analysis now = analysis(COVERED.answering(MEAN, Selection.of(1), answer));

    assertThat(now.shown(MEAN)).isEqualTo(shown);
    assertThat(now.shown(Request.of(Measures.SD))).isEqualTo("?");
  }

  @Test
  void oneThatIsUncoveredIsShownAndNoOther() {
    Analysis now = analysis(COVERED.uncovering(MEAN, Selection.of(1)));

    assertThat(now.isCovered(MEAN)).isFalse();
    assertThat(now.coversAny(Measures.MEAN)).isFalse();
    assertThat(now.coversAny(Measures.MEAN, Measures.SD)).isTrue();
    assertThat(Describe.progress(now)).endsWith("1 uncovered");
  }

  @Test
  void withoutCoveringNothingIsCovered() {
    Analysis now = analysis(COVERED.withCovered(false));

    assertThat(now.isCovered(MEAN)).isFalse();
    assertThat(now.coversAnything()).isFalse();
    assertThat(now.shown(MEAN)).isEqualTo("15.00");
  }

  @Test
  void aPartCoversWhatItAsksAndNothingElse() {
    Assignment open =
        COVERED
            .withCovered(false)
            .asking(Part.of(1, "(a)", Selection.of(1), StatedRules.NONE), List.of(MEAN));
    Assignment covered = open.with(open.parts().get(0).withCovered(true));
    Analysis now = analysis(covered);

    assertThat(now.shown(MEAN)).isEqualTo("?");
    assertThat(now.shown(Request.of(Measures.MEDIAN))).isEqualTo("15.00");
    assertThat(now.coversAny(Measures.MEAN)).isTrue();
    assertThat(now.coversAnything()).isTrue();
    assertThat(analysis(covered.answering(MEAN, Selection.of(1), "15")).coversAnything()).isFalse();
    assertThat(analysis(covered.answering(MEAN, Selection.of(1), "15")).shown(MEAN))
        .isEqualTo("15.00");
    Analysis uncovered = analysis(covered.uncovering(MEAN, Selection.of(1)));
    assertThat(uncovered.shown(MEAN)).isEqualTo("15.00");
    assertThat(Describe.progress(uncovered)).endsWith("1 uncovered");
    assertThat(analysis(open).shown(MEAN)).isEqualTo("15.00");
  }

  @Test
  void theMarginTellsTheDefinitionAndNoNumber() {
    MarginText margin = MarginText.of(MEAN, analysis(COVERED));

    assertThat(margin.formula()).isPresent();
    assertThat(margin.result()).isEqualTo("x̄ = ?");
    assertThat(margin.exact()).isEmpty();
    assertThat(margin.sentence()).doesNotContain("15");
  }

  @Test
  void graphsMarkNothingThatIsCoveredAndABoxIsNotDrawn() {
    Item drawn =
        UPPER.withGraph(
            UPPER
                .graph()
                .with(GraphKind.BOX)
                .with(GraphMark.MEAN, true)
                .with(GraphMark.QUARTILES, true));
    GraphPlan covered = GraphPlan.of(analysis(COVERED.with(drawn)));
    GraphPlan open = GraphPlan.of(analysis(COVERED.with(drawn).withCovered(false)));

    assertThat(covered.kind()).isEqualTo(GraphKind.HISTOGRAM);
    assertThat(open.kind()).isEqualTo(GraphKind.BOX);
    assertThat(marked(covered)).isEmpty();
    assertThat(marked(open)).contains(Measures.MEAN, Measures.Q1);
  }

  private static Set<Measure> marked(GraphPlan plan) {
    Graph graph =
        plan.graph(
            plan.now()
                .item()
                .classes()
                .group(plan.now().typed().data(), plan.now().rules(), plan.now().sign())
                .grouping()
                .orElseThrow(),
            Optional.empty(),
            Optional.empty());
    return graph.marked().measures();
  }

  @Test
  void noValueIsLitForACoveredMeasureAndScratchPaperKnowsNoneOfThem() {
    Analysis now = analysis(COVERED);
    Analysis found =
        analysis(COVERED.answering(Request.of(Measures.MEDIAN), Selection.of(1), "15"));

    assertThat(LineUp.of(now).orElseThrow().partsOf(Request.of(Measures.MEDIAN), now)).isEmpty();
    assertThat(LineUp.of(found).orElseThrow().partsOf(Request.of(Measures.MEDIAN), found))
        .containsExactly(3);
    assertThat(WorkingService.quantities(now).keySet()).containsExactly("n");
    assertThat(WorkingService.quantities(found).keySet()).containsExactly("n", "Md");
  }
}
