package promedio.files.table;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.message.Texts;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;

/**
 * A source with what gives its rows, and what is recognised before any row is looked at.
 *
 * @param name what the source is called
 * @param size how many bytes it has
 * @param format what kind of file it is
 * @param feed its rows, as often as they are asked for
 * @param aspects how it is opened
 * @param sheets the sheets of a workbook, none otherwise
 */
record OpenedSource(
    String name,
    long size,
    Recognised.Format format,
    RowFeed feed,
    Map<Aspect, String> aspects,
    List<String> sheets) {

  /** Lines that are looked at to recognise how the table is written, and rows of it. */
  static final int HEAD_ROWS = 200;

  private static final int HEAD_BYTES = 1 << 18;

  /** A line as long as this is no line of a table. */
  private static final int LONGEST_LINE = 1 << 20;

  private static final Set<String> NO_QUOTE = Set.of("none", "");
  private static final String DEFAULT_QUOTE = "\"";

  /** Stands for no quote, since the parser always has one; no text holds it. */
  private static final char UNUSED_QUOTE = '\u001E';

  /**
   * {@return the source, opened}
   *
   * @param choices what is decided by a person; all else is recognised
   * @param progress is told how many bytes are read
   * @throws RefusedFileException if it is no table; the message says what to do
   */
  static OpenedSource of(DataSource source, ReadingChoices choices, Progress progress)
      throws RefusedFileException, IOException {
    byte[] head;
    try (InputStream in = source.open()) {
      head = in.readNBytes(HEAD_BYTES);
    }
    FileKind kind = FileKind.of(head);
    return switch (kind) {
      case WORKBOOK -> workbook(source, Workbook.open(source, choices.of(Aspect.SHEET), progress));
      case TEXT -> text(source, head, choices, progress);
      case OLD_WORKBOOK, PDF, GZIP, EMPTY_ZIP, SEVEN_ZIP, RAR, BZIP, XZ, PNG, JPEG, GIF, PROGRAM ->
          throw new RefusedFileException(Texts.of(kind.messageKey(), source.name()));
    };
  }

  /** {@return the same with these rows alone} */
  OpenedSource of(List<RawRow> rows) {
    RowFeed few =
        sink -> {
          for (RawRow row : rows) {
            sink.begin(row.line());
            row.cells().forEach(cell -> RowFeed.cell(sink, cell));
            sink.end();
          }
        };
    return new OpenedSource(name, size, format, few, aspects, sheets);
  }

  private static OpenedSource workbook(DataSource source, Workbook workbook) {
    return new OpenedSource(
        source.name(),
        source.size(),
        workbook.format(),
        workbook.feed(),
        Map.of(Aspect.SHEET, workbook.sheet()),
        workbook.sheets());
  }

  private static OpenedSource text(
      DataSource source, byte[] head, ReadingChoices choices, Progress progress)
      throws RefusedFileException {
    if (head.length == 0) {
      throw new RefusedFileException(Texts.of("file.empty", source.name()));
    }
    Encoding encoding = encoding(head, choices);
    String text = encoding.decode(head);
    if (text.indexOf('\0') >= 0) {
      throw new RefusedFileException(Texts.of("file.binary", source.name()));
    }
    if (text.isBlank()) {
      throw new RefusedFileException(Texts.of("file.empty", source.name()));
    }
    if (HtmlTable.isIn(text)) {
      return new OpenedSource(
          source.name(),
          source.size(),
          Recognised.Format.HTML,
          HtmlTable.of(source, encoding),
          Map.of(Aspect.ENCODING, encoding.code()),
          List.of());
    }
    if (HtmlTable.isPage(text)) {
      throw new RefusedFileException(Texts.of("file.page", source.name()));
    }
    String quote = choices.of(Aspect.QUOTE).orElse(DEFAULT_QUOTE);
    char quoteCharacter = NO_QUOTE.contains(quote) ? UNUSED_QUOTE : quote.charAt(0);
    List<String> lines = headLines(source, text, head.length < HEAD_BYTES);
    Separator separator = separator(lines, quoteCharacter, choices);
    DelimitedFeed.ReaderSupplier reader =
        () ->
            encoding.reader(
                new WatchedStream(
                    new BufferedInputStream(source.open(), 1 << 16), source.size(), progress));
    RowFeed feed =
        switch (separator.code()) {
          case "list" -> BlankFeed.list(reader);
          case "blanks" -> BlankFeed.table(reader, lines);
          default -> new DelimitedFeed(source.name(), reader, separator, quoteCharacter, lines);
        };
    Map<Aspect, String> aspects = new EnumMap<>(Aspect.class);
    aspects.put(Aspect.ENCODING, encoding.code());
    aspects.put(Aspect.SEPARATOR, separator.code());
    aspects.put(Aspect.QUOTE, quoteCharacter == UNUSED_QUOTE ? "none" : quote);
    return new OpenedSource(
        source.name(), source.size(), Recognised.Format.CSV, feed, aspects, List.of());
  }

  private static Encoding encoding(byte[] head, ReadingChoices choices)
      throws RefusedFileException {
    Optional<String> chosen = choices.of(Aspect.ENCODING);
    if (chosen.isEmpty()) {
      return Encoding.find(head);
    }
    return Encoding.ofCode(chosen.get())
        .orElseThrow(() -> wrongChoice(Aspect.ENCODING, chosen.get()));
  }

  private static Separator separator(List<String> lines, char quote, ReadingChoices choices)
      throws RefusedFileException {
    Optional<String> chosen = choices.of(Aspect.SEPARATOR);
    if (chosen.isEmpty()) {
      return SeparatorFinder.find(lines, quote);
    }
    return Separator.ofCode(chosen.get())
        .orElseThrow(() -> wrongChoice(Aspect.SEPARATOR, chosen.get()));
  }

  /** {@return what refuses a choice that there is not} */
  static RefusedFileException wrongChoice(Aspect aspect, String text) {
    return new RefusedFileException(Texts.of("choice.wrong", aspect.code(), text));
  }

  private static List<String> headLines(DataSource source, String text, boolean whole)
      throws RefusedFileException {
    List<String> lines = text.lines().limit(HEAD_ROWS + 1L).toList();
    boolean numbersAlone = !whole && lines.size() == 1 && text.matches("(?s)[-+−\\d.,;\\h]*");
    if (!whole && lines.size() == 1 && source.size() > LONGEST_LINE && !numbersAlone) {
      throw new RefusedFileException(Texts.of("file.one-line", source.name(), source.size()));
    }
    // The end of the head cuts through its last line.
    return whole || lines.size() == 1 || lines.size() > HEAD_ROWS
        ? lines
        : lines.subList(0, lines.size() - 1);
  }
}
