package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;

class WorkbooksTest {

  private static final String SPACES =
      "xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
          + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
          + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"";

  private static ReadTable read(byte[] bytes, ReadingChoices choices)
      throws RefusedFileException, IOException {
    return TableReader.read(DataSource.of("book", bytes), choices, Progress.NONE);
  }

  private static List<String> texts(ReadTable read, String name) {
    Column column = read.table().column(name).orElseThrow();
    return IntStream.range(0, column.size()).mapToObj(column::text).toList();
  }

  @Test
  void daysTimesAndNumbersOfASheetComeAsTheyAreShown() throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (Workbook workbook = new Workbook(bytes, "test", null)) {
      Worksheet sheet = workbook.newWorksheet("Trays");
      List.of("day", "moment", "g", "ripe")
          .forEach(
              name -> sheet.value(0, List.of("day", "moment", "g", "ripe").indexOf(name), name));
      sheet.value(1, 0, LocalDate.of(2026, 9, 1));
      sheet.style(1, 0).format("dd/mm/yyyy").set();
      sheet.value(1, 1, LocalDateTime.of(2026, 9, 1, 7, 30));
      sheet.style(1, 1).format("yyyy-mm-dd hh:mm").set();
      sheet.value(1, 2, 131.5);
      sheet.value(1, 3, true);
      sheet.value(2, 0, LocalDate.of(2026, 9, 2));
      sheet.style(2, 0).format("dd/mm/yyyy").set();
      sheet.value(2, 2, 0.1 + 0.2);
      sheet.value(2, 3, false);
    }

    ReadTable read = read(bytes.toByteArray(), ReadingChoices.NONE);

    assertThat(read.recognised().format()).isEqualTo(Recognised.Format.XLSX);
    assertThat(texts(read, "day")).containsExactly("2026-09-01", "2026-09-02");
    assertThat(read.table().column("day").orElseThrow().kind()).isEqualTo(Kind.DATE);
    assertThat(texts(read, "moment")).containsExactly("2026-09-01 07:30", "");
    assertThat(texts(read, "g")).containsExactly("131.5", "0.3");
    assertThat(texts(read, "ripe")).containsExactly("TRUE", "FALSE");
  }

  private static byte[] ods(String rows) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      put(zip, "mimetype", "application/vnd.oasis.opendocument.spreadsheet");
      put(
          zip,
          "content.xml",
          "<office:document-content "
              + SPACES
              + "><office:body><office:spreadsheet>"
              + rows
              + "</office:spreadsheet></office:body></office:document-content>");
    }
    return bytes.toByteArray();
  }

  private static void put(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static String sheet(String name, String... rows) {
    return "<table:table table:name=\"" + name + "\">" + String.join("", rows) + "</table:table>";
  }

  private static String row(String... cells) {
    StringBuilder row = new StringBuilder("<table:table-row>");
    for (String cell : cells) {
      row.append("<table:table-cell><text:p>").append(cell).append("</text:p></table:table-cell>");
    }
    return row.append("</table:table-row>").toString();
  }

  @Test
  void anOpenDocumentSheetIsChosenByNameNumberOrByHoldingMost() throws Exception {
    byte[] book =
        ods(
            sheet("Cover", "<table:table-row><table:table-cell/></table:table-row>")
                + sheet("North", row("g"), row("131.5"))
                + sheet("South", row("g"), row("98"), row("99")));

    assertThat(read(book, ReadingChoices.NONE).recognised().of(Aspect.SHEET)).isEqualTo("South");
    assertThat(read(book, ReadingChoices.NONE.with(Aspect.SHEET, "3")).table().rows()).isEqualTo(2);
    assertThat(read(book, ReadingChoices.NONE.with(Aspect.SHEET, "South")).table().rows())
        .isEqualTo(2);
    assertThatThrownBy(() -> read(book, ReadingChoices.NONE.with(Aspect.SHEET, "West")))
        .hasMessageContaining("the sheets are Cover, North, South");
  }

  @Test
  void aHiddenSheetIsProposedOnlyWhereThereIsNoOther() throws Exception {
    String hidden =
        "<office:automatic-styles xmlns:style=\"s\"><style:style style:name=\"h\">"
            + "<style:table-properties table:display=\"false\"/></style:style>"
            + "</office:automatic-styles>";
    byte[] book =
        ods(
            hidden
                + sheet("All\" table:style-name=\"h", row("g"), row("1"), row("2"), row("3"))
                + sheet("North", row("g"), row("131.5")));

    assertThat(read(book, ReadingChoices.NONE).recognised().of(Aspect.SHEET)).isEqualTo("North");
  }

  @Test
  void aSmallFileThatRepeatsMillionsOfCellsIsRefused() throws Exception {
    String cells =
        "<table:table-row table:number-rows-repeated=\"1000000\">"
            + "<table:table-cell table:number-columns-repeated=\"16000\"><text:p>1</text:p>"
            + "</table:table-cell></table:table-row>";
    byte[] book = ods(sheet("S", cells));

    assertThatThrownBy(() -> read(book, ReadingChoices.NONE))
        .hasMessageContaining("many millions of cells");
  }

  @Test
  void spacesAndParagraphsWithinACellAreKept() throws Exception {
    byte[] book =
        ods(
            sheet(
                "S",
                row("name", "g"),
                row("Abate<text:s/>Fetel</text:p><text:p>late", "131.5"),
                row("Blanca", "98")));

    assertThat(texts(read(book, ReadingChoices.NONE), "name"))
        .containsExactly("Abate Fetel\nlate", "Blanca");
  }

  @Test
  void aPackedFileThatIsNoWorkbookOrIsTornSaysSo() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      put(zip, "letter.txt", "hello");
    }
    byte[] torn = Arrays.copyOf(ods(sheet("S", row("g"), row("1"))), 60);

    assertThatThrownBy(() -> read(bytes.toByteArray(), ReadingChoices.NONE))
        .hasMessageContaining("not a workbook");
    assertThatThrownBy(() -> read(torn, ReadingChoices.NONE)).hasMessageContaining("damaged");
  }
}
