package promedio.files.assignment;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Original;
import promedio.core.limit.Limit;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;

/** Reads and writes assignments: a zip of one JSON document and the long columns beside it. */
public final class AssignmentFile {

  /** How the names of assignment files end. */
  public static final String ENDING = ".promedio";

  private static final Logger LOG = LoggerFactory.getLogger(AssignmentFile.class);

  private AssignmentFile() {}

  /**
   * An assignment as it was opened.
   *
   * @param assignment the assignment
   * @param fingerprint tells whether the file is still the same
   * @param notices what a person should know of it, in sentences
   * @param unread the tables whose files lie elsewhere and are read only when a person wants it
   */
  public record Opened(
      Assignment assignment, String fingerprint, List<String> notices, List<ImportedTable> unread) {
    public Opened {
      notices = List.copyOf(notices);
      unread = List.copyOf(unread);
    }
  }

  /**
   * Writes the assignment; at any moment either the old or the new file is there, whole.
   *
   * @return the fingerprint of the file that was written
   * @throws IOException if it cannot be written, or is larger than what can be opened again; the
   *     old file is still there, and the message is for a person
   */
  public static String write(Assignment assignment, Path file) throws IOException {
    byte[] bytes = bytes(assignment);
    SafeWrite.write(file, bytes);
    return Fingerprint.of(DataSource.of("", bytes));
  }

  /** {@return the files outside of the assignment that its tables were read from} */
  public static Set<String> readFrom(Assignment assignment) {
    return assignment.tables().stream()
        .filter(ImportedTable::isRead)
        .flatMap(
            table ->
                table.original() instanceof Original.Referred referred
                    ? Stream.of(Path.of(referred.path()).toString())
                    : Stream.empty())
        .collect(Collectors.toSet());
  }

  /**
   * {@return the assignment in the file, with every file that it refers to}
   *
   * @throws RefusedFileException if it is no whole assignment; the message says what was found and
   *     what to do
   */
  public static Assignment read(Path file) throws RefusedFileException {
    return open(file, (fingerprint, path) -> true).assignment();
  }

  /** Says what a person agreed to have read. */
  @FunctionalInterface
  public interface Agreement {

    /**
     * {@return whether a file may be read without asking}
     *
     * @param fingerprint what is in the assignment that refers to it
     * @param path the file, as the assignment has it
     */
    boolean covers(String fingerprint, String path);
  }

  /**
   * {@return the assignment in the file}
   *
   * @param agreed which of the files that it refers to outside of its own folder may be read
   *     unasked
   * @throws RefusedFileException if it is no whole assignment; the message says what was found and
   *     what to do
   */
  public static Opened open(Path file, Agreement agreed) throws RefusedFileException {
    String name = String.valueOf(file.getFileName());
    try {
      DataSource source = DataSource.of(file);
      if (source.size() > Limit.ASSIGNMENT_BYTES.most()) {
        throw new RefusedFileException(Limit.ASSIGNMENT_BYTES.beyond(name).text());
      }
      byte[] bytes = Files.readAllBytes(file);
      String fingerprint = Fingerprint.of(DataSource.of(name, bytes));
      return open(
          name,
          bytes,
          fingerprint,
          path -> agreed.covers(fingerprint, path.toString()) || isBeside(file, path));
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", file, Reasons.of(e)), e);
    }
  }

  /** {@return whether the other file lies in the folder of the file, wherever links lead} */
  private static boolean isBeside(Path file, Path other) {
    try {
      return !Files.exists(other)
          || other.toRealPath().startsWith(Objects.requireNonNull(file.toRealPath().getParent()));
    } catch (IOException e) {
      LOG.info("cannot tell where {} lies", other, e);
      return false;
    }
  }

  /**
   * {@return the table as it is in the file that it refers to, which a person wants to be read}
   *
   * @param notices takes what a person should know, in sentences
   */
  public static ImportedTable readReferred(ImportedTable table, Consumer<String> notices) {
    return TableJson.read(table, notices);
  }

  /**
   * {@return the bytes of the file of the assignment}
   *
   * @throws IOException if they are more than what can be opened again; the message is for a person
   */
  static byte[] bytes(Assignment assignment) throws IOException {
    Map<String, byte[]> parts = AssignmentJson.write(assignment);
    hold(parts);
    prove(assignment, parts);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> part : parts.entrySet()) {
        ZipEntry entry = new ZipEntry(part.getKey());
        // The same assignment makes the same bytes, whenever it is written.
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(part.getValue());
        zip.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  /** What the reader would refuse is not written. */
  private static void hold(Map<String, byte[]> parts) throws IOException {
    long size = parts.values().stream().mapToLong(part -> part.length).sum();
    if (size > Limit.ASSIGNMENT_BYTES.most()) {
      throw new IOException(
          Texts.of("write.too-large", size >> 20, Limit.ASSIGNMENT_BYTES.most() >> 20));
    }
    int document = AssignmentJson.document(parts).length;
    if (document > Limit.DOCUMENT_BYTES.most()) {
      throw new IOException(
          Texts.of("write.too-long", document >> 20, Limit.DOCUMENT_BYTES.most() >> 20));
    }
    if (!JsonFields.isWithinLimits(AssignmentJson.document(parts))) {
      throw new IOException(Texts.of("write.too-many-entries"));
    }
    if (parts.size() > Limit.ASSIGNMENT_PARTS.most()) {
      throw new IOException(
          Texts.of("write.too-many", parts.size(), Limit.ASSIGNMENT_PARTS.most()));
    }
  }

  /**
   * Holds that what is written is read again as what it was; originals of tables, which are bytes
   * beside the document, are left as they are.
   */
  private static void prove(Assignment assignment, Map<String, byte[]> parts) throws IOException {
    try {
      TableJson tables = TableJson.withoutOriginals();
      Assignment read = AssignmentJson.read("", parts, tables);
      byte[] again = AssignmentJson.document(AssignmentJson.write(read));
      if (!Arrays.equals(again, AssignmentJson.document(parts))) {
        throw new IOException(Texts.of("write.other", assignment.title()));
      }
    } catch (RefusedFileException | BadInputException e) {
      throw new IOException(Texts.of("write.unreadable", assignment.title(), e.getMessage()), e);
    }
  }

  static Assignment read(String name, byte[] bytes) throws RefusedFileException {
    return open(name, bytes, "", path -> true).assignment();
  }

  private static Opened open(String name, byte[] bytes, String fingerprint, Predicate<Path> mayRead)
      throws RefusedFileException {
    if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
      throw new RefusedFileException(Texts.of("assignment.foreign", name));
    }
    Map<String, byte[]> parts = unpack(name, bytes);
    if (!parts.containsKey(AssignmentJson.DOCUMENT)) {
      throw new RefusedFileException(Texts.of("assignment.foreign", name));
    }
    List<String> notices = new ArrayList<>();
    List<ImportedTable> unread = new ArrayList<>();
    try {
      TableJson tables = new TableJson(mayRead, notices::add, unread::add);
      Assignment assignment = AssignmentJson.read(name, parts, tables);
      return new Opened(assignment, fingerprint, notices, unread);
    } catch (CancellationException e) {
      throw e;
    } catch (BadInputException e) {
      throw new RefusedFileException(Texts.of("assignment.damaged", name, e.getMessage()), e);
    } catch (RuntimeException | StackOverflowError e) {
      // What nobody thought of must not keep the program from starting.
      LOG.error("cannot read {}", name, e);
      String why = Texts.of("assignment.unexpected");
      throw new RefusedFileException(Texts.of("assignment.damaged", name, why), e);
    }
  }

  /** Unpacks into memory only, and stops as soon as it becomes too much. */
  private static Map<String, byte[]> unpack(String name, byte[] bytes) throws RefusedFileException {
    Map<String, byte[]> parts = new HashMap<>();
    long left = Limit.ASSIGNMENT_BYTES.most();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String part = entry.getName();
        if (part.contains("..") || part.startsWith("/") || part.contains("\\")) {
          throw new RefusedFileException(Texts.of("assignment.outside", name, part));
        }
        byte[] content = zip.readNBytes((int) left + 1);
        left -= content.length;
        if (left < 0) {
          throw new RefusedFileException(Limit.ASSIGNMENT_BYTES.beyond(name).text());
        }
        if (parts.size() >= Limit.ASSIGNMENT_PARTS.most()) {
          throw new RefusedFileException(Limit.ASSIGNMENT_PARTS.beyond(name).text());
        }
        if (parts.put(part, content) != null) {
          String why = Texts.of("assignment.twice", part);
          throw new RefusedFileException(Texts.of("assignment.damaged", name, why));
        }
      }
    } catch (ZipException | EOFException e) {
      LOG.info("{} is no whole zip", name, e);
      String why = Texts.of("assignment.torn");
      throw new RefusedFileException(Texts.of("assignment.damaged", name, why), e);
    } catch (IllegalArgumentException e) {
      // The name of a part is no UTF-8.
      String why = Texts.of("assignment.no-utf8");
      throw new RefusedFileException(Texts.of("assignment.damaged", name, why), e);
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", name, Reasons.of(e)), e);
    }
    return parts;
  }
}
