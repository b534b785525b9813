package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PushbackReader;
import java.io.Reader;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;

/** How text is written in bytes. */
enum Encoding {
  UTF_8("UTF-8", StandardCharsets.UTF_8),
  UTF_16("UTF-16", StandardCharsets.UTF_16LE),
  UTF_16BE("UTF-16BE", StandardCharsets.UTF_16BE),
  WINDOWS_1252("Windows-1252", Charset.forName("windows-1252"));

  private static final char MARK = '\uFEFF';

  private final String code;
  private final Charset charset;

  Encoding(String code, Charset charset) {
    this.code = code;
    this.charset = charset;
  }

  /** {@return its name in files and on the command line} */
  String code() {
    return code;
  }

  /** {@return the encoding of this name; UTF-16LE is another name of UTF-16} */
  static Optional<Encoding> ofCode(String name) {
    String sought = name.equalsIgnoreCase("UTF-16LE") ? UTF_16.code : name;
    return Arrays.stream(values()).filter(e -> e.code.equalsIgnoreCase(sought)).findFirst();
  }

  /**
   * {@return the encoding by the mark at the start, or by what the bytes can be}
   *
   * @param head the first bytes
   */
  static Encoding find(byte[] head) {
    if (startsWith(head, 0xFF, 0xFE)) {
      return UTF_16;
    }
    if (startsWith(head, 0xFE, 0xFF)) {
      return UTF_16BE;
    }
    // In UTF-16 without a mark nearly every other byte of western text is 0.
    long evenZeros = zeros(head, 0);
    long oddZeros = zeros(head, 1);
    if (head.length >= 4 && oddZeros * 5 > head.length && evenZeros == 0) {
      return UTF_16;
    }
    if (head.length >= 4 && evenZeros * 5 > head.length && oddZeros == 0) {
      return UTF_16BE;
    }
    return isUtf8(head) ? UTF_8 : WINDOWS_1252;
  }

  private static boolean startsWith(byte[] head, int first, int second) {
    return head.length >= 2 && (head[0] & 0xFF) == first && (head[1] & 0xFF) == second;
  }

  private static long zeros(byte[] head, int from) {
    long zeros = 0;
    for (int i = from; i < head.length; i += 2) {
      zeros += head[i] == 0 ? 1 : 0;
    }
    return zeros;
  }

  /** A character that the end of the head cuts through is no fault. */
  private static boolean isUtf8(byte[] head) {
    CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder();
    CharBuffer text = CharBuffer.allocate(head.length + 1);
    CoderResult result = decoder.decode(ByteBuffer.wrap(head), text, false);
    return !result.isError();
  }

  /** {@return the text of the first bytes, without a mark} */
  String decode(byte[] head) {
    String text = new String(head, charset);
    return text.isEmpty() || text.charAt(0) != MARK ? text : text.substring(1);
  }

  /**
   * {@return the text of the stream, without a mark}
   *
   * <p>UTF-8 that turns out to be none ends with a {@link
   * java.nio.charset.CharacterCodingException}; the others take every byte.
   */
  Reader reader(InputStream in) throws IOException {
    CodingErrorAction onError =
        this == UTF_8 ? CodingErrorAction.REPORT : CodingErrorAction.REPLACE;
    Reader reader =
        new InputStreamReader(
            in, charset.newDecoder().onMalformedInput(onError).onUnmappableCharacter(onError));
    PushbackReader marked = new PushbackReader(reader, 1);
    int first = marked.read();
    if (first >= 0 && first != MARK) {
      marked.unread(first);
    }
    return marked;
  }
}
