package promedio.document;

import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import org.jspecify.annotations.Nullable;
import promedio.core.limit.Limit;

/**
 * Looks how much the packed parts of a PDF come to before anything unpacks them into memory. They
 * are found by the word that begins them, whatever the file says of its own parts.
 */
final class PackedStreams {

  private static final byte[] BEGIN = {'s', 't', 'r', 'e', 'a', 'm'};

  /** What is packed may be packed again; deeper ones are read by nobody. */
  private static final int DEEPEST = 3;

  private static final int CHUNK = 1 << 16;

  private final byte[] bytes;
  private long left = Limit.PDF_UNPACKED_BYTES.most();

  private PackedStreams(byte[] bytes) {
    this.bytes = bytes;
  }

  /**
   * Holds that the parts together unpack to no more than is taken.
   *
   * @throws PdfText.BeyondException if they do
   */
  static void check(byte[] bytes) throws PdfText.BeyondException {
    new PackedStreams(bytes).check();
  }

  private void check() throws PdfText.BeyondException {
    for (int at = 0; at + BEGIN.length < bytes.length; at++) {
      if (isBegin(at)) {
        int start = at + BEGIN.length;
        while (start < bytes.length && (bytes[start] == '\r' || bytes[start] == '\n')) {
          start++;
        }
        try (Unpacked part = new Unpacked(DEEPEST)) {
          part.feed(bytes, start, bytes.length - start);
        }
      }
    }
  }

  private boolean isBegin(int at) {
    for (int i = 0; i < BEGIN.length; i++) {
      if (bytes[at + i] != BEGIN[i]) {
        return false;
      }
    }
    // That it ends says the same word.
    return at < 3 || bytes[at - 1] != 'd';
  }

  /** Unpacks and counts, and keeps nothing. */
  private final class Unpacked implements AutoCloseable {

    private final Inflater inflater = new Inflater();
    private final int deeper;
    private @Nullable Unpacked inner;
    private boolean isLooked;

    Unpacked(int deeper) {
      this.deeper = deeper;
    }

    void feed(byte[] packed, int from, int length) throws PdfText.BeyondException {
      byte[] out = new byte[CHUNK];
      inflater.setInput(packed, from, length);
      try {
        for (int count = inflater.inflate(out); count > 0; count = inflater.inflate(out)) {
          left -= count;
          if (left < 0) {
            throw new PdfText.BeyondException(Limit.PDF_UNPACKED_BYTES);
          }
          within(out, count);
        }
      } catch (DataFormatException e) {
        // It is not packed this way, or torn: it comes to no more.
        return;
      }
    }

    @Override
    public void close() {
      inflater.end();
      if (inner != null) {
        inner.close();
      }
    }

    /** What comes out may be packed itself, which its first byte says. */
    private void within(byte[] out, int count) throws PdfText.BeyondException {
      if (!isLooked) {
        isLooked = true;
        inner = deeper > 1 && (out[0] & 0x0F) == 8 ? new Unpacked(deeper - 1) : null;
      }
      Unpacked again = inner;
      if (again != null && !again.inflater.finished()) {
        again.feed(out, 0, count);
      }
    }
  }
}
