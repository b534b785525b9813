package promedio.files.table;

import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.ClosedByInterruptException;
import java.nio.charset.CharacterCodingException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;

/**
 * Reads tables, and recognises by itself how they are written. First the head is looked at, then
 * all rows go straight into columns, so that the whole text is never in memory.
 */
public final class TableReader {

  /** Rows that are looked at to recognise how the table is written. */
  static final int HEAD_ROWS = 200;

  private static final int HEAD_BYTES = 1 << 18;

  /** A line as long as this is no line of a table. */
  private static final int LONGEST_LINE = 1 << 20;

  /** Bytes of a source that two threads share; for less it is not worth to start another. */
  private static final long LONG = 1 << 20;

  private static final Set<String> NO_QUOTE = Set.of("none", "");
  private static final String DEFAULT_QUOTE = "\"";

  /** Stands for no quote, since the parser always has one; no text holds it. */
  private static final char UNUSED_QUOTE = '\u001E';

  private final DataSource source;
  private final ReadingChoices choices;
  private final Progress progress;

  private TableReader(DataSource source, ReadingChoices choices, Progress progress) {
    this.source = source;
    this.choices = choices;
    this.progress = progress;
  }

  /**
   * {@return the table}
   *
   * @param source its bytes
   * @param choices what is decided by a person; all else is recognised
   * @param progress is told how many bytes are read
   * @throws RefusedFileException if it cannot be read as a table; the message says what to do
   * @throws CancellationException if its thread was interrupted
   */
  public static ReadTable read(DataSource source, ReadingChoices choices, Progress progress)
      throws RefusedFileException {
    TableReader reader = new TableReader(source, choices, progress);
    return told(source, reader::read);
  }

  /** A part of the reading. */
  private interface Part<T> {
    T run() throws RefusedFileException, IOException, BadInputException;
  }

  private static <T> T told(DataSource source, Part<T> part) throws RefusedFileException {
    try {
      return part.run();
    } catch (WidthLimit.TooWideException e) {
      throw new RefusedFileException(e.getMessage(), e);
    } catch (BadInputException e) {
      throw new RefusedFileException(Texts.of("file.unusable", source.name(), e.getMessage()), e);
    } catch (ClosedByInterruptException e) {
      throw cancelled(e);
    } catch (EOFException e) {
      throw new RefusedFileException(Texts.of("file.cut-off", source.name()), e);
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", source.name(), Reasons.of(e)), e);
    }
  }

  private static CancellationException cancelled(IOException cause) {
    CancellationException cancelled = new CancellationException();
    cancelled.initCause(cause);
    return cancelled;
  }

  /**
   * {@return how the table is read, by a look at its first rows}
   *
   * @throws RefusedFileException if it cannot be read as a table; the message says what to do
   */
  public static Recognised recognise(DataSource source, ReadingChoices choices)
      throws RefusedFileException {
    TableReader reader = new TableReader(source, choices, Progress.NONE);
    return told(source, () -> reader.recognise(reader.open()));
  }

  /**
   * {@return the first rows as a table of their own}: how all is read, and of which kinds the
   * columns seem to be, long before all rows of a large source are
   *
   * @throws RefusedFileException if it cannot be read as a table; the message says what to do
   */
  public static ReadTable head(DataSource source, ReadingChoices choices)
      throws RefusedFileException {
    TableReader reader = new TableReader(source, choices, Progress.NONE);
    return told(
        source,
        () -> {
          Opened opened = reader.open();
          Recognised recognised = reader.recognise(opened);
          return reader.read(opened.of(recognised.head()), recognised);
        });
  }

  /** A source with its feed and what is recognised before any row is looked at. */
  private record Opened(
      Recognised.Format format, RowFeed feed, Map<Aspect, String> aspects, List<String> sheets) {

    /** {@return the same with these rows alone} */
    Opened of(List<RawRow> rows) {
      RowFeed few =
          sink -> {
            for (RawRow row : rows) {
              sink.begin(row.line());
              row.cells().forEach(cell -> RowFeed.cell(sink, cell));
              sink.end();
            }
          };
      return new Opened(format, few, aspects, sheets);
    }
  }

  private ReadTable read() throws RefusedFileException, IOException, BadInputException {
    Opened opened = open();
    Recognised recognised = recognise(opened);
    try {
      return read(opened, recognised);
    } catch (CharacterCodingException e) {
      if (choices.of(Aspect.ENCODING).isPresent()) {
        throw new RefusedFileException(
            Texts.of("file.encoding", source.name(), recognised.of(Aspect.ENCODING)), e);
      }
      // Beyond the head stands what is no UTF-8, so it is the encoding of western spreadsheets.
      ReadingChoices other = choices.with(Aspect.ENCODING, Encoding.WINDOWS_1252.code());
      return new TableReader(source, other, progress).read();
    }
  }

  private Opened open() throws RefusedFileException, IOException {
    byte[] head;
    try (InputStream in = source.open()) {
      head = in.readNBytes(HEAD_BYTES);
    }
    FileKind kind = FileKind.of(head);
    return switch (kind) {
      case WORKBOOK -> openWorkbook();
      case TEXT -> openText(head);
      case OLD_WORKBOOK, PDF, GZIP, EMPTY_ZIP, SEVEN_ZIP, RAR, BZIP, XZ, PNG, JPEG, GIF, PROGRAM ->
          throw new RefusedFileException(Texts.of(kind.messageKey(), source.name()));
    };
  }

  private Opened openWorkbook() throws RefusedFileException, IOException {
    Workbook workbook = Workbook.open(source, choices.of(Aspect.SHEET), progress);
    return new Opened(
        workbook.format(),
        workbook.feed(),
        Map.of(Aspect.SHEET, workbook.sheet()),
        workbook.sheets());
  }

  private Opened openText(byte[] head) throws RefusedFileException {
    if (head.length == 0) {
      throw new RefusedFileException(Texts.of("file.empty", source.name()));
    }
    Encoding encoding = encoding(head);
    String text = encoding.decode(head);
    if (text.indexOf('\0') >= 0) {
      throw new RefusedFileException(Texts.of("file.binary", source.name()));
    }
    if (text.isBlank()) {
      throw new RefusedFileException(Texts.of("file.empty", source.name()));
    }
    if (HtmlTable.isIn(text)) {
      return openHtml(encoding);
    }
    if (HtmlTable.isPage(text)) {
      throw new RefusedFileException(Texts.of("file.page", source.name()));
    }
    String quote = choices.of(Aspect.QUOTE).orElse(DEFAULT_QUOTE);
    char quoteCharacter = NO_QUOTE.contains(quote) ? UNUSED_QUOTE : quote.charAt(0);
    List<String> lines = headLines(text, head.length < HEAD_BYTES);
    Separator separator = separator(lines, quoteCharacter);
    DelimitedFeed.ReaderSupplier reader =
        () ->
            encoding.reader(
                new WatchedStream(
                    new BufferedInputStream(source.open(), 1 << 16), source.size(), progress));
    RowFeed feed;
    if (separator.equals(Separator.LIST)) {
      feed = BlankFeed.list(reader);
    } else if (separator.equals(Separator.BLANKS)) {
      feed = BlankFeed.table(reader, lines);
    } else {
      feed = new DelimitedFeed(source.name(), reader, separator, quoteCharacter, lines);
    }
    Map<Aspect, String> aspects = new EnumMap<>(Aspect.class);
    aspects.put(Aspect.ENCODING, encoding.code());
    aspects.put(Aspect.SEPARATOR, separator.code());
    aspects.put(Aspect.QUOTE, quoteCharacter == UNUSED_QUOTE ? "none" : quote);
    return new Opened(Recognised.Format.CSV, feed, aspects, List.of());
  }

  private Opened openHtml(Encoding encoding) throws RefusedFileException {
    RowFeed feed = HtmlTable.of(source, encoding);
    return new Opened(
        Recognised.Format.HTML, feed, Map.of(Aspect.ENCODING, encoding.code()), List.of());
  }

  private Encoding encoding(byte[] head) throws RefusedFileException {
    Optional<String> chosen = choices.of(Aspect.ENCODING);
    if (chosen.isEmpty()) {
      return Encoding.find(head);
    }
    return Encoding.ofCode(chosen.get())
        .orElseThrow(() -> wrongChoice(Aspect.ENCODING, chosen.get()));
  }

  private Separator separator(List<String> lines, char quote) throws RefusedFileException {
    Optional<String> chosen = choices.of(Aspect.SEPARATOR);
    if (chosen.isEmpty()) {
      return SeparatorFinder.find(lines, quote);
    }
    return Separator.ofCode(chosen.get())
        .orElseThrow(() -> wrongChoice(Aspect.SEPARATOR, chosen.get()));
  }

  private RefusedFileException wrongChoice(Aspect aspect, String text) {
    return new RefusedFileException(Texts.of("choice.wrong", aspect.code(), text));
  }

  private List<String> headLines(String text, boolean whole) throws RefusedFileException {
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

  private Recognised recognise(Opened opened) throws RefusedFileException, IOException {
    HeadRows sink = new HeadRows(HEAD_ROWS);
    try {
      opened.feed().into(new WidthLimit(sink, source.name()));
    } catch (CharacterCodingException e) {
      // Within the rows that were read so far nothing is wrong; the whole reading decides.
      if (sink.rows().isEmpty()) {
        throw new RefusedFileException(
            Texts.of("file.encoding", source.name(), opened.aspects().get(Aspect.ENCODING)), e);
      }
    }
    List<RawRow> head = sink.rows();
    if (head.isEmpty()) {
      throw new RefusedFileException(Texts.of("file.empty", source.name()));
    }
    Map<Aspect, String> aspects = new EnumMap<>(Aspect.class);
    aspects.putAll(opened.aspects());
    Separator separator =
        Separator.ofCode(aspects.getOrDefault(Aspect.SEPARATOR, "none")).orElse(Separator.NONE);
    List<String> cells = NumberForms.cells(head).stream().map(ColumnUnit::bare).toList();
    NumberForms forms = forms(NumberForms.find(cells, separator));
    aspects.put(Aspect.DECIMAL, String.valueOf(forms.sign().sign()));
    aspects.put(Aspect.GROUPING, forms.grouping().map(String::valueOf).orElse("none"));
    aspects.put(Aspect.MISSING, choices.of(Aspect.MISSING).orElse(""));
    findHeader(head, forms, aspects);
    return new Recognised(opened.format(), aspects, opened.sheets(), head);
  }

  private NumberForms forms(NumberForms found) throws RefusedFileException {
    DecimalSign sign = found.sign();
    Optional<Character> grouping = found.grouping();
    Optional<String> chosenSign = choices.of(Aspect.DECIMAL);
    if (chosenSign.isPresent()) {
      if (!chosenSign.get().equals(".") && !chosenSign.get().equals(",")) {
        throw wrongChoice(Aspect.DECIMAL, chosenSign.get());
      }
      sign = chosenSign.get().equals(",") ? DecimalSign.COMMA : DecimalSign.POINT;
      char decimal = sign.sign();
      grouping = grouping.filter(mark -> mark != decimal);
    }
    Optional<String> chosenGrouping = choices.of(Aspect.GROUPING);
    if (chosenGrouping.isPresent()) {
      String mark = chosenGrouping.get();
      grouping = mark.length() == 1 ? Optional.of(mark.charAt(0)) : Optional.empty();
    }
    return new NumberForms(sign, grouping);
  }

  private void findHeader(List<RawRow> head, NumberForms forms, Map<Aspect, String> aspects)
      throws RefusedFileException {
    Optional<String> chosen = choices.of(Aspect.HEADER_LINE);
    HeaderFinder.Found found = HeaderFinder.find(head, forms, missing()::test);
    if (chosen.isPresent()) {
      long line = number(Aspect.HEADER_LINE, chosen.get());
      long passedOver =
          line > 0 ? line : number(Aspect.PASS_OVER, choices.of(Aspect.PASS_OVER).orElse("0"));
      aspects.put(Aspect.HEADER_LINE, String.valueOf(line));
      aspects.put(Aspect.PASS_OVER, String.valueOf(passedOver));
      return;
    }
    long header = found.header() < 0 ? 0 : head.get(found.header()).line();
    long first = found.firstRow() < head.size() ? head.get(found.firstRow()).line() : header + 1;
    aspects.put(Aspect.HEADER_LINE, String.valueOf(header));
    aspects.put(
        Aspect.PASS_OVER,
        choices.of(Aspect.PASS_OVER).orElse(String.valueOf(Math.max(header, first - 1))));
  }

  private long number(Aspect aspect, String text) throws RefusedFileException {
    if (!text.matches("\\d{1,9}")) {
      throw wrongChoice(aspect, text);
    }
    return Long.parseLong(text);
  }

  private MissingEntries missing() {
    Set<String> own =
        Stream.of(choices.of(Aspect.MISSING).orElse("").split("\\s+"))
            .filter(sign -> !sign.isEmpty())
            .collect(Collectors.toUnmodifiableSet());
    return new MissingEntries(own);
  }

  private ReadTable read(Opened opened, Recognised recognised)
      throws RefusedFileException, IOException, BadInputException {
    NumberForms forms =
        new NumberForms(
            recognised.of(Aspect.DECIMAL).equals(",") ? DecimalSign.COMMA : DecimalSign.POINT,
            Optional.of(recognised.of(Aspect.GROUPING))
                .filter(mark -> mark.length() == 1)
                .map(mark -> mark.charAt(0)));
    long firstLine = number(Aspect.PASS_OVER, recognised.of(Aspect.PASS_OVER)) + 1;
    List<RawRow> below = recognised.head().stream().filter(row -> row.line() >= firstLine).toList();
    List<String> header = header(recognised, below);
    if (below.isEmpty()) {
      throw new RefusedFileException(Texts.of("file.only-header", source.name()));
    }
    int width = Math.max(1, Math.max(header.size(), HeaderFinder.usualWidth(below)));
    List<Optional<ColumnUnit>> units = units(below, width);
    BitSet words = columnsOfWords(below, width, forms, units);
    TableBuilder builder = build(opened, forms, firstLine, width, words, units);
    BitSet wrong = builder.columnsOfWords();
    if (!wrong.isEmpty()) {
      words.or(wrong);
      // A column of mixed units has none, so that its entries are words.
      wrong.stream().filter(i -> i < units.size()).forEach(i -> units.set(i, Optional.empty()));
      builder = build(opened, forms, firstLine, width, words, units);
    }
    int foot =
        choices.of(Aspect.FOOT_ROWS).isPresent()
            ? (int) number(Aspect.FOOT_ROWS, choices.of(Aspect.FOOT_ROWS).get())
            : builder.footRows();
    builder.removeLast(foot);
    if (builder.rows() == 0) {
      throw new RefusedFileException(Texts.of("file.only-header", source.name()));
    }
    Table table = builder.build(source.name(), header);
    Recognised all = recognised.with(Aspect.FOOT_ROWS, String.valueOf(foot));
    List<String> notices = new ArrayList<>();
    switch (opened.format()) {
      case CSV -> builder.unevenness().ifPresent(notices::add);
      case HTML -> notices.add(Texts.of("table.page"));
      case XLSX, ODS -> {
        // What a workbook says of itself stands in the preview.
      }
    }
    return new ReadTable(source.name(), all, table, builder.lines(), notices);
  }

  private TableBuilder build(
      Opened opened,
      NumberForms forms,
      long firstLine,
      int width,
      BitSet words,
      List<Optional<ColumnUnit>> units)
      throws RefusedFileException, IOException {
    TableBuilder builder =
        new TableBuilder(
            forms, missing(), choices, firstLine, width, (BitSet) words.clone(), units);
    if (source.size() < LONG) {
      opened.feed().into(new WidthLimit(builder, source.name()));
      return builder;
    }
    try (RowRelay relay = new RowRelay(builder)) {
      opened.feed().into(new WidthLimit(relay, source.name()));
      relay.finish();
    }
    return builder;
  }

  /** A header with one name less than there are columns leaves the first column without. */
  private static List<String> header(Recognised recognised, List<RawRow> below) {
    List<String> names =
        recognised.head().stream()
            .filter(row -> row.line() == recognised.headerLine())
            .findFirst()
            .map(RawRow::cells)
            .orElse(List.of());
    boolean firstUnnamed =
        !names.isEmpty()
            && names.size() > 1
            && !below.isEmpty()
            && below.stream().allMatch(row -> row.cells().size() == names.size() + 1);
    return firstUnnamed ? Stream.concat(Stream.of(""), names.stream()).toList() : names;
  }

  private List<String> present(List<RawRow> below, int column) {
    MissingEntries missing = missing();
    return below.stream().map(row -> row.cell(column)).filter(cell -> !missing.test(cell)).toList();
  }

  private List<Optional<ColumnUnit>> units(List<RawRow> below, int width) {
    List<Optional<ColumnUnit>> units = new ArrayList<>();
    for (int column = 0; column < width; column++) {
      units.add(ColumnUnit.find(present(below, column)));
    }
    return units;
  }

  private BitSet columnsOfWords(
      List<RawRow> below, int width, NumberForms forms, List<Optional<ColumnUnit>> units) {
    BitSet words = new BitSet();
    IntStream.range(0, width)
        .filter(
            column -> {
              List<String> present = present(below, column);
              long numbers =
                  present.stream()
                      .map(cell -> units.get(column).isPresent() ? ColumnUnit.bare(cell) : cell)
                      .filter(forms::isNumber)
                      .count();
              return 2 * numbers < present.size();
            })
        .forEach(words::set);
    return words;
  }
}
