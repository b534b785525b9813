package promedio.files.table;

import de.siegmar.fastcsv.reader.CsvCallbackHandler;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import de.siegmar.fastcsv.reader.RecordType;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.regex.Pattern;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** The rows of text whose cells a character parts. */
final class DelimitedFeed implements RowFeed {

  private final String source;
  private final ReaderSupplier text;
  private final Separator separator;
  private final char quote;
  private final boolean blanksAroundQuotes;

  /** Opens the text from its start. */
  @FunctionalInterface
  interface ReaderSupplier {
    Reader open() throws IOException;
  }

  /**
   * Makes a feed.
   *
   * @param quote what stands around cells that hold the separator
   * @param head the first lines, which show whether blanks stand around quotes
   */
  DelimitedFeed(
      String source, ReaderSupplier text, Separator separator, char quote, List<String> head) {
    this.source = source;
    this.text = text;
    this.separator = separator;
    this.quote = quote;
    String mark = Pattern.quote(String.valueOf(separator.character()));
    String around = Pattern.quote(String.valueOf(quote));
    Pattern blanks =
        Pattern.compile(
            "(?:^|" + mark + ")\\h+" + around + "|" + around + "\\h+(?:" + mark + "|$)");
    // The parser that allows for them is the slower one.
    this.blanksAroundQuotes =
        head.stream().anyMatch(line -> line.indexOf(quote) >= 0 && blanks.matcher(line).find());
  }

  @Override
  public void into(RowSink sink) throws IOException, RefusedFileException {
    Handler handler = new Handler(sink);
    try (CsvReader<Boolean> reader =
        CsvReader.builder()
            .fieldSeparator(separator.character())
            .quoteCharacter(quote)
            .skipEmptyLines(true)
            .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
            .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
            .allowUnclosedQuote(false)
            .trimWhitespacesAroundQuotes(blanksAroundQuotes)
            .maxBufferSize((int) Limit.CELL_CHARACTERS.most())
            .build(handler, text.open())) {
      Iterator<Boolean> rows = reader.iterator();
      while (rows.hasNext() && rows.next()) {
        // The handler passes each row on.
      }
    } catch (UncheckedIOException e) {
      throw e.getCause();
    } catch (CsvParseException e) {
      if (e.getCause() instanceof IOException cause) {
        throw cause;
      }
      if (e.getCause() instanceof BeyondLimitException beyond) {
        throw beyond;
      }
      if (String.valueOf(e.getMessage()).contains("buffer")) {
        throw new BeyondLimitException(Limit.CELL_CHARACTERS, handler.line);
      }
      throw new RefusedFileException(Texts.of("file.quote", source, handler.line), e);
    } catch (NoSuchElementException e) {
      throw new IOException(e);
    }
  }

  /** Passes cells on as they are parsed, without a text for each. */
  private static final class Handler extends CsvCallbackHandler<Boolean> {

    private final RowSink sink;
    private long line = 1;
    private int cells;

    Handler(RowSink sink) {
      this.sink = sink;
    }

    @Override
    protected RecordType getRecordType() {
      return cells == 0 ? RecordType.EMPTY : RecordType.DATA;
    }

    @Override
    protected int getFieldCount() {
      return cells;
    }

    @Override
    protected void beginRecord(long startingLineNumber) {
      line = startingLineNumber;
      cells = 0;
      sink.begin(startingLineNumber);
    }

    @Override
    protected void addField(char[] buffer, int offset, int length, boolean quoted) {
      cells++;
      sink.cell(buffer, offset, length);
    }

    @Override
    protected void setComment(char[] buffer, int offset, int length) {
      throw new IllegalStateException("no comments were asked for");
    }

    @Override
    protected void setEmpty() {
      cells = 0;
    }

    @Override
    protected Boolean buildRecord() {
      return sink.end();
    }
  }
}
