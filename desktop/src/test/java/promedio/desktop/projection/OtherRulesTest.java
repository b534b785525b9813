package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.desktop.demo.DemoAssignment;

class OtherRulesTest {

  private static Analysis north() {
    Assignment demo = DemoAssignment.create();
    return Analysis.of(demo, demo.items().get(0));
  }

  @Test
  void aQuartileIsShownByTheTenOtherRulesAndTheAnswerIsFoundAmongThem() {
    List<OtherRules.Line> lines = OtherRules.of(Request.of(Measures.Q1), north());

    assertThat(lines).hasSize(10);
    assertThat(lines)
        .filteredOn(OtherRules.Line::answered)
        .extracting(OtherRules.Line::value)
        .containsExactly("hf6");
    assertThat(lines)
        .filteredOn(line -> line.value().equals("halves-with-median"))
        .singleElement()
        // The part that asks it wants one place.
        .satisfies(line -> assertThat(line.same()).isTrue())
        .satisfies(line -> assertThat(line.shown()).isEqualTo("130.0"));
  }

  @Test
  void varianceHangsOnTheDivisorAndTheMeanOnNothing() {
    assertThat(OtherRules.of(Request.of(Measures.VARIANCE), north()))
        .containsExactly(new OtherRules.Line("divisor", "n", "176.56", false, true));
    assertThat(OtherRules.of(Request.of(Measures.MEAN), north())).isEmpty();
    assertThat(OtherRules.of(Request.of(Measures.SKEWNESS), north())).hasSize(5);
  }

  @Test
  void theModeByTheOtherRule() {
    Item item = Item.of(1, "Row", "", new Source.ValuesText("1 2 3"));
    Assignment assignment = Assignment.empty("Pears").with(item);

    assertThat(OtherRules.of(Request.of(Measures.MODES), Analysis.of(assignment, item)))
        .containsExactly(new OtherRules.Line("mode", "list-all", "1, 2, 3", false, false));
  }
}
