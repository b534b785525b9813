package promedio.files.table;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import promedio.files.RefusedFileException;
import promedio.files.Texts;

/** Looks at a packed file before it is read: what it is, and whether it would do harm. */
final class WorkbookGuard {

  /** A million rows of a dozen columns unpack to less. */
  static final long MOST_UNPACKED = 1L << 30;

  /** No packing of this kind makes more of a byte. */
  private static final long BEST_PACKING = 1032;

  private static final int XML_HEAD = 4096;

  private WorkbookGuard() {}

  /** What a packed file is. */
  enum Content {
    XLSX,
    ODS,
    OTHER
  }

  /**
   * {@return what the file is}
   *
   * @throws RefusedFileException if it is damaged, refers to things outside, or unpacks to too much
   */
  static Content check(DataSource source) throws RefusedFileException, IOException {
    return check(source, MOST_UNPACKED);
  }

  static Content check(DataSource source, long limit) throws RefusedFileException, IOException {
    try {
      if (source instanceof DataSource.OfFile file) {
        checkDeclared(file, limit);
      }
      return checkParts(source, limit);
    } catch (ZipException | IllegalArgumentException e) {
      throw new RefusedFileException(Texts.of("file.damaged", source.name(), e.getMessage()), e);
    }
  }

  /** What the list of parts at the end of the file says is there at once. */
  private static void checkDeclared(DataSource.OfFile file, long limit)
      throws RefusedFileException, IOException {
    try (ZipFile zip = new ZipFile(file.path().toFile())) {
      long unpacked = zip.stream().mapToLong(entry -> Math.max(0, entry.getSize())).sum();
      if (unpacked > limit) {
        throw tooLarge(file);
      }
    }
  }

  private static Content checkParts(DataSource source, long limit)
      throws RefusedFileException, IOException {
    Set<String> names = new HashSet<>();
    String mimetype = "";
    long left = limit;
    // What is packed so small cannot unpack to too much, so that it need not be unpacked twice.
    boolean harmless = source.size() * BEST_PACKING < limit;
    byte[] buffer = new byte[1 << 16];
    try (InputStream in = new BufferedInputStream(source.open(), 1 << 16);
        ZipInputStream zip = new ZipInputStream(in)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName();
        names.add(name);
        if (name.contains("..") || name.startsWith("/") || name.contains("\\")) {
          throw new RefusedFileException(Texts.of("file.outside", source.name(), name));
        }
        byte[] head = zip.readNBytes(XML_HEAD);
        String text = new String(head, StandardCharsets.ISO_8859_1);
        // Every second byte is 0 in UTF-16, which would hide the word.
        if (text.replace("\0", "").contains("<!DOCTYPE") && isXml(name)) {
          throw new RefusedFileException(Texts.of("file.outside", source.name(), name));
        }
        if (name.equals("mimetype")) {
          mimetype = text;
        }
        left -= head.length;
        int read = 0;
        while (!harmless && read >= 0 && left >= 0) {
          read = zip.read(buffer);
          left -= Math.max(0, read);
        }
        if (left < 0) {
          throw tooLarge(source);
        }
      }
    }
    if (names.contains("xl/workbook.xml")) {
      return Content.XLSX;
    }
    boolean spreadsheet = mimetype.contains("opendocument.spreadsheet");
    return spreadsheet && names.contains("content.xml") ? Content.ODS : Content.OTHER;
  }

  private static boolean isXml(String name) {
    return name.endsWith(".xml") || name.endsWith(".rels");
  }

  private static RefusedFileException tooLarge(DataSource source) {
    return new RefusedFileException(Texts.of("file.too-large", source.name()));
  }
}
