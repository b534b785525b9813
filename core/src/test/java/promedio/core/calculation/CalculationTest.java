package promedio.core.calculation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.SomeMissing;
import promedio.core.message.Language;
import promedio.core.number.Exact;
import promedio.core.sample.Values;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

class CalculationTest {

  /** Three trays; the third has no weight. */
  private static final Table TRAYS =
      Table.of(
          List.of(
              new NumberColumn(
                  "weight", SomeMissing.of(Exact.of(12), Exact.of(15), null), Map.of()),
              new NumberColumn(
                  "picking time",
                  SomeMissing.of(Exact.of(9), Exact.of(-4), Exact.of(1, 3)),
                  Map.of()),
              WordColumn.of("variety", Kind.CATEGORY, List.of("Abate Fetel", "Blanca", ""))));

  private static List<String> results(String formula) throws CalculationException {
    Column column = Calculation.read(formula, TRAYS).column("new").column();
    return IntStream.range(0, column.size()).mapToObj(column::text).toList();
  }

  private static List<Integer> rowsWhere(String condition, Table table)
      throws CalculationException {
    return Calculation.read(condition, table).rowsWhereItHolds().stream().boxed().toList();
  }

  @ParameterizedTest(name = "[{index}] {0}")
  @CsvSource(
      delimiter = '#',
      value = {
        "weight × 2 + 1 # 25 # 31 # ''",
        "weight + 2 × picking time # 30 # 7 # ''",
        "(weight − 2) ÷ picking time # 10/9 # -3.25 # ''",
        "weight ÷ (weight − 12) # '' # 5 # ''",
        "picking time² # 81 # 16 # 1/9",
        "−picking time ^ 2 # -81 # -16 # -1/9",
        "2 ^ 3 ^ 2 # 512 # 512 # 512",
        "√picking time # 3 # '' # 0.577350269189625764509148780502",
        "|picking time| # 9 # 4 # 1/3",
        "round(picking time ÷ 7; 2) # 1.29 # -0.57 # 0.05",
        "log(1000) # 3 # 3 # 3",
        "redondear(picking time ÷ 7; 2) # 1.29 # -0.57 # 0.05",
        "media(weight) # 13.5 # 13.5 # 13.5",
        "raíz(picking time) # 3 # '' # 0.577350269189625764509148780502",
        "round(value_t(debajo_t(2.5; 10); 10); 6) # 2.5 # 2.5 # 2.5",
        "rank(picking time) # 3 # 1 # 2",
        "weight − mean(weight) # -1.5 # 1.5 # ''",
        "z(weight; n) # -1 # 1 # ''",
        "weight > 12 # no # yes # ''",
        "variety = Abate Fetel or weight > 14 # yes # yes # ''",
        "variety one of Blanca, Ercolini # no # yes # ''",
        "weight is missing # no # no # yes",
        "not weight is missing and weight ≥ 15 # no # yes # no",
        "picking time between 0 and 9 # yes # no # yes",
        "weight one of 12; 13 # yes # no # ''",
        "1,5 × 2 # 3 # 3 # 3",
        "variety = Abate Fetel o weight > 14 # yes # yes # ''",
        "weight > 11 y picking time > 0 # yes # no # ''",
        "variety una de Blanca, Ercolini # no # yes # ''",
        "weight falta # no # no # yes",
        "weight no falta # yes # yes # no",
        "no weight falta y weight ≥ 15 # no # yes # no",
        "picking time entre 0 y 9 # yes # no # yes",
      })
  void isReadAsOnPaper(String formula, String first, String second, String third) throws Exception {
    assertThat(results(formula)).containsExactly(first, second, third);
  }

  @ParameterizedTest(name = "[{index}] {0}")
  @CsvSource(
      delimiter = '#',
      value = {
        "wieght × 2 # 0 # there is no column “wieght”; the columns are weight, picking time, variety",
        "weight × # 8 # cannot be used here",
        "(weight # 7 # “)” is expected",
        "weight § 2 # 7 # “§” has no meaning",
        "variety × 2 # 8 # needs numbers",
        "variety < Blanca # 8 # words can only be compared",
        "cube(weight) # 0 # there is no function “cube”",
        "round(1; 2; 3) # 0 # takes 1 or 2 numbers in its brackets, not 3",
        "weight and variety # 7 # needs a condition",
      })
  void whatIsWrongIsSaidWithItsPlace(String formula, int place, String why) {
    assertThatThrownBy(() -> results(formula))
        .isInstanceOfSatisfying(
            CalculationException.class,
            e -> {
              assertThat(e.getMessage()).contains(why);
              assertThat(e.place()).isEqualTo(place);
            });
  }

  /** Pairs are called x and y, and “no” is what many a column says. */
  @Test
  void wordsOfFormulasAreNoneWhereAColumnOrAnEntryStands() throws Exception {
    Table pairs =
        Table.of(
            List.of(
                new NumberColumn("y", Values.of(List.of(Exact.of(1), Exact.of(5))), Map.of()),
                WordColumn.of("ripe", Kind.CATEGORY, List.of("no", "yes"))));

    assertThat(rowsWhere("y > 0 y y < 3", pairs)).containsExactly(0);
    assertThat(rowsWhere("ripe = no", pairs)).containsExactly(0);
    assertThat(rowsWhere("ripe = yes o ripe = no", pairs)).containsExactly(0, 1);
    assertThat(rowsWhere("no (y > 3)", pairs)).containsExactly(0);
    assertThat(rowsWhere("ripe uno de no, maybe", pairs)).containsExactly(0);
  }

  @Test
  void whatIsExpectedIsNamedInTheLanguageThatIsSpoken() {
    Language before = Language.current();
    try {
      Language.speak(Language.of("es").orElseThrow());
      assertThatThrownBy(() -> results("weight entre 2")).hasMessageContaining("«y»");
      assertThatThrownBy(() -> results("cubo(weight)")).hasMessageContaining("media, mediana");
      assertThatThrownBy(() -> results("raíz(1; 2)")).hasMessageContaining("«raíz» lleva 1 número");
    } finally {
      Language.speak(before);
    }
  }

  @Test
  void powersTooLargeToComputeAreMissingAndNestingTooDeepIsRefused() throws Exception {
    assertThat(results("9^9^9")).containsOnly("");
    assertThat(results("(7/3)^9999")).containsOnly("");
    assertThat(results("weight ÷ 1000 ^ 1000")).containsOnly("");
    assertThat(results("log(2^3000 ÷ 2^2999 × 5)")).containsOnly("1");
    assertThat(results("weight ÷ 1000^300 ÷ 7 × 1000^300")).contains("12/7");
    assertThatThrownBy(() -> results(" ")).hasMessageContaining("nothing is typed here");
    String nested = "(".repeat(600) + "1" + ")".repeat(600);
    assertThatThrownBy(() -> results(nested)).hasMessageContaining("nested too deep");
  }

  @Test
  void tellsHowManyEntriesAreNoFractions() throws Exception {
    assertThat(Calculation.read("√weight", TRAYS).column("r").rounded()).isEqualTo(2);
    assertThat(Calculation.read("weight ÷ 7", TRAYS).column("r").rounded()).isZero();
    assertThatThrownBy(() -> Calculation.read("weight", TRAYS).rowsWhereItHolds())
        .hasMessageContaining("not a condition");
  }
}
