package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.number.Exact;
import promedio.core.sample.FrequencyTable;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;

class TableReaderTest {

  @TempDir private Path folder;

  private static ReadTable read(String text) throws RefusedFileException, IOException {
    return read(text, ReadingChoices.NONE);
  }

  private static ReadTable read(String text, ReadingChoices choices)
      throws RefusedFileException, IOException {
    return read(text.getBytes(StandardCharsets.UTF_8), choices);
  }

  private static ReadTable read(byte[] bytes, ReadingChoices choices)
      throws RefusedFileException, IOException {
    return TableReader.read(DataSource.of("pears.csv", bytes), choices, Progress.NONE);
  }

  private static ReadingChoices choosing(Aspect aspect, String text) {
    return ReadingChoices.NONE.with(aspect, text);
  }

  private static NumberColumn only(ReadTable read) throws ColumnChoiceException {
    return TableData.column(read, Optional.empty());
  }

  private static List<String> texts(ReadTable read, int column) {
    Column found = read.table().columns().get(column);
    return IntStream.range(0, found.size()).mapToObj(found::text).toList();
  }

  @Test
  void aListOverSeveralLinesIsOneColumn() throws Exception {
    assertThat(only(read("8 10 11\n11 12\n")).size()).isEqualTo(5);
    assertThat(only(read("8, 10, 11\n")).size()).isEqualTo(3);
    assertThat(only(read("8;10;11")).size()).isEqualTo(3);
    assertThat(only(read("8\n10\n\n11\n")).size()).isEqualTo(3);
    assertThat(only(read("12×3 8")).size()).isEqualTo(4);
    assertThat(only(read("weight in g\n8\n10\n")).name()).isEqualTo("weight in g");
  }

  @Test
  void aTablePartedByBlanksHoldsValuesAndFrequencies() throws Exception {
    FrequencyTable table =
        TableData.frequencies(read("3 12\n4  7\n5\t1\n", choosing(Aspect.SEPARATOR, "blanks")));

    assertThat(table.tally().total()).isEqualTo(Exact.of(20));
  }

  @Test
  void unreadableEntriesAreKeptWithTheirTextAndNamedWithTheirLine() throws Exception {
    ReadTable read = read("g\n118\n\nNA\n14o\n121\n-\n");
    NumberColumn numbers = only(read);

    assertThat(numbers.values().count()).isEqualTo(2);
    assertThat(numbers.summary().missing()).isEqualTo(2);
    assertThat(numbers.toMend()).containsExactly(Map.entry(2, "14o"));
    assertThat(TableData.unreadable(read, numbers).get(0))
        .isEqualTo("pears.csv, line 5: “14o” is not a number");
  }

  @Test
  void asksWhichColumnWhereSeveralHoldNumbers() throws Exception {
    ReadTable read = read("a,b,c\n1,x,2\n3,y,4\n");

    assertThatThrownBy(() -> TableData.column(read, Optional.empty()))
        .isInstanceOf(ColumnChoiceException.class)
        .hasMessageContaining("a, c");
    assertThatThrownBy(() -> TableData.column(read, Optional.of("d")))
        .hasMessageContaining("“d”")
        .hasMessageContaining("a, b, c");
    assertThatThrownBy(() -> TableData.column(read, Optional.of("b")))
        .hasMessageContaining("does not hold numbers");
    assertThat(TableData.column(read, Optional.of("c")).name()).isEqualTo("c");
    assertThat(TableData.column(read, Optional.of("3")).name()).isEqualTo("c");
    ReadTable words = read("a,b\nx,y\nu,v\n");
    assertThatThrownBy(() -> TableData.column(words, Optional.empty()))
        .hasMessageContaining("no column holds numbers");
  }

  @Test
  void everythingRecognisedCanBeDecidedOtherwise() throws Exception {
    String text = "a;b\n1,5;x\n2,5;NA\nTotal;4\n";

    assertThat(read(text, choosing(Aspect.SEPARATOR, "none")).table().names())
        .containsExactly("a;b");
    assertThat(texts(read("v\n1.500\n2.250\n", choosing(Aspect.DECIMAL, ",")), 0))
        .containsExactly("1.500", "2.250");
    assertThat(
            texts(
                read("v\n1.500\n2.250\n", choosing(Aspect.DECIMAL, ",").with(Aspect.GROUPING, ".")),
                0))
        .containsExactly("1500", "2250");
    assertThat(read(text, choosing(Aspect.HEADER_LINE, "0")).table().names())
        .containsExactly("column 1", "column 2");
    assertThat(read(text, choosing(Aspect.FOOT_ROWS, "0")).table().rows()).isEqualTo(3);
    assertThat(read(text).table().rows()).isEqualTo(2);
    assertThat(texts(read("a,b\n1,-999\n2,x\n3,7\n", choosing(Aspect.MISSING, "-999 x")), 1))
        .containsExactly("", "", "7");
    assertThat(read("a\n1\n2\n", ReadingChoices.NONE.withKind(0, Kind.CATEGORY)).table())
        .extracting(table -> table.columns().get(0).kind())
        .isEqualTo(Kind.CATEGORY);
    assertThat(read("x\n\"1\n2\n3\n", choosing(Aspect.QUOTE, "none")).table().rows()).isEqualTo(3);
    byte[] western = "Größe\n3\n".getBytes(Charset.forName("windows-1252"));
    assertThatThrownBy(() -> read(western, choosing(Aspect.ENCODING, "UTF-8")))
        .hasMessageContaining("not UTF-8");
    assertThatThrownBy(() -> read(text, choosing(Aspect.DECIMAL, "x")))
        .hasMessageContaining("“x” is not a value of “decimal”");
  }

  @Test
  void aColumnThatTurnsToWordsBelowTheHeadKeepsTheTextOfEveryEntry() throws Exception {
    String body = numbered(1, 260, i -> "00" + i) + numbered(260, 900, i -> "x" + i);
    ReadTable read = read("tray,code\n" + body);

    assertThat(read.table().columns().get(1).kind()).isEqualTo(Kind.TEXT);
    assertThat(texts(read, 1)).contains("001", "x260");
  }

  @Test
  void bytesThatAreNoUtf8FarBelowTheHeadChangeTheEncoding() throws Exception {
    String text = "tray,remark\n" + numbered(1, 40_000, i -> "ripe") + "40000,überreif\n";
    ReadTable read = read(text.getBytes(Charset.forName("windows-1252")), ReadingChoices.NONE);

    assertThat(read.recognised().of(Aspect.ENCODING)).isEqualTo("Windows-1252");
    assertThat(texts(read, 1)).contains("überreif");
    assertThatThrownBy(() -> read("tray,remark\n" + numbered(1, 40_000, i -> "ripe") + "7,a\0b\n"))
        .hasMessageContaining("NUL bytes");
  }

  private static String numbered(int from, int to, IntFunction<String> text) {
    return IntStream.range(from, to)
        .mapToObj(i -> i + "," + text.apply(i) + "\n")
        .collect(Collectors.joining());
  }

  @Test
  void oneLineOfMegabytesIsAListOrNothing() throws Exception {
    String words = "pears and more ".repeat(350_000);
    String numbers = "131.5 140 98 ".repeat(40_000);

    assertThatThrownBy(() -> read(words)).hasMessageContaining("one line of 5250000 bytes");
    assertThat(only(read(numbers)).size()).isEqualTo(120_000);
  }

  @Test
  void whatCannotBeReadSaysWhatItIsAndWhatToDo() throws IOException {
    Path missing = folder.resolve("gone.csv");

    assertThatThrownBy(() -> DataSource.of(missing))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("no such file");
    assertThatThrownBy(() -> DataSource.of(folder)).hasMessageContaining("this is a folder");
    assertThatThrownBy(() -> read("sheet", choosing(Aspect.ENCODING, "EBCDIC")))
        .hasMessageContaining("“EBCDIC”");
  }

  @Test
  void aWorkbookThatUnpacksToMoreThanTheLimitIsRefused() throws Exception {
    Path bomb = folder.resolve("bomb.xlsx");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(bomb))) {
      zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
      zip.write(" ".repeat(4 << 20).getBytes(StandardCharsets.UTF_8));
      zip.closeEntry();
    }
    byte[] packed = Files.readAllBytes(bomb);
    long limit = 3 << 20;

    for (DataSource source : List.of(DataSource.of(bomb), DataSource.of("bomb.xlsx", packed))) {
      assertThatThrownBy(() -> WorkbookGuard.check(source, limit))
          .isInstanceOf(RefusedFileException.class)
          .hasMessageContaining("unpack to more than 1024 MB");
    }
  }

  @Test
  void theSheetOfAWorkbookIsChosenByNameOrNumber() throws Exception {
    byte[] workbook = NastyFilesTest.bytes("workbook.xlsx");

    assertThat(read(workbook, ReadingChoices.NONE).recognised().sheets())
        .containsExactly("Cover", "North");
    assertThat(read(workbook, choosing(Aspect.SHEET, "2")).table().rows()).isEqualTo(4);
    assertThatThrownBy(() -> read(workbook, choosing(Aspect.SHEET, "South")))
        .hasMessageContaining("no sheet “South”; the sheets are Cover, North");
  }

  @Test
  void anInterruptedReadingEnds() {
    Thread.currentThread().interrupt();
    try {
      assertThatThrownBy(() -> read("a\n1\n")).isInstanceOf(CancellationException.class);
    } finally {
      assertThat(Thread.interrupted()).isTrue();
    }
  }

  @Test
  void progressGoesUpToTheSizeOfTheFile() throws Exception {
    byte[] bytes = "a\n1\n2\n".getBytes(StandardCharsets.UTF_8);
    long[] last = new long[2];
    TableReader.read(
        DataSource.of("pears.csv", bytes),
        ReadingChoices.NONE,
        (done, total) -> {
          last[0] = done;
          last[1] = total;
        });

    assertThat(last).containsExactly(bytes.length, bytes.length);
  }

  @Test
  void theFirstRowsSayOfWhichKindsColumnsSeemLongBeforeAllRowsAreRead() throws Exception {
    String rows =
        IntStream.rangeClosed(1, 100_000)
            .mapToObj(row -> "T" + row + ";131,5;upper\n")
            .collect(Collectors.joining());
    DataSource source =
        DataSource.of("log.csv", ("tray;g;terrace\n" + rows).getBytes(StandardCharsets.UTF_8));
    List<ReadTable> told = new ArrayList<>();

    ReadTable whole = TableReader.read(source, ReadingChoices.NONE, Progress.NONE, told::add);

    assertThat(whole.table().rows()).isEqualTo(100_000);
    ReadTable first = told.get(0);
    assertThat(told).hasSize(1);
    assertThat(first.table().names()).containsExactly("tray", "g", "terrace");
    assertThat(first.table().columns().stream().map(Column::kind))
        .containsExactly(Kind.TEXT, Kind.NUMBER, Kind.CATEGORY);
    assertThat(first.table().rows()).isEqualTo(OpenedSource.HEAD_ROWS - 1);
    assertThat(first.lines()).startsWith(2, 3, 4);
    assertThat(first.recognised()).isEqualTo(whole.recognised());
  }

  @Test
  void aShortTableIsTheFirstThatIsTold() throws Exception {
    DataSource source =
        DataSource.of("pears.csv", "tray,g\n1,131\n2,140\n".getBytes(StandardCharsets.UTF_8));
    List<ReadTable> told = new ArrayList<>();

    ReadTable whole = TableReader.read(source, ReadingChoices.NONE, Progress.NONE, told::add);

    assertThat(told).isEmpty();
    assertThat(texts(whole, 1)).containsExactly("131", "140");
  }

  /** Beyond a megabyte two threads share the work. */
  @Test
  void aLongTableIsReadAsAShortOneIs() throws Exception {
    String rows = "131,5;upper;\n\n142;lower;x\n—;\"up\nper\";\n";
    int times = (2 << 20) / rows.length();
    ReadTable few = read("g;terrace;note\n" + rows.repeat(2));
    ReadTable many = read("g;terrace;note\n" + rows.repeat(times));

    assertThat(many.table().rows()).isEqualTo(3 * times);
    for (int column = 0; column < 3; column++) {
      assertThat(texts(many, column).subList(0, 6)).isEqualTo(texts(few, column));
      assertThat(texts(many, column).subList(3 * times - 6, 3 * times))
          .isEqualTo(texts(few, column));
    }
    assertThat(many.line(3 * times - 1)).isEqualTo(5L * (times - 1) + 5);
  }

  @Test
  void aLongRowOfTooManyCellsIsRefusedWithItsLine() {
    String rows = "1;2\n".repeat(1 << 19);
    assertThatThrownBy(() -> read(rows + ";".repeat(30_000)))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining(String.valueOf((1 << 19) + 1));
  }
}
