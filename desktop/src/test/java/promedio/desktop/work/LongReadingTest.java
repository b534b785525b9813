package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Queue;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.desktop.projection.PartSheet;
import promedio.desktop.session.Background;

/** The person goes on while a long column is read. */
class LongReadingTest {

  private static final Request MEAN = Request.of(Measures.MEAN);
  private static final String LONG = "12.5 ".repeat(40_000);

  private final Queue<Runnable> given = new ArrayDeque<>();
  private final Workspace workspace =
      new Workspace(Assignment.empty("Pears"), new Background(given::add, Runnable::run));

  private void work() {
    for (Runnable next = given.poll(); next != null; next = given.poll()) {
      next.run();
    }
  }

  @Test
  void whatIsTypedMeanwhileStaysAndTheNewestValuesAreShown() {
    workspace.items().type(LONG);
    assertThat(workspace.analysis()).isNull();
    workspace.items().type(LONG + "1");
    workspace.setTitle("A long column");
    workspace.items().answer(MEAN, "12.5");
    workspace.items().rename("North");
    assertThat(workspace.item().source()).isEqualTo(new Source.ValuesText(LONG + "1"));
    work();

    assertThat(workspace.analysis().typed().data().total()).isEqualTo(Exact.of(40_001));
    assertThat(workspace.analysis().item().name()).isEqualTo("North");
    assertThat(workspace.analysis().question(MEAN).answer()).isEqualTo("12.5");
    assertThat(workspace.assignment().title()).isEqualTo("A long column");
  }

  @Test
  void anotherSampleIsWorkedOnWhileTheLongOneIsRead() {
    workspace.items().type(LONG);
    workspace.shelf().addSample(new Source.ValuesText("8 10"));
    workspace.items().type("8 10 12");
    work();

    assertThat(workspace.analysis().computation().value(MEAN)).contains(Exact.of(10));
    assertThat(workspace.item().source().typedText()).contains("8 10 12");
  }

  @Test
  void aPartAboutALongSampleIsMarkedWhenThatIsRead() {
    workspace.items().type(LONG);
    work();
    workspace.items().answer(MEAN, "12.5");
    workspace.editParts("", now -> PartSheet.withPart(now, now.items().get(0)));
    workspace.shelf().addSample(new Source.ValuesText("8 10"));
    workspace.showParts(true);
    Question question = workspace.assignment().question(MEAN, Selection.of(1));
    assertThat(workspace.projection().marks(question)).isEmpty();
    work();

    assertThat(workspace.projection().marks(question))
        .hasValueSatisfying(marks -> assertThat(marks.agrees(question)).isTrue());
  }
}
