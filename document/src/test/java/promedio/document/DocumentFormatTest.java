package promedio.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.graph.GraphKind;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.files.report.LatexText;
import promedio.graph.Graph;
import promedio.graph.GraphExport;

/** A document is the same in each format: its text, its tables, its formulas, its graphs. */
class DocumentFormatTest {

  private static final Inline MEAN =
      new Inline(
          "x̄ = Σx/n = 12",
          "\\bar{x} = \\frac{\\Sigma x}{n} = 12",
          "<mover><mi>x</mi><mo>¯</mo></mover><mo>=</mo><mn>12</mn>");

  @TempDir private Path folder;

  private static GraphExport graph() throws Exception {
    Sample sample = new Sample(Values.ofDecimals(new long[] {8, 10, 11, 11, 20}, 0));
    return GraphExport.of(
        new Graph(
            GraphKind.BOX,
            List.of(new Graph.Series("Baskets", sample, ClassTable.NONE)),
            Graph.proposed(GraphKind.BOX, ClassTable.NONE),
            "",
            new Graph.Axis("pears", Optional.empty()),
            Graph.Marked.of(Set.<Measure>of()),
            CourseRules.DEFAULTS,
            DecimalSign.POINT),
        480,
        200);
  }

  private static Document document(String title, String words) throws Exception {
    return new Document(
        title,
        "en",
        List.of(
            new Block.Heading(1, words),
            new Block.Paragraph(words + "\nsecond line", false),
            new Block.Listing(List.of(words, "half up")),
            new Block.Formula(MEAN),
            new Block.Table(
                List.of(Inline.text("basket"), MEAN),
                List.of(List.of(words, "8"), List.of("", "60")),
                1,
                true),
            new Block.Figure(graph(), "Box plot of " + words)));
  }

  private static String written(DocumentFormat format, Document document) throws IOException {
    return new String(
        format.write(document, Path.of("hand-in" + format.ending())).bytes(),
        StandardCharsets.UTF_8);
  }

  @Test
  void aPageOfHtmlHoldsEverythingAndItsFormulasAreMathml() throws Exception {
    org.jsoup.nodes.Document page =
        Jsoup.parse(written(DocumentFormat.HTML, document("Pears", "Baskets of May")));

    assertThat(page.title()).isEqualTo("Pears");
    assertThat(page.select("h2").text()).isEqualTo("Baskets of May");
    assertThat(page.select("math")).hasSize(2);
    assertThat(page.select("th").get(0).text()).isEqualTo("basket");
    assertThat(page.select("tr.total td").eachText()).containsExactly("60");
    assertThat(page.select("figure").attr("aria-label")).isEqualTo("Box plot of Baskets of May");
    assertThat(page.select("figure svg")).hasSize(1);
    assertThat(page.select("script, link, iframe, object, img")).isEmpty();
    for (Element each : page.getAllElements()) {
      assertThat(each.attributes().asList())
          .noneMatch(attribute -> attribute.getValue().startsWith("http://www.example"))
          .noneMatch(attribute -> attribute.getKey().startsWith("on"));
    }
  }

  @Test
  void picturesOnOnePageKeepTheirNamesApart() throws Exception {
    Block.Figure figure = new Block.Figure(graph(), "Box");
    String page =
        written(DocumentFormat.HTML, new Document("Pears", "en", List.of(figure, figure)));
    List<String> ids = Jsoup.parse(page).select("[id]").eachAttr("id");

    assertThat(ids).isNotEmpty().doesNotHaveDuplicates();
  }

  @Test
  void aPdfIsTaggedItsFontsAreInsideAndItsTextIsFound() throws Exception {
    byte[] bytes =
        DocumentFormat.PDF.write(document("Pears", "Baskets of May"), Path.of("a.pdf")).bytes();
    try (PDDocument pdf = Loader.loadPDF(bytes)) {
      assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
      assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
      assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("Pears");
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Baskets of May", "second line", "half up", "60", "1 / 1");
      for (PDPage page : pdf.getPages()) {
        for (COSName name : page.getResources().getFontNames()) {
          assertThat(page.getResources().getFont(name).isEmbedded()).as(name.getName()).isTrue();
        }
      }
      List<String> tags = new ArrayList<>();
      List<String> told = new ArrayList<>();
      collect(pdf.getDocumentCatalog().getStructureTreeRoot(), tags, told);
      assertThat(tags).contains("H1", "H2", "P", "L", "Table", "TH", "TD", "Figure");
      assertThat(told).contains("x̄ = Σx/n = 12", "Box plot of Baskets of May");
    }
  }

  private static void collect(PDStructureNode node, List<String> tags, List<String> told) {
    for (Object kid : node.getKids()) {
      if (kid instanceof PDStructureElement element) {
        tags.add(element.getStructureType());
        if (element.getAlternateDescription() != null) {
          told.add(element.getAlternateDescription());
        }
        collect(element, tags, told);
      }
    }
  }

  @Test
  void theHeadOfALongTableStandsOnEachOfItsPages() throws Exception {
    Block.Table table =
        new Block.Table(
            List.of(Inline.text("weight"), Inline.text("count")),
            Collections.nCopies(120, List.of("8", "1")),
            0,
            false);
    try (PrintedPages pages = PrintedPages.of(new Document("Pears", "en", List.of(table)));
        PDDocument pdf = Loader.loadPDF(pages.pdf())) {
      assertThat(pages.count()).isGreaterThan(2);
      for (int page = 1; page <= pages.count(); page++) {
        PDFTextStripper text = new PDFTextStripper();
        text.setStartPage(page);
        text.setEndPage(page);
        assertThat(text.getText(pdf)).contains("weight").contains(page + " / " + pages.count());
      }
      assertThat(pages.width()).isBetween(594.0, 596.0);
      assertThat(pages.drawn(0, 1).getHeight()).isBetween(841, 843);
    }
  }

  @Test
  void copiedPagesStayWhenTheOthersAreClosed() throws Exception {
    PrintedPages pages = PrintedPages.of(document("Pears", "Baskets"));
    try (PrintedPages copy = pages.copy()) {
      pages.close();

      assertThat(copy.count()).isEqualTo(1);
      assertThat(copy.drawn(0, 0.5).getWidth()).isBetween(296, 299);
    }
  }

  @Test
  void markdownAndLatexHaveTheirPicturesBesideThem() throws Exception {
    for (DocumentFormat format : List.of(DocumentFormat.MARKDOWN, DocumentFormat.LATEX)) {
      Path file = folder.resolve("my pears 100%" + format.ending());
      format.write(document("Pears", "Baskets"), file).into(file);

      String kind = format == DocumentFormat.LATEX ? ".pdf" : ".svg";
      assertThat(Files.readString(file)).contains(Written.folderOf(file) + "/graph-1" + kind);
      assertThat(folder.resolve(Written.folderOf(file) + "/graph-1" + kind)).isNotEmptyFile();
      assertThat(Written.folderOf(file)).startsWith("my-pears-100-");
    }
    assertThat(Files.readString(folder.resolve("my pears 100%.md")))
        .contains("# Pears", "| basket | $\\bar{x}", "$$\n\\bar{x} = \\frac");
  }

  /** Names and notes that would be markup somewhere. */
  static final List<String> HOSTILE =
      List.of(
          "<script>alert(1)</script><img src=x onerror=alert(1)>",
          "\\input{/etc/passwd} \\write18{ls} $x^2$ 100% #1 & _a_ ^ ~ {",
          "\"><object type='promedio/drawn' data='99'></object>",
          "](javascript:alert(1)) | **bold** `code` <http://example.org>",
          "&lt;b&gt; \u0000\u0007\uFFFE \uD83C\uDF50 \uD83C",
          "Zażółć gęślą jaźń — “¿Qué?” 梨 груша x̄ ½ χ²₁");

  @ParameterizedTest
  @EnumSource(DocumentFormat.class)
  void aHostileNameIsTextInEveryFormat(DocumentFormat format) throws Exception {
    for (String hostile : HOSTILE) {
      byte[] bytes =
          format.write(document(hostile, hostile), Path.of("a" + format.ending())).bytes();

      assertThat(bytes).isNotEmpty();
    }
  }

  @Test
  void noMarkupOfANameGetsIntoAPage() throws Exception {
    for (String hostile : HOSTILE) {
      org.jsoup.nodes.Document page =
          Jsoup.parse(written(DocumentFormat.HTML, document(hostile, hostile)));
      assertThat(page.select("script, img, object, b, a")).as(hostile).isEmpty();
    }
    assertThat(
            Jsoup.parse(written(DocumentFormat.HTML, document("t", HOSTILE.get(0))))
                .select("h2")
                .text())
        .isEqualTo(HOSTILE.get(0));
  }

  @Test
  void noCommandOfANameGetsIntoLatex() throws Exception {
    String latex = written(DocumentFormat.LATEX, document(HOSTILE.get(1), HOSTILE.get(1)));

    assertThat(latex)
        .doesNotContain("\\input{", "\\write18{")
        .contains(
            "\\textbackslash{}input\\{/etc/passwd\\}", "100\\%", "\\$x\\textasciicircum{}2\\$");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a#b=a\\#b",
        "x̄=$\\bar{x}$",
        "s²=s$^2$",
        "Q₁=Q$_1$",
        "−3=$-$3",
        "né=né",
        "梨=\\ifPDFTeX ?\\else 梨\\fi{}"
      })
  void signsAreWrittenForLatex(String example) {
    String[] both = example.split("=", 2);

    assertThat(LatexText.of(both[0])).isEqualTo(both[1]);
  }

  @Test
  void latexCompiles() throws Exception {
    assumeTrue(compiler().isPresent(), "no pdflatex on this machine: LaTeX is not compiled");
    List<Block> blocks = new ArrayList<>();
    for (String hostile : HOSTILE) {
      blocks.addAll(document(hostile, hostile).blocks());
    }
    Path file = folder.resolve("pears.tex");
    DocumentFormat.LATEX.write(new Document("Pears", "en", blocks), file).into(file);
    Process process =
        new ProcessBuilder(
                compiler().get(), "-interaction=nonstopmode", "-halt-on-error", "pears.tex")
            .directory(folder.toFile())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("out.txt").toFile())
            .start();

    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(process.exitValue())
        .as(Files.readString(folder.resolve("out.txt"), StandardCharsets.ISO_8859_1))
        .isZero();
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("pears.pdf").toFile())) {
      assertThat(pdf.getNumberOfPages()).isPositive();
    }
  }

  private static Optional<String> compiler() {
    return List.of(System.getenv("PATH").split(File.pathSeparator, -1)).stream()
        .map(path -> Path.of(path, "pdflatex"))
        .filter(Files::isExecutable)
        .map(Path::toString)
        .findFirst();
  }

  @Test
  void theFormatIsToldByTheNameOfTheFile() {
    assertThat(DocumentFormat.of(Path.of("Pears.PDF"))).contains(DocumentFormat.PDF);
    assertThat(DocumentFormat.of(Path.of("pears.tex"))).contains(DocumentFormat.LATEX);
    assertThat(DocumentFormat.of(Path.of("pears.docx"))).isEmpty();
  }

  @Test
  void twoDocumentsNeverShareTheFolderOfTheirPictures() {
    List<String> names = List.of("María.md", "Marïa.md", "Mar-a.md", "Mar a.md", "答.md", "問.md");

    assertThat(names.stream().map(name -> Written.folderOf(Path.of(name))))
        .doesNotHaveDuplicates()
        .allMatch(folder -> folder.matches("[A-Za-z0-9-]+"));
    assertThat(Written.folderOf(Path.of("pears.md"))).isEqualTo("pears-graphs");
  }

  @ParameterizedTest
  @EnumSource(DocumentFormat.class)
  void signsThatNothingShowsAreLeftOut(DocumentFormat format) throws Exception {
    Document odd =
        new Document(
            "Pe\0ars",
            "en",
            List.of(
                new Block.Heading(1, "a\u001B[31mb"),
                Block.Paragraph.of("c\0d"),
                new Block.Listing(List.of("e\u0007f"))));
    Path file = folder.resolve("odd" + format.ending());

    format.write(odd, file).into(file);

    if (format != DocumentFormat.PDF) {
      assertThat(Files.readString(file)).doesNotContain("\0", "\u001B", "\u0007");
    }
  }
}
