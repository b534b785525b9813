package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;

import java.util.ArrayList;
import java.util.List;
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

  @ParameterizedTest
  @ValueSource(
      strings = {"measures --format json", "group", "distribution t --df 5 --at 1.5 --format json"})
  void whatProgramsReadIsTheSameInEveryLanguage(String command) {
    List<String> english = new ArrayList<>(List.of(command.split(" ", -1)));
    if (!command.startsWith("distribution")) {
      english.addAll(List.of("--values", "8.5 10 11 12.25"));
    }
    List<String> spanish = new ArrayList<>(english);
    spanish.add("--language=es");

    String told = withoutReasons(run(spanish.toArray(new String[0])).out());
    assertThat(told).isEqualTo(withoutReasons(run(english.toArray(new String[0])).out()));
    assertThat(told).isNotBlank();
  }

  /** Why there is no result is a sentence. */
  private static String withoutReasons(String json) {
    return json.replaceAll("\"absent\":\"[^\"]*\"", "");
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
