package promedio.desktop.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;

class LineUpTest {

  private static Analysis analysis(Source source, String quartiles) throws BadInputException {
    Item item = Item.of(1, "Row", "", source);
    Assignment assignment =
        Assignment.empty("Pears")
            .withRules(CourseRules.DEFAULTS.with("quartiles", quartiles))
            .with(item);
    return Analysis.of(assignment, item);
  }

  private static LineUp lineUp(String values, String quartiles) throws BadInputException {
    return LineUp.of(analysis(new Source.ValuesText(values), quartiles)).orElseThrow();
  }

  @Test
  void halvesAndCutsFollowTheRule() throws BadInputException {
    LineUp without = lineUp("9 1 5 3 7", "halves-without-median");
    assertThat(without.median()).isEqualTo(Exact.of(3));
    assertThat(without.half()).contains(2);
    assertThat(without.lower()).contains(Exact.of(3, 2));
    assertThat(without.upper()).contains(Exact.of(9, 2));

    LineUp with = lineUp("9 1 5 3 7", "halves-with-median");
    assertThat(with.half()).contains(3);
    assertThat(with.lower()).contains(Exact.of(2));

    LineUp between = lineUp("9 1 5 3 7 8", "hf6");
    assertThat(between.half()).isEmpty();
    assertThat(between.lower()).contains(Exact.of(7, 4));
    assertThat(between.upper()).contains(Exact.of(21, 4));
  }

  @Test
  void valuesKnowWhereTheyWereTyped() throws BadInputException {
    LineUp line = lineUp("9 — 1 x 5×2", "hf2");

    assertThat(line.spots())
        .containsExactly(
            new LineUp.Spot(Exact.of(1), 2),
            new LineUp.Spot(Exact.of(5), 4),
            new LineUp.Spot(Exact.of(5), 4),
            new LineUp.Spot(Exact.of(9), 0));
  }

  @Test
  void aTableStandsForItsSample() throws BadInputException {
    Source table = new Source.TableText("4 2\nwrong\n3 1\n7 —\n9 0");
    LineUp line = LineUp.of(analysis(table, "hf2")).orElseThrow();

    assertThat(line.spots())
        .extracting(LineUp.Spot::value)
        .containsExactly(Exact.of(3), Exact.of(4), Exact.of(4));
  }

  @Test
  void aMeasureLightsUpWhatItIsMadeOf() throws BadInputException {
    Analysis now = analysis(new Source.ValuesText("1 3 3 7 9 12"), "halves-without-median");
    LineUp line = LineUp.of(now).orElseThrow();

    assertThat(line.partsOf(Request.of(Measures.MEDIAN), now)).containsExactly(3, 4);
    assertThat(line.partsOf(Request.of(Measures.Q1), now)).containsExactly(2);
    assertThat(line.partsOf(Request.of(Measures.IQR), now)).containsExactly(2, 5);
    assertThat(line.partsOf(Request.of(Measures.MODES), now)).containsExactly(2, 3);
    assertThat(line.partsOf(Request.of(Measures.RANGE), now)).containsExactly(1, 6);
    assertThat(line.partsOf(Request.of(Measures.SD), now)).hasSize(6);
  }

  @Test
  void moreThanSixtyOrNoneHaveNoLine() throws BadInputException {
    assertThat(LineUp.of(analysis(new Source.ValuesText("1 ".repeat(61)), "hf2"))).isEmpty();
    assertThat(LineUp.of(analysis(new Source.ValuesText(""), "hf2"))).isEmpty();
    assertThat(LineUp.of(analysis(new Source.TableText("1 0.5\n2 1"), "hf2"))).isEmpty();
    assertThat(LineUp.of(analysis(new Source.ValuesText("1 ".repeat(60)), "hf2"))).isPresent();
  }

  @Test
  void trialsChangeNothingButTheirOwnText() {
    Item item = Item.of(1, "Row", "", new Source.ValuesText("8, 10; 11×3 x"));
    Assignment assignment = Assignment.empty("Pears").with(item);
    Analysis now = Analysis.of(assignment, item);

    assertThat(WhatIf.without(assignment, now, 0).map(WhatIf::text)).contains("10; 11×3 x");
    assertThat(WhatIf.without(assignment, now, 2).map(WhatIf::text)).contains("8, 10; 11×2 x");
    assertThat(WhatIf.changed(assignment, now, 1, " 12.5").map(WhatIf::text))
        .contains("8, 12.5; 11×3 x");
    assertThat(WhatIf.with(assignment, now, "9").map(WhatIf::text)).contains("8, 10; 11×3 x 9");
    assertThat(WhatIf.without(assignment, now, 3)).isEqualTo(Optional.empty());
    assertThat(WhatIf.with(assignment, now, "nine")).isEmpty();
    assertThat(WhatIf.without(assignment, now, -1)).isEmpty();
  }
}
