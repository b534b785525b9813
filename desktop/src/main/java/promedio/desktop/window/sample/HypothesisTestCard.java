package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.HypothesisText;
import promedio.core.assignment.Question;
import promedio.core.assignment.TestChoice;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedValues;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.Rule;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.several.PairTable;
import promedio.desktop.projection.several.TestKind;
import promedio.desktop.projection.several.TestText;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.OnlyShown;
import promedio.desktop.window.control.StatedMenu;
import promedio.desktop.window.graph.GraphPicture;
import promedio.desktop.work.Workspace;
import promedio.graph.CurveGraph;

/** A test of significance in the steps that a course wants, from the hypotheses to a sentence. */
public final class HypothesisTestCard extends MeasuredBox {

  /** Wider rows would part a result from its name. */
  private static final double ROW_WIDTH = 420;

  private final Workspace workspace;
  private final List<ToggleButton> kinds = new ArrayList<>();
  private final ComboBox<DataSubset> pair = new ComboBox<>();
  private final TextField mu = new TextField();
  private final TextField sigma = new TextField();
  private final TextField expected = new TextField();
  private final StatedMenu stated;
  private final Map<HypothesisText, TextField> fields =
      Map.of(HypothesisText.MU, mu, HypothesisText.SIGMA, sigma, HypothesisText.EXPECTED, expected);
  private final FlowPane about = new FlowPane(10, 4);
  private final VBox steps = new VBox(8);
  private final Label hypotheses = Controls.wrapped("", "test-text");
  private final Label problem = Controls.wrapped("", "problem-text");
  private final VBox statistics = new VBox(2);
  private final Label critical = Controls.wrapped("", "test-text");
  private final VBox probability = new VBox(2);
  private final GraphPicture picture;
  private final DecisionChoice decided;
  private final Label decision = Controls.wrapped("", "test-text");
  private final Label effect = Controls.wrapped("", "test-text");
  private final Label watch = Controls.wrapped("", "quiet");
  private final Label sentence = Controls.wrapped("", "test-sentence");
  private final Hyperlink copy = Controls.link("test.copy", "test-copy", this::copySentence);
  private final List<Node> ofResult;

  /** Each row is made when its test is first shown. */
  private final Map<Request, MeasureRow> rows = new HashMap<>();

  private @Nullable CurveGraph drawn;

  /** The question that the test answers; none while it is not known what is tested. */
  private @Nullable Question tested;

  private boolean showing;

  /**
   * Makes the paper for tests of these kinds; it begins with none, so that nothing is in the way.
   */
  public HypothesisTestCard(Workspace workspace, String id, List<TestKind> offered) {
    super(8);
    this.workspace = workspace;
    this.picture = GraphPicture.ofCurve();
    this.decided = new DecisionChoice(workspace, id);
    getStyleClass().add("graph-card");
    setId(id);
    this.stated = new StatedMenu(id + "-stated", this::state);
    Label heading = new Label(Texts.of("test.heading"));
    heading.getStyleClass().add("family-heading");
    FlowPane choice = new FlowPane(10, 4);
    choice.setAlignment(Pos.CENTER_LEFT);
    offered.forEach(each -> kinds.add(button(id, each)));
    choice.getChildren().addAll(kinds);
    buildAbout(id);
    ofResult =
        List.of(
            step(2, statistics),
            step(3, critical),
            step(4, new VBox(4, probability, picture)),
            step(5, new VBox(4, decided, decision)),
            step(6, new VBox(4, effect, watch)),
            step(7, new VBox(4, sentence, copy)));
    steps.getChildren().addAll(about, step(1, hypotheses), problem);
    steps.getChildren().addAll(ofResult);
    hypotheses.setId(id + "-hypotheses");
    problem.setId(id + "-problem");
    critical.setId(id + "-critical");
    decision.setId(id + "-decision");
    effect.setId(id + "-effect");
    watch.setId(id + "-watch");
    sentence.setId(id + "-sentence");
    statistics.setMaxWidth(ROW_WIDTH);
    probability.setMaxWidth(ROW_WIDTH);
    Nodes.setShown(steps, false);
    new OnlyShown(this, heading, choice, steps);
  }

  private static VBox step(int number, Node content) {
    Label name = new Label(Texts.of("test.step." + number));
    name.getStyleClass().add("test-step");
    VBox step = new VBox(2, name, content);
    step.getStyleClass().add("test-box");
    return step;
  }

  private ToggleButton button(String id, TestKind each) {
    ToggleButton button = Controls.literal(new ToggleButton(Texts.of("test." + each.code())));
    button.setId(id + "-" + each.code());
    button.getStyleClass().add("link");
    button.setUserData(each);
    button.setOnAction(
        event ->
            workspace.items().setTest(now -> now.withTest(button.isSelected() ? each.code() : "")));
    return button;
  }

  private void buildAbout(String id) {
    about.setAlignment(Pos.CENTER_LEFT);
    pair.setId(id + "-pair");
    pair.setAccessibleText(Texts.of("test.pair"));
    pair.setOnAction(event -> choosePair());
    fields.forEach(this::follow);
    expected.setPromptText(Texts.of("test.expected.equal"));
    about
        .getChildren()
        .addAll(
            pair,
            Controls.named("test.mu", mu, 5),
            Controls.named("test.sigma", sigma, 5),
            Controls.named("test.expected", expected, 20),
            stated);
    expected.setId(id + "-expected");
    mu.setId(id + "-mu");
    sigma.setId(id + "-sigma");
  }

  private void follow(HypothesisText which, TextField field) {
    Fields.ofAssignment(field)
        .textProperty()
        .subscribe(
            (old, text) -> {
              if (!showing) {
                workspace.items().typeTest(which, text);
              }
            });
  }

  private <T> void state(Rule<T> rule, Optional<T> value) {
    Question asked = tested;
    if (asked != null) {
      workspace.items().state(asked, rule, value);
    }
  }

  private void choosePair() {
    DataSubset chosen = pair.getValue();
    if (!showing && chosen != null) {
      workspace.items().setTest(now -> now.withPair(chosen));
    }
  }

  /** Shows the steps of the chosen test as they are now. */
  public void show(Analysis whole, Projection all) {
    TestChoice test = whole.item().test();
    TestKind chosen =
        kinds.stream()
            .map(button -> (TestKind) button.getUserData())
            .filter(each -> each.code().equals(test.test()))
            .findFirst()
            .orElse(null);
    for (ToggleButton button : kinds) {
      button.setSelected(button.getUserData() == chosen);
      boolean paired = button.getUserData() == TestKind.PAIRED;
      Nodes.setShown(
          button, !paired || button.isSelected() || PortionText.haveOneUnit(whole.item()));
    }
    Nodes.setShown(steps, chosen != null);
    if (chosen == null) {
      return;
    }
    showing = true;
    fields.forEach((which, field) -> Fields.show(field, test.text(which)));
    showAbout(chosen, whole);
    showing = false;
    Optional<List<Exact>> numbers = numbers(chosen);
    Optional<Analysis> of = tested(chosen, whole);
    boolean ready = numbers.isPresent() && of.isPresent();
    tested = ready ? of.get().question(chosen.p(numbers.get())) : null;
    Nodes.setShown(stated, ready);
    hypotheses.setText("");
    problem.setText(
        ready
            ? ""
            : chosen == TestKind.FIT
                ? Texts.of("test.expected-needed")
                : Texts.of("test.numbers-needed"));
    if (ready) {
      show(chosen, of.get(), numbers.get(), all);
    } else {
      showResult(false);
    }
    Nodes.setShown(problem, !problem.getText().isEmpty());
  }

  private void showAbout(TestKind chosen, Analysis whole) {
    List<Node> asked = about.getChildren();
    Nodes.setShown(asked.get(0), chosen == TestKind.TWO);
    Nodes.setShown(asked.get(1), chosen.arguments() > 0);
    Nodes.setShown(asked.get(2), chosen.arguments() > 1);
    Nodes.setShown(asked.get(3), chosen == TestKind.FIT);
    List<DataSubset> pairs = whole.typed().data().groups().map(PairTable::pairs).orElse(List.of());
    if (!pair.getItems().equals(pairs)) {
      Controls.inWords(pair, each -> PortionText.of(each, whole.item()));
      pair.getItems().setAll(pairs);
    }
    DataSubset chosenPair = whole.item().test().pair();
    pair.setValue(
        pairs.contains(chosenPair) ? chosenPair : pairs.stream().findFirst().orElse(null));
  }

  private Optional<Analysis> tested(TestKind chosen, Analysis whole) {
    return switch (chosen) {
      case TWO -> Optional.ofNullable(pair.getValue()).flatMap(whole::in);
      case FIT -> expected().flatMap(whole::in);
      default -> Optional.of(whole);
    };
  }

  /** What the categories are held against; none while what is typed is not all numbers. */
  private Optional<DataSubset> expected() {
    Typed typed = TypedValues.read(expected.getText(), workspace.assignment().sign());
    return typed.entries().stream().allMatch(each -> each.content() instanceof Entry.Figure)
        ? typed.data().sample().map(Sample::values).map(HypothesisTestCard::fit)
        : Optional.empty();
  }

  private static DataSubset fit(Values expected) {
    return DataSubset.fit(IntStream.range(0, expected.size()).mapToObj(expected::get).toList());
  }

  /** The numbers that the test is about; none while one of them is not typed yet. */
  private Optional<List<Exact>> numbers(TestKind chosen) {
    List<Exact> numbers = new ArrayList<>();
    for (TextField field : List.of(mu, sigma).subList(0, chosen.arguments())) {
      if (NumberText.read(field.getText(), workspace.assignment().sign())
          instanceof Reading.Numeral numeral) {
        numbers.add(numeral.value());
      }
    }
    return chosen.takes(numbers) ? Optional.of(numbers) : Optional.empty();
  }

  private void show(TestKind chosen, Analysis of, List<Exact> numbers, Projection all) {
    TestText text = TestText.of(chosen, of, numbers);
    stated.show(text.statable(), text.stated());
    hypotheses.setText(text.hypotheses());
    problem.setText(text.problem().orElse(""));
    showRows(statistics, chosen.statistics(numbers), of, all);
    showRows(probability, List.of(chosen.p(numbers)), of, all);
    critical.setText(text.critical());
    decided.show(chosen.p(numbers).decision(), of);
    decision.setText(text.decision());
    effect.setText(text.effect());
    watch.setText(String.join("\n", text.watch()));
    Nodes.setShown(effect, !effect.getText().isEmpty());
    Nodes.setShown(watch, !watch.getText().isEmpty());
    sentence.setText(text.sentence());
    showResult(text.problem().isEmpty());
    if (text.isCovered()) {
      // What is answered there stays, or nobody could find what is covered.
      List.of(0, 2, 3).forEach(step -> Nodes.setShown(ofResult.get(step), true));
    }
    Nodes.setShown(picture, !text.isCovered());
    Nodes.setShown(decision, !text.isCovered());
    Optional<CurveGraph> graph = text.graph();
    if (!graph.equals(Optional.ofNullable(drawn))) {
      drawn = graph.orElse(null);
      picture.draw(graph, List.of());
    }
  }

  private void showResult(boolean shown) {
    ofResult.forEach(step -> Nodes.setShown(step, shown));
    Nodes.setShown(ofResult.get(4), shown && (effect.isVisible() || watch.isVisible()));
  }

  private void showRows(VBox box, List<Request> requests, Analysis of, Projection all) {
    List<MeasureRow> wanted =
        requests.stream()
            .map(request -> rows.computeIfAbsent(request, made -> new MeasureRow(workspace, made)))
            .toList();
    if (!box.getChildren().equals(wanted)) {
      box.getChildren().setAll(wanted);
    }
    wanted.forEach(row -> row.show(of, all));
  }

  private void copySentence() {
    Controls.copy(sentence.getText());
  }
}
