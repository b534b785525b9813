package promedio.desktop.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Printed questions on the command line. */
class QuestionCommandTest {

  private static final String TEXT = "Find the mean, to 1 decimal place, of 118, 131 and 124.";

  @TempDir private Path folder;

  private Path file(String name, String text) throws Exception {
    return Files.writeString(folder.resolve(name), text);
  }

  private static JsonNode json(String line) throws Exception {
    return new ObjectMapper().readTree(line);
  }

  @Test
  void aQuestionIsToldAsJson() throws Exception {
    Outcome outcome = Outcome.run("question", file("q.txt", TEXT).toString());

    assertThat(outcome.code()).isZero();
    JsonNode found = json(outcome.out());
    assertThat(found.at("/data/0/kind").asText()).isEqualTo("raw");
    assertThat(found.at("/data/0/values/1").asText()).isEqualTo("131");
    assertThat(found.at("/parts/0/asked/0/measure").asText()).isEqualTo("mean");
    assertThat(found.at("/parts/0/places").asInt()).isEqualTo(1);
    assertThat(found.at("/parts/0/text").asText()).isEqualTo(TEXT);
    assertThat(found.has("source")).isFalse();
  }

  @Test
  void groupsOfOneMeasureAreToldTogether() throws Exception {
    String text = "Ana: 3, 4, 5\nLuis: 4, 6, 9\nTest whether the means are equal.";
    JsonNode found = json(Outcome.run("question", file("q.txt", text).toString()).out());

    assertThat(found.path("data")).hasSize(1);
    assertThat(found.at("/data/0/groups/1/0").asText()).isEqualTo("Luis");
    assertThat(found.at("/data/0/groups/1/1/2").asText()).isEqualTo("9");
    assertThat(found.at("/parts/0/asked/0/measure").asText()).isEqualTo("t_two");
  }

  @Test
  void severalAreALineEachAndOneThatIsMissingStopsNoOther() throws Exception {
    Outcome outcome =
        Outcome.run(
            "question",
            file("a.txt", TEXT).toString(),
            folder.resolve("gone.txt").toString(),
            file("b.txt", "Points (1, 2), (2, 3), (3, 5): find the slope.").toString());

    assertThat(outcome.code()).isEqualTo(3);
    assertThat(outcome.out().lines()).hasSize(3);
    assertThat(json(outcome.out().lines().toList().get(0)).path("source").asText())
        .endsWith("a.txt");
    assertThat(json(outcome.out().lines().toList().get(1)).has("refused")).isTrue();
    assertThat(json(outcome.out().lines().toList().get(2)).at("/data/0/pairs/2/1").asText())
        .isEqualTo("5");
  }

  @Test
  void aPersonReadsItInWords() throws Exception {
    Outcome outcome = Outcome.run("question", "--format", "text", file("q.txt", TEXT).toString());

    assertThat(outcome.out().lines())
        .containsExactly("1. values (3): 118; 131; 124", "mean · 1 decimal place");
    assertThat(
            Outcome.run("question", "--format", "text", file("n.txt", "Hello.").toString())
                .out()
                .lines())
        .contains(
            "No data found: numbers in lists or tables are data.",
            "Nothing that can be computed is asked.");
  }

  @Test
  void theTextOfAPdfIsReadToo() throws Exception {
    Path pdf = folder.resolve("sheet.pdf");
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage();
      document.addPage(page);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.beginText();
        content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
        content.newLineAtOffset(50, 700);
        content.showText("Find the median of 8, 3, 5 and 9.");
        content.endText();
      }
      document.save(pdf.toFile());
    }

    JsonNode found = json(Outcome.run("question", pdf.toString()).out());
    assertThat(found.at("/data/0/values/3").asText()).isEqualTo("9");
    assertThat(found.at("/parts/0/asked/0/measure").asText()).isEqualTo("median");
  }
}
