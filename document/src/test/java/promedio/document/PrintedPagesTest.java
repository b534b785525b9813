package promedio.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.print.DocFlavor;
import javax.print.StreamPrintService;
import javax.print.StreamPrintServiceFactory;
import javax.print.attribute.HashPrintRequestAttributeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A document is printed as it is seen, on a printer that writes down what it is sent. */
class PrintedPagesTest {

  private final ByteArrayOutputStream paper = new ByteArrayOutputStream();

  @BeforeAll
  static void withoutDisplay() {
    System.setProperty("java.awt.headless", "true");
  }

  private StreamPrintService printer() {
    StreamPrintServiceFactory[] factories =
        StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
            DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript");
    return factories[0].getPrintService(paper);
  }

  private static Document document(int paragraphs) {
    List<Block> blocks = new ArrayList<>(List.of(new Block.Heading(1, "Part (a)")));
    blocks.addAll(
        Collections.nCopies(
            paragraphs, Block.Paragraph.of("The pears of the upper terrace are heavier.")));
    return new Document("Pears", "en", blocks);
  }

  private String sent() {
    return paper.toString(StandardCharsets.ISO_8859_1);
  }

  @Test
  void lettersAreDrawnOnThePaperAndNotSentAsAPicture() throws Exception {
    try (PrintedPages pages = PrintedPages.of(document(3))) {
      assertThat(pages.print(printer(), new HashPrintRequestAttributeSet(), page -> true)).isTrue();
    }

    // Curves of letters, and no picture after the beginning that every print has.
    assertThat(sent()).startsWith("%!PS").contains(" C\n").doesNotContain("image\n");
    assertThat(sent().length()).isLessThan(2_000_000);
  }

  @Test
  void allPagesAreSentAndEachIsAskedFor() throws Exception {
    List<Integer> asked = new ArrayList<>();
    try (PrintedPages pages = PrintedPages.of(document(80))) {
      assertThat(pages.count()).isGreaterThan(1);
      assertThat(pages.print(printer(), new HashPrintRequestAttributeSet(), asked::add)).isTrue();

      assertThat(sent().split("showpage", -1)).hasSizeGreaterThan(pages.count());
      assertThat(asked).contains(0, pages.count() - 1);
    }
  }

  @Test
  void printingStopsWhereItIsNotWantedAnyMore() throws Exception {
    try (PrintedPages pages = PrintedPages.of(document(200))) {
      assertThat(pages.print(printer(), new HashPrintRequestAttributeSet(), page -> page < 1))
          .isFalse();
      assertThat(sent().split("showpage", -1).length).isLessThan(pages.count());
    }
  }
}
