package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;

/** Workbooks as the standard allows them (ECMA-376), made part by part. */
class XlsxPartsTest {

  private static final String MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
  private static final String RELATIONS =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
  private static final String PACKAGE =
      "http://schemas.openxmlformats.org/package/2006/relationships";

  private final Map<String, String> parts = new LinkedHashMap<>();

  @BeforeEach
  void aWorkbookOfTheLeastThatMustBeThere() {
    parts.put("[Content_Types].xml", "<Types/>");
    parts.put(
        "_rels/.rels",
        "<Relationships xmlns='"
            + PACKAGE
            + "'>"
            + relation("rId1", "officeDocument", "xl/workbook.xml")
            + "</Relationships>");
    workbook("<sheet name='Trays' sheetId='1' r:id='rId1'/>");
    relations(relation("rId1", "worksheet", "worksheets/sheet1.xml"));
  }

  private static String relation(String id, String type, String target) {
    return "<Relationship Id='%s' Type='%s/%s' Target='%s'/>"
        .formatted(id, RELATIONS, type, target);
  }

  private void workbook(String sheets) {
    parts.put(
        "xl/workbook.xml",
        "<workbook xmlns='%s' xmlns:r='%s'><sheets>%s</sheets></workbook>"
            .formatted(MAIN, RELATIONS, sheets));
  }

  private void relations(String... relations) {
    parts.put(
        "xl/_rels/workbook.xml.rels",
        "<Relationships xmlns='%s'>%s</Relationships>"
            .formatted(PACKAGE, String.join("", relations)));
  }

  private void sheet(String part, String rows) {
    parts.put(
        part, "<worksheet xmlns='%s'><sheetData>%s</sheetData></worksheet>".formatted(MAIN, rows));
  }

  private ReadTable read(ReadingChoices choices) throws RefusedFileException, IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, String> part : parts.entrySet()) {
        zip.putNextEntry(new ZipEntry(part.getKey()));
        zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
      }
    }
    return TableReader.read(
        DataSource.of("trays.xlsx", bytes.toByteArray()), choices, Progress.NONE);
  }

  private ReadTable read() throws RefusedFileException, IOException {
    return read(ReadingChoices.NONE);
  }

  private static List<String> texts(ReadTable read, int place) {
    Column column = read.table().columns().get(place);
    return IntStream.range(0, column.size()).mapToObj(column::text).toList();
  }

  private static final String INLINE =
      "<row><c t='inlineStr'><is><t>tray</t></is></c><c t='inlineStr'><is><t>g</t></is></c></row>"
          + "<row><c><v>1</v></c><c><v>131.5</v></c></row>"
          + "<row><c><v>2</v></c><c><v>98</v></c></row>";

  @Test
  void neitherStringsStylesNorReferencesNeedBeThere() throws Exception {
    sheet("xl/worksheets/sheet1.xml", INLINE);

    ReadTable read = read();

    assertThat(read.table().names()).containsExactly("tray", "g");
    assertThat(texts(read, 1)).containsExactly("131.5", "98");
    assertThat(read.recognised().of(Aspect.SHEET)).isEqualTo("Trays");
  }

  @Test
  void prefixesAndTargetsAreThoseThatTheProgramLikes() throws Exception {
    parts.put(
        "xl/workbook.xml",
        "<x:workbook xmlns:x='%s' xmlns:q='%s'><x:sheets><x:sheet name='T' sheetId='1' q:id='a'/>"
                .formatted(MAIN, RELATIONS)
            + "</x:sheets></x:workbook>");
    relations(
        relation("a", "worksheet", "/xl/worksheets/data.xml"),
        relation("b", "sharedStrings", "/xl/strings.xml"));
    parts.put(
        "xl/strings.xml",
        "<x:sst xmlns:x='%s'><x:si><x:t>g</x:t></x:si><x:si><x:r><x:t>Bla</x:t></x:r><x:r>"
                .formatted(MAIN)
            + "<x:t>nca</x:t></x:r><x:rPh><x:t>said</x:t></x:rPh></x:si></x:sst>");
    parts.put(
        "xl/worksheets/data.xml",
        "<x:worksheet xmlns:x='%s'><x:sheetData>".formatted(MAIN)
            + "<x:row r='1'><x:c r='A1' t='s'><x:v>0</x:v></x:c></x:row>"
            + "<x:row r='3'><x:c r='A3' t='s'><x:v>1</x:v></x:c></x:row>"
            + "<x:row r='4'><x:c r='A4' t='s'><x:v>7</x:v></x:c></x:row>"
            + "</x:sheetData></x:worksheet>");

    assertThat(texts(read(), 0)).containsExactly("Blanca", "#7");
  }

  @Test
  void daysOfTypeDAndNumbersBeyondAnyDayAreSingleEntries() throws Exception {
    relations(
        relation("rId1", "worksheet", "worksheets/sheet1.xml"),
        relation("rId2", "styles", "styles.xml"));
    parts.put(
        "xl/styles.xml",
        "<styleSheet xmlns='%s'><cellStyleXfs><xf numFmtId='0'/></cellStyleXfs>".formatted(MAIN)
            + "<cellXfs><xf numFmtId='0'/><xf numFmtId='14'/></cellXfs></styleSheet>");
    sheet(
        "xl/worksheets/sheet1.xml",
        "<row><c t='inlineStr'><is><t>day</t></is></c><c t='inlineStr'><is><t>n</t></is></c></row>"
            + "<row><c t='d'><v>2026-09-01T00:00:00</v></c><c><v>1</v></c></row>"
            + "<row><c s='1'><v>46266</v></c><c><v>2</v></c></row>"
            + "<row><c t='d'><v>someday</v></c><c><v>3</v></c></row>"
            + "<row><c s='1'><v>1e300</v></c><c><v>4</v></c></row>"
            + "<row><c s='1'><v>46267.3125</v></c><c><v>5</v></c></row>");

    ReadTable read = read();

    assertThat(texts(read, 0))
        .containsExactly("2026-09-01", "2026-09-01", "someday", "1e300", "2026-09-02 07:30");
    assertThat(texts(read, 1)).containsExactly("1", "2", "3", "4", "5");
  }

  @Test
  void theSheetWithTheMostDataIsProposedHiddenOnesLastAndNotesAreRecognised() throws Exception {
    workbook(
        "<sheet name='Notes' sheetId='1' r:id='n'/><sheet name='All' sheetId='2' r:id='a'"
            + " state='hidden'/><sheet name='North' sheetId='3' r:id='b'/>");
    relations(
        relation("n", "worksheet", "notes.xml"),
        relation("a", "worksheet", "all.xml"),
        relation("b", "worksheet", "north.xml"));
    List<String> notes = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      notes.add("<row><c t='inlineStr'><is><t>Read this first</t></is></c></row>");
    }
    sheet("xl/notes.xml", String.join("", notes));
    sheet("xl/all.xml", INLINE + INLINE.substring(INLINE.indexOf("</row>") + 6));
    sheet("xl/north.xml", INLINE);

    assertThat(read().recognised().of(Aspect.SHEET)).isEqualTo("North");
    assertThat(read().recognised().sheets()).containsExactly("Notes", "All", "North");
    assertThat(read(ReadingChoices.NONE.with(Aspect.SHEET, "All")).table().rows()).isEqualTo(4);
    parts.remove("xl/north.xml");
    sheet("xl/north.xml", "");
    // Better the hidden one than notes alone.
    assertThat(read().recognised().of(Aspect.SHEET)).isEqualTo("All");
  }

  @Test
  void whatIsDamagedIsSaidWithoutTheWordsOfALibrary() {
    sheet("xl/worksheets/sheet1.xml", "<row><c><v>1</v></c>");
    assertThatThrownBy(this::read)
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("the workbook is damaged")
        .hasMessageNotContainingAny("null", "Exception", "javax", "ParseError");

    parts.remove("xl/worksheets/sheet1.xml");
    assertThatThrownBy(this::read).hasMessageContaining("the workbook is damaged");
    parts.remove("xl/workbook.xml");
    assertThatThrownBy(this::read).hasMessageContaining("not a workbook");
  }

  @Test
  void aCellBeyondTheLastColumnIsNoCell() {
    sheet("xl/worksheets/sheet1.xml", "<row r='1'><c r='ZZZZ1'><v>1</v></c></row>");

    assertThatThrownBy(this::read).hasMessageContaining("more than 16384 columns");
  }

  @Test
  void kindsAreFoundAsInAnyOtherTable() throws Exception {
    sheet(
        "xl/worksheets/sheet1.xml",
        "<row><c t='str'><v>ripe</v></c><c t='str'><v>g</v></c></row>"
            + "<row><c t='b'><v>1</v></c><c><f>1+1</f><v>2</v></c></row>"
            + "<row><c t='b'><v>0</v></c><c t='e'><v>#N/A</v></c></row>"
            + "<row><c t='b'><v>0</v></c><c><v>3.0000000000000004</v></c></row>");

    ReadTable read = read();

    assertThat(texts(read, 0)).containsExactly("TRUE", "FALSE", "FALSE");
    assertThat(read.table().columns().get(1).kind()).isEqualTo(Kind.NUMBER);
    assertThat(texts(read, 1)).containsExactly("2", "", "3");
  }
}
