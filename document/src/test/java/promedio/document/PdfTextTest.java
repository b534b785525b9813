package promedio.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.files.RefusedFileException;

/** The words of PDF files, among them such as were made to do harm. */
class PdfTextTest {

  /** Makes a document. */
  private interface Content {
    void into(PDDocument document) throws IOException;
  }

  private static byte[] pdf(Content content) throws IOException {
    try (PDDocument document = new PDDocument()) {
      content.into(document);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private static void page(PDDocument document, String words) throws IOException {
    PDPage page = new PDPage();
    document.addPage(page);
    try (PDPageContentStream out = new PDPageContentStream(document, page)) {
      out.beginText();
      out.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
      out.newLineAtOffset(72, 700);
      out.showText(words);
      out.endText();
    }
  }

  private static void refused(byte[] bytes, String why) {
    assertThatThrownBy(() -> PdfText.of("question.pdf", bytes))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContainingAll("question.pdf", why);
  }

  @Test
  void theWordsAreRead() throws Exception {
    byte[] bytes = pdf(document -> page(document, "Find the mean of 8, 10 and 12."));

    assertThat(PdfText.of("question.pdf", bytes)).contains("Find the mean of 8, 10 and 12.");
  }

  @Test
  void whatIsNoWholeReadablePdfSaysWhatItIs() throws Exception {
    byte[] whole = pdf(document -> page(document, "Find the mean."));
    byte[] locked =
        pdf(
            document -> {
              page(document, "Find the mean.");
              document.protect(
                  new StandardProtectionPolicy("owner", "user", new AccessPermission()));
            });

    refused(locked, "encrypted");
    refused(pdf(document -> document.addPage(new PDPage())), "without text");
    refused(Arrays.copyOf(whole, 60), "damaged");
    refused("%PDF-1.7 nothing".getBytes(StandardCharsets.US_ASCII), "damaged");
  }

  @Test
  void aFormThatDrawsItselfAgainAndAgainIsStopped() throws Exception {
    byte[] bytes =
        pdf(
            document -> {
              PDPage page = new PDPage();
              document.addPage(page);
              PDFormXObject form = new PDFormXObject(new PDStream(document));
              form.setBBox(new PDRectangle(100, 100));
              PDResources own = new PDResources();
              own.put(COSName.getPDFName("F"), form);
              form.setResources(own);
              try (OutputStream out = form.getStream().createOutputStream()) {
                out.write("/F Do /F Do\n".getBytes(StandardCharsets.US_ASCII));
              }
              try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                out.drawForm(form);
              }
            });

    refused(bytes, "more than 10000 forms");
  }

  @Test
  void pagesWithoutEndAreTooMany() throws Exception {
    byte[] bytes =
        pdf(
            document -> {
              for (int i = 0; i < 201; i++) {
                document.addPage(new PDPage());
              }
            });

    refused(bytes, "more than 200 pages");
  }

  @Test
  void whatUnpacksToVeryMuchIsNotUnpacked() throws Exception {
    byte[] blanks = new byte[1 << 20];
    Arrays.fill(blanks, (byte) ' ');
    byte[] bytes =
        pdf(
            document -> {
              PDPage page = new PDPage();
              document.addPage(page);
              PDStream content = new PDStream(document);
              try (OutputStream out = content.createOutputStream(COSName.FLATE_DECODE)) {
                for (int i = 0; i < 80; i++) {
                  out.write(blanks);
                }
              }
              page.setContents(content);
            });

    assertThat(bytes.length).isLessThan(200_000);
    refused(bytes, "unpack to more than 64 MB");
  }

  @Test
  void lettersWithoutEndAreTooMany() throws Exception {
    byte[] bytes =
        pdf(
            document -> {
              for (int i = 0; i < 60; i++) {
                page(document, "word ".repeat(2000));
              }
            });

    refused(bytes, "more than 500000 letters");
  }

  /** A page whose font is another one. */
  private static byte[] withFont(Content making, COSDictionary font) throws IOException {
    return pdf(
        document -> {
          page(document, "Find the mean.");
          making.into(document);
          COSDictionary resources = document.getPage(0).getResources().getCOSObject();
          COSDictionary fonts = (COSDictionary) resources.getDictionaryObject(COSName.FONT);
          fonts.setItem(fonts.keySet().iterator().next(), font);
        });
  }

  private static COSDictionary font(COSName kind) {
    COSDictionary font = new COSDictionary();
    font.setItem(COSName.TYPE, COSName.FONT);
    font.setItem(COSName.SUBTYPE, kind);
    return font;
  }

  @Test
  void aFontThatClaimsWidthsOfMillionsOfCharactersIsRefused() throws Exception {
    COSArray widths = new COSArray();
    widths.add(COSInteger.get(0));
    widths.add(COSInteger.get(2_000_000_000));
    widths.add(COSInteger.get(500));
    COSDictionary part = font(COSName.CID_FONT_TYPE2);
    part.setItem(COSName.W, widths);
    COSArray parts = new COSArray();
    parts.add(part);
    COSDictionary font = font(COSName.TYPE0);
    font.setItem(COSName.ENCODING, COSName.IDENTITY_H);
    font.setItem(COSName.DESCENDANT_FONTS, parts);

    refused(withFont(document -> {}, font), "500000");
  }

  /** A page whose font says which letters its characters are. */
  private static byte[] withLetters(String range) throws IOException {
    COSDictionary font = font(COSName.TYPE1);
    font.setItem(COSName.BASE_FONT, COSName.getPDFName("Helvetica"));
    byte[] map = ("1 beginbfrange\n" + range + "\nendbfrange").getBytes(StandardCharsets.US_ASCII);
    return withFont(
        document ->
            font.setItem(
                COSName.TO_UNICODE,
                new PDStream(document, new ByteArrayInputStream(map)).getCOSObject()),
        font);
  }

  @Test
  void aFontThatClaimsLettersForMillionsOfCharactersIsRefused() throws Exception {
    refused(withLetters("<0000> <7FFFFFFF> <0041>"), "500000");
  }

  @ParameterizedTest
  @ValueSource(strings = {"<000D\n0101> <0F0D\n0110> <20>", "<0000> <7FFFF <0041>", "<00> 9 <41>"})
  void lettersThatAreDamagedAreNotUsed(String range) throws Exception {
    assertThat(PdfText.of("question.pdf", withLetters(range))).contains("Find the mean.");
  }
}
