package promedio.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.question.PrintedQuestion.Asked;

/** What was understood of a question stands marked in its text, and each mark can be changed. */
class QuestionDraftTest {

  private static final String PEARS =
      """
      Weights (g): 118, 131, 124. Treat them as a population.
      (a) Find the mean and the quartiles to 2 decimal places.
      (b) Find the range.
      """;

  static Stream<String> texts() throws IOException {
    return PrintedQuestionTest.cases().map(PrintedQuestionTest.Case::text);
  }

  private static Mark mark(QuestionDraft draft, String words) {
    return draft.question().marks().stream()
        .filter(mark -> draft.words(mark).contains(words))
        .findFirst()
        .orElseThrow(() -> new AssertionError("nothing is marked by " + words));
  }

  private static List<String> asked(QuestionDraft draft, int part) {
    return draft.question().parts().get(part).asked().stream().map(Asked::measure).toList();
  }

  @Test
  void theWordsThatWereUnderstoodAreMarkedByTheirKind() {
    QuestionDraft draft = QuestionDraft.of(PEARS);

    assertThat(draft.question().marks())
        .extracting(mark -> mark.meaning().kind() + " " + draft.words(mark))
        .containsExactly(
            "DATA 118, 131, 124",
            "RULE as a population",
            "ASKED mean",
            "ASKED the quartiles",
            "PLACES to 2 decimal places",
            "ASKED range");
  }

  @Test
  void wordsOverTwoLinesAreMarkedWhereTheyStand() {
    QuestionDraft draft = QuestionDraft.of("Values: 3, 4, 9.\r\nFind the standard  \r\ndeviation.");

    assertThat(draft.words(mark(draft, "standard"))).isEqualTo("standard  \ndeviation");
  }

  /** Of each printed question there is: nothing is understood that is not marked. */
  @ParameterizedTest
  @MethodSource("texts")
  void whatIsUnderstoodIsMarkedAndWithoutMarksNothingIsUnderstood(String text) {
    QuestionDraft draft = QuestionDraft.of(text);
    int size = draft.text().length();
    assertThat(draft.question().marks())
        .allMatch(mark -> 0 <= mark.start() && mark.start() < mark.end() && mark.end() <= size);

    while (!draft.question().marks().isEmpty()) {
      draft = draft.changed(draft.question().marks().get(0), Change.removed());
    }

    assertThat(draft.question().data()).isEmpty();
    assertThat(draft.question().rules()).isEmpty();
    assertThat(draft.question().parts())
        .allSatisfy(
            part -> {
              assertThat(part.asked()).isEmpty();
              assertThat(part.data()).isEmpty();
              assertThat(part.places()).isEmpty();
              assertThat(part.digits()).isEmpty();
              assertThat(part.rules()).isEmpty();
            });
  }

  /** Taking one mark away and undoing it leaves the question as it was read. */
  @ParameterizedTest
  @MethodSource("texts")
  void aChangeThatIsUndoneLeavesTheQuestionAsItWasRead(String text) {
    QuestionDraft draft = QuestionDraft.of(text);

    for (Mark mark : draft.question().marks()) {
      QuestionDraft changed = draft.changed(mark, Change.removed());
      assertThat(changed.question().marks()).hasSize(draft.question().marks().size() - 1);
      assertThat(changed.undone().question()).isEqualTo(draft.question());
    }
  }

  @Test
  void anotherMeasureStandsWhereTheOneStoodThatWasMeant() {
    QuestionDraft draft = QuestionDraft.of(PEARS);

    QuestionDraft changed =
        draft.changed(mark(draft, "mean"), Change.asking(Asked.with("percentile", "90")));

    assertThat(asked(changed, 0)).containsExactly("percentile", "q1", "q3");
    assertThat(mark(changed, "mean").meaning())
        .isEqualTo(new Mark.OfAsked(List.of(0), List.of(Asked.with("percentile", "90"))));
    QuestionDraft twice =
        changed.changed(mark(changed, "quartiles"), Change.asking(new Asked("iqr", Map.of())));
    assertThat(asked(twice, 0)).containsExactly("percentile", "iqr");
    assertThat(asked(twice, 1)).containsExactly("range");
  }

  @Test
  void whatIsAskedOnceBeforeAllPartsIsChangedInAllOfThem() {
    QuestionDraft draft = QuestionDraft.of("Find the mean of each list: (a) 3, 4, 8 (b) 7, 8, 9");
    assertThat(mark(draft, "mean").meaning()).isInstanceOf(Mark.OfAsked.class);

    QuestionDraft changed =
        draft.changed(mark(draft, "mean"), Change.asking(new Asked("median", Map.of())));

    assertThat(asked(changed, 0)).containsExactly("median");
    assertThat(asked(changed, 1)).containsExactly("median");
  }

  @Test
  void placesAndRulesTakeAnotherValue() {
    QuestionDraft draft = QuestionDraft.of(PEARS);

    QuestionDraft changed =
        draft
            .changed(mark(draft, "decimal"), Change.places(4))
            .changed(mark(draft, "population"), Change.deciding("n-1"));

    assertThat(changed.question().parts().get(0).places()).isEqualTo(Optional.of(4));
    assertThat(changed.question().rules()).containsEntry("divisor", "n-1");
    assertThat(changed.undone().question().rules()).containsEntry("divisor", "n");
  }

  @Test
  void dataThatAreTakenAwayLeaveTheOthersTheirParts() {
    QuestionDraft draft =
        QuestionDraft.of("Upper: 3, 4, 8\nLower: 5, 6, 9\n(a) Find the mean of lower.\n(b) Range?");
    assertThat(draft.question().parts().get(0).data()).containsExactly(1);

    QuestionDraft changed = draft.changed(mark(draft, "3, 4, 8"), Change.removed());

    assertThat(changed.question().data()).extracting(FoundData::name).containsExactly("Lower");
    assertThat(changed.question().parts().get(0).data()).containsExactly(0);
    assertThat(mark(changed, "5, 6, 9").meaning()).isEqualTo(new Mark.OfData(0));
  }

  @Test
  void dataTakeAnotherNameAndTwoColumnsAnotherKind() {
    QuestionDraft draft =
        QuestionDraft.of("x | f\n0 | 3\n1 | 7\n2 | 4\n\nFind the mean number of spots.");
    assertThat(draft.question().data().get(0).kind()).isEqualTo(FoundData.Kind.VALUE_FREQUENCY);

    QuestionDraft changed =
        draft.changed(
            draft.question().marks().get(0),
            Change.data(data -> data.as(FoundData.Kind.PAIRS).called("spots", "u")));

    FoundData data = changed.question().data().get(0);
    assertThat(data.kind()).isEqualTo(FoundData.Kind.PAIRS);
    assertThat(data.name()).isEqualTo("spots");
    assertThat(data.unit()).isEqualTo("u");
    assertThat(data.rows()).hasSize(3);
  }

  @Test
  void changesStayWithTheirWordsWhenTheTextIsTypedOn() {
    QuestionDraft draft = QuestionDraft.of(PEARS);
    QuestionDraft changed =
        draft.changed(mark(draft, "range"), Change.asking(new Asked("iqr", Map.of())));

    QuestionDraft longer = changed.typed("Dear class,\n" + PEARS + "(c) Find the median.\n");
    assertThat(asked(longer, 1)).containsExactly("iqr");
    assertThat(asked(longer, 2)).containsExactly("median");

    QuestionDraft without = longer.typed(PEARS.replace("Find the range", "Explain"));
    assertThat(asked(without, 0)).containsExactly("mean", "q1", "q3");
  }

  @Test
  void aChangeOfAnotherKindOfMarkChangesNothing() {
    QuestionDraft draft = QuestionDraft.of(PEARS);

    for (Mark mark : draft.question().marks()) {
      Change change =
          mark.meaning().kind() == Mark.Kind.PLACES
              ? Change.asking(new Asked("mean", Map.of()))
              : Change.places(5);
      assertThat(draft.changed(mark, change).question()).isEqualTo(draft.question());
    }
  }
}
