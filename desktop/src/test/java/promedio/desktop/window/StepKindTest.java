package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.rules.ClassEnd;
import promedio.core.table.Kind;
import promedio.core.tidy.Step;
import promedio.desktop.Texts;

class StepKindTest {

  static Stream<Step> steps() {
    return Stream.of(
        new Step.Compute("kg", "g ÷ 1000"),
        new Step.LeaveOut("g > 200"),
        new Step.DropMissing(List.of("g", "mm")),
        new Step.Fill("g", Step.Filling.VALUE, "12"),
        new Step.Fill("g", Step.Filling.BEFORE, ""),
        new Step.Recode(
            "code", List.of(new Step.Change("1", "early"), new Step.Change("2", "late"))),
        new Step.Cut(
            "g", "size", List.of("0", "100.5"), ClassEnd.UPPER, true, List.of("s", "m", "l")),
        new Step.Sort("g", true),
        new Step.Choose(List.of("g")),
        new Step.Rename("g", "weight"),
        new Step.ChangeKind("g", Kind.TEXT),
        new Step.Across(List.of("g", "mm"), Step.Total.MEAN, "m"),
        new Step.TotalsRow(Step.Total.SUM),
        new Step.Stack(List.of("g", "mm"), "v", "k"),
        new Step.Unstack("v", "k"),
        new Step.Mend("g", 12, "140"));
  }

  @ParameterizedTest
  @MethodSource("steps")
  void theFormOfAStepThatIsChangedMakesTheSameStepAgain(Step step) {
    StepKind kind = StepKind.of(step).orElseThrow();

    assertThat(kind.step(ask -> StepKind.answer(step, ask))).isEqualTo(step);
  }

  @Test
  void everyKindHasAFormButRowsThatAreSelected() {
    assertThat(StepKind.of(new Step.LeaveOutRows(new TreeSet<>(List.of(1))))).isEmpty();
    assertThat(steps().map(step -> StepKind.of(step).orElseThrow()).distinct())
        .hasSameSizeAs(StepKind.values());
  }

  @Test
  void everythingThatIsAskedHasItsWords() {
    for (StepKind kind : StepKind.values()) {
      assertThat(Texts.has("stepkind." + kind.code())).as(kind.code()).isTrue();
      for (StepKind.Ask ask : kind.asks()) {
        assertThat(Texts.has("ask." + ask.code())).as(ask.code()).isTrue();
        for (String choice : ask.choices()) {
          assertThat(Texts.has("ask." + ask.code() + "." + choice)).as(choice).isTrue();
        }
        boolean typed = ask.choices().isEmpty() && !ask.isColumn();
        assertThat(Texts.has("ask." + ask.code() + ".prompt")).as(ask.code()).isEqualTo(typed);
      }
    }
  }

  @Test
  void changesAreTypedWithAnyArrowAndNothingAfterItIsMissing() {
    Step step =
        StepKind.RECODE.step(
            ask -> ask == StepKind.Ask.COLUMN ? "code" : "1 -> early; 2=late, 9 →");

    assertThat(step)
        .isEqualTo(
            new Step.Recode(
                "code",
                List.of(
                    new Step.Change("1", "early"),
                    new Step.Change("2", "late"),
                    new Step.Change("9", ""))));
  }
}
