package promedio.desktop.work;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import promedio.core.limit.Limit;
import promedio.document.PdfText;
import promedio.files.RefusedFileException;

/** The text of a printed question in a file: a text in UTF-8, or the words of a PDF. */
public final class QuestionText {

  private QuestionText() {}

  /**
   * {@return the text}
   *
   * @param name what to call it in messages
   * @throws RefusedFileException if it is larger than any question, or a PDF that cannot be used;
   *     the message says why
   * @throws IOException if it cannot be read
   */
  public static String read(String name, InputStream in) throws IOException, RefusedFileException {
    byte[] bytes = in.readNBytes((int) Limit.QUESTION_BYTES.most() + 1);
    if (bytes.length > Limit.QUESTION_BYTES.most()) {
      throw new RefusedFileException(Limit.QUESTION_BYTES.beyond(name).text());
    }
    return isPdf(bytes) ? PdfText.of(name, bytes) : new String(bytes, StandardCharsets.UTF_8);
  }

  private static boolean isPdf(byte[] bytes) {
    return bytes.length > 4 && new String(bytes, 0, 4, StandardCharsets.ISO_8859_1).equals("%PDF");
  }
}
