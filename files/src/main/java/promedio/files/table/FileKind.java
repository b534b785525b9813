package promedio.files.table;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** What a file is, by its first bytes. */
enum FileKind {
  TEXT("", ""),
  /** A zip, which XLSX and ODS are. */
  WORKBOOK("", "PK\u0003\u0004"),
  OLD_WORKBOOK("file.old-workbook", "\u00D0\u00CF\u0011\u00E0"),
  PDF("file.pdf", "%PDF"),
  GZIP("file.archive", "\u001F\u008B"),
  EMPTY_ZIP("file.archive", "PK\u0005\u0006"),
  SEVEN_ZIP("file.archive", "7z\u00BC\u00AF"),
  RAR("file.archive", "Rar!\u001A"),
  BZIP("file.archive", "BZh91AY"),
  XZ("file.archive", "\u00FD7zXZ"),
  PNG("file.picture", "\u0089PNG"),
  JPEG("file.picture", "\u00FF\u00D8\u00FF"),
  GIF("file.picture", "GIF8"),
  PROGRAM("file.binary", "\u007FELF");

  private final String messageKey;

  /** The first bytes, as characters of the same numbers. */
  private final String start;

  FileKind(String messageKey, String start) {
    this.messageKey = messageKey;
    this.start = start;
  }

  /** {@return the key of the sentence that says what was found and what to do} */
  String messageKey() {
    return messageKey;
  }

  /** {@return the kind of the file with this head; text where nothing else is recognised} */
  static FileKind of(byte[] head) {
    return Arrays.stream(values())
        .filter(kind -> kind != TEXT && kind.matches(head))
        .findFirst()
        .orElse(TEXT);
  }

  private boolean matches(byte[] head) {
    return new String(head, StandardCharsets.ISO_8859_1).startsWith(start);
  }
}
