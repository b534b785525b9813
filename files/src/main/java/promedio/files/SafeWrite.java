package promedio.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes a file so that at any moment either the old or the new one is there, whole. */
public final class SafeWrite {

  private SafeWrite() {}

  /**
   * Writes the bytes beside the file, flushes them to the disk, then moves them into its place.
   *
   * @throws IOException if that fails; the old file is still there
   */
  public static void write(Path file, byte[] bytes) throws IOException {
    Path target = file.toAbsolutePath();
    Path folder = target.getParent();
    Files.createDirectories(folder);
    Path beside = Files.createTempFile(folder, "." + target.getFileName(), ".part");
    try {
      try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
        ByteBuffer buffer = ByteBuffer.wrap(bytes);
        while (buffer.hasRemaining()) {
          channel.write(buffer);
        }
        channel.force(true);
      }
      Files.move(
          beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(beside);
    }
  }
}
