package promedio.core.limit;

import java.util.Locale;
import promedio.core.message.Message;
import promedio.core.message.Texts;

/**
 * How much the program takes of one thing. What lies beyond is refused before the work begins, in
 * words that name the limit, so that no file exhausts the memory or the patience of a person.
 */
public enum Limit {
  /** Exact arithmetic with longer numbers takes seconds a document; no sample needs them. */
  NUMBER_CHARACTERS(400),
  /** The largest power of ten, either way, that a number may carry. */
  NUMBER_EXPONENT(310),
  /**
   * A number as files keep it: a fraction of whole numbers, which is longer than what was typed.
   * Whatever is typed or computed is shorter, so that what is saved is read again.
   */
  EXACT_CHARACTERS(10_000),
  /** So many values are put one after the other in a working, or to look for what went wrong. */
  LISTED_VALUES(1_000_000),
  /** So many values, or rows, of a sample are printed one by one in a document. */
  PRINTED_VALUES(400),
  /** A row of a table; a sheet of a workbook has 16,384 columns. */
  ROW_CELLS(20_000),
  /** One cell; workbooks have 32,767. */
  CELL_CHARACTERS(1_000_000),
  /**
   * All cells of a packed table together: a few bytes may name the same long text again and again.
   */
  TABLE_CHARACTERS(200_000_000),
  /** A sheet of a workbook, by its format. */
  SHEET_ROWS(1_048_576),
  /** A sheet of a workbook, by its format. */
  SHEET_COLUMNS(16_384),
  /** A workbook, unpacked: a million rows of a dozen columns are less. */
  WORKBOOK_BYTES(1L << 30),
  /** What is typed into one list; more are imported, where each takes a few bytes. */
  TYPED_VALUES(2_000_000),
  /** A formula over columns, or on scratch paper. */
  FORMULA_CHARACTERS(20_000),
  /** The steps of a table. */
  STEPS(500),
  /** A web page that holds a table. */
  PAGE_BYTES(64L << 20),
  /** The cells of a table in a web page. */
  PAGE_CELLS(5_000_000),
  /** A file of answers, or of the key of exercise sheets. */
  TEXT_BYTES(256L << 20),
  /** An assignment, packed or unpacked: more is neither written nor read. */
  ASSIGNMENT_BYTES(256L << 20),
  /** The linked samples and tables of an assignment. */
  ASSIGNMENT_PARTS(20_000),
  /** What was typed into an assignment. */
  DOCUMENT_BYTES(64L << 20),
  /** The entries of that: values, answers, lines of a working. */
  DOCUMENT_ENTRIES(1_000_000),
  /** The file of a printed question, a text or a PDF. */
  QUESTION_BYTES(32L << 20),
  /** A question is no book. */
  PDF_PAGES(200),
  /** All parts of a PDF, unpacked. */
  PDF_UNPACKED_BYTES(64L << 20),
  /** What the pages of a PDF draw, step by step. */
  PDF_STEPS(2_000_000),
  /** The forms and pictures on its pages; a form may draw itself again and again. */
  PDF_OBJECTS(10_000),
  /** The letters on the pages of a PDF. */
  PDF_CHARACTERS(500_000),
  /** The time that reading the pages of a PDF may take. */
  PDF_SECONDS(20),
  /** What comes from standard input or a pipe, which may never end. */
  STREAM_BYTES(256L << 20),
  /** One line of JSON. */
  LINE_BYTES(8L << 20);

  private static final long MEGABYTE = 1 << 20;

  private final long most;

  Limit(long most) {
    this.most = most;
  }

  /** {@return how much of it is taken, in bytes where it is about bytes} */
  public long most() {
    return most;
  }

  /** {@return its name in texts and documents} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return how much is taken, as a person reads it: bytes in MB} */
  public String shown() {
    return name().endsWith("_BYTES") ? most / MEGABYTE + " MB" : String.valueOf(most);
  }

  /**
   * {@return the sentence that refuses what is beyond}
   *
   * @param what what is beyond: a file, a line, the beginning of a number
   */
  public Message beyond(String what) {
    return Texts.message("limit." + code(), what, shown());
  }
}
