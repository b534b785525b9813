package promedio.files.delimited;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.entry.MissingSigns;
import promedio.core.entry.TypedValues;
import promedio.core.number.DecimalSign;
import promedio.files.RefusedFileException;
import promedio.files.Texts;

/**
 * Reads a table of text and recognises by itself how it is written: the encoding, the separator,
 * the decimal sign, and whether there is a header.
 */
public final class DelimitedReader {

  private static final List<Character> SEPARATORS = List.of(';', '\t', '|', ',');
  private static final int SAMPLED_LINES = 50;

  /** What a line of blank-parted numbers is. */
  public enum Layout {
    /** Values of one column, so that a plain list may run over several lines. */
    LIST,
    /** A row of a table. */
    TABLE
  }

  private final String source;
  private final Layout layout;

  private DelimitedReader(String source, Layout layout) {
    this.source = source;
    this.layout = layout;
  }

  /**
   * {@return the table in the file}
   *
   * @throws RefusedFileException if it cannot be read as a table; the message says what to do
   */
  public static RawTable read(Path file, Layout layout) throws RefusedFileException {
    String name = String.valueOf(file.getFileName());
    try {
      if (Files.isDirectory(file)) {
        throw new RefusedFileException(Texts.of("file.folder", file));
      }
      return read(name, Files.readAllBytes(file), layout);
    } catch (NoSuchFileException e) {
      throw new RefusedFileException(Texts.of("file.missing", file));
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", file, e.getMessage()));
    }
  }

  /**
   * {@return the table in the bytes}
   *
   * @param source what to call it in messages
   * @param layout what a line of blank-parted numbers is
   * @throws RefusedFileException if they cannot be read as a table
   */
  public static RawTable read(String source, byte[] bytes, Layout layout)
      throws RefusedFileException {
    if (bytes.length >= 4 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3) {
      throw new RefusedFileException(Texts.of("file.spreadsheet", source));
    }
    String text = TextDecoder.decode(bytes);
    if (text.indexOf('\0') >= 0) {
      throw new RefusedFileException(Texts.of("file.binary", source));
    }
    if (text.isBlank()) {
      throw new RefusedFileException(Texts.of("file.empty", source));
    }
    return new DelimitedReader(source, layout).read(text);
  }

  private RawTable read(String text) throws RefusedFileException {
    Optional<Character> separator = separator(text);
    List<RawTable.Row> rows =
        separator.isPresent() ? split(text, separator.get()) : splitAtBlanks(text);
    DecimalSign sign = sign(rows, separator);
    int width = rows.stream().mapToInt(row -> row.cells().size()).max().orElse(1);
    RawTable.Row first = rows.get(0);
    boolean header =
        first.cells().stream()
            .anyMatch(cell -> !MissingSigns.matches(cell) && Columns.number(cell, sign).isEmpty());
    if (header && rows.size() == 1) {
      throw new RefusedFileException(Texts.of("file.only-header", source));
    }
    List<String> names = names(header ? first.cells() : List.of(), width);
    return new RawTable(source, names, header ? rows.subList(1, rows.size()) : rows, sign);
  }

  /**
   * The separator that parts the first lines into the same number of cells; of several the one that
   * makes most cells. Quoted text does not count.
   */
  private Optional<Character> separator(String text) {
    List<String> lines = text.lines().filter(line -> !line.isBlank()).limit(SAMPLED_LINES).toList();
    if (layout == Layout.LIST && lines.size() == 1) {
      // A single line is a list of values, whatever parts them.
      return Optional.empty();
    }
    char best = 0;
    long most = 0;
    for (char candidate : SEPARATORS) {
      long[] counts = lines.stream().mapToLong(line -> count(line, candidate)).toArray();
      long usual = Arrays.stream(counts).sorted().skip(counts.length / 2).findFirst().orElse(0);
      long alike = Arrays.stream(counts).filter(count -> count == usual).count();
      // A list of values with a space after each comma is no table.
      boolean even = alike * 2 > lines.size();
      if (usual > most && even) {
        most = usual;
        best = candidate;
      }
      if (most > 0 && candidate == '|') {
        // Commas may be decimal signs in a table that another separator parts.
        break;
      }
    }
    return most > 0 ? Optional.of(best) : Optional.empty();
  }

  private static long count(String line, char separator) {
    boolean quoted = false;
    long count = 0;
    for (int i = 0; i < line.length(); i++) {
      char c = line.charAt(i);
      quoted ^= c == '"';
      count += !quoted && c == separator ? 1 : 0;
    }
    return count;
  }

  private List<RawTable.Row> split(String text, char separator) throws RefusedFileException {
    List<RawTable.Row> rows = new ArrayList<>();
    try (CsvReader<CsvRecord> reader =
        CsvReader.builder()
            .fieldSeparator(separator)
            .skipEmptyLines(true)
            .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
            .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
            .allowUnclosedQuote(true)
            .maxBufferSize(64 << 20)
            .ofCsvRecord(text)) {
      for (CsvRecord csv : reader) {
        List<String> cells = csv.getFields().stream().map(String::strip).toList();
        if (cells.stream().anyMatch(cell -> !cell.isEmpty())) {
          rows.add(new RawTable.Row(csv.getStartingLineNumber(), cells));
        }
      }
    } catch (CsvParseException | IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", source, e.getMessage()));
    }
    // An open quotation mark swallows all that follows it into one cell.
    RawTable.Row last = rows.get(rows.size() - 1);
    boolean open = text.chars().filter(c -> c == '"').count() % 2 == 1;
    if (open && last.cells().stream().anyMatch(cell -> cell.lines().count() > 1)) {
      throw new RefusedFileException(Texts.of("file.quote", source, last.line()));
    }
    return rows;
  }

  /** Without a separator each blank-parted piece is a cell; in a plain list each is a row. */
  private List<RawTable.Row> splitAtBlanks(String text) {
    List<RawTable.Row> rows = new ArrayList<>();
    long line = 0;
    for (String content : text.split("\\R", -1)) {
      line++;
      if (content.isBlank()) {
        continue;
      }
      List<String> cells =
          TypedValues.read(content, DecimalSign.POINT).entries().stream()
              .map(entry -> content.substring(entry.start(), entry.end()))
              .toList();
      boolean heading = rows.isEmpty() && content.matches("(?U).*\\p{L}.*");
      if (layout == Layout.TABLE) {
        rows.add(new RawTable.Row(line, cells));
      } else if (heading) {
        rows.add(new RawTable.Row(line, List.of(content.strip())));
      } else {
        for (String cell : cells) {
          rows.add(new RawTable.Row(line, List.of(cell)));
        }
      }
    }
    return rows;
  }

  /** A comma is the decimal sign where it stands in numbers and no point does. */
  private static DecimalSign sign(List<RawTable.Row> rows, Optional<Character> separator) {
    if (separator.filter(c -> c == ',').isPresent()) {
      return DecimalSign.POINT;
    }
    boolean commas = false;
    for (RawTable.Row row : rows) {
      for (String cell : row.cells()) {
        if (cell.matches("[-+−]?\\d+\\.\\d+")) {
          return DecimalSign.POINT;
        }
        commas |= cell.matches("[-+−]?\\d*,\\d+");
      }
    }
    return commas ? DecimalSign.COMMA : DecimalSign.POINT;
  }

  private static List<String> names(List<String> header, int width) {
    List<String> names = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    for (int i = 0; i < width; i++) {
      String given = i < header.size() ? header.get(i) : "";
      String name = given.isEmpty() ? Texts.of("entry.unnamed", i + 1) : given;
      String distinct = name;
      for (int copy = 2; !taken.add(distinct); copy++) {
        distinct = name + " (" + copy + ")";
      }
      names.add(distinct);
    }
    return names;
  }
}
