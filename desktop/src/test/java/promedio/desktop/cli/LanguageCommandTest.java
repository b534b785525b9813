package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.message.Language;

/** Commands speak the language that they are asked to, and programs are told the same in any. */
class LanguageCommandTest {

  @Test
  void helpResultsAndRefusalsAreInTheLanguageWithItsNumbers() {
    assertThat(run("measures", "--language", "es", "--help").out())
        .startsWith("Uso: promedio measures")
        .contains("Ejemplos:", "ARCHIVO");
    assertThat(run("--language=es", "measures", "--values", "8 10 11 12").out())
        .contains("4 valores", "10,25")
        .doesNotContain("10.25");
    Outcome refused = run("measures", "--language", "es", "--values", "8 x");
    assertThat(refused.err()).contains("«x» no es un número");
    assertThat(run("--language", "es", "measures", "--nothing").err())
        .startsWith("Opción desconocida: --nothing");
  }

  @Test
  void aWorkingIsWrittenAsItIsWrittenThere() {
    String working =
        run("working", "--language", "es", "--values", "8 10 11 12", "--measure", "iqr").out();

    assertThat(working).contains("RIC = Q₃ − Q₁", "2,50").doesNotContain("IQR", "2.50");
  }

  @Test
  void whatProgramsReadIsTheSameInEveryLanguage() {
    for (String format : new String[] {"measures", "working --measure sd", "group"}) {
      String[] command = (format + " --values").split(" ");
      String[] english = with(command, "8.5 10 11 12.25");
      String[] spanish = with(english, "--language=es");
      boolean csv = format.equals("group");
      assertThat(run(csv ? spanish : with(spanish, "--format=json")).out())
          .satisfies(
              out -> {
                assertThat(out).containsPattern("[01]\\.25");
                assertThat(out).doesNotContainPattern("[01],25");
              });
    }
    assertThat(run("measures", "--values", "8.5 10", "--format", "json", "--language", "es").out())
        .isEqualTo(run("measures", "--values", "8.5 10", "--format", "json").out());
  }

  private static String[] with(String[] before, String last) {
    String[] all = java.util.Arrays.copyOf(before, before.length + 1);
    all[before.length] = last;
    return all;
  }

  @ParameterizedTest
  @ValueSource(strings = {"xx", "", "english"})
  void aLanguageThatIsNotThereIsRefusedByName(String code) {
    Outcome outcome = run("measures", "--language", code, "--values", "1 2");

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err())
        .contains("there is no language “" + code + "” here; there are en, es");
  }

  @Test
  void theNextCommandSpeaksAsBefore() {
    run("measures", "--language", "es", "--values", "1 2");

    assertThat(Language.current().code()).isEqualTo("en");
    assertThat(run("measures", "--values", "1 2").out()).contains("2 values");
  }
}
