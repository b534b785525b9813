package promedio.files.table;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import promedio.core.message.Texts;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;

/** Bytes that can be read again and again. */
public interface DataSource {

  /** {@return what to call it in messages} */
  String name();

  /** {@return how many bytes there are} */
  long size();

  /** {@return the bytes from the start} */
  InputStream open() throws IOException;

  /**
   * {@return the bytes of the file, read when asked for}
   *
   * @throws RefusedFileException if there is no such file, or it is none that ends, such as a pipe
   */
  static DataSource of(Path file) throws RefusedFileException {
    if (Files.isDirectory(file)) {
      throw new RefusedFileException(Texts.of("file.folder", file));
    }
    if (Files.exists(file) && !Files.isRegularFile(file)) {
      // Nobody knows when a pipe ends, or whether.
      throw new RefusedFileException(Texts.of("file.special", file));
    }
    try {
      if (Files.exists(file) && !Files.isReadable(file)) {
        throw new AccessDeniedException(file.toString());
      }
      return new OfFile(file, Files.size(file));
    } catch (NoSuchFileException e) {
      throw new RefusedFileException(Texts.of("file.missing", file));
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", file, Reasons.of(e)), e);
    }
  }

  /** {@return these bytes, which must not be changed afterwards} */
  static DataSource of(String name, byte[] bytes) {
    return new InMemory(name, bytes);
  }

  /**
   * A file.
   *
   * @param path where it is
   * @param size its length in bytes when it was found
   */
  record OfFile(Path path, long size) implements DataSource {
    @Override
    public String name() {
      return String.valueOf(path.getFileName());
    }

    @Override
    public InputStream open() throws IOException {
      return Files.newInputStream(path);
    }
  }

  /** Bytes in memory. */
  @SuppressWarnings("ArrayRecordComponent") // compared by nobody, and too long to be copied
  record InMemory(String name, byte[] bytes) implements DataSource {
    @Override
    public long size() {
      return bytes.length;
    }

    @Override
    public InputStream open() {
      return new ByteArrayInputStream(bytes);
    }
  }
}
