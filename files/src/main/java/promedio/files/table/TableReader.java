package promedio.files.table;

import java.io.EOFException;
import java.io.IOException;
import java.nio.channels.ClosedByInterruptException;
import java.nio.charset.CharacterCodingException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
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

  /**
   * Bytes of a large source: two threads share it, and its first rows are told; a smaller one is
   * read at once.
   */
  private static final long LONG = 1 << 20;

  private final DataSource source;
  private final ReadingChoices choices;
  private final Recognition recognition;

  private TableReader(DataSource source, ReadingChoices choices) {
    this.source = source;
    this.choices = choices;
    this.recognition = new Recognition(choices);
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
    return read(source, choices, progress, first -> {});
  }

  /**
   * {@return the table}
   *
   * @param source its bytes
   * @param choices what is decided by a person; all else is recognised
   * @param progress is told how many bytes are read
   * @param first is given the first rows of a large source as a table of their own, long before all
   *     of them are read: how they are written, and of which kinds the columns seem to be
   * @throws RefusedFileException if it cannot be read as a table; the message says what to do
   * @throws CancellationException if its thread was interrupted
   */
  public static ReadTable read(
      DataSource source, ReadingChoices choices, Progress progress, Consumer<ReadTable> first)
      throws RefusedFileException {
    TableReader reader = new TableReader(source, choices);
    return told(source, () -> reader.read(progress, first));
  }

  /** A part of the reading. */
  private interface Part<T> {
    T run() throws RefusedFileException, IOException, BadInputException;
  }

  private static <T> T told(DataSource source, Part<T> part) throws RefusedFileException {
    try {
      return part.run();
    } catch (BeyondLimitException e) {
      throw e.of(source.name());
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
    return told(
        source, () -> new Recognition(choices).of(OpenedSource.of(source, choices, Progress.NONE)));
  }

  private ReadTable read(Progress progress, Consumer<ReadTable> first)
      throws RefusedFileException, IOException, BadInputException {
    OpenedSource opened = OpenedSource.of(source, choices, progress);
    Recognised recognised = recognition.of(opened);
    if (source.size() >= LONG) {
      first.accept(read(opened.of(recognised.head()), recognised));
    }
    try {
      return read(opened, recognised);
    } catch (CharacterCodingException e) {
      if (choices.of(Aspect.ENCODING).isPresent()) {
        throw new RefusedFileException(
            Texts.of("file.encoding", source.name(), recognised.of(Aspect.ENCODING)), e);
      }
      // Beyond the head stands what is no UTF-8, so it is the encoding of western spreadsheets.
      ReadingChoices other = choices.with(Aspect.ENCODING, Encoding.WINDOWS_1252.code());
      return new TableReader(source, other).read(progress, first);
    }
  }

  private ReadTable read(OpenedSource opened, Recognised recognised)
      throws RefusedFileException, IOException, BadInputException {
    NumberForms forms =
        new NumberForms(
            recognised.of(Aspect.DECIMAL).equals(",") ? DecimalSign.COMMA : DecimalSign.POINT,
            Optional.of(recognised.of(Aspect.GROUPING))
                .filter(mark -> mark.length() == 1)
                .map(mark -> mark.charAt(0)));
    long firstLine = Recognition.number(Aspect.PASS_OVER, recognised.of(Aspect.PASS_OVER)) + 1;
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
            ? (int) Recognition.number(Aspect.FOOT_ROWS, choices.of(Aspect.FOOT_ROWS).get())
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
      OpenedSource opened,
      NumberForms forms,
      long firstLine,
      int width,
      BitSet words,
      List<Optional<ColumnUnit>> units)
      throws RefusedFileException, IOException {
    TableBuilder builder =
        new TableBuilder(
            forms, recognition.missing(), choices, firstLine, width, (BitSet) words.clone(), units);
    if (source.size() < LONG) {
      opened.feed().into(new TableLimit(builder, source.size()));
      return builder;
    }
    try (RowRelay relay = new RowRelay(builder)) {
      opened.feed().into(new TableLimit(relay, source.size()));
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
    MissingEntries missing = recognition.missing();
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
