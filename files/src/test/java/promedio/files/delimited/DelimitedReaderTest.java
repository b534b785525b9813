package promedio.files.delimited;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.FrequencyTable;
import promedio.files.RefusedFileException;
import promedio.files.delimited.DelimitedReader.Layout;

class DelimitedReaderTest {

  @TempDir private Path folder;

  private static RawTable read(String text) throws RefusedFileException {
    return read(text, Layout.LIST);
  }

  private static RawTable read(String text, Layout layout) throws RefusedFileException {
    return DelimitedReader.read("pears.csv", text.getBytes(StandardCharsets.UTF_8), layout);
  }

  private static Columns.Numbers only(RawTable table) throws ColumnChoiceException {
    return Columns.numbers(table, Columns.choose(table, Optional.empty()));
  }

  @Test
  void readsACommaFileWithItsHeader() throws Exception {
    RawTable table = read("row,weight\nnorth,118.5\nsouth,121\n");

    assertThat(table.columns()).containsExactly("row", "weight");
    assertThat(table.sign()).isEqualTo(DecimalSign.POINT);
    assertThat(only(table).name()).isEqualTo("weight");
    assertThat(only(table).sample().values().get(0)).isEqualTo(Exact.of(237, 2));
  }

  @Test
  void readsSemicolonsWithDecimalCommas() throws Exception {
    RawTable table = read("Gewicht;Korb\n118,5;1\n121,25;2\n");

    assertThat(table.sign()).isEqualTo(DecimalSign.COMMA);
    assertThat(Columns.numbers(table, 0).sample().values().get(1)).isEqualTo(Exact.of(485, 4));
  }

  @Test
  void readsTabsBarsAndQuotes() throws Exception {
    assertThat(read("a\tb\n1\t2\n").columns()).containsExactly("a", "b");
    assertThat(read("a|b\n1|2\n").rows().get(0).cells()).containsExactly("1", "2");
    assertThat(read("name,kg\n\"Ana, the first\",\"3.5\"\n").rows().get(0).cells())
        .containsExactly("Ana, the first", "3.5");
  }

  @Test
  void readsAPlainListOverSeveralLines() throws Exception {
    assertThat(only(read("8 10 11\n11 12\n")).sample().values().size()).isEqualTo(5);
    assertThat(only(read("8, 10, 11\n")).sample().values().size()).isEqualTo(3);
    assertThat(only(read("8;10;11")).sample().values().size()).isEqualTo(3);
    assertThat(only(read("8\n10\n\n11\n")).sample().values().size()).isEqualTo(3);
    assertThat(only(read("weight in g\n8\n10\n")).name()).isEqualTo("weight in g");
  }

  @Test
  void readsATablePartedByBlanks() throws Exception {
    FrequencyTable table = Columns.frequencies(read("3 12\n4  7\n5\t1\n", Layout.TABLE));

    assertThat(table.tally().total()).isEqualTo(Exact.of(20));
  }

  @Test
  void countsMissingAndNamesUnreadableEntriesWithTheirLine() throws Exception {
    Columns.Numbers numbers = only(read("g\n118\n\nNA\n14o\n121\n-\n"));

    assertThat(numbers.sample().values().count()).isEqualTo(2);
    assertThat(numbers.sample().missing()).isEqualTo(2);
    assertThat(numbers.unreadable()).containsExactly("pears.csv, line 5: “14o” is not a number");
  }

  @Test
  void asksWhichColumnWhereSeveralHoldNumbers() throws Exception {
    RawTable table = read("a,b,c\n1,x,2\n3,y,4\n");

    assertThatThrownBy(() -> Columns.choose(table, Optional.empty()))
        .isInstanceOf(ColumnChoiceException.class)
        .hasMessageContaining("a, c");
    assertThatThrownBy(() -> Columns.choose(table, Optional.of("d")))
        .isInstanceOf(ColumnChoiceException.class)
        .hasMessageContaining("“d”")
        .hasMessageContaining("a, b, c");
    assertThat(Columns.choose(table, Optional.of("c"))).isEqualTo(2);
    assertThat(Columns.choose(table, Optional.of("3"))).isEqualTo(2);
    assertThatThrownBy(() -> Columns.choose(read("a,b\nx,y\nu,v\n"), Optional.empty()))
        .hasMessageContaining("no column holds numbers");
  }

  @Test
  void shortRowsAndRepeatedNamesAreNoHindrance() throws Exception {
    RawTable table = read("a,a,\n1,2,3\n4\n");

    assertThat(table.columns()).containsExactly("a", "a (2)", "column 3");
    assertThat(table.rows().get(1).cell(2)).isEmpty();
  }

  @Test
  void aTableWithoutAHeaderGetsNames() throws Exception {
    RawTable table = read("1,2\n3,4\n");

    assertThat(table.columns()).containsExactly("column 1", "column 2");
    assertThat(table.rows()).hasSize(2);
  }

  @Test
  void knowsEncodingsByTheirBytes() throws Exception {
    byte[] western = "Größe;g\nGroß;3\n".getBytes(Charset.forName("windows-1252"));
    byte[] wide = "\uFEFFa;b\n1;2\n".getBytes(StandardCharsets.UTF_16LE);

    assertThat(DelimitedReader.read("w", western, Layout.LIST).columns().get(0)).isEqualTo("Größe");
    assertThat(DelimitedReader.read("u", wide, Layout.LIST).columns()).containsExactly("a", "b");
    assertThat(read("\uFEFFa,b\n1,2\n").columns()).containsExactly("a", "b");
  }

  @Test
  void whatCannotBeReadSaysWhatItIsAndWhatToDo() throws IOException {
    Path folderItself = folder;
    Path missing = folder.resolve("gone.csv");

    assertThatThrownBy(() -> DelimitedReader.read(missing, Layout.LIST))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("no such file");
    assertThatThrownBy(() -> DelimitedReader.read(folderItself, Layout.LIST))
        .hasMessageContaining("this is a folder");
    assertThatThrownBy(() -> read("")).hasMessageContaining("empty");
    assertThatThrownBy(() -> read("\n \n")).hasMessageContaining("empty");
    assertThatThrownBy(() -> read("a\0b")).hasMessageContaining("NUL bytes");
    assertThatThrownBy(() -> read("PK\u0003\u0004rest")).hasMessageContaining("packed file");
    assertThatThrownBy(() -> read("a,b\n")).hasMessageContaining("no row below");
    assertThatThrownBy(() -> read("a,b\n1,\"2\n3,4\n5,6\n")).hasMessageContaining("line 2");
    Path file = Files.writeString(folder.resolve("ok.csv"), "g\n1\n2\n");
    assertThat(file).exists();
  }

  @Test
  void frequenciesNeedTwoReadableColumns() {
    assertThatThrownBy(() -> Columns.frequencies(read("a,b,c\n1,2,3\n")))
        .hasMessageContaining("two columns, this one has 3");
    assertThatThrownBy(() -> Columns.frequencies(read("v,f\n1,2\n3,x\n")))
        .hasMessageContaining("line 3")
        .hasMessageContaining("“x”");
  }

  @Test
  void missingRowsOfATableAreCounted() throws Exception {
    FrequencyTable table = Columns.frequencies(read("v,f\n1,2\n,5\n3,NA\n"));

    assertThat(table.missing()).isEqualTo(2);
    assertThat(table.tally().total()).isEqualTo(Exact.of(2));
  }
}
