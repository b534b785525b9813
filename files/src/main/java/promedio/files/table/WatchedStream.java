package promedio.files.table;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import promedio.core.message.Cancellation;

/** Tells how far a stream is read, and ends the reading when its thread is interrupted. */
class WatchedStream extends FilterInputStream {

  private final Progress progress;
  private final long total;
  private long done;

  WatchedStream(InputStream in, long total, Progress progress) {
    super(in);
    this.total = total;
    this.progress = progress;
  }

  @Override
  public int read() throws IOException {
    int read = super.read();
    count(read < 0 ? 0 : 1);
    return read;
  }

  @Override
  public int read(byte[] bytes, int offset, int length) throws IOException {
    int read = super.read(bytes, offset, length);
    count(Math.max(0, read));
    return read;
  }

  private void count(int read) {
    Cancellation.check();
    done += read;
    progress.at(done, total);
  }
}
