package promedio.desktop.window.sample;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.entry.Entry;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.sample.ClassTable;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.Results;
import promedio.desktop.projection.WhatIf;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.window.graph.ClassTableView;
import promedio.desktop.work.Workspace;
import promedio.files.report.TaskTexts;

/** The line-up with what can be tried out on it. */
final class LineUpPanel extends MeasuredBox {

  private final Workspace workspace;
  private final Appearance appearance;
  private final LineUpView view;
  private final Button takeOut = Controls.literal(new Button());
  private final Button change = Controls.literal(new Button());
  private final TextField number = new TextField();
  private final Button putIn = new Button(Texts.of("what-if.put-in"));
  private final FlowPane questions = new FlowPane(8, 4);
  private final Label outcome = new Label();
  private final Button keep = new Button(Texts.of("what-if.keep"));
  private final HBox trial = new HBox(8);

  LineUpPanel(Workspace workspace, Appearance appearance) {
    this.workspace = workspace;
    this.appearance = appearance;
    this.view = new LineUpView(this::choose);
    getStyleClass().add("line-up-panel");
    getChildren().addAll(buildHead(), buildTrial(), view);
    view.setFocusTraversable(true);
    view.setOnMousePressed(event -> view.requestFocus());
    addEventHandler(KeyEvent.KEY_PRESSED, this::handleKey);
    workspace.show(this::show);
    appearance.textPercentProperty().subscribe((old, now) -> draw(workspace.projection()));
  }

  /** Chooses the value anew even if it is chosen, so that the typed field shows it. */
  private void choose(int entry) {
    workspace.chooseEntry(-1);
    workspace.chooseEntry(entry);
  }

  /** Puts the focus on the values, where the arrows go along them. */
  void focusLine() {
    view.requestFocus();
  }

  private HBox buildHead() {
    Label heading = new Label(Texts.of("line-up.heading"));
    heading.getStyleClass().add("family-heading");
    Label question = new Label(Texts.of("what-if.question"));
    question.getStyleClass().add("quiet");
    number.setId("what-if-number");
    number.setPrefColumnCount(5);
    number.setPromptText(Texts.of("what-if.number"));
    number.setAccessibleText(Texts.of("what-if.number-name"));
    number.textProperty().subscribe(text -> showQuestions());
    number.setOnAction(event -> tryWith());
    takeOut.setId("what-if-take-out");
    takeOut.setOnAction(event -> tryWithout());
    change.setId("what-if-change");
    change.setOnAction(event -> tryChange());
    putIn.setId("what-if-put-in");
    putIn.setOnAction(event -> tryWith());
    questions.getChildren().addAll(question, takeOut, number, putIn, change);
    questions.setAlignment(Pos.CENTER_RIGHT);
    questions.getStyleClass().add("what-if");
    questions.setMinWidth(0);
    heading.setMinWidth(USE_PREF_SIZE);
    HBox.setHgrow(questions, Priority.ALWAYS);
    HBox head = new HBox(12, heading, questions);
    head.setAlignment(Pos.CENTER_LEFT);
    return head;
  }

  private HBox buildTrial() {
    outcome.setWrapText(true);
    outcome.setId("what-if-outcome");
    HBox.setHgrow(outcome, Priority.ALWAYS);
    outcome.setMaxWidth(Double.MAX_VALUE);
    keep.setId("what-if-keep");
    keep.setOnAction(event -> workspace.items().keepWhatIf());
    Button drop = new Button(Texts.of("what-if.drop"));
    drop.setId("what-if-drop");
    drop.setOnAction(event -> workspace.tryOut(null));
    keep.setMinWidth(USE_PREF_SIZE);
    drop.setMinWidth(USE_PREF_SIZE);
    trial.getChildren().addAll(outcome, keep, drop);
    trial.setAlignment(Pos.CENTER_LEFT);
    trial.getStyleClass().add("trial");
    return trial;
  }

  private void show(@Nullable Projection before, Projection all) {
    Nodes.setShown(trial, all.trial() != null);
    if (all.analysis() == null || !all.hasValuesInOrder()) {
      return;
    }
    showQuestions();
    if (!all.hasSameNumbers(before) || isLookedAtOtherwise(before, all)) {
      draw(all);
    }
    light(all);
  }

  private static boolean isLookedAtOtherwise(@Nullable Projection before, Projection now) {
    return before == null
        || !Objects.equals(before.trial(), now.trial())
        || before.choice().entry() != now.choice().entry()
        || !before.choice().request().equals(now.choice().request());
  }

  private void draw(Projection all) {
    Analysis now = all.analysis();
    if (now == null) {
      return;
    }
    WhatIf tried = all.trial();
    if (tried != null) {
      outcome.setText(words(now, tried));
    }
    view.show(now, all.choice().request(), all.choice().entry(), tried, appearance.textScale());
  }

  private void light(Projection all) {
    Analysis now = all.analysis();
    ClassTable.Interval lit = all.choice().highlighted();
    view.light(value -> lit != null && now != null && ClassTableView.lies(value, lit, now.rules()));
  }

  private void showQuestions() {
    Analysis now = workspace.analysis();
    boolean typed =
        now != null
            && now.item().source() instanceof Source.ValuesText
            // What a change would do to covered results is covered too.
            && !now.coversAnything();
    questions.setVisible(typed);
    if (now == null) {
      return;
    }
    Optional<String> value = chosenValue(now);
    Nodes.setShown(takeOut, value.isPresent());
    Nodes.setShown(change, value.isPresent());
    takeOut.setText(Texts.of("what-if.take-out", value.orElse("")));
    change.setText(Texts.of("what-if.change", value.orElse("")));
    boolean empty = number.getText().isBlank();
    putIn.setDisable(empty);
    change.setDisable(empty);
  }

  private Optional<String> chosenValue(Analysis now) {
    int entry = workspace.projection().choice().entry();
    List<Entry> entries = now.typed().entries();
    return entry >= 0
            && entry < entries.size()
            && entries.get(entry).content() instanceof Entry.Figure figure
        ? Optional.of(Results.plain(figure.value(), now))
        : Optional.empty();
  }

  private void tryWithout() {
    with(
        (assignment, now) ->
            WhatIf.without(assignment, now, workspace.projection().choice().entry()));
  }

  private void tryChange() {
    with(
        (assignment, now) ->
            WhatIf.changed(
                assignment, now, workspace.projection().choice().entry(), number.getText()));
  }

  private void tryWith() {
    with((assignment, now) -> WhatIf.with(assignment, now, number.getText()));
  }

  private interface Trial {
    Optional<WhatIf> of(Assignment assignment, Analysis now);
  }

  private void with(Trial made) {
    Analysis now = workspace.analysis();
    if (now != null) {
      Optional<WhatIf> tried = made.of(workspace.assignment(), now);
      tried.ifPresent(workspace::tryOut);
      number.pseudoClassStateChanged(
          StyleNames.BEYOND, tried.isEmpty() && !number.getText().isBlank());
    }
  }

  private String words(Analysis now, WhatIf tried) {
    String value = chosenValue(now).orElse("");
    String what =
        switch (tried.kind()) {
          case WITHOUT -> Texts.of("what-if.without", value);
          case CHANGED -> Texts.of("what-if.changed", value, number.getText().strip());
          case WITH -> Texts.of("what-if.with", number.getText().strip());
        };
    return Texts.of(
        "what-if.outcome",
        what,
        step(Request.of(Measures.MEAN), now, tried),
        step(Request.of(Measures.MEDIAN), now, tried),
        step(Request.of(Measures.SD), now, tried));
  }

  private static String step(Request request, Analysis now, WhatIf tried) {
    Analysis then = tried.analysis();
    return Texts.of(
        "what-if.step",
        TaskTexts.name(request, now.numbers()),
        now.shown(request),
        then.shown(request));
  }

  private void handleKey(KeyEvent event) {
    boolean onLine = view.isFocused();
    switch (event.getCode()) {
      case LEFT -> moveChosen(onLine, -1, event);
      case RIGHT -> moveChosen(onLine, 1, event);
      case DELETE, BACK_SPACE -> {
        if (onLine) {
          tryWithout();
          event.consume();
        }
      }
      case ENTER -> {
        if (onLine && workspace.projection().trial() != null) {
          workspace.items().keepWhatIf();
          event.consume();
        }
      }
      case ESCAPE -> {
        if (workspace.projection().trial() != null) {
          workspace.tryOut(null);
          event.consume();
        }
      }
      default -> {
        // Any other key is for someone else.
      }
    }
  }

  private void moveChosen(boolean onLine, int places, KeyEvent event) {
    if (onLine) {
      workspace.chooseEntry(view.entryBeside(places));
      event.consume();
    }
  }
}
