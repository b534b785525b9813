package promedio.desktop.window.graph;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.grouping.ClassColumns;
import promedio.core.grouping.Grouping;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.Tally;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Results;
import promedio.desktop.window.control.Nodes;
import promedio.files.report.GroupingText;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;

/** A class table as it is printed, its columns filling themselves. */
public final class ClassTableView extends GridPane {

  private static final Logger LOG = LoggerFactory.getLogger(ClassTableView.class);

  private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
  private static final int MOST_ROWS = 60;

  /** The cells by their places: they stay while one types, and only say something else. */
  private final Map<Place, Label> cells = new HashMap<>();

  /** The places that the table shown now has. */
  private final Set<Place> used = new HashSet<>();

  private record Place(int column, int row) {}

  ClassTableView() {
    getStyleClass().add("class-table");
    setId("class-table");
    setVgap(2);
  }

  /** Shows the table; a click on a class tells it. */
  void show(Optional<ClassTable> table, Analysis now, Consumer<Interval> chosen) {
    used.clear();
    if (table.isPresent() && table.get().rows().size() <= MOST_ROWS) {
      fill(table.get(), now, chosen);
    }
    dropUnused();
  }

  private void fill(ClassTable table, Analysis now, Consumer<Interval> chosen) {
    head(Texts.of("graph.heads").split("\\|", -1));
    ShownNumbers numbers = now.numbers();
    int row = 1;
    for (ClassColumns columns : ClassColumns.of(table)) {
      Interval interval = columns.interval();
      List<String> texts =
          List.of(
              numbers.shown(interval),
              interval.midpoint().map(numbers::shown).orElse(""),
              numbers.shown(interval.frequency()),
              numbers.shown(columns.relative()),
              numbers.result(columns.percentage()),
              numbers.shown(columns.cumulative()),
              numbers.shown(columns.cumulativeAbove()),
              columns.density().map(numbers::shown).orElse(""));
      for (int column = 0; column < texts.size(); column++) {
        Label cell = cell(texts.get(column), column, row, "work-cell");
        cell.setUserData(interval);
        cell.setOnMouseClicked(event -> chosen.accept(interval));
        if (column == 0) {
          reachByKeys(cell, interval, chosen);
        }
      }
      Label tally = cell(GroupingText.tally(interval.frequency()), texts.size(), row, "tally");
      tally.setAlignment(Pos.CENTER_LEFT);
      // Where there is little room the strokes give way, not the numbers.
      tally.setMinWidth(0);
      row++;
    }
    String total = numbers.shown(table.tally().total());
    String[] totals = {"Σ", "", total, "1", numbers.result(Exact.of(100))};
    for (int column = 0; column < totals.length; column++) {
      cell(totals[column], column, row, "work-totals");
    }
  }

  private static void reachByKeys(Label cell, Interval interval, Consumer<Interval> chosen) {
    cell.setFocusTraversable(true);
    cell.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            chosen.accept(interval);
            event.consume();
          }
        });
  }

  /** Makes the row of the class stand out. */
  void choose(Interval interval) {
    getChildren()
        .forEach(cell -> cell.pseudoClassStateChanged(LIT, interval.equals(cell.getUserData())));
  }

  /** {@return whether a point of the axis lies within the class} */
  static boolean holds(Interval interval, Exact at) {
    return interval.lower().map(l -> l.compareTo(at) <= 0).orElse(true)
        && interval.upper().map(u -> u.compareTo(at) > 0).orElse(true);
  }

  /**
   * Shows each measure of the values beside that of the classes and what grouping changed, and what
   * it would be with classes half and twice as wide.
   */
  void compare(ClassTable table, Analysis now) {
    used.clear();
    fillComparison(table, now);
    dropUnused();
  }

  private void fillComparison(ClassTable table, Analysis now) {
    head(Texts.of("graph.compare-heads").split("\\|", -1));
    ShownNumbers numbers = now.numbers();
    Computation grouped = Computation.of(table, now.rules());
    List<Computation> others = new ArrayList<>();
    for (Exact width : otherWidths(table)) {
      try {
        Grouping other = Grouping.ofWidth(now.typed().data(), width, now.rules());
        others.add(Computation.of(other.table(), now.rules()));
      } catch (BadInputException e) {
        LOG.debug("no classes of width {} beside the others", width, e);
        continue;
      }
      cell(
          Texts.of("graph.compare-width", numbers.shown(width)),
          3 + others.size(),
          0,
          "class-head");
    }
    int row = 1;
    for (Measure measure : Measures.all()) {
      Request request = Request.of(measure);
      Result raw = now.computation().result(request);
      Result classes = grouped.result(request);
      if (raw instanceof Result.Absent && classes instanceof Result.Absent) {
        continue;
      }
      cell(TaskTexts.name(measure), 0, row, "work-cell").setAlignment(Pos.CENTER_LEFT);
      cell(now.shown(request), 1, row, "work-cell");
      if (now.isCovered(request)) {
        row++;
        continue;
      }
      cell(Results.shown(classes, request, now), 2, row, "work-cell");
      cell(GroupingText.error(raw, classes, now.rules()), 3, row, "work-cell");
      for (int i = 0; i < others.size(); i++) {
        cell(Results.shown(others.get(i).result(request), request, now), 4 + i, row, "work-cell");
      }
      row++;
    }
  }

  /** Half and twice the common width, where the classes have one. */
  private static List<Exact> otherWidths(ClassTable table) {
    List<Optional<Exact>> widths =
        table.intervals(false).stream().map(Interval::width).distinct().toList();
    return widths.size() == 1 && widths.get(0).isPresent()
        ? List.of(widths.get(0).get().over(2), widths.get(0).get().times(2))
        : List.of();
  }

  private void head(String[] heads) {
    for (int column = 0; column < heads.length; column++) {
      cell(heads[column], column, 0, "class-head");
    }
  }

  private Label cell(String text, int column, int row, String styleClass) {
    Place place = new Place(column, row);
    Label cell = cells.computeIfAbsent(place, this::newCell);
    used.add(place);
    cell.setText(text);
    cell.setAlignment(Pos.CENTER_RIGHT);
    cell.setMinWidth(USE_PREF_SIZE);
    if (!cell.getStyleClass().contains(styleClass)) {
      Nodes.setStyles(cell, "label", styleClass);
    }
    cell.pseudoClassStateChanged(LIT, false);
    cell.setUserData(null);
    cell.setOnMouseClicked(null);
    cell.setOnKeyPressed(null);
    cell.setFocusTraversable(false);
    return cell;
  }

  private Label newCell(Place place) {
    Label cell = new Label();
    cell.setMaxWidth(Double.MAX_VALUE);
    add(cell, place.column(), place.row());
    return cell;
  }

  private void dropUnused() {
    cells.entrySet().removeIf(entry -> !used.contains(entry.getKey()));
    getChildren().retainAll(cells.values());
  }

  /** {@return whether a value belongs to the class, by the rule for the end that it keeps} */
  public static boolean lies(Exact value, Interval interval, CourseRules rules) {
    int low = interval.lower().map(value::compareTo).orElse(1);
    int high = interval.upper().map(value::compareTo).orElse(-1);
    return rules.get(Rule.CLASS_END) == ClassEnd.UPPER
        ? low > 0 && high <= 0
        : low >= 0 && high < 0;
  }

  /** {@return the values of a sample that lie in a class, in a sentence} */
  static String values(Interval interval, Analysis now) {
    ShownNumbers numbers = now.numbers();
    Tally tally = now.typed().data().tally();
    List<String> inside = new ArrayList<>();
    for (int i = 0; i < tally.size() && inside.size() < 100; i++) {
      Exact value = tally.value(i);
      if (lies(value, interval, now.rules())) {
        String times = tally.frequency(i).equals(Exact.ONE) ? "" : "×" + tally.frequency(i);
        inside.add(numbers.shown(value) + times);
      }
    }
    return Texts.of("graph.class-values", numbers.shown(interval), String.join("  ", inside));
  }

  /** {@return the classes as one types them} */
  static String text(ClassTable table, Analysis now) {
    ShownNumbers numbers = now.numbers();
    return table.intervals(false).stream()
        .map(interval -> numbers.shown(interval) + "  " + numbers.shown(interval.frequency()))
        .collect(Collectors.joining("\n"));
  }
}
