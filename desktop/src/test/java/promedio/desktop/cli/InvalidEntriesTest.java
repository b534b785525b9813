package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Entries that are no numbers are the same thing in all commands. */
class InvalidEntriesTest {

  private static final String TRAYS =
      """
      variety,length,weight
      Blanca,8,118
      Blanca,9,14o
      Conference,7,121
      Conference,x7,125
      Blanca,6,117
      Conference,7,122
      """;

  @TempDir private Path folder;

  private Outcome told(String command, String... more) throws Exception {
    Path file = Files.writeString(folder.resolve("trays.csv"), TRAYS);
    List<String> arguments = new ArrayList<>(List.of(command.split(" ")));
    arguments.add(file.toString());
    arguments.addAll(List.of(more));
    return run(arguments.toArray(String[]::new));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "measures --column weight",
        "working --column weight --measure mean",
        "group --column weight",
        "summary --column weight --by variety",
        "measures --kind groups --column weight --by variety",
        "measures --kind pairs --columns length,weight"
      })
  void theyAreListedWithTheirLinesAndLeftOut(String command) throws Exception {
    Outcome outcome = told(command);

    assertThat(outcome.code()).isZero();
    assertThat(outcome.err()).containsOnlyOnce("trays.csv, line 3: “14o” is not a number");
    assertThat(outcome.err()).contains("Left out: ");
    assertThat(outcome.out()).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "measures --column weight",
        "summary --column weight --by variety",
        "measures --kind pairs --columns length,weight"
      })
  void whoWantsNoneLeftOutIsToldAllOfThem(String command) throws Exception {
    Outcome outcome = told(command, "--invalid", "refuse");

    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err()).contains("line 3: “14o” is not a number").doesNotContain("Left out");
    assertThat(outcome.out()).isEmpty();
  }

  @Test
  void whatIsTypedIsTakenInTheSameWay() {
    Outcome left = run("measures", "--values", "118 14o 121 x", "--format", "json");
    Outcome refused = run("measures", "--values", "118 14o 121 x", "--invalid", "refuse");

    assertThat(left.out()).contains("\"n\":2");
    assertThat(left.err()).contains("14o", "“x”", "Left out: 2 entries");
    assertThat(refused.code()).isEqualTo(3);
    assertThat(refused.err()).contains("14o", "“x”");
  }

  @Test
  void theContentsListThem() throws Exception {
    assertThat(told("contents").json().path("invalid").toString())
        .isEqualTo(
            "[{\"column\":\"length\",\"line\":5,\"text\":\"x7\"},"
                + "{\"column\":\"weight\",\"line\":3,\"text\":\"14o\"}]");
  }
}
