package promedio.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.entry.ClassLine;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.files.table.TableData;

/** The rows of a table of several columns as the classes of a printed table. */
public final class ClassRows {

  private final List<Column> columns;
  private final DecimalSign sign;

  private ClassRows(List<Column> columns, DecimalSign sign) {
    this.columns = columns;
    this.sign = sign;
  }

  /**
   * {@return the classes as one types them, one in each line}: of columns with lower and upper
   * limit and frequency, or with the class as it is printed and its frequency; nothing where the
   * columns are none of these
   *
   * @param sign the decimal sign of the one who types
   */
  public static Optional<String> of(Table table, DecimalSign sign) {
    List<Column> columns = TableData.classColumns(table);
    ClassRows rows = new ClassRows(columns, sign);
    boolean limits =
        columns.size() == 3 && columns.stream().allMatch(each -> each.kind() == Kind.NUMBER);
    boolean printed =
        columns.size() == 2 && columns.get(1).kind() == Kind.NUMBER && rows.isPrinted();
    return table.rows() > 0 && (limits || printed)
        ? Optional.of(
            IntStream.range(0, table.rows())
                .mapToObj(row -> rows.limits(row) + "\t" + rows.text(columns.size() - 1, row))
                .collect(Collectors.joining("\n")))
        : Optional.empty();
  }

  /** Whether most of the first column can be read as classes. */
  private boolean isPrinted() {
    Column first = columns.get(0);
    ClassLine reader = new ClassLine(sign);
    long read =
        IntStream.range(0, first.size())
            .filter(row -> reader.read(text(0, row)) instanceof ClassLine.Read)
            .count();
    return first.kind() != Kind.NUMBER && 2 * read > first.size();
  }

  private String limits(int row) {
    if (columns.size() == 2) {
      return text(0, row);
    }
    boolean openBelow = columns.get(0).isMissing(row);
    boolean openAbove = columns.get(1).isMissing(row);
    if (openBelow || openAbove) {
      return openBelow
          ? Texts.of("class.under", text(1, row))
          : Texts.of("class.over", text(0, row));
    }
    return text(0, row) + "–" + text(1, row);
  }

  private String text(int column, int row) {
    Column each = columns.get(column);
    return each.kind() == Kind.NUMBER ? sign.in(each.text(row)) : each.text(row).replace('\t', ' ');
  }
}
