package promedio.desktop.window.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.message.Texts;
import promedio.core.rules.ClassEnd;
import promedio.core.table.Kind;
import promedio.core.tidy.ChangeKind;
import promedio.core.tidy.ChooseColumns;
import promedio.core.tidy.ComputeColumn;
import promedio.core.tidy.CutIntoClasses;
import promedio.core.tidy.DrawRows;
import promedio.core.tidy.DropMissing;
import promedio.core.tidy.DropRepeated;
import promedio.core.tidy.FillMissing;
import promedio.core.tidy.LeaveOutWhere;
import promedio.core.tidy.MendEntry;
import promedio.core.tidy.Recode;
import promedio.core.tidy.RenameColumn;
import promedio.core.tidy.SortRows;
import promedio.core.tidy.StackColumns;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepField;
import promedio.core.tidy.StepKind;
import promedio.core.tidy.StepKinds;
import promedio.core.tidy.Total;
import promedio.core.tidy.TotalAcross;
import promedio.core.tidy.TotalsRow;
import promedio.core.tidy.UnstackGroups;

class StepKindTest {

  static Stream<Step> steps() {
    return Stream.of(
        new ComputeColumn("kg", "g ÷ 1000"),
        new LeaveOutWhere("g > 200"),
        new DrawRows(30, 7),
        new DropMissing(List.of("g", "mm")),
        new DropRepeated(List.of("g")),
        new FillMissing("g", FillMissing.Filling.VALUE, "12"),
        new FillMissing("g", FillMissing.Filling.BEFORE, ""),
        new Recode(
            "code", List.of(new Recode.Change("1", "early"), new Recode.Change("2", "late"))),
        new CutIntoClasses(
            "g", "size", List.of("0", "100.5"), ClassEnd.UPPER, true, List.of("s", "m", "l")),
        new SortRows("g", true),
        new ChooseColumns(List.of("g")),
        new RenameColumn("g", "weight"),
        new ChangeKind("g", Kind.TEXT),
        new TotalAcross(List.of("g", "mm"), Total.MEAN, "m"),
        new TotalsRow(Total.SUM),
        new StackColumns(List.of("g", "mm"), "v", "k"),
        new UnstackGroups("v", "k"),
        new MendEntry("g", 12, "140"));
  }

  @ParameterizedTest
  @MethodSource("steps")
  void theFormOfAStepThatIsChangedMakesTheSameStepAgain(Step step) {
    assertThat(step.stepKind().step(step::answer)).isEqualTo(step);
  }

  @Test
  void everyKindIsInTheListAndHasAFormButRowsThatAreSelected() {
    assertThat(StepKinds.ALL.stream().<Class<?>>map(StepKind::type))
        .containsExactlyInAnyOrder(Step.class.getPermittedSubclasses());
    assertThat(StepKinds.ALL.stream().filter(kind -> !kind.hasForm()).map(StepKind::code))
        .containsExactly("leave-out-rows");
    assertThat(steps().map(Step::stepKind).distinct())
        .containsExactlyInAnyOrderElementsOf(
            StepKinds.ALL.stream().filter(StepKind::hasForm).toList());
  }

  @Test
  void everythingThatIsAskedHasItsWords() {
    for (StepKind kind : StepKinds.ALL.stream().filter(StepKind::hasForm).toList()) {
      assertThat(Texts.has("stepkind." + kind.code())).as(kind.code()).isTrue();
      for (StepField ask : kind.asks()) {
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
        new Recode("code", List.of())
            .stepKind()
            .step(ask -> ask == StepField.COLUMN ? "code" : "1 -> early; 2=late, 9 →");

    assertThat(step)
        .isEqualTo(
            new Recode(
                "code",
                List.of(
                    new Recode.Change("1", "early"),
                    new Recode.Change("2", "late"),
                    new Recode.Change("9", ""))));
  }
}
