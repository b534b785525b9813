package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.files.report.MarkRequestJson;

/** Categories from the command line. */
class CategoriesCommandTest {

  private static final String TRAYS =
      """
      tray;variety;weight
      1;Blanca;131,5
      2;Conference;140
      3;Blanca;128
      4;;150
      """;

  @TempDir private Path folder;

  private String file(String text) throws Exception {
    return Files.writeString(folder.resolve("trays.csv"), text).toString();
  }

  @Test
  void aColumnOfWordsIsCounted() throws Exception {
    Outcome outcome = run("group", file(TRAYS), "--kind", "categories", "--column", "variety");

    assertThat(outcome.err()).isEmpty();
    assertThat(outcome.out().lines())
        .containsExactly(
            "category,frequency,relative,percentage",
            "Blanca,2,0.666666666667,66.6666666667",
            "Conference,1,0.333333333333,33.3333333333");
    // It is the only column of words, so that it need not be named.
    assertThat(run("group", file(TRAYS), "--kind", "categories").out()).isEqualTo(outcome.out());
  }

  @Test
  void numbersThatAreCodesAreCountedWhereTheirColumnIsNamed() throws Exception {
    Outcome outcome =
        run("group", file("row,code\n1,7\n2,7\n3,9\n"), "--kind", "categories", "--column", "code");

    assertThat(outcome.out()).contains("7,2,").contains("9,1,");
  }

  @Test
  void aPrintedTableIsTakenAsItIs() throws Exception {
    String printed = file("reason,pears\nbruised,14\ntoo small,21\n");

    Outcome outcome =
        run("group", printed, "--kind", "categories", "--order", "frequency", "--format", "text");

    List<String> lines = outcome.out().lines().toList();
    assertThat(lines.get(1)).startsWith("too small");
    assertThat(lines.get(3)).startsWith("Σ").contains("35").contains("100.00");
  }

  @Test
  void aFrequencyThatIsNoNumberIsRefusedWithItsLine() throws Exception {
    String printed = file("reason,pears\nbruised,14\ntoo small,2l\nscarred,9\nunripe,6\n");

    Outcome outcome = run("group", printed, "--kind", "categories");
    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err()).contains("3").contains("2l");
    assertThat(outcome.out()).isEmpty();
  }

  @Test
  void theModeOfCategoriesIsAmongTheMeasures() throws Exception {
    Outcome outcome = run("measures", file(TRAYS), "--kind", "categories", "--format", "json");

    JsonNode report = MarkRequestJson.read(outcome.out());
    assertThat(report.path("n").asInt()).isEqualTo(3);
    assertThat(report.path("missing").asInt()).isEqualTo(1);
    assertThat(report.path("measures").path("modes").get(0).path("value").asText())
        .isEqualTo("Blanca");
  }

  @ParameterizedTest
  @CsvSource({"png, frequency", "svg, relative", "pdf, percentage"})
  void theyAreDrawnAsBars(String ending, String height) throws Exception {
    Path into = folder.resolve("bars." + ending);
    Outcome outcome =
        run(
            "draw",
            "--kind",
            "categories",
            "--values",
            "bruised 14, too small 21",
            "--also",
            "South=bruised 3, unripe 4",
            "--graph",
            "bar",
            "--height",
            height,
            "--mark",
            "modes",
            "--into",
            into.toString());

    assertThat(outcome.err()).isEmpty();
    assertThat(outcome.code()).isZero();
    assertThat(Files.size(into)).isGreaterThan(1000);
    if (ending.equals("png")) {
      assertThat(ImageIO.read(into.toFile()).getWidth()).isEqualTo(1440);
    }
  }

  @Test
  void manyOrLongNamesStandBesideLyingBars() {
    String many =
        IntStream.rangeClosed(1, 30)
            .mapToObj(i -> "a rather long reason, number " + i + "\t" + i)
            .collect(Collectors.joining("\n"));
    Path into = folder.resolve("many.png");

    Outcome outcome =
        run(
            "draw",
            "--kind",
            "categories",
            "--values",
            many,
            "--graph",
            "bar",
            "--into",
            into.toString());

    assertThat(outcome.err()).isEmpty();
    assertThat(into).exists();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "draw --graph histogram          | categories are names: draw them as bar, not as histogram",
        "draw --graph bar --height density | categories have no width and so no density",
        "draw --graph bar --also South=?   | South holds no categories",
        "group --format beside           | categories are written as csv or text, not as beside",
        "group --order size              | “size” is not one of given, frequency, name"
      })
  void whatNamesDoNotHaveIsSaid(String options, String why) {
    List<String> arguments = new ArrayList<>(List.of(options.strip().split(" ", -1)));
    arguments.addAll(List.of("--kind", "categories", "--values", "plum, pear"));
    if (options.startsWith("draw")) {
      arguments.addAll(List.of("--into", folder.resolve("x.png").toString()));
    }

    Outcome outcome = run(arguments.toArray(String[]::new));

    assertThat(outcome.err()).contains(why);
    assertThat(outcome.code()).isEqualTo(2);
    assertThat(folder.resolve("x.png")).doesNotExist();
  }

  @Test
  void tooManyCategoriesToDrawAndNoneAtAllAreRefused() {
    String many =
        IntStream.rangeClosed(1, 61).mapToObj(i -> "name" + i).collect(Collectors.joining(","));
    String into = folder.resolve("x.png").toString();

    Outcome outcome =
        run("draw", "--kind", "categories", "--values", many, "--graph", "bar", "--into", into);
    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err()).contains("61 categories are too many to draw, at most 60");
    Outcome none = run("group", "--kind", "categories", "--values", "?");
    assertThat(none.code()).isEqualTo(3);
    assertThat(none.err()).contains("there are no values to group");
  }

  @Test
  void whichColumnIsMeantMustBePlain() throws Exception {
    String two = file("variety,picker,g\nBlanca,Ana,1\nConference,Bruno,2\n");

    Outcome outcome = run("group", two, "--kind", "categories");
    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err())
        .contains("which column is to be counted? Name one of variety, picker, g");
    assertThat(run("measures", two, "--column", "picker").err())
        .contains("--kind categories counts words");
    assertThat(run("group", two, "--kind", "categories", "--column", "tray").err())
        .contains("tray");
  }

  @Test
  void answersOnCategoriesAreMarkedLineByLine() throws Exception {
    Path answers =
        Files.writeString(
            folder.resolve("answers.jsonl"),
            """
            {"id":1,"categories":[["bruised",14],["too small",21]],"measure":"modes","answer":"too small"}
            {"id":2,"categories":["plum","pear","plum"],"measure":"modes","answer":"2"}
            {"id":3,"categories":["plum","pear","plum"],"measure":"modes","answer":"fig"}
            """);

    List<String> marks = run("mark", answers.toString()).out().lines().toList();

    assertThat(marks).hasSize(3);
    assertThat(marks.get(0)).contains("\"verdict\":\"agrees\"");
    assertThat(marks.get(1)).contains("\"verdict\":\"slip\"").contains("frequency-given");
    assertThat(marks.get(2)).contains("\"verdict\":\"unreadable\"").contains("not one of the");
  }
}
