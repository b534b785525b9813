package promedio.desktop.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;

/** What a command reads: a file, a pipe or device, or standard input. */
final class Inputs {

  private static final String STANDARD = "-";

  private Inputs() {}

  /**
   * {@return the path that was named}
   *
   * @throws RefusedFileException if no system has such a path
   */
  static Path path(String name) throws RefusedFileException {
    try {
      return Path.of(name);
    } catch (InvalidPathException e) {
      throw new RefusedFileException(Texts.of("input.no-path", Reasons.shown(name)), e);
    }
  }

  /** {@return what to call an input in results: the name of its file} */
  static String called(String name) {
    try {
      Path file = Path.of(name).getFileName();
      return file == null ? name : file.toString();
    } catch (InvalidPathException e) {
      return Reasons.shown(name);
    }
  }

  /**
   * {@return its bytes, to be read again and again}
   *
   * @throws RefusedFileException if it cannot be read; the message says what, and why
   */
  static DataSource source(String name) throws RefusedFileException {
    if (!isStream(name)) {
      return DataSource.of(path(name));
    }
    try (InputStream in = open(name)) {
      return source(name, in);
    } catch (IOException e) {
      throw unreadable(name, e);
    }
  }

  /**
   * {@return the bytes that come from a stream, to be read again and again}
   *
   * @throws RefusedFileException if there are more than anybody has: it may never end
   */
  static DataSource source(String name, InputStream in) throws IOException, RefusedFileException {
    byte[] bytes = in.readNBytes((int) Limit.STREAM_BYTES.most());
    if (bytes.length == Limit.STREAM_BYTES.most() && in.read() >= 0) {
      throw new RefusedFileException(Limit.STREAM_BYTES.beyond(called(name)).text());
    }
    return DataSource.of(called(name), bytes);
  }

  /**
   * {@return its bytes as they come}
   *
   * @throws RefusedFileException if it cannot be read; the message says what, and why
   */
  static InputStream open(String name) throws RefusedFileException {
    if (name.equals(STANDARD)) {
      return System.in;
    }
    Path file = path(name);
    if (Files.isDirectory(file)) {
      throw new RefusedFileException(Texts.of("input.folder", name));
    }
    try {
      return Files.newInputStream(file);
    } catch (IOException e) {
      throw unreadable(name, e);
    }
  }

  /** {@return the refusal of an input that cannot be read} */
  static RefusedFileException unreadable(String name, IOException why) {
    return new RefusedFileException(Texts.of("input.unreadable", name, Reasons.of(why)), why);
  }

  /** {@return whether it comes once, from start to end} */
  private static boolean isStream(String name) throws RefusedFileException {
    if (name.equals(STANDARD)) {
      return true;
    }
    Path file = path(name);
    return Files.exists(file) && !Files.isDirectory(file) && !Files.isRegularFile(file);
  }

  /** {@return whether what is written there would replace this input} */
  static boolean isSame(String name, Path output) throws IOException, RefusedFileException {
    return !name.equals(STANDARD)
        && Files.exists(output)
        && Files.exists(path(name))
        && Files.isSameFile(path(name), output);
  }
}
