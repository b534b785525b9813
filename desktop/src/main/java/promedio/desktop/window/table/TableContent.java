package promedio.desktop.window.table;

import javafx.scene.Node;
import promedio.core.number.DecimalSign;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.desktop.projection.Describe;
import promedio.desktop.work.ColumnProfile;

/** A table as a grid shows it. */
final class TableContent implements GridContent {

  private static final String MISSING = "—";

  /** Decimals of an entry that go on longer are cut off in sight; the entry itself is not. */
  private static final int LONGEST_NUMBER = 14;

  private final Table table;
  private final ColumnProfile.Finder finder;
  private final DecimalSign sign;
  private final ColumnAction choose;
  private final Runnable grown;

  /** Does something with a column. */
  @FunctionalInterface
  interface ColumnAction {
    void on(int column);
  }

  TableContent(
      Table table,
      ColumnProfile.Finder finder,
      DecimalSign sign,
      ColumnAction choose,
      Runnable grown) {
    this.grown = grown;
    this.table = table;
    this.finder = finder;
    this.sign = sign;
    this.choose = choose;
  }

  @Override
  public int rows() {
    return table.rows();
  }

  @Override
  public int columns() {
    return table.columns().size();
  }

  @Override
  public String columnName(int column) {
    return table.columns().get(column).name();
  }

  @Override
  public String text(int row, int column) {
    Column found = table.columns().get(column);
    if (found.isMissing(row)) {
      return found.unreadable(row).orElse(MISSING);
    }
    String text = found.text(row);
    if (found.kind() != Kind.NUMBER) {
      return text.replace('\n', ' ');
    }
    String shown = text.replace('.', sign.sign()).replace('-', '−');
    return shown.length() > LONGEST_NUMBER ? shown.substring(0, LONGEST_NUMBER - 1) + "…" : shown;
  }

  @Override
  public String rowHead(int row) {
    int origin = row < table.rows() ? table.origin(row) : 0;
    return origin == 0 ? "+" : Describe.grouped(origin);
  }

  @Override
  public boolean isNumber(int column) {
    return table.columns().get(column).kind() == Kind.NUMBER;
  }

  @Override
  public String state(int row, int column) {
    Column found = table.columns().get(column);
    if (!found.isMissing(row)) {
      return "";
    }
    return found.unreadable(row).isPresent() ? "unreadable" : "missing";
  }

  @Override
  public Node head(int column) {
    return new ColumnHead(
        table.columns().get(column), finder, sign, () -> choose.on(column), grown);
  }
}
