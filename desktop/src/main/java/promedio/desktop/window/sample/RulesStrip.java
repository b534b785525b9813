package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.Rule;
import promedio.desktop.projection.Projection;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FoldingLine;
import promedio.desktop.window.control.HowToEvent;
import promedio.desktop.work.Workspace;
import promedio.files.report.RuleText;

/** The title of the assignment and the course rules in words, each a button that changes it. */
public final class RulesStrip extends BorderPane {

  private static final Set<Source.Shape> ANY = EnumSet.allOf(Source.Shape.class);
  private static final Set<Source.Shape> CLASSES = EnumSet.of(Source.Shape.CLASSES);
  private static final Set<Source.Shape> VALUES =
      EnumSet.of(Source.Shape.VALUES, Source.Shape.FREQUENCIES);
  private static final Set<Source.Shape> NUMBERS =
      EnumSet.complementOf(EnumSet.of(Source.Shape.CATEGORIES, Source.Shape.COUNTS));
  private static final Set<Source.Shape> ONE_OF_NUMBERS =
      EnumSet.of(Source.Shape.VALUES, Source.Shape.FREQUENCIES, Source.Shape.CLASSES);
  private static final Set<Source.Shape> ONE =
      EnumSet.of(
          Source.Shape.VALUES,
          Source.Shape.FREQUENCIES,
          Source.Shape.CLASSES,
          Source.Shape.CATEGORIES);
  private static final Set<Source.Shape> PAIRS = EnumSet.of(Source.Shape.PAIRS);
  private static final Set<Source.Shape> GROUPS = EnumSet.of(Source.Shape.GROUPS);
  private static final Set<Source.Shape> COUNTS = EnumSet.of(Source.Shape.COUNTS);

  /** What is tested by t, z or r, on one side or on both. */
  private static final Set<Source.Shape> SIDED = NUMBERS;

  /** So much of the strip is the title's. */
  private static final double TITLE_SHARE = 0.2;

  /** The choices, with what each concerns; nothing is chosen where there are no samples yet. */
  private final Map<Node, Predicate<@Nullable Item>> choices = new LinkedHashMap<>();

  /** Each shows what is chosen of a rule in an assignment. */
  private final List<Consumer<Assignment>> shown = new ArrayList<>();

  private final TextField title = Fields.ofAssignment(new TextField());
  private final Workspace workspace;
  private final FoldingLine rules = new FoldingLine("rules-more");
  private final HBox head = new HBox(2);

  public RulesStrip(Workspace workspace, SettingsStore settings, Node menu) {
    this.workspace = workspace;
    getStyleClass().add("rules-strip");
    rules.getStyleClass().add("rules");
    rules.setAccessibleText(Texts.of("rules.heading"));
    add(new CourseChoice(workspace, settings), ANY);
    addRule(Rule.DIVISOR, NUMBERS);
    addRule(Rule.QUARTILES, VALUES);
    choices.put(choice(Rule.PERCENTILES), this::asksPercentile);
    addRule(Rule.MODE, ONE);
    addRule(Rule.SKEWNESS, ONE_OF_NUMBERS);
    addRule(Rule.PLACES, ANY);
    addRule(Rule.ALPHA, ANY);
    addRule(Rule.TAILS, SIDED);
    addRule(Rule.ROUNDING, ANY);
    addRule(Rule.CARRY, NUMBERS);
    addRule(Rule.MEDIAN_POSITION, CLASSES);
    addRule(Rule.GROUPED_MODE, CLASSES);
    addRule(Rule.OPEN_CLASS, CLASSES);
    addRule(Rule.SHEPPARD, CLASSES);
    addRule(Rule.VARIANCES, GROUPS);
    addRule(Rule.CORRECTION, GROUPS);
    addRule(Rule.YATES, COUNTS);
    addRule(Rule.RANK_TIES, PAIRS);
    addRule(Rule.LARGE_SAMPLE, SIDED);
    addRule(Rule.P_PLACES, ANY);
    addRule(Rule.P_STYLE, ANY);
    addSign();
    head.getChildren().addAll(menu, buildTitle());
    head.setAlignment(Pos.CENTER_LEFT);
    setLeft(head);
    setCenter(rules);
    workspace.show((before, now) -> show(before, now));
  }

  /** The pane itself would ask how high the rules are where they had more room than they have. */
  @Override
  protected double computePrefHeight(double width) {
    double usual = super.computePrefHeight(width);
    if (width < 0) {
      return usual;
    }
    Insets insets = getInsets();
    double room = width - insets.getLeft() - insets.getRight() - head.prefWidth(-1);
    return Math.max(usual, insets.getTop() + rules.prefHeight(room) + insets.getBottom());
  }

  private void add(Node choice, Set<Source.Shape> concerned) {
    choices.put(
        choice,
        item -> concerned.contains(item == null ? Source.Shape.VALUES : item.source().shape()));
  }

  private boolean asksPercentile(@Nullable Item item) {
    return item != null
        && VALUES.contains(item.source().shape())
        && workspace.assignment().askedBesides(Selection.of(item)).stream()
            .map(Request::measure)
            .anyMatch(m -> m == Measures.PERCENTILE || m == Measures.DECILE);
  }

  private void show(@Nullable Projection before, Projection now) {
    Fields.show(title, now.assignment().title());
    if (before == null
        || !before.assignment().course().equals(now.assignment().course())
        || before.assignment().sign() != now.assignment().sign()) {
      shown.forEach(choice -> choice.accept(now.assignment()));
    }
    showConcerned(now.item());
  }

  /** Only the rules that concern what is chosen stand in the strip. */
  private void showConcerned(@Nullable Item item) {
    List<Node> concerned =
        choices.entrySet().stream()
            .filter(choice -> choice.getValue().test(item))
            .map(Map.Entry::getKey)
            .toList();
    rules.show(concerned);
  }

  /** Puts the focus on the first rule. */
  public void focusRules() {
    rules.controls().get(0).requestFocus();
  }

  /** Puts the focus on the rule of the code, which may have to be unfolded first. */
  public void focusRule(String code) {
    rules.unfold();
    Node rule = rules.lookup("#rule-" + code);
    if (rule == null) {
      focusRules();
    } else {
      rule.requestFocus();
    }
  }

  private Node buildTitle() {
    title.getStyleClass().add("assignment-title");
    title.setId("title");
    title.setPromptText(Texts.of("title.prompt"));
    title.setAccessibleText(Texts.of("title.name"));
    title.prefWidthProperty().bind(widthProperty().multiply(TITLE_SHARE));
    title.textProperty().subscribe((old, text) -> workspace.setTitle(text));
    return title;
  }

  private void addRule(Rule<?> rule, Set<Source.Shape> concerned) {
    add(choice(rule), concerned);
  }

  private <T> Node choice(Rule<T> rule) {
    return choice(
        rule.code(),
        rule.values(),
        value -> RuleText.of(rule, value),
        now -> now.rules().get(rule),
        value -> workspace.setRule(rule, value));
  }

  private void addSign() {
    add(
        choice(
            "sign",
            List.of(DecimalSign.values()),
            sign -> Texts.of("rule.sign." + sign.name().toLowerCase(Locale.ROOT)),
            Assignment::sign,
            workspace::setSign),
        ANY);
  }

  private <T> Node choice(
      String code,
      List<T> values,
      Function<T, String> words,
      Function<Assignment, T> present,
      Consumer<T> change) {
    MenuButton button = Controls.literal(new MenuButton());
    button.setId("rule-" + code);
    button.getStyleClass().add("rule");
    ToggleGroup group = new ToggleGroup();
    for (T value : values) {
      RadioMenuItem item = Controls.literal(new RadioMenuItem(words.apply(value)));
      item.setId("rule-" + code + "-" + values.indexOf(value));
      item.setToggleGroup(group);
      item.setOnAction(event -> change.accept(value));
      button.getItems().add(item);
    }
    button.getItems().addAll(new SeparatorMenuItem(), HowToEvent.entry(button, "rule." + code));
    String name = Texts.of("rule." + code);
    shown.add(
        now -> {
          T value = present.apply(now);
          button.setText(words.apply(value));
          button.setAccessibleText(name + ": " + words.apply(value));
          int chosen = values.indexOf(value);
          group.selectToggle(chosen < 0 ? null : group.getToggles().get(chosen));
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
