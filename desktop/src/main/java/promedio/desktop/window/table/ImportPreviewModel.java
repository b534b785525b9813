package promedio.desktop.window.table;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;
import promedio.core.message.Texts;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.desktop.projection.Describe;
import promedio.desktop.window.control.Controls;
import promedio.desktop.work.ImportSession;
import promedio.files.table.RawRow;
import promedio.files.table.ReadTable;
import promedio.files.table.Recognised;

/** The first rows of a table as they stand in its file, those above the header among them. */
final class ImportPreviewModel implements GridContent {

  private final List<RawRow> rows;
  private final Recognised recognised;
  private final ReadTable read;

  /** Whether all rows are read, or the first alone, of which nothing is counted. */
  private final boolean whole;

  private final ImportSession importing;
  private final int width;
  private final long passOver;

  ImportPreviewModel(ReadTable read, boolean whole, ImportSession importing) {
    this.recognised = read.recognised();
    this.rows = recognised.head();
    this.read = read;
    this.whole = whole;
    this.importing = importing;
    this.passOver = Long.parseLong(recognised.of(Aspect.PASS_OVER));
    this.width =
        rows.stream()
            .filter(row -> row.line() >= Math.max(recognised.headerLine(), passOver))
            .mapToInt(row -> row.cells().size())
            .max()
            .orElse(1);
  }

  @Override
  public int rows() {
    return rows.size();
  }

  @Override
  public int columns() {
    return width;
  }

  @Override
  public String columnName(int column) {
    return column(column).map(Column::name).orElse("");
  }

  @Override
  public String text(int row, int column) {
    return rows.get(row).cell(column).replace('\n', ' ');
  }

  @Override
  public String rowHead(int row) {
    return row < rows.size() ? String.valueOf(rows.get(row).line()) : "";
  }

  @Override
  public boolean isNumber(int column) {
    return column(column).map(found -> found.kind() == Kind.NUMBER).orElse(false);
  }

  @Override
  public String state(int row, int column) {
    String state = rowState(row);
    if (!state.isEmpty()) {
      return state;
    }
    boolean chosen =
        importing.columnsProperty().get().isEmpty()
            || importing.columnsProperty().get().contains(columnName(column));
    if (whole && !chosen) {
      return "passed-over";
    }
    return whole && isUnreadable(row, column) ? "unreadable" : "";
  }

  private boolean isUnreadable(int row, int column) {
    long line = rows.get(row).line();
    Optional<Column> found = column(column);
    if (found.isEmpty()) {
      return false;
    }
    int at = Arrays.binarySearch(read.lines(), (int) line);
    return at >= 0
        && at < found.get().size()
        && found.get().unreadable(at).filter(text(row, column)::equals).isPresent();
  }

  @Override
  public String rowState(int row) {
    long line = rows.get(row).line();
    if (line == recognised.headerLine()) {
      return "header-row";
    }
    return line <= passOver || line > lastLine() ? "passed-over" : "";
  }

  /** Totals and notes below the table are left out. */
  private long lastLine() {
    return !whole || read.lines().length == 0 ? Long.MAX_VALUE : read.line(read.lines().length - 1);
  }

  /** Columns that hold nothing at all are not in the table, so it is found by its place in both. */
  private Optional<Column> column(int place) {
    return place >= read.table().columns().size()
        ? Optional.empty()
        : Optional.of(read.table().columns().get(place));
  }

  @Override
  public Node head(int place) {
    VBox head = new VBox(2);
    head.getStyleClass().add("column-head");
    Optional<Column> column = column(place);
    if (column.isEmpty()) {
      head.getChildren().add(new Label("…"));
      return head;
    }
    if (whole) {
      head.getChildren()
          .addAll(
              taken(place, column.get().name()),
              kinds(place, column.get().kind()),
              facts(column.get()));
    } else {
      // Nothing is chosen yet, and plain texts are there sooner.
      Label name = new Label(column.get().name());
      name.getStyleClass().add("column-name");
      Label kind = new Label(Texts.of("kind." + column.get().kind().code()));
      kind.getStyleClass().add("column-kind");
      head.getChildren().addAll(name, kind, new Label("…"));
    }
    return head;
  }

  private CheckBox taken(int place, String name) {
    CheckBox taken = Controls.literal(new CheckBox(name));
    taken.getStyleClass().add("column-name");
    taken.setId("import-column-" + place);
    importing.columnsProperty().subscribe(chosen -> taken.setSelected(chosen.contains(name)));
    taken.setOnAction(event -> importing.include(name, taken.isSelected()));
    return taken;
  }

  private Node kinds(int place, Kind now) {
    MenuButton kinds = Controls.literal(new MenuButton(Texts.of("kind." + now.code())));
    kinds.getStyleClass().addAll("rule", "kind-choice");
    kinds.setAccessibleText(Texts.of("import.kind", columnName(place)));
    for (Kind kind : Kind.values()) {
      MenuItem item = Controls.literal(new MenuItem(Texts.of("kind." + kind.code())));
      item.setOnAction(event -> importing.decideKind(place, kind));
      kinds.getItems().add(item);
    }
    return kinds;
  }

  private static Label facts(Column column) {
    int there = column.present();
    int missing = column.size() - there - column.unreadable();
    String unit = column instanceof NumberColumn numbers ? numbers.unit() : "";
    String counted = Texts.of("head.n", Describe.grouped(there));
    Label label =
        new Label(
            (unit.isEmpty() ? counted : Texts.of("head.with-unit", counted, unit))
                + "\n"
                + gaps(missing, column.unreadable()));
    label.getStyleClass().add("column-facts");
    return label;
  }

  /** {@return how many entries are missing or to be mended, empty where none are} */
  static String gaps(int missing, int unreadable) {
    return Stream.of(
            missing == 0 ? "" : Texts.of("head.missing", Describe.grouped(missing)),
            unreadable == 0 ? "" : Texts.of("head.unreadable", Describe.grouped(unreadable)))
        .filter(text -> !text.isEmpty())
        .collect(Collectors.joining(", "));
  }
}
