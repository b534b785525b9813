package promedio.files.assignment;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Marks a file as open in one window, so that a second window on it is noticed. */
public final class FileClaim implements AutoCloseable {

  private final @Nullable FileChannel channel;

  private FileClaim(@Nullable FileChannel channel) {
    this.channel = channel;
  }

  /**
   * {@return the claim on the file, empty where another window has it}
   *
   * @param folder where claims are kept; the system lets go of them when a program ends, however
   * @throws IOException if the folder cannot be used
   */
  public static Optional<FileClaim> take(Path folder, Path file) throws IOException {
    Files.createDirectories(folder);
    FileChannel channel =
        FileChannel.open(
            folder.resolve(name(file) + ".claim"),
            StandardOpenOption.CREATE,
            StandardOpenOption.WRITE);
    if (lock(channel)) {
      return Optional.of(new FileClaim(channel));
    }
    channel.close();
    return Optional.empty();
  }

  /** {@return what marks of the file are called, by whatever path it is reached} */
  static UUID name(Path file) throws IOException {
    Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath().normalize();
    return UUID.nameUUIDFromBytes(real.toString().getBytes(StandardCharsets.UTF_8));
  }

  /** {@return a claim that marks nothing, where no marks can be made} */
  public static FileClaim none() {
    return new FileClaim(null);
  }

  @Override
  public void close() throws IOException {
    if (channel != null) {
      channel.close();
    }
  }

  private static boolean lock(FileChannel channel) throws IOException {
    try {
      FileLock lock = channel.tryLock();
      return lock != null;
    } catch (OverlappingFileLockException e) {
      // This very program has it, in another window.
      return false;
    }
  }
}
