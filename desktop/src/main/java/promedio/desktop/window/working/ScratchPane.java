package promedio.desktop.window.working;

import java.util.List;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.calculation.CalculationException;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.WorkingService;
import promedio.desktop.work.Workspace;

/** Scratch paper: a line to calculate in, with what was calculated before above it. */
public final class ScratchPane extends VBox {

  private static final int LINES_IN_SIGHT = 6;

  private final WorkingService byHand;
  private final VBox lines = new VBox(2);
  private final TextField field;
  private final FlowPane symbols = new FlowPane(6, 2);
  private final Label fault = new Label();
  private final Hyperlink clear = new Hyperlink(Texts.of("scratch.clear"));

  public ScratchPane(Workspace workspace, WorkingService byHand) {
    super(4);
    this.byHand = byHand;
    this.field = Fields.remembered(new TextField(), workspace, "scratch");
    getStyleClass().add("scratch");
    Label heading = new Label(Texts.of("scratch.heading"));
    heading.getStyleClass().add("family-heading");
    lines.setId("scratch-lines");
    field.setId("scratch");
    field.getStyleClass().add("scratch-field");
    field.setPromptText(Texts.of("scratch.prompt"));
    field.setAccessibleText(Texts.of("scratch.heading"));
    field.setOnAction(event -> calculate());
    field.textProperty().subscribe((old, text) -> Nodes.setShown(fault, false));
    fault.setId("scratch-fault");
    fault.setWrapText(true);
    fault.setMinHeight(USE_PREF_SIZE);
    fault.getStyleClass().add("problem-text");
    Nodes.setShown(fault, false);
    clear.getStyleClass().add("link");
    clear.setOnAction(event -> byHand.clearScratch());
    getChildren().addAll(heading, lines, field, symbols, fault, clear);
  }

  /** Puts the caret where one calculates. */
  public void focusField() {
    field.requestFocus();
  }

  /** Shows the scratch paper of the chosen item. */
  public void show(Analysis analysis) {
    List<String> known = List.copyOf(WorkingService.quantities(analysis).keySet());
    List<String> shown =
        symbols.getChildren().stream().map(node -> ((Hyperlink) node).getText()).toList();
    if (!known.equals(shown)) {
      symbols.getChildren().setAll(known.stream().map(this::symbol).toList());
    }
    List<String> scratch = byHand.scratch();
    lines
        .getChildren()
        .setAll(
            scratch.subList(Math.max(0, scratch.size() - LINES_IN_SIGHT), scratch.size()).stream()
                .map(text -> Controls.wrapped(text, "scratch-line"))
                .toList());
    Nodes.setShown(clear, !scratch.isEmpty());
  }

  /** Symbols are hard to type; a click writes them. */
  private Hyperlink symbol(String name) {
    Hyperlink link = new Hyperlink(name);
    link.getStyleClass().add("link");
    link.setAccessibleText(Texts.of("scratch.insert", name));
    link.setOnAction(
        event -> {
          field.insertText(field.getCaretPosition(), name);
          field.requestFocus();
          field.deselect();
        });
    return link;
  }

  private void calculate() {
    if (field.getText().isBlank()) {
      return;
    }
    try {
      byHand.calculate(field.getText());
      field.clear();
    } catch (CalculationException e) {
      fault.setText(e.getMessage());
      Nodes.setShown(fault, true);
      field.selectRange(Math.min(e.place(), field.getLength()), field.getLength());
    }
  }
}
