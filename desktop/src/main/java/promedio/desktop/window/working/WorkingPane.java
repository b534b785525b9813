package promedio.desktop.window.working;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.marking.FollowThrough;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.working.Methods;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.WorkingService;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingTexts;

/**
 * A working by one method: uncovered step by step, so that a student tries first, or with fields
 * for the student's own numbers.
 */
public final class WorkingPane extends VBox {

  /** Told of the method that is chosen. */
  public interface MethodChoice {

    /** The method was chosen. */
    void choose(Method method);
  }

  /** From this width on, steps stand beside the table. */
  private static final double WIDE = 600;

  private static final double BESIDE = 28;

  private final WorkingService byHand;
  private final Appearance appearance;
  private final String idPrefix;
  private final MethodButtons methods;
  private final AssumptionFields assumptions;
  private final VBox tableBox = new VBox(4);
  private final VBox steps = new VBox(4);
  private final VBox ending = new VBox(4);
  private final VBox lines = new VBox(6);
  private final GridPane body = new GridPane();
  private final Button next = new Button(Texts.of("working.next"));
  private final Hyperlink all = new Hyperlink(Texts.of("working.all"));
  private final ToggleButton mine = new ToggleButton(Texts.of("working.mine"));
  private final ToggleButton fractions = new ToggleButton(Texts.of("working.fractions"));
  private final CopyMenu copy = new CopyMenu(this::shown);
  private final Label mistakes = new Label();
  private final List<StepRow> rows = new ArrayList<>();
  private Request request;
  private Method method = Method.DEFINITION;
  private int uncovered;
  private @Nullable Analysis analysis;
  private @Nullable Working working;

  /** What the student's own numbers are worth, as they stand now. */
  private Optional<FollowThrough> marks = Optional.empty();

  private final OwnFields own;
  private @Nullable WorkTableView tableView;

  /**
   * Makes an empty one.
   *
   * @param idPrefix begins the ids of its parts
   * @param choice told of the method that is chosen
   */
  public WorkingPane(
      WorkingService byHand,
      Appearance appearance,
      String idPrefix,
      Request first,
      MethodChoice choice) {
    super(6);
    this.byHand = byHand;
    this.appearance = appearance;
    this.idPrefix = idPrefix;
    this.request = first;
    this.methods = new MethodButtons(idPrefix, choice);
    this.own = new OwnFields(byHand, () -> request, () -> method, this::working, () -> marks);
    this.assumptions = new AssumptionFields(idPrefix, this::remake);
    getStyleClass().add("working");
    next.setId(idPrefix + "next");
    next.setOnAction(event -> uncover(Math.min(uncovered, rows.size()) + 1));
    all.setId(idPrefix + "all");
    all.getStyleClass().add("link");
    all.setOnAction(event -> uncover(Integer.MAX_VALUE));
    mine.setId(idPrefix + "mine");
    mine.getStyleClass().add("link");
    mine.setOnAction(event -> uncover(mine.isSelected() ? Integer.MAX_VALUE : 0));
    fractions.setId(idPrefix + "fractions");
    fractions.getStyleClass().add("link");
    fractions.setOnAction(event -> uncover(uncovered));
    copy.setId(idPrefix + "copy");
    steps.setId(idPrefix + "steps");
    mistakes.setId(idPrefix + "mistakes");
    mistakes.getStyleClass().add("working-mistakes");
    mistakes.setWrapText(true);
    FlowPane tools = Controls.wrapping(new FlowPane(8, 4, next, all, mine, fractions, copy));
    lines.getChildren().addAll(steps, ending, mistakes, tools);
    ColumnConstraints grows = new ColumnConstraints();
    grows.setHgrow(Priority.ALWAYS);
    body.getColumnConstraints().addAll(new ColumnConstraints(), grows);
    body.setVgap(6);
    body.add(tableBox, 0, 0, 2, 1);
    body.add(lines, 0, 1, 2, 1);
    getChildren().addAll(methods, assumptions, body);
    widthProperty().subscribe(width -> place());
  }

  /** With room enough, the steps stand beside the table. */
  private void place() {
    boolean wide = getWidth() >= WIDE * appearance.textScale() && !tableBox.getChildren().isEmpty();
    body.setHgap(wide ? BESIDE : 0);
    GridPane.setConstraints(tableBox, 0, 0, wide ? 1 : 2, 1);
    GridPane.setConstraints(lines, wide ? 1 : 0, wide ? 0 : 1, wide ? 1 : 2, 1);
  }

  /**
   * Shows a task by a method; what was uncovered stays so unless another task or other values are
   * chosen.
   */
  public void show(Request shownTask, Method by, Analysis of) {
    Analysis now = of.asked(shownTask);
    Analysis old = analysis;
    boolean sameValues =
        old != null && old.item().id() == now.item().id() && old.typed().equals(now.typed());
    boolean same = sameValues && shownTask.equals(request);
    boolean onlyWritten =
        same && by == method && old != null && old.rules().equals(now.rules()) && isMade();
    analysis = now;
    request = shownTask;
    if (onlyWritten) {
      showMarks();
      return;
    }
    if (!same) {
      uncovered = 0;
      mine.setSelected(false);
      assumptions.clear();
    }
    method = by;
    showMethods();
    uncover(uncovered);
  }

  /** What is copied. */
  private Optional<CopyMenu.Shown> shown() {
    Working made = working;
    Analysis now = analysis;
    return made == null || now == null
        ? Optional.empty()
        : Optional.of(new CopyMenu.Shown(request, made, numbers(now)));
  }

  private ShownNumbers numbers(Analysis now) {
    ShownNumbers decimals = now.numbers();
    return fractions.isSelected() ? decimals.asFractions() : decimals;
  }

  private boolean isMade() {
    return working != null && !rows.isEmpty();
  }

  private void showMethods() {
    Analysis now = analysis;
    methods.show(
        now == null ? List.of() : Methods.of(request, now.rules(), now.typed().data()), method);
    assumptions.show(method);
  }

  private void remake() {
    working = null;
    uncover(uncovered);
  }

  /** The working is only made when a step of it is asked for. */
  private void uncover(int count) {
    uncovered = count;
    rows.clear();
    steps.getChildren().clear();
    tableBox.getChildren().clear();
    ending.getChildren().clear();
    tableView = null;
    next.setDisable(false);
    Nodes.setShown(next, !mine.isSelected());
    Nodes.setShown(all, !mine.isSelected());
    Nodes.setShown(copy, count > 0 && !mine.isSelected());
    Nodes.setShown(mistakes, mine.isSelected());
    Nodes.setShown(fractions, count > 0 && !mine.isSelected());
    Analysis now = analysis;
    if (count == 0 || now == null) {
      working = null;
      place();
      return;
    }
    Optional<Working> made = WorkingService.working(now, request, method, assumptions.assumed(now));
    working = made.orElse(null);
    if (made.isEmpty()) {
      steps.getChildren().add(line(Texts.of("working.none-here"), "quiet"));
      next.setDisable(true);
      return;
    }
    show(made.get(), numbers(now));
    place();
  }

  private void show(Working made, ShownNumbers numbers) {
    int count = made.steps().size();
    int shown = Math.min(uncovered, count);
    judge();
    made.table().ifPresent(table -> showTable(made, table, numbers));
    for (int i = 0; i < shown; i++) {
      StepRow row = new StepRow(made.steps().get(i), numbers, appearance, ownStep(i));
      int index = i;
      row.setId(idPrefix + "step-" + (i + 1));
      row.setOnMouseEntered(event -> light(index));
      row.focusedProperty()
          .subscribe(
              (before, focused) -> {
                if (focused) {
                  light(index);
                }
              });
      rows.add(row);
    }
    steps.getChildren().addAll(rows);
    next.setDisable(shown == count);
    if (shown == count && !mine.isSelected()) {
      WorkingTexts.ending(made, numbers)
          .forEach(text -> ending.getChildren().add(line(text, "working-ending")));
    }
    showMarks();
  }

  private void showTable(Working made, WorkTable table, ShownNumbers numbers) {
    Optional<WorkTableView.Own> fields =
        mine.isSelected() ? Optional.of(own.table(table)) : Optional.empty();
    WorkTableView view =
        new WorkTableView(
            table, numbers, appearance.textScale(), told(made, table), fields, this::lightColumn);
    double room = getWidth() > 0 ? getWidth() : StyleNames.MARGIN_WIDTH;
    if (view.naturalWidth() > room + 1) {
      tableBox.getChildren().add(line(Texts.of("working.wide-table"), "quiet"));
      return;
    }
    tableView = view;
    tableBox.getChildren().add(view);
    if (!mine.isSelected()) {
      WorkingTexts.checks(made, numbers)
          .forEach(text -> tableBox.getChildren().add(line(text, "quiet")));
    }
  }

  /** {@return the columns whose totals the uncovered steps tell} */
  private Set<Integer> told(Working made, WorkTable table) {
    Set<Integer> told = new HashSet<>();
    int shown = Math.min(uncovered, made.steps().size());
    if (!mine.isSelected()) {
      made.steps().subList(0, shown).forEach(step -> told.addAll(table.columnsOf(step)));
    }
    if (shown == made.steps().size() && !mine.isSelected()) {
      told.addAll(IntStream.range(0, table.columns().size()).boxed().toList());
    }
    return told;
  }

  /** A step lights up with its cells. */
  private void light(int step) {
    Working made = working;
    WorkTableView view = tableView;
    if (made == null) {
      return;
    }
    for (int i = 0; i < rows.size(); i++) {
      rows.get(i).light(i == step);
    }
    if (view != null) {
      view.light(made.table().orElseThrow().columnsOf(made.steps().get(step)));
    }
  }

  /** The cells light up with the steps that use them. */
  private void lightColumn(int column) {
    Working made = working;
    WorkTableView view = tableView;
    if (made == null || view == null) {
      return;
    }
    view.light(List.of(column));
    for (int i = 0; i < rows.size(); i++) {
      rows.get(i).light(made.table().orElseThrow().columnsOf(made.steps().get(i)).contains(column));
    }
  }

  private Optional<StepRow.Own> ownStep(int index) {
    return mine.isSelected() ? Optional.of(own.step(index)) : Optional.empty();
  }

  private void showMarks() {
    if (!mine.isSelected()) {
      return;
    }
    judge();
    rows.forEach(StepRow::showMark);
    WorkTableView view = tableView;
    if (view != null) {
      view.showMarks();
    }
    int count = marks.map(FollowThrough::mistakes).orElse(0);
    boolean written = working != null && !byHand.own(request, method).entries().isEmpty();
    mistakes.setText(written ? Texts.of("own.mistakes", count) : Texts.of("own.begin"));
  }

  /** Judges the own working once for all its fields. */
  private void judge() {
    Working made = working;
    Analysis now = analysis;
    marks =
        made == null || now == null || !mine.isSelected()
            ? Optional.empty()
            : Optional.of(byHand.marks(now, made));
  }

  private static Node line(String text, String styleClass) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(USE_PREF_SIZE);
    label.getStyleClass().add(styleClass);
    return label;
  }

  /** {@return the working that is shown, if a step of it is} */
  Optional<Working> working() {
    return Optional.ofNullable(working);
  }

  /**
   * Shows all steps, and lights the one that finds the quantity; the last one where none does.
   *
   * @return the step, where there is one
   */
  public Optional<Node> point(Optional<Quantity> yielded) {
    uncover(Integer.MAX_VALUE);
    Working made = working;
    Analysis now = analysis;
    if (made == null || now == null || rows.isEmpty()) {
      return Optional.empty();
    }
    Optional<Formula> wanted = yielded.map(Quantity::formula);
    int at =
        IntStream.range(0, rows.size())
            .filter(
                i ->
                    made.steps()
                        .get(i)
                        .calculation()
                        .filter(step -> wanted.filter(step.left()::equals).isPresent())
                        .isPresent())
            .findFirst()
            .orElse(rows.size() - 1);
    light(at);
    rows.get(at).requestFocus();
    return Optional.of(rows.get(at));
  }

  /** Shows all steps at once. */
  void uncoverAll() {
    uncover(Integer.MAX_VALUE);
  }
}
