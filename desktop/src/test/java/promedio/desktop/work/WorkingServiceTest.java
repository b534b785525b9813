package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.calculation.CalculationException;
import promedio.core.catalogue.Measures;
import promedio.core.grouping.ClassChoice;
import promedio.core.marking.FollowThrough;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.working.Assumed;
import promedio.core.working.Working;
import promedio.desktop.projection.Analysis;
import promedio.desktop.session.Background;

/** Methods, own workings and scratch paper of a window, without the window. */
class WorkingServiceTest {

  private static final Request VARIANCE = Request.of(Measures.VARIANCE);

  private Workspace workspace;
  private WorkingService byHand;

  @BeforeEach
  void typeFourCrates() {
    workspace =
        new Workspace(Assignment.empty("Crates"), new Background(Runnable::run, Runnable::run));
    workspace.shelf().addSample(new Source.ValuesText("8 10 11 11"));
    byHand = new WorkingService(workspace);
  }

  private Analysis analysis() {
    return workspace.analysis();
  }

  @Test
  void theMethodOfAMeasureIsKeptWithTheAssignmentAndUndone() {
    byHand.choose(Request.of(Measures.VARIANCE), Method.STEP);
    assertThat(byHand.method(VARIANCE)).isEqualTo(Method.STEP);
    // Another measure, and what is no measure, is worked as usual.
    assertThat(byHand.method(Request.of(Measures.SD))).isEqualTo(Method.DEFINITION);
    assertThat(byHand.method(Request.of(Measures.PERCENTILE, Exact.of(90))))
        .isEqualTo(Method.DEFINITION);
    workspace.session().undo();
    assertThat(byHand.method(VARIANCE)).isEqualTo(Method.DEFINITION);
  }

  @Test
  void aMethodThatTheRulesNoLongerHaveIsTheUsualOne() throws BadInputException {
    byHand.choose(Request.of(Measures.SKEWNESS), Method.RAW_MOMENTS);
    workspace.setRule(Rule.SKEWNESS, Rule.SKEWNESS.valueOfCode("quartile"));
    assertThat(byHand.method(Request.of(Measures.SKEWNESS))).isEqualTo(Method.DEFINITION);
  }

  @Test
  void whatIsWrittenBesideAStepIsMarkedAndUndoneAsOne() {
    Working working =
        WorkingService.working(analysis(), VARIANCE, Method.DEFINITION, Optional.empty())
            .orElseThrow();
    byHand.write(VARIANCE, Method.DEFINITION, "Σx", "4");
    byHand.write(VARIANCE, Method.DEFINITION, "Σx", "42");

    FollowThrough marks = byHand.marks(analysis(), working);
    assertThat(marks.mistakes()).isEqualTo(1);
    workspace.session().undo();
    assertThat(byHand.own(VARIANCE, Method.DEFINITION).entries()).isEmpty();
    byHand.write(VARIANCE, Method.DEFINITION, Map.of("Σx", "40", "n", "4"));
    assertThat(byHand.marks(analysis(), working).mistakes()).isZero();
    // Another method has its own page.
    assertThat(byHand.own(VARIANCE, Method.SHORTCUT).entries()).isEmpty();
  }

  @Test
  void anAssumedMeanOfOnesOwnIsUsed() {
    Working working =
        WorkingService.working(
                analysis(),
                VARIANCE,
                Method.ASSUMED_MEAN,
                Optional.of(new Assumed(Exact.of(9), Exact.ONE)))
            .orElseThrow();
    assertThat(working.table().orElseThrow().rows().get(0)).startsWith(Exact.of(8), Exact.of(-1));
  }

  @Test
  void scratchPaperKeepsItsLinesAndRefusesWhatIsNone() throws CalculationException {
    byHand.calculate("Σx / n");
    byHand.calculate("Σx / 3");
    byHand.calculate("√2");
    assertThat(byHand.scratch())
        .containsExactly("Σx / n = 10", "Σx / 3 = 40/3 ≈ 13.3333", "√2 ≈ 1.4142");
    assertThatThrownBy(() -> byHand.calculate("Σx /")).isInstanceOf(CalculationException.class);
    assertThat(byHand.scratch()).hasSize(3);
    byHand.clearScratch();
    assertThat(byHand.scratch()).isEmpty();
    workspace.session().undo();
    assertThat(byHand.scratch()).hasSize(3);
  }

  @Test
  void theQuantitiesOfATableHaveTheirOwnNames() {
    workspace.shelf().addNamed("Baskets", new Source.TableText("3 12\n4 8"));
    assertThat(WorkingService.quantities(analysis()))
        .containsEntry("Σf", Exact.of(20))
        .containsEntry("Σ(fx)", Exact.of(68))
        .containsEntry("Σ(fx²)", Exact.of(236));
    workspace.shelf().addNamed("Weights", new Source.ClassesText("10–20 5\n20–30 8"));
    assertThat(WorkingService.quantities(analysis())).containsKeys("Σ(fm)", "Md", "s");
  }

  @Test
  void aSampleIsGroupedByEachChoice() {
    Analysis now = analysis();
    assertThat(
            ClassChoice.USUAL
                .group(now.typed().data(), now.rules(), now.sign())
                .grouping()
                .orElseThrow()
                .table()
                .rows())
        .hasSize(4);
    assertThat(rows(new ClassChoice("width", "2"))).isEqualTo(2);
    assertThat(rows(new ClassChoice("count", "2"))).isEqualTo(2);
    assertThat(rows(new ClassChoice("limits", "0 9 12"))).isEqualTo(2);
    // Half-typed numbers make no classes of their own.
    assertThat(rows(new ClassChoice("limits", "9"))).isEqualTo(4);
    assertThat(rows(new ClassChoice("width", "-"))).isEqualTo(4);
    assertThat(new ClassChoice("width", "").needsNumbers()).isTrue();
    workspace.shelf().addNamed("Weights", new Source.ClassesText("10–20 5\n20–30 8"));
    ClassTable own = (ClassTable) analysis().typed().data();
    assertThat(
            ClassChoice.USUAL
                .group(own, CourseRules.DEFAULTS, DecimalSign.POINT)
                .grouping()
                .orElseThrow()
                .table())
        .isSameAs(own);
    workspace.shelf().addClasses();
    assertThat(
            ClassChoice.USUAL
                .group(analysis().typed().data(), CourseRules.DEFAULTS, DecimalSign.POINT)
                .grouping())
        .isEmpty();
  }

  private int rows(ClassChoice choice) {
    return choice
        .group(analysis().typed().data(), CourseRules.DEFAULTS, DecimalSign.POINT)
        .grouping()
        .orElseThrow()
        .table()
        .rows()
        .size();
  }

  @Test
  void whereNothingIsLeftNothingIsWorkedOnTheSheet() {
    Workspace workspace =
        new Workspace(Assignment.empty("Crates"), new Background(Runnable::run, Runnable::run));
    workspace.shelf().addSample(new Source.ValuesText("1 2 6"));
    workspace.workOnSheet(Request.of(Measures.VARIANCE));
    assertThat(workspace.projection().choice().working()).isNotNull();

    workspace.replace(Assignment.empty("Another"));

    assertThat(workspace.projection().choice().working()).isNull();
  }
}
