package promedio.files.assignment;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import promedio.core.assignment.Assignment;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;
import promedio.files.Texts;

/** Reads and writes assignments: a zip of one JSON document and the long columns beside it. */
public final class AssignmentFile {

  /** How the names of assignment files end. */
  public static final String ENDING = ".promedio";

  /** No assignment comes near; a file that unpacks to more was made to do harm. */
  static final long MOST_UNPACKED = 256L << 20;

  static final int MOST_PARTS = 1000;

  private AssignmentFile() {}

  /**
   * Writes the assignment; at any moment either the old or the new file is there, whole.
   *
   * @throws IOException if it cannot be written; the old file is still there
   */
  public static void write(Assignment assignment, Path file) throws IOException {
    SafeWrite.write(file, bytes(assignment));
  }

  /**
   * {@return the assignment in the file}
   *
   * @throws RefusedFileException if it is no whole assignment; the message says what was found and
   *     what to do
   */
  public static Assignment read(Path file) throws RefusedFileException {
    return read(file, notice -> {});
  }

  /**
   * {@return the assignment in the file}
   *
   * @param notices takes what a person should know of it, in sentences
   * @throws RefusedFileException if it is no whole assignment
   */
  public static Assignment read(Path file, Consumer<String> notices) throws RefusedFileException {
    String name = String.valueOf(file.getFileName());
    try {
      if (Files.size(file) > MOST_UNPACKED) {
        throw new RefusedFileException(Texts.of("assignment.too-large", name));
      }
      return read(name, Files.readAllBytes(file), notices);
    } catch (NoSuchFileException e) {
      throw new RefusedFileException(Texts.of("file.missing", file));
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", file, e.getMessage()));
    }
  }

  static byte[] bytes(Assignment assignment) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> part : AssignmentJson.write(assignment).entrySet()) {
        ZipEntry entry = new ZipEntry(part.getKey());
        // The same assignment makes the same bytes, whenever it is written.
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(part.getValue());
        zip.closeEntry();
      }
    } catch (IOException e) {
      throw new UncheckedIOException("writing into memory cannot fail", e);
    }
    return bytes.toByteArray();
  }

  static Assignment read(String name, byte[] bytes) throws RefusedFileException {
    return read(name, bytes, notice -> {});
  }

  private static Assignment read(String name, byte[] bytes, Consumer<String> notices)
      throws RefusedFileException {
    if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
      throw new RefusedFileException(Texts.of("assignment.foreign", name));
    }
    Map<String, byte[]> parts = unpack(name, bytes);
    if (!parts.containsKey(AssignmentJson.DOCUMENT)) {
      throw new RefusedFileException(Texts.of("assignment.foreign", name));
    }
    try {
      return AssignmentJson.read(name, parts, notices);
    } catch (IllegalArgumentException e) {
      throw new RefusedFileException(Texts.of("assignment.damaged", name, e.getMessage()));
    }
  }

  /** Unpacks into memory only, and stops as soon as it becomes too much. */
  private static Map<String, byte[]> unpack(String name, byte[] bytes) throws RefusedFileException {
    Map<String, byte[]> parts = new HashMap<>();
    long left = MOST_UNPACKED;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String part = entry.getName();
        if (part.contains("..") || part.startsWith("/") || part.contains("\\")) {
          throw new RefusedFileException(Texts.of("assignment.outside", name, part));
        }
        byte[] content = zip.readNBytes((int) left + 1);
        left -= content.length;
        if (left < 0 || parts.size() >= MOST_PARTS) {
          throw new RefusedFileException(Texts.of("assignment.too-large", name));
        }
        parts.put(part, content);
      }
    } catch (ZipException | EOFException e) {
      throw new RefusedFileException(Texts.of("assignment.damaged", name, e.getMessage()));
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", name, e.getMessage()));
    }
    return parts;
  }
}
