package promedio.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.Texts;

/** Writes a file so that at any moment either the old or the new one is there, whole. */
public final class SafeWrite {

  private static final Logger LOG = LoggerFactory.getLogger(SafeWrite.class);
  private static final String OWN = ".promedio-";
  private static final String PART = ".part";
  private static final Pattern PART_NAME =
      Pattern.compile(Pattern.quote(OWN) + "[0-9a-f]{8}-(\\d{1,18})-\\d+" + Pattern.quote(PART));
  private static final int MOST_LINKS = 40;
  private static final AtomicInteger WRITES = new AtomicInteger();

  private SafeWrite() {}

  /** Writes what a file is to hold. */
  @FunctionalInterface
  public interface Content {

    /** Writes all of it into the file, which is empty. */
    void writeInto(Path file) throws IOException;
  }

  /**
   * Writes the bytes beside the file, flushes them to the disk, then moves them into its place. A
   * symbolic link stays one: the file that it leads to is replaced. Who may read and write a file
   * that is replaced stays as it was.
   *
   * @throws IOException if that fails; the old file is still there. The message is for a person
   */
  public static void write(Path file, byte[] bytes) throws IOException {
    write(
        file,
        beside -> {
          try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            while (buffer.hasRemaining()) {
              channel.write(buffer);
            }
          }
        });
  }

  /**
   * Has the content written beside the file, as {@link #write(Path, byte[])} does.
   *
   * @throws IOException if that fails; the old file is still there. The message is for a person
   */
  public static void write(Path file, Content content) throws IOException {
    try {
      Path target = target(file.toAbsolutePath());
      if (Files.exists(target) && !Files.isRegularFile(target)) {
        throw new IOException(
            Texts.of(Files.isDirectory(target) ? "file.folder" : "file.special", file));
      }
      if (Files.exists(target) && !Files.isWritable(target)) {
        throw new IOException(Texts.of("write.read-only", file));
      }
      replace(target, content);
    } catch (FileSystemException e) {
      throw new IOException(Texts.of("write.failed", file, Reasons.of(e)), e);
    }
  }

  private static void replace(Path target, Content content) throws IOException {
    Path folder = target.getParent();
    Files.createDirectories(folder);
    String mark = mark(target);
    clearLeftOver(folder, mark);
    Path beside =
        folder.resolve(
            mark + ProcessHandle.current().pid() + "-" + WRITES.incrementAndGet() + PART);
    try {
      Files.createFile(beside);
      keepPermissions(target, beside);
      content.writeInto(beside);
      try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
        channel.force(true);
      }
      Files.move(
          beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(beside);
    }
  }

  /** {@return the file that is meant: where a symbolic link leads, and any that it leads to} */
  private static Path target(Path file) throws IOException {
    Path target = file;
    for (int i = 0; Files.isSymbolicLink(target); i++) {
      if (i == MOST_LINKS) {
        throw new IOException(Texts.of("write.links", file));
      }
      target = target.resolveSibling(Files.readSymbolicLink(target)).normalize();
    }
    return target;
  }

  /** Short whatever the name of the file, which may be as long as a name can be. */
  static String mark(Path target) {
    byte[] name = String.valueOf(target.getFileName()).getBytes(StandardCharsets.UTF_8);
    return OWN + UUID.nameUUIDFromBytes(name).toString().substring(0, 8) + "-";
  }

  /**
   * Clears what killed programs left half written in the folder: of the same file at once, of
   * others after a day, since a program on another machine may be writing them.
   */
  private static void clearLeftOver(Path folder, String mark) {
    Instant yesterday = Instant.now().minus(Duration.ofDays(1));
    try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, OWN + "*" + PART)) {
      for (Path part : parts) {
        Matcher name = PART_NAME.matcher(part.getFileName().toString());
        boolean same = part.getFileName().toString().startsWith(mark);
        if (name.matches()
            && !isRunning(name.group(1))
            && (same || Files.getLastModifiedTime(part).toInstant().isBefore(yesterday))) {
          Files.deleteIfExists(part);
        }
      }
    } catch (IOException e) {
      LOG.info("cannot clear what was left half written in {}", folder, e);
    }
  }

  private static boolean isRunning(String process) {
    return ProcessHandle.of(Long.parseLong(process)).filter(ProcessHandle::isAlive).isPresent();
  }

  /**
   * Makes a folder whose files nobody else can read, where the system knows of that.
   *
   * @throws IOException if it cannot be made
   */
  public static void makePrivateFolder(Path folder) throws IOException {
    Files.createDirectories(folder);
    PosixFileAttributeView view = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
    if (view != null) {
      view.setPermissions(PosixFilePermissions.fromString("rwx------"));
    }
  }

  private static void keepPermissions(Path target, Path beside) throws IOException {
    PosixFileAttributeView old =
        Files.getFileAttributeView(target, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
    if (old != null && Files.exists(target)) {
      Files.setPosixFilePermissions(beside, old.readAttributes().permissions());
    }
  }
}
