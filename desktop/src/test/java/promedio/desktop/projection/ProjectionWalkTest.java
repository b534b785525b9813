package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Rule;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.work.Workspace;

/**
 * Five hundred edits and choices at random: after each, what the window shows, with all that was
 * kept from before, is what it would show of the document if it had just been opened.
 */
class ProjectionWalkTest {

  private static final int EDITS = 250;

  private final Workspace workspace =
      new Workspace(DemoAssignment.create(), new Background(Runnable::run, Runnable::run));

  /** What was given to the views last. */
  private Projection published = workspace.projection();

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void whatIsShownIsWhatAFreshProjectionShows(long seed) {
    Random random = new Random(seed);
    workspace.show((before, now) -> published = now);
    for (int i = 0; i < EDITS; i++) {
      act(random);
      Projection fresh =
          Projection.of(workspace.session().document(), published.choice(), new Computations());
      assertThat(texts(published)).isEqualTo(texts(fresh));
      assertThat(published).isSameAs(workspace.projection());
    }
  }

  private void act(Random random) {
    int n = random.nextInt(1000);
    List<Item> items = workspace.assignment().items();
    switch (random.nextInt(16)) {
      case 0 -> workspace.setRule(Rule.PLACES, n % 13);
      case 1 -> workspace.setRule(Rule.QUARTILES, any(Rule.QUARTILES.values(), random));
      case 2 -> workspace.setSign(any(List.of(DecimalSign.values()), random));
      case 3 -> workspace.items().type(n + " 3,5 x" + n + " " + n / 7.0 + " —");
      case 4 -> workspace.items().answer(request(random), n % 5 == 0 ? "" : "" + n);
      case 5 -> workspace.items().rename("Row \"" + n + "\" Ñ");
      case 6 -> workspace.shelf().addSample(new Source.ValuesText("1 " + n));
      case 7 -> workspace.shelf().duplicateChosen();
      case 8 -> workspace.session().undo();
      case 9 -> workspace.session().redo();
      case 10 -> {
        if (items.size() > 3) {
          workspace.shelf().removeChosen();
        }
      }
      case 11 -> workspace.chooseTask(request(random));
      case 12 -> workspace.showParts(n % 2 == 0);
      case 13 -> workspace.chooseEntry(n % 20 - 1);
      case 14 ->
          workspace.items().setGraph(graph -> graph.beside(items.get(n % items.size()).id()));
      default -> workspace.choose(any(items, random).id());
    }
    if (n % 3 == 0 && workspace.analysis() != null) {
      WhatIf.with(workspace.assignment(), workspace.analysis(), "" + n)
          .ifPresent(trial -> assertThat(trial.analysis().typed().entries()).isNotEmpty());
    }
  }

  private static Request request(Random random) {
    return Request.of(any(Measures.all(), random));
  }

  /** Every text that depends on the document and on what of it is looked at. */
  private static List<Object> texts(Projection all) {
    Projection calm = all.trying(null).moving(Map.of());
    List<Object> texts = new ArrayList<>(ShelfLine.items(calm));
    texts.addAll(ShelfLine.tables(calm));
    Analysis now = calm.analysis();
    if (now != null) {
      boolean words = now.typed().data().categories().isPresent();
      Stream<Request> requests =
          words ? Stream.of(calm.choice().request()) : Measures.all().stream().map(Request::of);
      requests.forEach(request -> texts.add(MeasureLine.of(request, now, calm)));
      texts.add(MarginText.of(calm.choice().request(), now));
      texts.add(Describe.progress(now));
      texts.add(LineUp.of(now));
    }
    for (Question question : calm.assignment().questions()) {
      texts.add(question.answer());
      texts.add(
          calm.marks(question)
              .filter(marks -> question.work().isAnswered())
              .map(marks -> marks.agrees(question)));
    }
    return texts;
  }

  private static <T> T any(List<T> values, Random random) {
    return values.get(random.nextInt(values.size()));
  }
}
