package promedio.desktop.window.working;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.jspecify.annotations.Nullable;
import promedio.core.marking.OwnMark;
import promedio.core.message.Texts;
import promedio.core.working.WorkingStep;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingTexts;

/** One step of a working: its formula, why it is taken, and what the student found. */
final class StepRow extends MeasuredBox {

  private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

  /** What a student wrote beside the step, and what that is worth. */
  interface Own {

    /** {@return what is written} */
    String text();

    /** {@return what it is worth} */
    Optional<OwnMark> mark();

    /** Takes what is written. */
    void write(String text);
  }

  private final WorkingStep step;
  private final ShownNumbers numbers;
  private final Optional<Own> own;
  private final Label words = new Label();
  private final Hyperlink tell = new Hyperlink(Texts.of("own.tell"));
  private @Nullable TextField field;
  private boolean told;

  /**
   * Makes the row.
   *
   * @param own the student's own value; none tells the step itself
   */
  StepRow(WorkingStep step, ShownNumbers numbers, Appearance appearance, Optional<Own> own) {
    this.step = step;
    this.numbers = numbers;
    this.own = step.calculation().isPresent() ? own : Optional.empty();
    getStyleClass().add("working-step");
    setFocusTraversable(true);
    setAccessibleText(spoken());
    Node content = content(appearance);
    HBox line = new HBox(8, content);
    HBox.setHgrow(content, Priority.ALWAYS);
    line.setAlignment(Pos.TOP_LEFT);
    getChildren().add(line);
    addWhy(line);
    this.own.ifPresent(this::addOwn);
    setContextMenu(content);
    setOnMousePressed(event -> requestFocus());
  }

  /** What one finds by one's own hand is not told beforehand. */
  private String spoken() {
    return own.isEmpty()
        ? WorkingTexts.plain(step, numbers)
        : Texts.of("working.own-row", WorkingTexts.left(step));
  }

  /** Lights this step up, or not. */
  void light(boolean now) {
    pseudoClassStateChanged(LIT, now);
  }

  private Node content(Appearance appearance) {
    return step.fold(
        computed -> formula(appearance),
        agreed -> formula(appearance),
        this::inOrder,
        this::sentence);
  }

  private Node sentence(WorkingStep.Seen seen) {
    Label sentence = new Label(WorkingTexts.sentence(seen, numbers));
    sentence.setWrapText(true);
    sentence.setMinHeight(USE_PREF_SIZE);
    sentence.getStyleClass().add("working-sentence");
    return sentence;
  }

  private Node formula(Appearance appearance) {
    FormulaView formula = new FormulaView(appearance);
    formula.setAlignment(Pos.CENTER_LEFT);
    formula.getStyleClass().add("step-formula");
    formula.show(WorkingTexts.latexLines(step, numbers, own.isEmpty()), spoken());
    return formula;
  }

  /** Crossed off are struck through; what is in another half stands in brackets. */
  private Node inOrder(WorkingStep.InOrder list) {
    TextFlow flow = new TextFlow();
    flow.getStyleClass().add("working-list");
    for (int position = 1; position <= list.values().size(); position++) {
      Text value = new Text(numbers.shown(list.values().get(position - 1)));
      boolean outside = !list.isLookedAt(position);
      value.getStyleClass().add(outside ? "outside" : list.isKept(position) ? "kept" : "crossed");
      value.setStrikethrough(!outside && !list.isKept(position));
      boolean opens = outside && (position == 1 || position == list.last() + 1);
      boolean closes =
          outside && (position == list.first() - 1 || position == list.values().size());
      flow.getChildren().addAll(new Text(opens ? "(" : ""), value, new Text(closes ? ")  " : "  "));
    }
    return flow;
  }

  private void addWhy(HBox line) {
    step.why()
        .ifPresent(
            why -> {
              Label reason = new Label(WorkingTexts.reason(why));
              reason.setWrapText(true);
              reason.setMinHeight(USE_PREF_SIZE);
              reason.getStyleClass().add("working-why");
              Nodes.setShown(reason, false);
              Hyperlink ask = new Hyperlink(Texts.of("working.why"));
              ask.getStyleClass().add("link");
              ask.setMinWidth(USE_PREF_SIZE);
              ask.setOnAction(event -> Nodes.setShown(reason, !reason.isVisible()));
              line.getChildren().add(ask);
              getChildren().add(reason);
            });
  }

  private void addOwn(Own mine) {
    TextField made = Fields.ofAssignment(new TextField(mine.text()));
    made.getStyleClass().addAll("answer", "step-own");
    made.setPrefColumnCount(9);
    made.setMaxWidth(USE_PREF_SIZE);
    made.setAccessibleText(Texts.of("working.own-step", WorkingTexts.left(step)));
    made.textProperty().subscribe((old, text) -> mine.write(text));
    words.getStyleClass().add("quiet");
    words.setWrapText(true);
    tell.getStyleClass().add("link");
    tell.setMinWidth(USE_PREF_SIZE);
    tell.setOnAction(
        event -> {
          told = true;
          showMark();
        });
    HBox line = new HBox(8, made, words, tell);
    line.setAlignment(Pos.CENTER_LEFT);
    field = made;
    getChildren().add(line);
    showMark();
  }

  /** {@return where the student writes, if there is such a place} */
  @Nullable TextField field() {
    return field;
  }

  /** Shows again what the student's value is worth. */
  void showMark() {
    TextField shown = field;
    if (shown == null) {
      return;
    }
    Own mine = own.orElseThrow();
    // It may have changed otherwise: by undoing, for one.
    Fields.show(shown, mine.text());
    Optional<OwnMark> mark = mine.mark();
    OwnMarks.show(shown, mark);
    words.setText(mark.map(m -> OwnMarks.words(m, numbers, told)).orElse(""));
    Nodes.setShown(tell, !told && mark.filter(m -> m.worth() == OwnMark.Worth.WRONG).isPresent());
  }

  private void setContextMenu(Node content) {
    if (!own.isEmpty()) {
      return;
    }
    ContextMenu menu = new ContextMenu();
    addCopy(menu, "working.copy-latex", () -> WorkingCopy.latex(step, numbers));
    addCopy(menu, "working.copy-mathml", () -> WorkingCopy.mathml(step, numbers));
    addCopy(menu, "working.copy-picture", () -> WorkingCopy.picture(content));
    setOnContextMenuRequested(
        event -> {
          menu.show(this, event.getScreenX(), event.getScreenY());
          event.consume();
        });
    setOnKeyPressed(
        event -> {
          boolean copies = event.isShortcutDown() && event.getCode() == KeyCode.C;
          if (copies) {
            WorkingCopy.latex(step, numbers);
            event.consume();
          }
        });
  }

  private static void addCopy(ContextMenu menu, String key, Runnable copy) {
    MenuItem item = Controls.literal(new MenuItem(Texts.of(key)));
    item.setOnAction(event -> copy.run());
    menu.getItems().add(item);
  }
}
