package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;
import static promedio.desktop.cli.Outcome.runOn;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** More than one variable from the command line: pairs, groups, counts, and samples by chance. */
class SeveralCommandsTest {

  private static final String TREES =
      """
      tree,terrace,sun,weight,length,grade
      1,upper,yes,120,8.1,A
      2,upper,no,135,8.8,B
      3,upper,yes,128,8.4,A
      4,lower,no,101,7.2,B
      5,lower,yes,97,,B
      6,lower,no,110,7.9,A
      """;

  private static final String COUNTS =
      """
      sun,A,B,total
      yes,2,1,3
      no,1,2,3
      total,3,3,6
      """;

  @TempDir private Path folder;
  private String trees = "";

  @BeforeEach
  void writeTheTable() throws Exception {
    trees = Files.writeString(folder.resolve("trees.csv"), TREES).toString();
  }

  private static List<String> words(Outcome outcome) {
    assertThat(outcome.err()).isEmpty();
    return outcome.out().lines().map(line -> line.strip().replaceAll(" +", " ")).toList();
  }

  @Test
  void pairsLeaveOutRowsThatAreNotWhole() {
    Outcome outcome = run("measures", trees, "--kind", "pairs", "--columns", "length,weight");

    // Sxy = 31.88 of the five whole rows, by hand.
    assertThat(words(outcome)).contains("covariance 7.97", "correlation 0.98", "t_paired_df 4");
  }

  @Test
  void pairsAsJsonCarryTheExactNumberAndThatOfEachColumn() throws Exception {
    var json =
        run("measures", trees, "--kind", "pairs", "--columns", "length,weight", "--format", "json")
            .json();

    assertThat(json.at("/n").asText()).isEqualTo("5");
    assertThat(json.at("/missing").asInt()).isEqualTo(1);
    assertThat(json.at("/measures/covariance/exact").asText()).isEqualTo("797/100");
    assertThat(json.at("/y/mean/exact").asText()).isEqualTo("594/5");
  }

  @Test
  void groupsComeEachAndTogetherAndTwoByTwo() {
    List<String> words =
        words(run("measures", trees, "--kind", "groups", "--column", "weight", "--by", "terrace"));

    assertThat(words)
        .contains("upper: n = 3, 0 missing", "lower: n = 3, 0 missing", "upper – lower")
        .contains("pooled_variance 50.33", "f 18.63", "difference_of_means 25.00");
  }

  @Test
  void columnsCanBeTheGroups() {
    List<String> words =
        words(run("measures", trees, "--kind", "groups", "--columns", "weight,length"));

    assertThat(words).contains("weight: n = 6, 0 missing", "length: n = 5, 1 missing");
  }

  @Test
  void countsAreThoseOfTwoColumnsOrOfAPrintedTable() {
    List<String> counted =
        words(run("measures", trees, "--kind", "cross", "--columns", "sun,grade"));
    List<String> printed = words(runOn(COUNTS, "measures", "-", "--kind", "counts"));

    assertThat(counted).contains("chi_squared 0.67", "phi 0.33", "smallest_expected 1.50");
    assertThat(printed.subList(1, printed.size())).isEqualTo(counted.subList(1, counted.size()));
  }

  @ParameterizedTest(name = "{0} written as {1}")
  @CsvSource({
    "'no,1,2,3', 'no,1,2,4', the total of “no” is printed as 4 but the counts add up to 3",
    "'total,3,3,6', 'total,3,4,6', the total of “B” is printed as 4 but the counts add up to 3",
    "'total,3,3,6', 'total,3,3,7', printed as 7 but the counts add up to 6",
    "'yes,2,1,3', 'yes,2,,3', the count of “yes” and “B” is missing",
    "'yes,2,1,3', 'yes,2,-1,1', “-1” is not a count",
    "'yes,2,1,3', 'yes,2,one,3', the count of “yes” and “B” is missing"
  })
  void aPrintedTableThatCannotBeIsRefusedWithTheReason(String line, String slip, String reason) {
    Outcome outcome = runOn(COUNTS.replace(line, slip), "measures", "-", "--kind", "counts");

    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.err().replace(",", "")).contains(reason);
  }

  @Test
  void columnsThatAreNotPlainlyMeantAreAskedFor() {
    Outcome which = run("measures", trees, "--kind", "pairs");
    Outcome three = run("measures", trees, "--kind", "pairs", "--columns", "tree,weight,length");
    Outcome word = run("measures", trees, "--kind", "pairs", "--columns", "weight,grade");
    Outcome ungrouped = run("measures", trees, "--kind", "groups", "--column", "weight");

    assertThat(which.err()).contains("which two columns?", "tree, weight, length");
    assertThat(three.err()).contains("3 columns were named");
    assertThat(word.err()).contains("the column “grade” does not hold numbers");
    assertThat(ungrouped.err()).contains("--column value --by group");
    assertThat(List.of(which.code(), three.code(), word.code(), ungrouped.code())).containsOnly(2);
  }

  @Test
  void aSummaryHasARowAGroupAndOneForAll() {
    List<String> words = words(run("summary", trees, "--column", "weight", "--by", "terrace"));

    assertThat(words)
        .containsExactly(
            "group n missing mean sd median",
            "upper 3 0 127.67 7.51 128.00",
            "lower 3 0 102.67 6.66 101.00",
            "all together 6 0 115.17 15.09 115.00");
  }

  @ParameterizedTest
  @CsvSource({
    "csv, 'upper,3,0,128.00'",
    "markdown, '| upper | 3 | 0 | 128.00 |'",
    "html, '<td>128.00</td>'",
    "json, '\"exact\":\"128\"'"
  })
  void aSummaryIsWrittenInOtherForms(String format, String part) {
    Outcome outcome =
        run(
            "summary",
            trees,
            "--column",
            "weight",
            "--by",
            "terrace",
            "--measures",
            "n,median",
            "--format",
            format);

    assertThat(outcome.err()).isEmpty();
    assertThat(outcome.out()).contains(part);
  }

  @Test
  void twoGroupingColumnsMakeAGroupOfEachCombination() {
    List<String> words =
        words(
            run(
                "summary",
                trees,
                "--column",
                "weight",
                "--by",
                "terrace,sun",
                "--measures",
                "n,mean"));

    assertThat(words).hasSize(6);
    assertThat(String.join("\n", words))
        .contains("upper · yes 2 0 124.00")
        .contains("lower · no 2 0 105.50");
  }

  @Test
  void aDistributionIsReadBothWays() {
    assertThat(words(run("distribution", "t", "--df", "10", "--area", "0.975")))
        .containsExactly(
            "value 2.22813885198627",
            "area below 0.975",
            "area above 0.025",
            "area beyond ±value 0.05");
    assertThat(run("distribution", "t", "--area", "0.975").code()).isEqualTo(2);
  }

  @Test
  void linesOfDistributionsAreAnsweredOneByOneAndABadOneStopsNoOther() {
    Outcome outcome =
        runOn(
            """
            {"id":"a","distribution":"normal","at":"0"}
            {"id":"b","distribution":"t","df":["4"],"area":"2"}
            {"id":"c","distribution":"chi-squared","df":["2"],"upper":"0.5"}
            """,
            "distribution",
            "--lines",
            "-");

    assertThat(outcome.lines()).hasSize(3);
    assertThat(outcome.lines().get(0)).contains("\"a\"", "0.5");
    assertThat(outcome.lines().get(1)).contains("\"b\"", "refused", "between 0 and 1");
    assertThat(outcome.lines().get(2)).contains("\"c\"", "1.38629436111989");
  }

  @Test
  void samplesByChanceAreTheSameForTheSameSeed() {
    String[] command = {
      "draw-samples", trees, "--column", "weight", "--size", "3", "--times", "40", "--seed", "7"
    };
    Outcome first = run(command);
    command[command.length - 1] = "8";

    assertThat(first.lines()).hasSize(41).startsWith("sample,mean,sd");
    assertThat(run(command).out()).isNotEqualTo(first.out());
    command[command.length - 1] = "7";
    assertThat(run(command).out()).isEqualTo(first.out());
  }

  @Test
  void withoutReplacementAllValuesAreTheWholeSample() {
    Outcome all =
        run(
            "draw-samples",
            trees,
            "--column",
            "weight",
            "--size",
            "6",
            "--times",
            "2",
            "--seed",
            "1");

    assertThat(all.lines()).containsExactly("sample,mean,sd", "1,115.17,15.09", "2,115.17,15.09");
  }

  @ParameterizedTest(name = "--size {0} --times {1}")
  @CsvSource({
    "7, 1, a sample of 7 is larger than the 6 values",
    "0, 1, at least 1 value",
    "2, 0, at least 1 and at most 1000000",
    "2, 9999999, at least 1 and at most 1000000"
  })
  void samplesThatCannotBeDrawnAreRefused(String size, String times, String reason) {
    Outcome outcome =
        run(
            "draw-samples",
            trees,
            "--column",
            "weight",
            "--size",
            size,
            "--times",
            times,
            "--seed",
            "1");

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err()).contains(reason);
  }

  @Test
  void theWorkingOfACovarianceHasTheColumnsOfAHand() {
    String working =
        run(
                "working",
                trees,
                "--kind",
                "pairs",
                "--columns",
                "length,weight",
                "--measure",
                "covariance")
            .out();

    assertThat(working).contains("31.88 / (5 − 1) = 7.97", "the deviations add up to 0");
  }

  @Test
  void anAnswerAboutPairsIsMarkedAndItsSlipNamed() {
    Outcome outcome =
        runOn(
            """
            {"id":1,"pairs":[["1","2"],["2","3"],["4","9"]],"measure":"covariance","answer":"3.78"}
            """,
            "mark");

    // Sxy = 34/3, over 3 instead of 2.
    assertThat(outcome.out()).contains("other-rule", "\"divisor\",\"params\":{\"value\":\"n\"}");
  }

  @Test
  void pointsAreDrawnOfTwoColumns() throws Exception {
    Path picture = folder.resolve("points.png");

    Outcome outcome =
        run(
            "draw",
            trees,
            "--graph",
            "scatter",
            "--columns",
            "length,weight",
            "--line",
            "--into",
            picture.toString());

    assertThat(outcome.err()).isEmpty();
    assertThat(ImageIO.read(picture.toFile()).getWidth()).isEqualTo(1440);
  }

  private Outcome points(Path into, String by) {
    return run(
        "draw",
        trees,
        "--graph",
        "scatter",
        "--columns",
        "length,weight",
        "--by",
        by,
        "--into",
        into.toString(),
        "--force");
  }

  @Test
  void pointsAreToldApartByTheCategoryOfAnotherColumn() throws Exception {
    Path picture = folder.resolve("points.svg");

    assertThat(points(picture, "terrace").err()).isEmpty();
    String byTerrace = Files.readString(picture);
    assertThat(points(picture, "grade").err()).isEmpty();

    // Both have two categories, but not the same trees in them.
    assertThat(Files.readString(picture)).isNotEqualTo(byTerrace);
    assertThat(byTerrace).contains("<svg");
  }

  @Test
  void pointsAreNotToldApartByWhatNobodyCouldSee() {
    Path picture = folder.resolve("points.svg");

    assertThat(points(picture, "terrace,sun").err()).contains("--by takes one column", "not 2");
    assertThat(points(picture, "colour").err()).contains("colour", "terrace");
    trees = writeTrees(IntStream.range(0, 9).mapToObj(i -> i + ",k" + i + "," + i * i));
    assertThat(points(picture, "kind").err())
        .contains("“kind” has 9 categories; at most 6 can be told apart");
    assertThat(picture).doesNotExist();
  }

  private String writeTrees(Stream<String> rows) {
    try {
      Path file = folder.resolve("kinds.csv");
      return Files.write(file, Stream.concat(Stream.of("length,kind,weight"), rows).toList())
          .toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void aBoxOfItsOwnInkIsDrawnForEachGroup() throws Exception {
    Path picture = folder.resolve("boxes.png");

    Outcome outcome =
        run(
            "draw",
            trees,
            "--graph",
            "box",
            "--kind",
            "groups",
            "--column",
            "4",
            "--by",
            "terrace",
            "--into",
            picture.toString());

    assertThat(outcome.err()).isEmpty();
    assertThat(strongHues(picture)).hasSize(2);
  }

  /** In twelfths of the circle; paper, text and lines are of hardly any hue. */
  private static Set<Integer> strongHues(Path picture) throws Exception {
    BufferedImage image = ImageIO.read(picture.toFile());
    Set<Integer> hues = new TreeSet<>();
    for (int rgb :
        image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth())) {
      Color ink = new Color(rgb);
      float[] hue = Color.RGBtoHSB(ink.getRed(), ink.getGreen(), ink.getBlue(), null);
      if (hue[1] > 0.7) {
        hues.add(Math.round(hue[0] * 12));
      }
    }
    return hues;
  }
}
