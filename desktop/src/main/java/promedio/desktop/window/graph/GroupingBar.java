package promedio.desktop.window.graph;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.WidthRule;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.Rule;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Workspace;
import promedio.files.report.GroupingText;

/** How a sample is put into classes: by a named rule with its arithmetic, or by own numbers. */
public final class GroupingBar extends MeasuredBox {

  private final Workspace workspace;
  private final ChoiceBox<String> by = new ChoiceBox<>();
  private final TextField numbers = Fields.ofAssignment(new TextField());
  private final ToggleButton end = Controls.literal(new ToggleButton());
  private final Label arithmetic = Controls.wrapped("", "quiet");
  private final Label problem = Controls.wrapped("", "problem-text");
  private boolean showing;

  /** Makes the bar for the classes of the chosen item. */
  public GroupingBar(Workspace workspace) {
    super(4);
    this.workspace = workspace;
    by.getItems()
        .addAll(
            Stream.concat(
                    Stream.of(WidthRule.values()).map(WidthRule::code),
                    ClassChoice.NUMBERED.stream())
                .toList());
    Controls.inWords(by, code -> Texts.of("graph.classes." + code));
    by.setId("graph-by");
    by.setAccessibleText(Texts.of("graph.classes"));
    by.setOnAction(event -> take());
    numbers.setId("graph-numbers");
    numbers.setPrefColumnCount(14);
    numbers.textProperty().subscribe((old, text) -> type(text));
    end.setId("graph-end");
    end.getStyleClass().add("link");
    end.setOnAction(
        event ->
            workspace.setRule(Rule.CLASS_END, end.isSelected() ? ClassEnd.UPPER : ClassEnd.LOWER));
    arithmetic.setId("graph-arithmetic");
    problem.setId("graph-classes-problem");
    FlowPane choice = new FlowPane(8, 4, new Label(Texts.of("graph.classes")), by, numbers, end);
    choice.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(choice, arithmetic, problem);
  }

  private void take() {
    if (!showing) {
      workspace.items().setClasses(new ClassChoice(by.getValue(), numbers.getText()));
    }
  }

  private void type(String text) {
    if (!showing) {
      workspace.items().typeClasses(text);
    }
  }

  /** Shows how the values are grouped, and why that is not as was wanted. */
  public void show(Analysis now, Optional<Message> why) {
    ClassChoice choice = now.item().classes();
    showing = true;
    by.setValue(choice.by());
    Fields.show(numbers, choice.numbers());
    showing = false;
    Nodes.setShown(numbers, choice.needsNumbers());
    if (choice.needsNumbers()) {
      numbers.setPromptText(Texts.of("graph.numbers." + choice.by()));
      numbers.setAccessibleText(Texts.of("graph.numbers." + choice.by() + ".name"));
    }
    boolean upper = now.rules().get(Rule.CLASS_END) == ClassEnd.UPPER;
    end.setSelected(upper);
    end.setText(
        Texts.of("rule.class-end")
            + " "
            + Texts.of("rule.class-end." + (upper ? "upper" : "lower")));
    tell(now, why);
  }

  private void tell(Analysis now, Optional<Message> why) {
    Optional<String> advice =
        WidthRule.ofCode(now.item().classes().by())
            .filter(rule -> !now.typed().data().tally().isEmpty())
            .map(rule -> GroupingText.advice(rule, now.typed().data(), now.rules(), now.numbers()));
    arithmetic.setText(advice.orElse(""));
    Nodes.setShown(arithmetic, advice.isPresent());
    problem.setText(why.map(w -> Texts.of("graph.usual-classes", w.text())).orElse(""));
    Nodes.setShown(problem, why.isPresent());
    numbers.pseudoClassStateChanged(StyleNames.WRONG, why.isPresent());
  }
}
