package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Pairs;
import promedio.core.sample.Values;
import promedio.desktop.session.Document;
import promedio.desktop.session.DocumentKey;

class ComputationsTest {

  private static final Item NORTH = Item.of(1, "North", "g", new Source.ValuesText("8 10 12"));
  private static final Item SOUTH = Item.of(2, "South", "g", new Source.ValuesText("9 9 30"));
  private static final Assignment PEARS =
      Assignment.empty("Pears")
          .with(NORTH)
          .with(SOUTH)
          .asking(
              Part.of(1, "", Selection.of(SOUTH), StatedRules.NONE),
              List.of(Request.of(Measures.MEAN)));

  private final Computations computations = new Computations();

  private Projection shown(Assignment assignment, ViewState choice) {
    Projection made =
        Projection.of(new Document(new DocumentKey(), assignment), choice, computations);
    computations.keepOnly(assignment, made.computed());
    return made;
  }

  @Test
  void rowsMarginPartsAndGraphsAskTheSameComputation() {
    Projection all = shown(PEARS, ViewState.NOTHING.ofItem(2).with(ViewState.Page.PARTS));

    assertThat(all.marks(PEARS.questions(PEARS.parts().get(0)).get(0)))
        .hasValueSatisfying(marks -> assertThat(marks).isSameAs(all.analysis().marks()));
  }

  @Test
  void anAnswerANameOrANoteLeavesWhatIsComputed() {
    Projection before = shown(PEARS, ViewState.NOTHING.ofItem(1));
    Assignment edited =
        PEARS
            .with(NORTH.withName("Row 1").withNote("in the morning"))
            .answering(Request.of(Measures.MEAN), Selection.of(NORTH), "10");

    Projection now = shown(edited, ViewState.NOTHING.ofItem(1));

    assertThat(now.hasSameNumbers(before)).isTrue();
    assertThat(now.analysis().item().name()).isEqualTo("Row 1");
  }

  @Test
  void anotherRuleComputesAnew() {
    Projection before = shown(PEARS, ViewState.NOTHING.ofItem(1));
    Projection now =
        shown(PEARS.withRules(PEARS.rules().with(Rule.PLACES, 1)), ViewState.NOTHING.ofItem(1));

    assertThat(now.hasSameNumbers(before)).isFalse();
    assertThat(now.analysis().shown(Request.of(Measures.MEAN))).isEqualTo("10.0");
  }

  @Test
  void whatNothingShowsIsForgotten() {
    assertThat(
            PartSheet.progress(shown(PEARS, ViewState.NOTHING.ofItem(1).with(ViewState.Page.PARTS)))
                .asked())
        .isOne();
    assertThat(computations.size()).isEqualTo(2);

    shown(PEARS, ViewState.NOTHING.ofItem(1));
    assertThat(computations.size()).isOne();

    Assignment now = PEARS;
    for (int n = 0; n < 50; n++) {
      now = now.with(NORTH.withSource(new Source.ValuesText("8 10 " + n)));
      shown(now, ViewState.NOTHING.ofItem(1));
    }
    assertThat(computations.size()).isOne();
  }

  @Test
  void manyValuesOfSeveralSamplesAreReadApartFromTheWindow() throws Exception {
    Values many = Values.ofDecimals(new long[20_001], 0);
    Item pairs =
        Item.of(
            3,
            "many",
            "",
            new Source.Linked(new Link.OfPairs(1, "x", "y"), Pairs.of(many, many), 0, false));
    Assignment with = PEARS.with(pairs);

    assertThat(computations.atOnce(with, pairs)).isEmpty();
    Analysis read = computations.of(with, pairs);
    assertThat(computations.atOnce(with, pairs)).isPresent();
    assertThat(read.in(DataSubset.X).orElseThrow().shown(Request.of(Measures.MEAN)))
        .isEqualTo("0.00");
  }
}
