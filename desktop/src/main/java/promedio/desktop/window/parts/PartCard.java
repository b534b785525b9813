package promedio.desktop.window.parts;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.desktop.projection.PartSheet;
import promedio.desktop.window.control.AnswerField;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.StatedMenu;
import promedio.desktop.work.Workspace;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;

/** One part of the sheet: what is asked, of which sample, and the answers. */
final class PartCard extends MeasuredBox {

  /** What a part may say itself. */
  private static final List<Rule<?>> SAID =
      List.of(Rule.PLACES, Rule.DIVISOR, Rule.TAILS, Rule.ALPHA);

  private final Workspace workspace;
  private final TextField text = Fields.ofAssignment(new TextField());
  private final ChoiceBox<Integer> item = new ChoiceBox<>();
  private final StatedMenu stated;
  private final CheckBox covered = new CheckBox(Texts.of("parts.covered"));
  private final FlowPane answers = new FlowPane(14, 8);
  private final List<Asked> asked = new ArrayList<>();
  private final List<String> names;
  private Part part;
  private boolean showing;

  /** One measure that is asked. */
  private record Asked(Request request, AnswerField field) {}

  PartCard(Workspace workspace, int index, Part first) {
    super(6);
    this.workspace = workspace;
    this.part = first;
    this.names = workspace.assignment().items().stream().map(Item::name).toList();
    getStyleClass().add("part-card");
    setId("part-" + first.id());
    Label letter = new Label(PartSheet.letter(index));
    letter.getStyleClass().add("family-heading");
    text.setId("part-text-" + first.id());
    text.setPromptText(Texts.of("parts.text"));
    text.setAccessibleText(Texts.of("parts.text-of", PartSheet.letter(index)));
    HBox.setHgrow(text, Priority.ALWAYS);
    HBox head = new HBox(8, letter, text, PartsView.tools(workspace, first));
    head.setAlignment(Pos.CENTER_LEFT);
    buildItem();
    MenuButton measures = new MenuButton(Texts.of("parts.measures"));
    measures.setId("part-measures-" + first.id());
    measures.getStyleClass().add("quiet-menu");
    fill(measures);
    Hyperlink go = Controls.link("parts.go", "part-go-" + first.id(), this::goToSheet);
    stated = new StatedMenu("part-stated-" + first.id(), this::state);
    buildCovered();
    FlowPane about = new FlowPane(8, 4, new Label(Texts.of("parts.about")), item);
    about.getChildren().addAll(measures, stated, covered, go);
    for (Request request : requests()) {
      answers.getChildren().add(answer(request));
    }
    getChildren().addAll(head, about, answers);
    text.textProperty()
        .subscribe((old, now) -> edit("text " + part.id(), () -> part.withText(now)));
  }

  /** The sheet opens at what the part asks first. */
  private void goToSheet() {
    workspace.choose(part.about().item());
    requests().stream()
        .findFirst()
        .ifPresent(request -> workspace.chooseTask(part.about().subset(), request));
  }

  private void buildItem() {
    for (Item each : workspace.assignment().items()) {
      item.getItems().add(each.id());
    }
    item.setId("part-item-" + part.id());
    item.setAccessibleText(Texts.of("parts.about"));
    Controls.inWords(
        item, id -> workspace.assignment().item(id).map(Item::name).orElse(Texts.of("parts.gone")));
    item.setOnAction(event -> edit("", () -> part.about(Selection.of(item.getValue()))));
  }

  private <T> void state(Rule<T> rule, Optional<T> value) {
    StatedRules said = part.stated().with(rule, value);
    edit("", () -> part.with(rule == Rule.PLACES ? said.withPlaces(said.places()) : said));
  }

  private void buildCovered() {
    covered.setId("part-covered-" + part.id());
    covered.setOnAction(event -> edit("", () -> part.withCovered(covered.isSelected())));
  }

  private void fill(MenuButton measures) {
    for (Request request : askable()) {
      CheckMenuItem choice = Controls.literal(new CheckMenuItem(name(request)));
      choice.setSelected(requests().contains(request));
      choice.setOnAction(event -> ask(request, choice.isSelected()));
      measures.getItems().add(choice);
    }
  }

  /** What any data have, and what is asked besides of the item or here. */
  private Set<Request> askable() {
    Set<Request> requests = new LinkedHashSet<>(Measures.all().stream().map(Request::of).toList());
    requests.addAll(workspace.assignment().askedBesides(part.about()));
    requests.addAll(requests());
    return requests;
  }

  private List<Request> requests() {
    return workspace.assignment().questions(part).stream().map(Question::request).toList();
  }

  private Optional<Question> question(Request request) {
    return workspace.assignment().questions(part).stream()
        .filter(question -> question.request().equals(request))
        .findFirst();
  }

  private String name(Request request) {
    Assignment now = workspace.assignment();
    return TaskTexts.name(request, new ShownNumbers(now.rules(), now.sign()));
  }

  private void ask(Request request, boolean wanted) {
    List<Request> changed = new ArrayList<>(requests());
    changed.remove(request);
    if (wanted) {
      changed.add(request);
    }
    if (!showing) {
      workspace.editParts("", before -> before.asking(part, changed));
    }
  }

  private void edit(String key, Supplier<Part> changed) {
    if (!showing) {
      Part now = changed.get();
      workspace.editParts(key, before -> before.with(now));
    }
  }

  private VBox answer(Request request) {
    AnswerField field =
        new AnswerField(
            workspace, () -> question(request), question -> workspace.projection().marks(question));
    field.setId("part-answer-" + part.id() + "-" + TaskTexts.node(request));
    field.setPrefColumnCount(8);
    String name = name(request);
    field.setName(Texts.of("row.answer", name));
    field.mark().setId("part-mark-" + part.id() + "-" + TaskTexts.node(request));
    field.setOnAction(
        event -> {
          field.finish();
          focusNext(request);
        });
    asked.add(new Asked(request, field));
    Label label = Controls.literal(new Label(name));
    label.getStyleClass().add("quiet");
    return new VBox(1, label, field, field.mark());
  }

  /** Enter goes on to the next answer. */
  private void focusNext(Request request) {
    for (int i = 0; i + 1 < asked.size(); i++) {
      if (asked.get(i).request.equals(request)) {
        asked.get(i + 1).field.requestFocus();
      }
    }
  }

  void focusAnswer() {
    asked.stream().findFirst().ifPresent(first -> first.field.requestFocus());
  }

  /** {@return whether this card is made for the part as it is now} */
  boolean shows(Part now, Assignment assignment) {
    return now.id() == part.id()
        && assignment.questions(now).stream()
            .map(Question::request)
            .toList()
            .equals(asked.stream().map(each -> each.request).toList())
        && assignment.items().stream().map(Item::name).toList().equals(names);
  }

  void show(Part now) {
    part = now;
    showing = true;
    Fields.show(text, now.text());
    item.setValue(now.about().item());
    stated.show(SAID, now.stated());
    covered.setSelected(now.covered());
    showing = false;
    asked.forEach(each -> each.field.show());
  }
}
