package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Source;
import promedio.core.entry.Typed;
import promedio.core.number.DecimalSign;
import promedio.files.RefusedFileException;

class OpenedFileTest {

  @TempDir private Path folder;

  private OpenedFile read(String text) throws IOException, RefusedFileException {
    return OpenedFile.read(Files.writeString(folder.resolve("pears.csv"), text));
  }

  @Test
  void onlyColumnsOfNumbersAreOffered() throws Exception {
    OpenedFile file = read("row,kg,g,remark\na,1.5,100,\nb,2,200,soft\n");

    assertThat(file.name()).isEqualTo("pears.csv");
    assertThat(file.columns()).containsExactly(1, 2);
    assertThat(file.columnName(2)).isEqualTo("g");
  }

  @Test
  void numbersAreWrittenTheStudentsWayAndNothingElseIsTouched() throws Exception {
    OpenedFile file = read("kg;row\n1,50;a\n;b\n3 kg;c\n2,125;d\n-4;e\n");

    assertThat(file.source(0, DecimalSign.POINT))
        .isEqualTo(new Source.ValuesText("1.50 — 3\u00A0kg 2.125 −4"));
    assertThat(file.source(0, DecimalSign.COMMA))
        .isEqualTo(new Source.ValuesText("1,50 — 3\u00A0kg 2,125 −4"));
  }

  @Test
  void whatIsBroughtInIsReadAsItStood() throws Exception {
    Source source = read("kg,row\n1.5,a\n,b\nNA,c\nx y,d\n2,e\n").source(0, DecimalSign.COMMA);
    Typed typed = source.read(DecimalSign.COMMA);

    assertThat(typed.data().tally().total()).hasToString("2");
    assertThat(typed.data().missing()).isEqualTo(2);
    assertThat(typed.unreadable()).hasSize(1);
  }

  @Test
  void aLongColumnIsKeptWhole() throws Exception {
    OpenedFile file = read("kg\n" + "1.5\n2\nbad\n".repeat(2000));
    Source.Column column = (Source.Column) file.source(0, DecimalSign.POINT);

    assertThat(column.sample().values().count()).isEqualTo(4000);
    assertThat(column.unreadable()).isEqualTo(2000);
  }

  @Test
  void aFileWithoutNumbersIsRefusedWithItsColumns() {
    assertThatThrownBy(() -> read("a,b\nx,y\n"))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("a, b");
  }
}
