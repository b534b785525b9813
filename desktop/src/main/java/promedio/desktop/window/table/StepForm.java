package promedio.desktop.window.table;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.calculation.Calculation;
import promedio.core.calculation.CalculationException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.table.Table;
import promedio.core.tidy.Outcome;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepField;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.StepDraft;

/** Asks what a step needs, and says at once what the step would do or what is wrong with it. */
final class StepForm extends VBox {

  /** With more rows the step is not tried at every key. */
  private static final int MOST_TRIED = 20_000;

  private final StepDraft draft;
  private final Consumer<StepDraft> typed;
  private final Map<StepField, Supplier<String>> answers = new EnumMap<>(StepField.class);
  private final Map<StepField, ComboBox<String>> columns = new EnumMap<>(StepField.class);
  private final Label trial = new Label();
  private final Label where = new Label();
  private Table before;
  private boolean touched;

  /**
   * Makes a form.
   *
   * @param draft what is filled in already
   * @param before the table the step is done to
   * @param typed takes what is filled in, as it is typed
   * @param done takes the step
   * @param left is told when nothing is to be done after all
   */
  StepForm(
      StepDraft draft,
      Table before,
      Consumer<StepDraft> typed,
      Consumer<Step> done,
      Runnable left) {
    this.draft = draft;
    this.before = before;
    this.typed = typed;
    getStyleClass().add("step-form");
    setId("step-form");
    Label heading = new Label(Texts.of("stepkind." + draft.kind().code()));
    heading.getStyleClass().add("family-heading");
    heading.setWrapText(true);
    getChildren().add(heading);
    for (StepField ask : draft.kind().asks()) {
      getChildren().addAll(field(ask, draft.answers().getOrDefault(ask, ""), done));
    }
    trial.setWrapText(true);
    trial.setId("step-trial");
    trial.setMinHeight(USE_PREF_SIZE);
    where.setId("step-where");
    where.getStyleClass().add("formula-fault");
    boolean isNew = draft.edited().isEmpty();
    Button go = Controls.literal(new Button(Texts.of(isNew ? "step.add" : "step.change")));
    go.setId("step-done");
    go.setOnAction(event -> finish(done));
    Button leave = new Button(Texts.of("step.leave"));
    leave.getStyleClass().add("link");
    leave.setId("step-leave");
    leave.setOnAction(event -> left.run());
    getChildren().addAll(where, trial, new HBox(8, go, leave));
    Nodes.setShown(where, false);
    touched = !draft.answers().isEmpty();
    tryOut();
  }

  /**
   * Shows what the step would be done to now, where steps before it changed; what is typed stays.
   */
  void show(Table changed) {
    if (changed.equals(before)) {
      return;
    }
    before = changed;
    boolean was = touched;
    columns.forEach(
        (ask, box) -> {
          String chosen = box.getValue();
          box.getItems().setAll(changed.names());
          box.getSelectionModel().select(Math.max(0, changed.names().indexOf(chosen)));
        });
    touched = was;
    tryOut();
  }

  /** Puts the focus on the first thing that is asked. */
  void focusFirst() {
    getChildren().stream()
        .filter(Control.class::isInstance)
        .filter(node -> node.isFocusTraversable())
        .findFirst()
        .ifPresent(Node::requestFocus);
  }

  private List<Node> field(StepField ask, String given, Consumer<Step> done) {
    Label label = new Label(Texts.of("ask." + ask.code()));
    label.getStyleClass().add("quiet");
    label.setWrapText(true);
    Control control;
    if (ask.isColumn() || !ask.choices().isEmpty()) {
      control = choice(ask, given);
    } else {
      TextField text = new TextField(given);
      text.setPromptText(Texts.of("ask." + ask.code() + ".prompt"));
      text.textProperty().subscribe((old, now) -> touch());
      text.setOnAction(event -> finish(done));
      answers.put(ask, () -> text.getText().strip());
      control = text;
    }
    control.setId("ask-" + ask.code());
    control.setAccessibleText(label.getText());
    control.setMaxWidth(Double.MAX_VALUE);
    label.setLabelFor(control);
    return List.of(label, control);
  }

  private ComboBox<String> choice(StepField ask, String given) {
    ComboBox<String> box = new ComboBox<>();
    List<String> codes = ask.isColumn() ? before.names() : ask.choices();
    for (String code : codes) {
      box.getItems().add(ask.isColumn() ? code : Texts.of("ask." + ask.code() + "." + code));
    }
    box.getSelectionModel().select(Math.max(0, codes.indexOf(given)));
    box.valueProperty().subscribe((old, now) -> touch());
    if (ask.isColumn()) {
      columns.put(ask, box);
    }
    answers.put(
        ask,
        () -> {
          List<String> offered = ask.isColumn() ? before.names() : codes;
          int chosen = box.getSelectionModel().getSelectedIndex();
          return chosen < 0 || chosen >= offered.size() ? "" : offered.get(chosen);
        });
    return box;
  }

  private Step step() {
    return draft.kind().step(ask -> answers.getOrDefault(ask, () -> "").get());
  }

  private void touch() {
    touched = true;
    Map<StepField, String> now = new EnumMap<>(StepField.class);
    answers.forEach((ask, answer) -> now.put(ask, answer.get()));
    typed.accept(draft.with(now));
    tryOut();
  }

  private void tryOut() {
    Step step = step();
    Nodes.setStyles(trial, "label", "quiet");
    Nodes.setShown(where, false);
    if (!touched || before.rows() > MOST_TRIED) {
      trial.setText(step.intention().text());
      return;
    }
    Outcome outcome = step.apply(before);
    Optional<String> problem = outcome.problem().map(Message::text);
    trial.setText(problem.orElseGet(() -> outcome.what().text()));
    if (problem.isPresent()) {
      Nodes.setStyles(trial, "label", "problem-text");
      showPlace(step);
    }
  }

  /** Points at the place in a formula where it goes wrong. */
  private void showPlace(Step step) {
    String text = step.calculated().orElse("");
    if (text.isEmpty()) {
      return;
    }
    try {
      Calculation.read(text, before);
    } catch (CalculationException e) {
      int at = Math.min(e.place(), text.length());
      where.setText(text.substring(0, at) + "▸" + text.substring(at));
      Nodes.setShown(where, true);
    }
  }

  private void finish(Consumer<Step> done) {
    touched = true;
    Step step = step();
    if (before.rows() <= MOST_TRIED && step.apply(before).problem().isPresent()) {
      // What was typed stays, with what is wrong below it.
      tryOut();
      return;
    }
    done.accept(step);
  }
}
