package promedio.files.table;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import promedio.core.limit.Limit;

/**
 * The bytes of XML, as long as no text and no tag in it is longer than a cell can be: parsers keep
 * each of them whole, even the blanks between elements, which cost nothing to pack.
 */
final class ShortRuns extends FilterInputStream {

  private long run;

  ShortRuns(InputStream in) {
    super(in);
  }

  @Override
  public int read() throws IOException {
    int one = super.read();
    if (one >= 0) {
      count(one);
    }
    return one;
  }

  @Override
  public int read(byte[] bytes, int from, int length) throws IOException {
    int count = super.read(bytes, from, length);
    for (int i = 0; i < count; i++) {
      count(bytes[from + i]);
    }
    return count;
  }

  private void count(int one) {
    run = one == '<' ? 0 : run + 1;
    // A character may take four bytes.
    if (run > 4 * Limit.CELL_CHARACTERS.most()) {
      throw new BeyondLimitException(Limit.CELL_CHARACTERS, 0);
    }
  }

  @Override
  public boolean markSupported() {
    return false;
  }
}
