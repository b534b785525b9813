package promedio.files.delimited;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** Turns the bytes of a text file into text, by the mark at their start or by what they can be. */
final class TextDecoder {

  private static final char MARK = '\uFEFF';

  private TextDecoder() {}

  /** {@return the text, without a byte order mark} */
  static String decode(byte[] bytes) {
    String text = decodeMarked(bytes);
    return !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
  }

  private static String decodeMarked(byte[] bytes) {
    if (startsWith(bytes, 0xFF, 0xFE)) {
      return new String(bytes, StandardCharsets.UTF_16LE);
    }
    if (startsWith(bytes, 0xFE, 0xFF)) {
      return new String(bytes, StandardCharsets.UTF_16BE);
    }
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      // Not UTF-8, so it is the other encoding that spreadsheets of western countries write.
      return new String(bytes, Charset.forName("windows-1252"));
    }
  }

  private static boolean startsWith(byte[] bytes, int first, int second) {
    return bytes.length >= 2 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
  }
}
