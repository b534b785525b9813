package promedio.desktop.window;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Source;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Rule;
import promedio.desktop.Texts;
import promedio.desktop.work.Desk;
import promedio.desktop.work.Workspace;

/** The title of the assignment and the course rules in words, each a button that changes it. */
final class RulesStrip extends BorderPane {

  private final Workspace workspace;
  private final FlowPane rules = new FlowPane(14, 2);

  RulesStrip(Workspace workspace, Desk desk, AssignmentMenu menu) {
    this.workspace = workspace;
    getStyleClass().add("rules-strip");
    rules.setAlignment(Pos.CENTER_LEFT);
    rules.setRowValignment(VPos.CENTER);
    rules.setAccessibleText(Texts.of("rules.heading"));
    rules.getChildren().add(new CourseChoice(workspace, desk));
    Node divisor = addRule(Rule.DIVISOR);
    Node quartiles = addRule(Rule.QUARTILES);
    addRule(Rule.MODE);
    Node skewness = addRule(Rule.SKEWNESS);
    addRule(Rule.PLACES);
    addRule(Rule.ROUNDING);
    Node carry = addRule(Rule.CARRY);
    List<Node> ofClasses =
        List.of(
            addRule(Rule.MEDIAN_POSITION),
            addRule(Rule.GROUPED_MODE),
            addRule(Rule.OPEN_CLASS),
            addRule(Rule.SHEPPARD));
    workspace
        .chosenProperty()
        .subscribe(
            item -> {
              Source.Shape shape = item == null ? Source.Shape.VALUES : item.source().shape();
              boolean classes = shape == Source.Shape.CLASSES;
              boolean numbers = shape != Source.Shape.CATEGORIES;
              ofClasses.forEach(node -> Nodes.setShown(node, classes));
              List.of(divisor, skewness, carry).forEach(node -> Nodes.setShown(node, numbers));
              Nodes.setShown(quartiles, numbers && !classes);
            });
    addSign();
    HBox head = new HBox(2, menu, buildTitle());
    head.setAlignment(Pos.CENTER_LEFT);
    setLeft(head);
    setCenter(rules);
  }

  /** Puts the focus on the first rule. */
  void focusRules() {
    rules.getChildren().get(0).requestFocus();
  }

  private Node buildTitle() {
    TextField title = new TextField();
    title.getStyleClass().add("assignment-title");
    title.setId("title");
    title.setPromptText(Texts.of("title.prompt"));
    title.setAccessibleText(Texts.of("title.name"));
    title.setPrefColumnCount(16);
    workspace.assignmentProperty().subscribe(now -> Fields.show(title, now.title()));
    title.textProperty().subscribe((old, text) -> workspace.setTitle(text));
    return title;
  }

  private <T> Node addRule(Rule<T> rule) {
    Node choice =
        choice(
            rule.code(),
            rule.values(),
            value -> Texts.of("rule." + rule.code() + "." + rule.codeOf(value)),
            now -> now.rules().get(rule),
            value -> workspace.setRule(rule, value));
    rules.getChildren().add(choice);
    return choice;
  }

  private void addSign() {
    rules
        .getChildren()
        .add(
            choice(
                "sign",
                List.of(DecimalSign.values()),
                sign -> Texts.of("rule.sign." + sign.name().toLowerCase(Locale.ROOT)),
                Assignment::sign,
                workspace::setSign));
  }

  private <T> Node choice(
      String code,
      List<T> values,
      Function<T, String> words,
      Function<Assignment, T> present,
      Consumer<T> change) {
    MenuButton button = new MenuButton();
    button.setId("rule-" + code);
    button.getStyleClass().add("rule");
    ToggleGroup group = new ToggleGroup();
    for (T value : values) {
      RadioMenuItem item = new RadioMenuItem(words.apply(value));
      item.setId("rule-" + code + "-" + values.indexOf(value));
      item.setToggleGroup(group);
      item.setOnAction(event -> change.accept(value));
      button.getItems().add(item);
    }
    String name = Texts.of("rule." + code);
    workspace
        .assignmentProperty()
        .subscribe(
            now -> {
              T value = present.apply(now);
              button.setText(words.apply(value));
              button.setAccessibleText(name + ": " + words.apply(value));
              group.selectToggle(group.getToggles().get(values.indexOf(value)));
            });
    Label label = plain(name);
    label.setLabelFor(button);
    HBox box = new HBox(5, label, button);
    box.setAlignment(Pos.CENTER_LEFT);
    return box;
  }

  private static Label plain(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("quiet");
    return label;
  }
}
