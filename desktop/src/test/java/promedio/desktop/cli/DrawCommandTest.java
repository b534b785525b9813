package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static promedio.desktop.cli.Outcome.run;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.graph.GraphKind;

/** Class tables and graphs from the command line. */
class DrawCommandTest {

  private static final String NORTH = "131 118 139 126 144 121 137 129 152 134 127 141 178 124";

  @TempDir private Path folder;

  private static int colours(BufferedImage image) {
    Set<Integer> found = new HashSet<>();
    for (int x = 0; x < image.getWidth(); x += 2) {
      for (int y = 0; y < image.getHeight(); y += 2) {
        found.add(image.getRGB(x, y));
      }
    }
    return found.size();
  }

  @ParameterizedTest
  @EnumSource(GraphKind.class)
  void eachGraphIsDrawnAsPngSvgAndPdf(GraphKind kind) throws Exception {
    for (String ending : new String[] {"png", "svg", "pdf"}) {
      Path into = folder.resolve(kind.code() + "." + ending);
      Outcome outcome =
          run(
              "draw",
              "--values",
              NORTH,
              "--also",
              "South=128 132 141 119 150",
              "--graph",
              kind.code(),
              "--into",
              into.toString(),
              "--mark",
              "median",
              "--size",
              "400x300",
              "--dpi",
              "72");
      assertThat(outcome.err()).isEmpty();
      assertThat(outcome.code()).isZero();
    }
    BufferedImage image = ImageIO.read(folder.resolve(kind.code() + ".png").toFile());
    assertThat(image.getWidth()).isEqualTo(400);
    assertThat(colours(image)).isGreaterThan(5);
    var svg =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(folder.resolve(kind.code() + ".svg").toFile());
    assertThat(svg.getElementsByTagName("path").getLength()).isGreaterThan(10);
    try (PDDocument pdf = Loader.loadPDF(folder.resolve(kind.code() + ".pdf").toFile())) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(400);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--values 1 --graph pie --into a.png|is not one of histogram, polygon",
        "--values 1 --graph box --into a.gif|should end in .png, .svg or .pdf",
        "--values 1 --graph box --into a.png --dpi 5|between 10 and 1200",
        "--values 1 --graph box --into a.png --size 20x9|is not a size such as 720x450",
        "--values 1 --graph box --into a.png --size axb|is not a size such as 720x450",
        "--values 1 --graph box --into a.png --size 5000x5000 --dpi 600|more than 100 million pixels",
        "--values 1 --graph dot --into a.png --height tall|not one of frequency, relative, percentage, density",
        "--values 1 --graph dot --into a.png --mark tall|no measure is called “tall”",
        "--values 1 --graph dot --into a.png --also S=x|S has no sample",
        "--values 1 --graph histogram --into a.png --by odd|not one of sturges",
        "--values 1 --graph histogram --into a.png --width 0|a class width must be above 0"
      })
  void wrongUseSaysWhatIsRight(String arguments, String message) {
    Outcome outcome = run(("draw " + arguments).split(" "));

    assertThat(outcome.code()).isEqualTo(2);
    assertThat(outcome.err()).contains(message);
    assertThat(Files.exists(Path.of("a.png"))).isFalse();
  }

  @Test
  void whatTheDataDoNotHaveIsRefused() {
    Path into = folder.resolve("a.png");
    Outcome box = run("draw", "--values", "7", "--graph", "box", "--into", into.toString());
    assertThat(box.code()).isEqualTo(3);
    assertThat(box.err()).contains("has no quartiles");
    Outcome dots =
        run(
            "draw",
            "--kind",
            "classes",
            "--values",
            "10-20 5, 20-30 8",
            "--graph",
            "dot",
            "--into",
            into.toString());
    assertThat(dots.err()).contains("of a class table are not known");
  }

  @Test
  void aSampleIsGroupedAndReadBackAsAClassTable() throws IOException {
    Outcome grouped = run("group", "--values", NORTH, "--width", "20", "--start", "110");
    assertThat(grouped.out())
        .startsWith("lower,upper,frequency,relative,percentage,cumulative,cumulative_above,")
        .contains("110,130,6,", "130,150,6,", "150,170,1,", "170,190,1,");
    Path file = Files.writeString(folder.resolve("classes.csv"), grouped.out());
    assertThat(run("measures", "--kind", "classes", file.toString(), "--format", "json").out())
        .contains("\"n\":14");
    assertThat(run("group", "--values", NORTH, "--format", "text", "--classes", "3").out())
        .contains("tally", "||||/", "100.00");
    assertThat(run("group", "--values", NORTH, "--format", "advice").out())
        .contains(
            "Sturges: 1 + log₂ 14, rounded up, is 5 classes; R ÷ 5 = 60 ÷ 5 = 12 → rounded up to 15 wide, from a multiple of that: 5 classes from 105");
    assertThat(run("group", "--values", NORTH, "--format", "beside").out())
        .contains("mean", "difference");
    assertThat(run("group", "--values", NORTH, "--limits", "130 150").err())
        .contains("8 values lie outside the classes");
    assertThat(run("group", "--values", NORTH, "--limits", "130 120").err())
        .contains("120 is not above 130");
    assertThat(run("group", "--values", NORTH, "--format", "xml").code()).isEqualTo(2);
  }
}
