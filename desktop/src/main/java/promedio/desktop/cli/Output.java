package promedio.desktop.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.Serial;
import java.nio.charset.StandardCharsets;

/** What a command writes; that it cannot be written ends the command and is never passed over. */
final class Output extends PrintWriter {

  /** Writes into the stream, as UTF-8. */
  Output(OutputStream stream) {
    super(new Strict(stream), true, StandardCharsets.UTF_8);
  }

  /** What was written has not arrived. */
  static final class LostException extends RuntimeException {

    @Serial private static final long serialVersionUID = 1;

    LostException(IOException cause) {
      super(cause);
    }

    /** {@return whether nobody reads any more, who therefore need not be told} */
    boolean isUnread() {
      return String.valueOf(getCause().getMessage()).contains("Broken pipe");
    }
  }

  /** A print writer keeps what it is told by an {@link IOException} to itself. */
  private static final class Strict extends OutputStream {

    private final OutputStream stream;

    Strict(OutputStream stream) {
      this.stream = stream;
    }

    @Override
    public void write(int one) {
      write(new byte[] {(byte) one}, 0, 1);
    }

    @Override
    public void write(byte[] bytes, int from, int length) {
      try {
        stream.write(bytes, from, length);
      } catch (IOException e) {
        throw new LostException(e);
      }
    }

    @Override
    public void flush() {
      try {
        stream.flush();
      } catch (IOException e) {
        throw new LostException(e);
      }
    }
  }
}
