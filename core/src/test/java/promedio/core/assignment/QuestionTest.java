package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.rules.StatedRules;
import promedio.core.working.OwnWorking;

/** Rows of the sheet and parts ask the same questions, and no work on one is lost. */
class QuestionTest {

  private static final Request MEAN = Request.of(Measures.MEAN);
  private static final Request SD = Request.of(Measures.SD);
  private static final Request RANK = Request.of(Measures.PERCENTILE_RANK, Exact.of(12));
  private static final Selection NORTH = Selection.of(1);
  private static final Selection SOUTH = Selection.of(2);

  private static final Assignment PEARS =
      Assignment.empty("Pears")
          .with(Item.of(1, "North", "g", new Source.ValuesText("12 15 11")))
          .with(Item.of(2, "South", "g", new Source.ValuesText("9 8")));

  private static Part part(int id, Selection about, Integer... places) {
    return Part.of(
        id, "", about, places.length == 0 ? StatedRules.NONE : StatedRules.places(places[0]));
  }

  private static List<String> answers(Assignment assignment, int part) {
    return assignment.questions(assignment.parts().get(part)).stream()
        .map(Question::answer)
        .toList();
  }

  @Test
  void aPartAsksTheQuestionThatTheSheetAsks() {
    Assignment asked =
        PEARS.answering(MEAN, NORTH, "12.7").asking(part(1, NORTH), List.of(MEAN, SD));

    assertThat(answers(asked, 0)).containsExactly("12.7", "");
    assertThat(answers(asked.answering(SD, NORTH, "2.1"), 0)).containsExactly("12.7", "2.1");
  }

  @Test
  void placesOfAPartHoldForItsQuestionsOnTheSheetToo() {
    Assignment asked =
        PEARS.answering(MEAN, NORTH, "12.7").asking(part(1, NORTH, 1), List.of(MEAN));

    assertThat(asked.question(MEAN, NORTH).stated().places()).contains(1);
    assertThat(asked.withParts(List.of()).question(MEAN, NORTH).stated().places()).isEmpty();
    assertThat(asked.withParts(List.of()).question(MEAN, NORTH).answer()).isEqualTo("12.7");
  }

  @Test
  void partsThatAskForOtherPlacesHaveAnswersOfTheirOwn() {
    Assignment asked =
        PEARS
            .answering(MEAN, NORTH, "12.7")
            .asking(part(1, NORTH, 1), List.of(MEAN))
            .asking(part(2, NORTH, 3), List.of(MEAN));
    Question fine = asked.questions(asked.parts().get(1)).get(0);
    Assignment finer = asked.with(fine.with(fine.work().withAnswer("12.667")));

    assertThat(answers(asked, 1)).containsExactly("12.7");
    assertThat(answers(finer, 0)).containsExactly("12.7");
    assertThat(answers(finer, 1)).containsExactly("12.667");
  }

  @Test
  void aPartAboutSomethingElseAsksTheSameOfThat() {
    Assignment asked =
        PEARS.answering(MEAN, NORTH, "12.7").asking(part(1, NORTH), List.of(MEAN, SD));
    Assignment turned = asked.with(asked.parts().get(0).about(SOUTH));
    Assignment back = turned.with(turned.parts().get(0).about(NORTH));

    assertThat(turned.questions(turned.parts().get(0)))
        .extracting(Question::request)
        .containsExactly(MEAN, SD);
    assertThat(answers(turned, 0)).containsExactly("", "");
    assertThat(answers(back, 0)).containsExactly("12.7", "");
  }

  @Test
  void whatIsTakenOutOfAPartKeepsItsAnswerOnTheSheet() {
    Assignment asked =
        PEARS.answering(MEAN, NORTH, "12.7").asking(part(1, NORTH), List.of(MEAN, SD));
    Assignment fewer = asked.asking(asked.parts().get(0), List.of(SD));

    assertThat(fewer.question(MEAN, NORTH).answer()).isEqualTo("12.7");
    assertThat(fewer.questions(fewer.parts().get(0))).hasSize(1);
  }

  @Test
  void whatIsAskedBesidesStaysAskedWithoutAnAnswerUntilItIsTakenAway() {
    Assignment asked =
        PEARS.with(PEARS.question(RANK, NORTH)).asking(part(1, NORTH), List.of(RANK));

    assertThat(asked.askedBesides(NORTH)).containsExactly(RANK);
    assertThat(asked.askedBesides(SOUTH)).isEmpty();
    Assignment left = asked.withoutQuestions(RANK, NORTH);
    assertThat(left.questions()).isEmpty();
    assertThat(left.parts().get(0).questions()).isEmpty();
  }

  @Test
  void anIdOfAQuestionIsNotGivenTwice() {
    Assignment answered = PEARS.answering(MEAN, NORTH, "12.7");
    int first = answered.question(MEAN, NORTH).id();
    Assignment again = answered.answering(MEAN, NORTH, "").answering(MEAN, NORTH, "13");

    assertThat(again.question(MEAN, NORTH).id()).isNotEqualTo(first);
  }

  @Test
  void triesAndOwnWorkingsAreKeptBesideTheAnswer() {
    Work work =
        Work.NONE
            .withAnswer(" 13 ")
            .withTry()
            .withTry()
            .withAnswer("12.7")
            .with(Method.SHORTCUT, OwnWorking.EMPTY.with("sum", "38"));

    assertThat(work.tries()).containsExactly("13");
    assertThat(work.answer()).isEqualTo("12.7");
    assertThat(work.working(Method.SHORTCUT).entry("sum")).isEqualTo("38");
    assertThat(work.working(Method.DEFINITION)).isEqualTo(OwnWorking.EMPTY);
    assertThat(Work.NONE.withAnswer("  ")).isEqualTo(Work.NONE);
    assertThat(Work.NONE.with(Method.SHORTCUT, OwnWorking.EMPTY)).isEqualTo(Work.NONE);
  }
}
