package promedio.desktop.window.parts;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Reading;
import promedio.core.question.Change;
import promedio.core.question.FoundData;
import promedio.core.question.Mark;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.PrintedQuestion.Asked;
import promedio.core.rules.Rule;
import promedio.core.sample.Subject;
import promedio.desktop.projection.MarkText;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Nodes;
import promedio.files.report.RuleText;
import promedio.files.report.TaskTexts;

/** Where one mark of a printed question is changed or removed. */
final class MarkEditor extends FlowPane {

  private static final int MOST_PLACES = 10;

  private final PrintedQuestion question;
  private final Mark mark;
  private final int index;
  private final DecimalSign sign;
  private final BiConsumer<Integer, Change> changed;

  /**
   * Makes one.
   *
   * @param index of the mark in the question
   * @param sign how numbers are typed
   * @param changed takes the index and each change
   */
  MarkEditor(
      PrintedQuestion question, int index, DecimalSign sign, BiConsumer<Integer, Change> changed) {
    super(8, 6);
    this.question = question;
    this.mark = question.marks().get(index);
    this.index = index;
    this.sign = sign;
    this.changed = changed;
    getStyleClass().add("mark-editor");
    Label heading = new Label(Texts.of("question.change." + MarkText.code(mark.meaning().kind())));
    heading.getStyleClass().addAll("mark-kind");
    getChildren().add(heading);
    getChildren().addAll(controls());
    Button remove = new Button(Texts.of("question.remove"));
    remove.setId("mark-remove-" + index);
    remove.setOnAction(event -> change(Change.removed()));
    getChildren().add(remove);
    setRowValignment(VPos.CENTER);
    setAlignment(Pos.CENTER_LEFT);
  }

  private void change(Change change) {
    changed.accept(index, change);
  }

  private List<Node> controls() {
    return mark.meaning()
        .fold(
            data -> ofData(question.data().get(data.index())),
            this::ofAsked,
            places -> List.of(places(question.parts().get(places.parts().get(0)).places())),
            rule -> List.of(rule(rule.code(), MarkText.value(question, rule))));
  }

  private List<Node> ofData(FoundData data) {
    TextField name = field("mark-name-" + index, data.name(), 12);
    TextField unit = field("mark-unit-" + index, data.unit(), 5);
    Runnable call =
        () ->
            change(Change.data(now -> now.called(name.getText().strip(), unit.getText().strip())));
    onLeaving(name, call);
    onLeaving(unit, call);
    ChoiceBox<FoundData.Kind> kinds = choice("mark-as-" + index, data.kinds(), data.kind());
    Controls.inWords(kinds, MarkText::kind);
    kinds.setOnAction(event -> change(Change.data(now -> as(now, kinds.getValue()))));
    Nodes.setShown(kinds, data.kinds().size() > 1);
    return List.of(labelled("question.name", name), labelled("question.unit", unit), kinds);
  }

  private static FoundData as(FoundData data, FoundData.Kind kind) {
    return data.kinds().contains(kind) ? data.as(kind) : data;
  }

  private List<Node> ofAsked(Mark.OfAsked of) {
    Optional<Asked> only =
        of.asked().size() == 1 ? Optional.of(of.asked().get(0)) : Optional.empty();
    Optional<Measure> before = only.flatMap(asked -> Measures.ofKey(asked.measure()));
    ChoiceBox<Measure> measures = new ChoiceBox<>();
    measures.setId("mark-measure-" + index);
    measures.setAccessibleText(Texts.of("question.change.asked"));
    measures.getItems().setAll(measures(of));
    Controls.inWords(measures, TaskTexts::name);
    before.filter(measures.getItems()::contains).ifPresent(measures::setValue);
    TextField number =
        field(
            "mark-number-" + index,
            only.flatMap(asked -> asked.with().values().stream().findFirst())
                .map(sign::in)
                .orElse(""),
            5);
    number.setAccessibleText(Texts.of("asked.number"));
    number.setPromptText(Texts.of("asked.number"));
    Label problem = Controls.wrapped("", "problem-text");
    problem.setId("mark-problem-" + index);
    Runnable ask =
        () -> {
          Measure measure = measures.getValue();
          if (measure != null) {
            boolean needs = !measure.parameters().isEmpty();
            Nodes.setShown(number, needs);
            String refusal = ask(measure, needs ? number.getText() : "");
            problem.setText(needs && number.getText().isBlank() ? "" : refusal);
            Nodes.setShown(problem, !problem.getText().isEmpty());
          }
        };
    Nodes.setShown(number, before.filter(each -> !each.parameters().isEmpty()).isPresent());
    Nodes.setShown(problem, false);
    measures.setOnAction(event -> ask.run());
    onLeaving(number, ask);
    return List.of(measures, number, problem);
  }

  /** What such data have, by name. */
  private List<Measure> measures(Mark.OfAsked of) {
    boolean pairs =
        of.parts().stream()
            .flatMap(part -> question.parts().get(part).data().stream())
            .anyMatch(data -> question.data().get(data).kind() == FoundData.Kind.PAIRS);
    Subject subject = pairs ? Subject.PAIRS : Subject.ONE;
    return Measures.all().stream()
        .filter(measure -> measure.subject() == subject && measure.parameters().size() < 2)
        .toList();
  }

  /** {@return why it cannot be asked; empty where it can, and is} */
  private String ask(Measure measure, String number) {
    if (measure.parameters().isEmpty()) {
      change(Change.asking(new Asked(measure.key(), Map.of())));
      return "";
    }
    Reading reading = NumberText.read(number, sign);
    if (reading instanceof Reading.Unreadable unreadable) {
      return unreadable.why().text();
    }
    Reading.Numeral numeral = (Reading.Numeral) reading;
    return Request.refusal(measure, List.of(numeral.value()))
        .map(refusal -> refusal.text())
        .orElseGet(
            () -> {
              String plain = PlainText.of(numeral.value());
              change(Change.asking(new Asked(measure.key(), Map.of("", plain))));
              return "";
            });
  }

  private Node places(Optional<Integer> now) {
    ChoiceBox<Integer> places =
        choice(
            "mark-places-" + index,
            IntStream.rangeClosed(0, MOST_PLACES).boxed().toList(),
            now.orElse(null));
    Controls.inWords(places, each -> Texts.of("question.places", each));
    places.setOnAction(event -> change(Change.places(places.getValue())));
    return places;
  }

  private Node rule(String code, String now) {
    List<String> values = Rule.find(code).map(MarkEditor::codes).orElse(List.of(now));
    ChoiceBox<String> box = choice("mark-value-" + index, values, now);
    Controls.inWords(box, value -> RuleText.ofCodes(code, value));
    box.setOnAction(event -> change(Change.deciding(box.getValue())));
    return labelled("rule." + code, box);
  }

  private static <T> List<String> codes(Rule<T> rule) {
    return rule.values().stream().map(rule::codeOf).toList();
  }

  private static <T> ChoiceBox<T> choice(String id, List<T> values, @Nullable T now) {
    ChoiceBox<T> box = new ChoiceBox<>();
    box.setId(id);
    box.getItems().setAll(values);
    if (now != null) {
      box.setValue(now);
    }
    return box;
  }

  private static TextField field(String id, String text, int columns) {
    TextField field = new TextField(text);
    field.setId(id);
    field.setPrefColumnCount(columns);
    return field;
  }

  /** Takes what is typed at Enter, and when the focus goes on. */
  private static void onLeaving(TextField field, Runnable taken) {
    String[] before = {field.getText()};
    Runnable once =
        () -> {
          if (!field.getText().equals(before[0])) {
            before[0] = field.getText();
            taken.run();
          }
        };
    field.setOnAction(event -> once.run());
    Fields.whenLeft(field, once);
  }

  private static Node labelled(String key, Node control) {
    Label label = new Label(Texts.of(key));
    label.setLabelFor(control);
    control.setAccessibleText(Texts.of(key));
    HBox line = new HBox(6, label, control);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }
}
