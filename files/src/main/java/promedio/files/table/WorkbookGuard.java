package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.HashSet;
import java.util.Set;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** Looks at a packed file before it is read: what it is, and whether it would do harm. */
final class WorkbookGuard {

  /** No packing of this kind makes more of a byte. */
  private static final long BEST_PACKING = 1032;

  private static final int XML_HEAD = 4096;

  private final DataSource source;
  private final long limit;

  private WorkbookGuard(DataSource source, long limit) {
    this.source = source;
    this.limit = limit;
  }

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
    return check(source, Limit.WORKBOOK_BYTES.most());
  }

  static Content check(DataSource source, long limit) throws RefusedFileException, IOException {
    try (ZipFile zip = open(source)) {
      return new WorkbookGuard(source, limit).check(zip);
    } catch (IOException | IllegalArgumentException e) {
      throw Workbook.damaged(source, e);
    }
  }

  /**
   * {@return the parts of the packed file, by the list at its end}; the lengths that stand before
   * each part are not filled in by every program
   */
  static ZipFile open(DataSource source) throws IOException {
    ZipFile.Builder builder = ZipFile.builder();
    if (source instanceof DataSource.OfFile file) {
      return builder.setPath(file.path()).get();
    }
    try (InputStream in = source.open()) {
      return builder
          .setSeekableByteChannel(new SeekableInMemoryByteChannel(in.readAllBytes()))
          .get();
    }
  }

  private Content check(ZipFile zip) throws RefusedFileException, IOException {
    Set<String> names = new HashSet<>();
    long declared = 0;
    for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
      names.add(entry.getName());
      declared += Math.max(0, entry.getSize());
    }
    if (declared > limit) {
      throw tooLarge();
    }
    // What is packed so small cannot unpack to too much, so that it need not be unpacked twice.
    boolean harmless = source.size() * BEST_PACKING < limit;
    long left = limit;
    String mimetype = "";
    for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
      String name = entry.getName();
      if (name.contains("..") || name.startsWith("/") || name.contains("\\")) {
        throw new RefusedFileException(Texts.of("file.outside", source.name(), name));
      }
      try (InputStream in = zip.getInputStream(entry)) {
        String head = new String(in.readNBytes(XML_HEAD), StandardCharsets.ISO_8859_1);
        // Every second byte is 0 in UTF-16, which would hide the word.
        if (isXml(name) && head.replace("\0", "").contains("<!DOCTYPE")) {
          throw new RefusedFileException(Texts.of("file.outside", source.name(), name));
        }
        mimetype = name.equals("mimetype") ? head : mimetype;
        left -= head.length() + (harmless ? 0 : rest(in, left));
      }
      if (left < 0) {
        throw tooLarge();
      }
    }
    boolean types = names.contains("[Content_Types].xml");
    if (names.contains("xl/workbook.xml") || (types && names.contains("_rels/.rels"))) {
      return isWorkbook(zip) ? Content.XLSX : Content.OTHER;
    }
    boolean spreadsheet = mimetype.contains("opendocument.spreadsheet");
    return spreadsheet && names.contains("content.xml") ? Content.ODS : Content.OTHER;
  }

  /** Documents and presentations are packed the same way. */
  private static boolean isWorkbook(ZipFile zip) throws IOException {
    try {
      return !XlsxParts.of(zip).sheets().isEmpty();
    } catch (IOException e) {
      if (zip.getEntry("xl/workbook.xml") != null) {
        throw e;
      }
      return false;
    }
  }

  /** How much more there is, counted no further than is allowed. */
  private static long rest(InputStream in, long most) throws IOException {
    byte[] buffer = new byte[1 << 16];
    long rest = 0;
    for (int read = in.read(buffer); read >= 0 && rest <= most; read = in.read(buffer)) {
      rest += read;
    }
    return rest;
  }

  private static boolean isXml(String name) {
    return name.endsWith(".xml") || name.endsWith(".rels");
  }

  private RefusedFileException tooLarge() {
    return new RefusedFileException(Limit.WORKBOOK_BYTES.beyond(source.name()).text());
  }
}
