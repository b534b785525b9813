package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.question.PrintedQuestion;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.QuantileRule;
import promedio.core.rules.Rule;

/** A printed question that is taken into an assignment. */
class FromQuestionTest {

  private static Assignment taken(String text, DecimalSign sign) {
    return FromQuestion.taken(Assignment.empty("Sheet").withSign(sign), PrintedQuestion.read(text));
  }

  private static List<String> asked(Assignment assignment, int part) {
    return assignment.questions(assignment.parts().get(part)).stream()
        .map(Question::request)
        .map(Request::id)
        .toList();
  }

  @Test
  void dataStandOnTheShelfAndPartsAskWhatTheyAsk() {
    Assignment taken =
        taken(
            "Weights (g): 118.5, 131, –, 124.\n(a) Find the mean to 1 decimal place.\n"
                + "(b) Find the 90th percentile and the population variance.\n(c) Comment.",
            DecimalSign.COMMA);

    assertThat(taken.items()).extracting(Item::name).containsExactly("Weights");
    assertThat(taken.items().get(0).source()).isEqualTo(new Source.ValuesText("118,5 131 — 124"));
    assertThat(asked(taken, 0)).containsExactly("mean");
    assertThat(taken.parts().get(0).stated().places()).contains(1);
    assertThat(asked(taken, 1)).containsExactly("percentile 90", "variance");
    assertThat(asked(taken, 2)).isEmpty();
    assertThat(taken.parts().get(2).text()).isEqualTo("Comment.");
    assertThat(taken.parts().get(1).stated().get(Rule.DIVISOR)).contains(Divisor.N);
    assertThat(taken.parts().get(0).stated().get(Rule.DIVISOR)).isEmpty();
    assertThat(taken.rules().get(Rule.DIVISOR)).isEqualTo(Divisor.N_MINUS_1);
  }

  @Test
  void whatIsSaidForAllPartsIsSaidByEachAndHowQuartilesAreFoundByTheCourse() {
    Assignment taken =
        taken(
            "These 6 weights are the whole population: 8 10 12 14 17 21.\n"
                + "(a) Find the standard deviation.\n(b) Find Q1 using the (n+1)/4 position.",
            DecimalSign.POINT);

    assertThat(taken.parts())
        .hasSize(2)
        .allSatisfy(part -> assertThat(part.stated().get(Rule.DIVISOR)).contains(Divisor.N));
    assertThat(taken.rules().get(Rule.DIVISOR)).isEqualTo(Divisor.N_MINUS_1);
    assertThat(taken.rules().get(Rule.QUARTILES)).isEqualTo(QuantileRule.HF6);
  }

  @Test
  void whichWayATestLooksIsSaidByThePartThatAsksIt() {
    Assignment taken =
        taken(
            "Weights (g): 131 128 140 137 133 129.\n(a) Find the mean.\n"
                + "(b) Test at the 1% level whether the mean is greater than 130.",
            DecimalSign.POINT);

    assertThat(taken.parts().get(1).stated().codes())
        .containsEntry("tails", "upper")
        .containsEntry("alpha", "0.01");
    assertThat(taken.parts().get(0).stated().codes()).isEmpty();
    assertThat(taken.rules()).isEqualTo(CourseRules.DEFAULTS);
  }

  @Test
  void aPartAboutSeveralSamplesBecomesOneForEach() {
    Assignment taken =
        taken("Ana: 3, 4, 5\nLuis: 4, 6, 9\nFind the mean of each list.", DecimalSign.POINT);

    assertThat(taken.parts()).hasSize(2);
    assertThat(taken.parts().get(1).about()).isEqualTo(Selection.of(taken.items().get(1)));
    assertThat(taken.parts().get(1).text()).endsWith("(Luis)");
  }

  @Test
  void whatIsAskedOfGroupsIsAskedOfTheirComparisonAndTheRestOfEach() {
    Assignment taken =
        taken(
            """
            Sugar in pears of three terraces.
            upper: 12, 13, 11
            middle: 13, 14, 15
            lower: 10, 11, 12
            a) Find the mean of each terrace.
            b) Carry out an analysis of variance: F, its degrees of freedom and p-value.
            c) Find eta squared.
            """,
            DecimalSign.POINT);

    assertThat(taken.items())
        .extracting(Item::name)
        .containsExactly("upper", "middle", "lower", "upper, middle, lower");
    assertThat(taken.items().get(3).source())
        .isInstanceOfSatisfying(
            Source.Picked.class, picked -> assertThat(picked.items()).containsExactly(1, 2, 3));
    assertThat(taken.parts().stream().map(part -> part.about().item()))
        .containsExactly(1, 2, 3, 4, 4);
    assertThat(asked(taken, 0)).containsExactly("mean");
    assertThat(asked(taken, 3)).containsExactly("f", "df_between", "df_within", "f_p");
    assertThat(asked(taken, 4)).containsExactly("eta_squared");
  }

  @Test
  void significantDigitsAreThePlacesThatEachResultNeedsForThem() {
    Assignment taken =
        taken(
            "Weights: 132, 141, 128, 150, 139, 145.\n"
                + "Find the mean and the standard deviation to 3 significant figures.",
            DecimalSign.POINT);

    // They are 139.166… and 8.084…
    assertThat(taken.questions(taken.parts().get(0)))
        .extracting(question -> question.stated().places().orElseThrow())
        .containsExactly(0, 2);
  }

  @Test
  void tablesAreTypedAsTheStudentWouldTypeThem() {
    Assignment classes =
        taken(
            "Weight  Pears\nunder 10  3\n10–20  8\n20 and over  2\nFind the median.",
            DecimalSign.POINT);
    assertThat(classes.items().get(0).source().read(DecimalSign.POINT).data().total())
        .isEqualTo(Exact.of(13));
    assertThat(classes.items().get(0).source().shape()).isEqualTo(Source.Shape.CLASSES);
    Assignment pairs =
        taken(
            "x: 1, 2, 3\ny: 2, 4, 5\nFind the correlation. Predict y at x = 4.", DecimalSign.POINT);
    assertThat(pairs.items().get(0).name()).isEqualTo("x and y");
    assertThat(pairs.items().get(0).source().shape()).isEqualTo(Source.Shape.PAIRS);
    assertThat(asked(pairs, 0)).contains("correlation");
    Assignment counted =
        taken("Bins: sound 171, small 38, bruised 27. Name the mode.", DecimalSign.POINT);
    assertThat(counted.items().get(0).source().shape()).isEqualTo(Source.Shape.CATEGORIES);
  }

  @Test
  void whatStoodThereBeforeStays() {
    Assignment before =
        Assignment.empty("Sheet").with(Item.of(1, "old", "", new Source.ValuesText("1 2")));

    Assignment taken =
        FromQuestion.taken(before, PrintedQuestion.read("Find the mean of 3, 4, 5."));

    assertThat(taken.items()).extracting(Item::id).containsExactly(1, 2);
    assertThat(taken.parts().get(0).about()).isEqualTo(Selection.of(2));
  }
}
