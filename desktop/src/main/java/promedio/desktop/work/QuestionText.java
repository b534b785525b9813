package promedio.desktop.work;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** The text of a printed question in a file: a text in UTF-8, or the words of a PDF. */
public final class QuestionText {

  /** A question is no book. */
  private static final long MOST_BYTES = 32L << 20;

  private QuestionText() {}

  /**
   * {@return the text}
   *
   * @throws IOException if it cannot be read, or is larger than any question
   */
  public static String read(InputStream in) throws IOException {
    byte[] bytes = in.readNBytes((int) MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw new IOException("larger than " + MOST_BYTES);
    }
    return isPdf(bytes) ? ofPdf(bytes) : new String(bytes, StandardCharsets.UTF_8);
  }

  private static boolean isPdf(byte[] bytes) {
    return bytes.length > 4 && new String(bytes, 0, 4, StandardCharsets.ISO_8859_1).equals("%PDF");
  }

  private static String ofPdf(byte[] bytes) throws IOException {
    try (PDDocument document = Loader.loadPDF(bytes)) {
      PDFTextStripper stripper = new PDFTextStripper();
      stripper.setSortByPosition(true);
      return stripper.getText(document);
    }
  }
}
