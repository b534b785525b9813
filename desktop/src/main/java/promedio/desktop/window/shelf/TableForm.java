package promedio.desktop.window.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.entry.Entry;
import promedio.core.entry.NextClass;
import promedio.core.message.Texts;
import promedio.core.sample.ClassTable;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.PrintedTable;
import promedio.desktop.work.Workspace;
import promedio.files.report.ShownNumbers;

/**
 * The printed table as a form: a row for each value or class, with its frequency. What is wrong
 * with a row is said below it, and the row stays as it was typed.
 */
final class TableForm extends VBox {

  /** Longer tables are typed as text. */
  static final int MOST_ROWS = 80;

  private final Workspace workspace;
  private final GridPane grid = new GridPane();
  private final List<FormRow> rows = new ArrayList<>();
  private final Label labelHead = new Label();
  private final CheckBox cumulative = new CheckBox(Texts.of("form.cumulative"));
  private final TextField total = Fields.ofAssignment(new TextField());
  private final FlowPane foot = new FlowPane(8, 4);
  private boolean classes;
  private boolean showing;

  TableForm(Workspace workspace) {
    super(4);
    this.workspace = workspace;
    setId("table-form");
    getStyleClass().addAll("card", "table-form");
    grid.setHgap(4);
    labelHead.getStyleClass().add("class-head");
    total.setId("form-total");
    total.setPrefColumnCount(4);
    total.setAccessibleText(Texts.of("form.total"));
    total.textProperty().subscribe((old, text) -> take());
    cumulative.setId("form-cumulative");
    cumulative.selectedProperty().subscribe((old, now) -> take());
    foot.getChildren().addAll(new Label(Texts.of("form.n")), total, cumulative);
    Label heading = new Label(Texts.of("form.heading"));
    heading.getStyleClass().add("family-heading");
    getChildren().addAll(heading, grid, foot);
  }

  /** {@return whether the item is a table that fits into the form} */
  static boolean fits(@Nullable Item item, Workspace workspace) {
    return item != null
        && (item.source() instanceof Source.ClassesText
            || item.source() instanceof Source.TableText)
        && printed(item, workspace).rows().size() <= MOST_ROWS;
  }

  private static PrintedTable printed(Item item, Workspace workspace) {
    return item.source() instanceof Source.ClassesText text
        ? PrintedTable.ofClasses(text.text(), workspace.assignment().sign())
        : PrintedTable.ofValues(((Source.TableText) item.source()).text());
  }

  /** Shows the table; fields that show it already keep their caret. */
  void show(Item item) {
    classes = item.source() instanceof Source.ClassesText;
    labelHead.setText(Texts.of(classes ? "form.class" : "form.value"));
    Nodes.setShown(foot, classes);
    PrintedTable wanted = printed(item, workspace);
    if (!wanted.text().equals(collected().text())) {
      showing = true;
      total.setText(wanted.total());
      cumulative.setSelected(wanted.cumulative());
      fill(wanted.rows());
      showing = false;
    }
    layOut();
  }

  /** Rows that are there already say something else; to make new ones costs far more. */
  private void fill(List<PrintedTable.Row> wanted) {
    while (rows.size() > wanted.size()) {
      rows.remove(rows.size() - 1);
    }
    for (int i = 0; i < wanted.size(); i++) {
      PrintedTable.Row row = wanted.get(i);
      if (i < rows.size()) {
        Fields.show(rows.get(i).label, row.label());
        Fields.show(rows.get(i).frequency, row.frequency());
      } else {
        addRow(row.label(), row.frequency());
      }
    }
  }

  /** Says at each row what is wrong with it, shows boundaries, and proposes the next class. */
  void show(Analysis now) {
    List<PrintedTable.Row> printed = printed(now.item(), workspace).rows();
    ShownNumbers numbers = now.numbers();
    List<ClassTable.Interval> intervals =
        now.typed()
            .data()
            .classes()
            .filter(table -> table.gap().signum() > 0)
            .map(table -> table.intervals(false))
            .orElse(List.of());
    int interval = 0;
    for (int i = 0; i < rows.size(); i++) {
      int start = i < printed.size() ? printed.get(i).start() : Integer.MAX_VALUE;
      int end = i + 1 < printed.size() ? printed.get(i + 1).start() : Integer.MAX_VALUE;
      List<Entry> entries =
          now.typed().entries().stream()
              .filter(e -> e.start() >= start && e.start() < end)
              .toList();
      rows.get(i).tell(i < printed.size() ? problem(entries) : Optional.empty());
      boolean counted =
          i < printed.size() && entries.stream().anyMatch(e -> e.content() instanceof Entry.Figure);
      rows.get(i)
          .boundaries
          .setText(
              counted && interval < intervals.size()
                  ? numbers.shown(intervals.get(interval++))
                  : "");
    }
    Optional<String> next =
        now.typed()
            .data()
            .classes()
            .flatMap(NextClass::after)
            .map(
                row ->
                    numbers.shown(row.lower().orElseThrow())
                        + "–"
                        + numbers.shown(row.upper().orElseThrow()));
    for (int i = 0; i < rows.size(); i++) {
      boolean last = i == rows.size() - 1;
      rows.get(i)
          .label
          .setPromptText(
              last
                  ? next.orElse(
                      i == 0 ? Texts.of(classes ? "form.first-class" : "form.first-value") : "")
                  : "");
    }
  }

  private static Optional<String> problem(List<Entry> entries) {
    return entries.stream()
        .map(Entry::content)
        .filter(Entry.Unreadable.class::isInstance)
        .map(content -> ((Entry.Unreadable) content).why().text())
        .findFirst();
  }

  /** Puts the caret into the first empty row. */
  void startTyping() {
    rows.get(rows.size() - 1).label.requestFocus();
  }

  private PrintedTable collected() {
    List<PrintedTable.Row> typed =
        rows.stream()
            .map(row -> new PrintedTable.Row(row.label.getText(), row.frequency.getText(), 0))
            .toList();
    return new PrintedTable(typed, cumulative.isSelected(), total.getText());
  }

  private void take() {
    if (!showing) {
      workspace.items().type(collected().text());
    }
  }

  private FormRow addRow(String label, String frequency) {
    FormRow row = new FormRow(label, frequency);
    rows.add(row);
    return row;
  }

  /** There is always an empty row at the end. */
  private void layOut() {
    if (rows.isEmpty() || !rows.get(rows.size() - 1).isBlank()) {
      addRow("", "");
    }
    List<Node> wanted = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      rows.get(i).place(2 * i + 1, wanted);
    }
    if (!grid.getChildren().containsAll(wanted) || grid.getChildren().size() != wanted.size() + 2) {
      Label frequencyHead = new Label(Texts.of("form.frequency"));
      frequencyHead.getStyleClass().add("class-head");
      grid.getChildren().setAll(wanted);
      grid.add(labelHead, 0, 0);
      grid.add(frequencyHead, 1, 0);
    }
  }

  private void goTo(int index, boolean frequency) {
    if (index >= 0 && index < rows.size()) {
      FormRow row = rows.get(index);
      (frequency ? row.frequency : row.label).requestFocus();
    }
  }

  /** A pasted table fills the rows from this one on; the hand goes on below it. */
  private void paste(FormRow from, String text) {
    int at = rows.indexOf(from);
    PrintedTable pasted =
        classes
            ? PrintedTable.ofClasses(text, workspace.assignment().sign())
            : PrintedTable.ofValues(text);
    List<PrintedTable.Row> changed = new ArrayList<>(collected().rows().subList(0, at));
    changed.addAll(pasted.rows());
    changed.addAll(collected().rows().subList(at + (from.isBlank() ? 1 : 0), rows.size()));
    String sum = pasted.total().isEmpty() ? total.getText() : pasted.total();
    workspace
        .items()
        .type(
            new PrintedTable(changed, cumulative.isSelected() || pasted.cumulative(), sum).text());
    goTo(at + pasted.rows().size(), false);
  }

  /** One row, and what is said of it. */
  private final class FormRow {

    private final FormField label = new FormField(this);
    private final FormField frequency = new FormField(this);
    private final Label boundaries = new Label();
    private final Label problem = new Label();

    FormRow(String labelText, String frequencyText) {
      label.setText(labelText);
      frequency.setText(frequencyText);
      label.setPrefColumnCount(6);
      label.getStyleClass().add("form-label");
      frequency.setPrefColumnCount(3);
      frequency.getStyleClass().add("form-frequency");
      boundaries.getStyleClass().addAll("quiet", "form-boundaries");
      boundaries.setMinWidth(USE_PREF_SIZE);
      problem.getStyleClass().add("problem-text");
      problem.setWrapText(true);
      problem.setMinHeight(USE_PREF_SIZE);
      label.textProperty().subscribe((old, text) -> take());
      frequency
          .textProperty()
          .subscribe(
              (old, text) -> {
                acceptProposal();
                take();
              });
      label.setOnAction(event -> leaveLabel());
      frequency.setOnAction(event -> goTo(rows.indexOf(this) + 1, false));
    }

    boolean isBlank() {
      return label.getText().isBlank() && frequency.getText().isBlank();
    }

    void tell(Optional<String> why) {
      problem.setText(why.orElse(""));
      Nodes.setShown(problem, why.isPresent());
      label.pseudoClassStateChanged(StyleNames.WRONG, why.isPresent());
    }

    void place(int line, List<Node> into) {
      GridPane.setConstraints(label, 0, line);
      GridPane.setConstraints(frequency, 1, line);
      GridPane.setConstraints(boundaries, 2, line);
      GridPane.setConstraints(problem, 0, line + 1, 3, 1);
      int number = (line + 1) / 2;
      label.setId("form-label-" + number);
      frequency.setId("form-frequency-" + number);
      problem.setId("form-problem-" + number);
      boundaries.setId("form-boundaries-" + number);
      label.setAccessibleText(
          Texts.of(classes ? "form.class-of-row" : "form.value-of-row", number));
      frequency.setAccessibleText(Texts.of("form.frequency-of-row", number));
      into.addAll(List.of(label, frequency, boundaries, problem));
    }

    /** A frequency without a class belongs to the class that is proposed. */
    private void acceptProposal() {
      boolean proposed = classes && !label.getPromptText().isEmpty() && rows.indexOf(this) > 0;
      if (!showing && proposed && label.getText().isBlank() && !frequency.getText().isBlank()) {
        label.setText(label.getPromptText());
      }
    }

    /** Enter goes on to the frequency; a whole line typed into one field is parted. */
    private void leaveLabel() {
      if (label.getText().isBlank() && rows.indexOf(this) > 0) {
        label.setText(label.getPromptText());
      }
      List<PrintedTable.Row> parts =
          classes
              ? PrintedTable.ofClasses(label.getText(), workspace.assignment().sign()).rows()
              : PrintedTable.ofValues(label.getText()).rows();
      boolean whole =
          frequency.getText().isBlank() && parts.size() == 1 && !parts.get(0).frequency().isEmpty();
      if (whole) {
        String rest = parts.get(0).frequency();
        label.setText(parts.get(0).label());
        frequency.setText(rest);
        goTo(rows.indexOf(this) + 1, false);
      } else {
        frequency.requestFocus();
      }
    }

    private void step(int by, boolean inFrequency) {
      goTo(rows.indexOf(this) + by, inFrequency);
    }

    /** Backspace in an empty row takes the row away. */
    private boolean remove() {
      int at = rows.indexOf(this);
      if (at == 0 || !isBlank()) {
        return false;
      }
      if (at < rows.size() - 1) {
        rows.remove(this);
        take();
      }
      goTo(at - 1, true);
      return true;
    }
  }

  /** A field of the form: arrows move between rows, and whole tables can be pasted. */
  private final class FormField extends TextField {

    private final FormRow row;

    FormField(FormRow row) {
      this.row = row;
      // Before the field takes the key: the last letter goes first, then the row.
      addEventFilter(
          KeyEvent.KEY_PRESSED,
          event -> {
            boolean done =
                switch (event.getCode()) {
                  case DOWN -> move(1);
                  case UP -> move(-1);
                  case BACK_SPACE -> getText().isEmpty() && row.remove();
                  default -> false;
                };
            if (done) {
              event.consume();
            }
          });
    }

    private boolean move(int by) {
      row.step(by, this == row.frequency);
      return true;
    }

    @Override
    public void paste() {
      String text = Clipboard.getSystemClipboard().getString();
      if (text != null && text.strip().indexOf('\n') >= 0) {
        TableForm.this.paste(row, text.strip());
      } else if (text != null) {
        replaceSelection(text);
      }
    }
  }
}
