package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import promedio.core.limit.Limit;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.files.RefusedFileException;

/** Files that hold little and mean very much are refused by the limit that they break. */
class LimitsTest {

  private static final String NAMES = "xmlns=\"http://schemas.openxmlformats.org/";
  private static final String HEAD = "<?xml version=\"1.0\"?>";

  private static DataSource workbook(String rows, String strings) throws IOException {
    return workbook(rows, strings, StandardCharsets.UTF_8);
  }

  private static DataSource workbook(String rows, String strings, Charset charset)
      throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      String kind = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
      put(zip, "[Content_Types].xml", "<Types " + NAMES + "package/2006/content-types\"/>");
      put(
          zip,
          "_rels/.rels",
          "<Relationships "
              + NAMES
              + "package/2006/relationships\"><Relationship Id=\"a\" Type=\""
              + kind
              + "officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
      put(
          zip,
          "xl/workbook.xml",
          "<workbook "
              + NAMES
              + "spreadsheetml/2006/main\" xmlns:r=\"http://schemas."
              + "openxmlformats.org/officeDocument/2006/relationships\"><sheets><sheet name=\"a\""
              + " sheetId=\"1\" r:id=\"s\"/></sheets></workbook>");
      put(
          zip,
          "xl/_rels/workbook.xml.rels",
          "<Relationships "
              + NAMES
              + "package/2006/relationships\"><Relationship Id=\"s\" Type=\""
              + kind
              + "worksheet\" Target=\"sheet.xml\"/><Relationship Id=\"t\" Type=\""
              + kind
              + "sharedStrings\" Target=\"strings.xml\"/></Relationships>");
      put(zip, "xl/strings.xml", "<sst>" + strings + "</sst>");
      zip.putNextEntry(new ZipEntry("xl/sheet.xml"));
      zip.write(("<worksheet><sheetData>" + rows + "</sheetData></worksheet>").getBytes(charset));
      zip.closeEntry();
    }
    return DataSource.of("odd.xlsx", bytes.toByteArray());
  }

  private static void put(ZipOutputStream zip, String name, String content) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write((HEAD + content).getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static Table read(DataSource source) throws RefusedFileException {
    return TableReader.read(source, ReadingChoices.NONE, Progress.NONE).table();
  }

  private static String cell(String value) {
    return "<row><c><v>" + value + "</v></c></row>";
  }

  @Test
  void aNumberOfManyDigitsIsACellThatIsNoNumber() throws Exception {
    Table table = read(workbook(cell("1") + cell("7".repeat(400_000)) + cell("5"), ""));

    assertThat(((NumberColumn) table.columns().get(0)).toMend()).hasSize(1);
  }

  @Test
  void manyCellsThatNameOneLongTextAreTooMuch() throws Exception {
    String long300 = "<si><t>" + "x".repeat(300_000) + "</t></si>";
    DataSource source = workbook("<row><c t=\"s\"><v>0</v></c></row>".repeat(1000), long300);

    assertThatThrownBy(() -> read(source))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContainingAll("odd.xlsx", "more than 200000000 characters");
  }

  @Test
  void blanksWithoutEndAreTooMuchInACellAndBetweenRows() throws Exception {
    String blanks = " ".repeat(5_000_000);
    for (String rows : List.of(cell("1") + cell(blanks + "5"), cell("1") + blanks + cell("2"))) {
      DataSource source = workbook(rows, "");

      assertThatThrownBy(() -> read(source))
          .isInstanceOf(RefusedFileException.class)
          .hasMessageContaining("more than 1000000 characters");
    }
  }

  @Test
  void bytesThatAreNoTextAreRefusedAndNothingIsWrittenBeside() throws Exception {
    byte[] bytes = workbook(cell("1") + cell("2"), "").open().readAllBytes();
    PrintStream before = System.err;
    ByteArrayOutputStream beside = new ByteArrayOutputStream();
    // In ISO 8859-1 these are bytes that UTF-8 does not have.
    DataSource odd = workbook(cell("1") + cell("\u00C3("), "", StandardCharsets.ISO_8859_1);
    try (PrintStream heard = new PrintStream(beside, true, StandardCharsets.UTF_8)) {
      System.setErr(heard);
      assertThat(read(DataSource.of("fine.xlsx", bytes)).rows()).isEqualTo(2);
      assertThatThrownBy(() -> read(odd)).isInstanceOf(RefusedFileException.class);
    } finally {
      System.setErr(before);
    }
    assertThat(beside.toString(StandardCharsets.UTF_8)).doesNotContain("Fatal");
  }

  @Test
  void aSheetHasNoMoreRowsThanItsFormat() throws Exception {
    assertThat(read(workbook(cell("1") + "<row r=\"1048576\"><c><v>2</v></c></row>", "")).rows())
        .isGreaterThan(1);
    DataSource beyond = workbook(cell("1") + "<row r=\"1048577\"><c><v>2</v></c></row>", "");

    assertThatThrownBy(() -> read(beyond))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("more than 1048576 rows");
  }

  @Test
  void aListInOneLineIsReadInPiecesAsIfInOne() throws Exception {
    for (String mark : List.of(" ", ",", "; ")) {
      List<String> values = new ArrayList<>();
      for (int i = 0; i < 40_000; i++) {
        values.add(
            mark.equals(",") || i % 3 > 0 ? i + ".5" : i % 2 == 0 ? i + " 2/3" : i + ".25×2");
      }
      long many = values.stream().filter(each -> each.endsWith("×2")).count();

      Table table =
          read(
              DataSource.of(
                  "list.txt", String.join(mark, values).getBytes(StandardCharsets.UTF_8)));

      assertThat((long) table.rows()).as(mark).isEqualTo(values.size() + many);
      assertThat(((NumberColumn) table.columns().get(0)).toMend()).as(mark).isEmpty();
    }
  }

  @Test
  void everyLimitStandsInItsDocument() throws Exception {
    String document = Files.readString(Path.of("..", "docs", "limits.md"));

    for (Limit limit : Limit.values()) {
      assertThat(document).contains("| `" + limit.code() + "` | " + limit.shown() + " |");
    }
  }

  @Test
  void everyLimitHasItsSentenceInEveryLanguage() {
    for (Language language : Language.all()) {
      for (Limit limit : Limit.values()) {
        assertThat(Texts.file(language, "core")).containsKey("limit." + limit.code());
      }
    }
    for (Limit limit : Limit.values()) {
      assertThat(limit.beyond("this").text()).contains(limit.shown());
    }
  }
}
