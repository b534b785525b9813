package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.CharacterCodingException;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;

/** Reads texts in whatever encoding they are written, found out as that of tables is. */
public final class TextFile {

  private static final int HEAD_BYTES = 1 << 18;

  private TextFile() {}

  /**
   * {@return the text, without a mark at its start}
   *
   * @throws RefusedFileException if it cannot be read; the message says why
   */
  public static String read(DataSource source) throws RefusedFileException {
    if (source.size() > Limit.TEXT_BYTES.most()) {
      throw new RefusedFileException(Limit.TEXT_BYTES.beyond(source.name()).text());
    }
    try {
      byte[] head;
      try (InputStream in = source.open()) {
        head = in.readNBytes(HEAD_BYTES);
      }
      try {
        return read(source, Encoding.find(head));
      } catch (CharacterCodingException e) {
        // Beyond the head stands what is no UTF-8.
        return read(source, Encoding.WINDOWS_1252);
      }
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", source.name(), Reasons.of(e)), e);
    }
  }

  private static String read(DataSource source, Encoding encoding) throws IOException {
    StringWriter text = new StringWriter();
    try (Reader reader = encoding.reader(source.open())) {
      reader.transferTo(text);
    }
    return text.toString();
  }
}
