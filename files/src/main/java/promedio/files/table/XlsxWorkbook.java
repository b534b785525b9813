package promedio.files.table;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.jspecify.annotations.Nullable;
import promedio.files.RefusedFileException;

/** A workbook in Office Open XML. */
final class XlsxWorkbook implements Workbook {

  private static final ReadingOptions OPTIONS = new ReadingOptions(true, true);
  private static final Pattern QUOTED =
      Pattern.compile("\"[^\"]*\"|\\\\.|\\[(?![hms]+\\])[^\\]]*\\]");
  private static final Pattern DAY_OR_TIME = Pattern.compile("[ydhs]|mm");
  private static final DateTimeFormatter MINUTES =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
  private static final DateTimeFormatter SECONDS =
      DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

  /** A row is about so many bytes of the packed file; only for telling how far the reading is. */
  private static final int PROGRESS_EVERY = 256;

  private final DataSource source;
  private final List<String> sheets;
  private final String sheet;
  private final Progress progress;

  private XlsxWorkbook(DataSource source, List<String> sheets, String sheet, Progress progress) {
    this.source = source;
    this.sheets = sheets;
    this.sheet = sheet;
    this.progress = progress;
  }

  static XlsxWorkbook open(DataSource source, Optional<String> sheet, Progress progress)
      throws RefusedFileException, IOException {
    try (ReadableWorkbook workbook = workbook(source)) {
      List<Sheet> sheets = workbook.getSheets().toList();
      List<String> names = sheets.stream().map(Sheet::getName).toList();
      int place = sheet.map(name -> Workbook.place(names, name)).orElseGet(() -> first(sheets));
      if (place < 0) {
        throw Workbook.noSheet(source, sheet.orElse(""), names);
      }
      return new XlsxWorkbook(source, names, names.get(place), progress);
    } catch (RuntimeException e) {
      throw Workbook.damaged(source, e);
    }
  }

  /** The first sheet with a row in it, otherwise the very first. */
  private static int first(List<Sheet> sheets) {
    for (int i = 0; i < sheets.size(); i++) {
      try (Stream<Row> rows = sheets.get(i).openStream()) {
        if (rows.anyMatch(row -> row.getFirstNonEmptyCell().isPresent())) {
          return i;
        }
      } catch (IOException e) {
        throw new java.io.UncheckedIOException(e);
      }
    }
    return sheets.isEmpty() ? -1 : 0;
  }

  private static ReadableWorkbook workbook(DataSource source) throws IOException {
    return source instanceof DataSource.OfFile file
        ? new ReadableWorkbook(file.path().toFile(), OPTIONS)
        : new ReadableWorkbook(source.open(), OPTIONS);
  }

  @Override
  public Recognised.Format format() {
    return Recognised.Format.XLSX;
  }

  @Override
  public List<String> sheets() {
    return sheets;
  }

  @Override
  public String sheet() {
    return sheet;
  }

  @Override
  public RowFeed feed() {
    return this::into;
  }

  private void into(RowSink sink) throws IOException, RefusedFileException {
    try (ReadableWorkbook workbook = workbook(source);
        Stream<Row> rows = workbook.findSheet(sheet).orElseThrow().openStream()) {
      boolean more = true;
      long read = 0;
      for (Iterator<Row> i = rows.iterator(); more && i.hasNext(); ) {
        more = row(i.next(), sink);
        if (++read % PROGRESS_EVERY == 0) {
          // The library does not tell how far it is in the file, so only that it goes on.
          progress.at(read, 0);
          if (Thread.currentThread().isInterrupted()) {
            throw new InterruptedIOException();
          }
        }
      }
    } catch (RuntimeException e) {
      throw Workbook.damaged(source, e);
    }
  }

  private static boolean row(Row row, RowSink sink) {
    sink.begin(row.getRowNum());
    for (int i = 0; i < row.getCellCount(); i++) {
      RowFeed.cell(sink, text(row.getCell(i)));
    }
    return sink.end();
  }

  private static String text(@Nullable Cell cell) {
    if (cell == null || cell.getType() == CellType.EMPTY) {
      return "";
    }
    String raw = cell.getRawValue() == null ? "" : cell.getRawValue();
    return switch (cell.getType()) {
      case NUMBER -> isDate(cell) ? date(cell.asDate()) : SheetNumbers.plain(raw);
      case BOOLEAN -> String.valueOf(cell.asBoolean()).toUpperCase(Locale.ROOT);
      case STRING -> cell.asString();
      case FORMULA -> formula(cell, raw);
      case EMPTY, ERROR -> raw;
    };
  }

  /** The workbook keeps what the formula came to. */
  private static String formula(Cell cell, String raw) {
    Object value = cell.getValue();
    return value instanceof Number ? SheetNumbers.plain(raw) : value instanceof String s ? s : raw;
  }

  private static boolean isDate(Cell cell) {
    String format = cell.getDataFormatString();
    if (format == null || format.equalsIgnoreCase("general")) {
      return false;
    }
    String bare = QUOTED.matcher(format.toLowerCase(Locale.ROOT)).replaceAll("");
    return !bare.contains("general") && DAY_OR_TIME.matcher(bare).find();
  }

  private static String date(LocalDateTime moment) {
    LocalTime time = moment.toLocalTime();
    if (moment.getYear() < 1900
        || moment.toLocalDate().equals(java.time.LocalDate.of(1899, 12, 31))) {
      return time.format(time.getSecond() == 0 ? MINUTES : SECONDS);
    }
    return time.equals(LocalTime.MIDNIGHT)
        ? moment.toLocalDate().toString()
        : moment.toLocalDate() + " " + time.format(time.getSecond() == 0 ? MINUTES : SECONDS);
  }
}
