package promedio.desktop.window;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.Grouping;
import promedio.core.grouping.WidthRule;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.desktop.Texts;
import promedio.desktop.graph.Graph;
import promedio.desktop.graph.GraphKind;
import promedio.desktop.graph.Height;
import promedio.desktop.work.ByHand;
import promedio.desktop.work.Reckoning;
import promedio.desktop.work.Workspace;
import promedio.files.report.GroupingText;
import promedio.files.report.ShownNumbers;

/** The chosen item in classes, and as a graph: two views of one thing. */
final class GraphCard extends VBox {

  private final Workspace workspace;
  private final Hyperlink toggle = new Hyperlink();
  private final VBox body = new VBox(8);
  private final FlowPane kinds = new FlowPane(4, 2);
  private final ChoiceBox<String> by = new ChoiceBox<>();
  private final TextField numbers = new TextField();
  private final ToggleButton end = new ToggleButton();
  private final ChoiceBox<String> height = new ChoiceBox<>();
  private final ChoiceBox<String> other = new ChoiceBox<>();
  private final List<CheckBox> marks = new ArrayList<>();
  private final GraphPicture picture = GraphPicture.ofValues(this::chooseAt, new Mover());
  private final TextField title = new TextField();
  private final TextField ticks = new TextField();
  private final ClassTableView table;
  private final Label note = new Label();
  private final HBox grouping = new HBox(8);
  private final Hyperlink asTable =
      Controls.link("graph.as-table", "graph-as-table", this::keepAsTable);
  private final Hyperlink compare =
      Controls.link("graph.compare", "graph-compare", this::switchTable);

  /** Whether the measures of the values and of the classes stand in the place of the classes. */
  private boolean comparing;

  private GraphKind kind = GraphKind.HISTOGRAM;
  private ClassTable.@Nullable Interval chosen;
  private boolean open;
  private boolean showing;
  private @Nullable Grouping grouped;

  GraphCard(Workspace workspace, AssignmentView.FileChoice fileChoice) {
    super(8);
    this.workspace = workspace;
    getStyleClass().add("graph-card");
    table = new ClassTableView();
    Label heading = new Label(Texts.of("graph.heading"));
    heading.getStyleClass().add("family-heading");
    toggle.setId("graph-toggle");
    toggle.getStyleClass().add("link");
    toggle.setOnAction(
        event -> {
          open = !open;
          show();
        });
    HBox head = new HBox(10, heading, toggle);
    head.setAlignment(Pos.BASELINE_LEFT);
    buildKinds();
    buildGrouping();
    note.setId("graph-note");
    note.setWrapText(true);
    note.setMinHeight(USE_PREF_SIZE);
    note.getStyleClass().add("quiet");
    body.getChildren()
        .addAll(kinds, buildLook(), picture, buildTools(fileChoice), grouping, table, note);
    getChildren().add(head);
    workspace.reckoningProperty().subscribe(now -> show());
  }

  private void buildKinds() {
    ToggleGroup group = new ToggleGroup();
    for (GraphKind each : GraphKind.values()) {
      ToggleButton button = new ToggleButton(Texts.of("graph.kind." + each.code()));
      button.setId("graph-" + each.code());
      button.getStyleClass().add("link");
      button.setToggleGroup(group);
      button.setUserData(each);
      button.setOnAction(
          event -> {
            kind = each;
            button.setSelected(true);
            show();
          });
      kinds.getChildren().add(button);
    }
    group.selectToggle(group.getToggles().get(0));
  }

  private void buildGrouping() {
    by.getItems()
        .addAll(
            Stream.concat(
                    Stream.of(WidthRule.values()).map(WidthRule::code),
                    ClassChoice.NUMBERED.stream())
                .toList());
    Controls.inWords(by, code -> Texts.of("graph.classes." + code));
    by.setId("graph-by");
    by.setAccessibleText(Texts.of("graph.classes"));
    by.setValue(ClassChoice.USUAL.by());
    by.setOnAction(event -> takeClasses());
    numbers.setId("graph-numbers");
    numbers.setPrefColumnCount(12);
    numbers.setAccessibleText(Texts.of("graph.number"));
    numbers
        .textProperty()
        .subscribe(
            (old, text) -> {
              if (!showing) {
                workspace.typeClasses(text);
              }
            });
    end.setId("graph-end");
    end.getStyleClass().add("link");
    end.setOnAction(
        event ->
            workspace.setRule(Rule.CLASS_END, end.isSelected() ? ClassEnd.UPPER : ClassEnd.LOWER));
    grouping.setAlignment(Pos.CENTER_LEFT);
    grouping.getChildren().addAll(new Label(Texts.of("graph.classes")), by, numbers, end);
  }

  private void takeClasses() {
    if (!showing) {
      workspace.setClasses(new ClassChoice(by.getValue(), numbers.getText()));
    }
  }

  private void showClasses(ClassChoice choice) {
    showing = true;
    by.setValue(choice.by());
    Fields.show(numbers, choice.numbers());
    showing = false;
    Nodes.setShown(numbers, choice.needsNumbers());
  }

  private FlowPane buildLook() {
    height.getItems().add("auto");
    for (Height each : Height.values()) {
      height.getItems().add(each.code());
    }
    Controls.inWords(height, code -> Texts.of("graph.height." + code));
    height.setValue("auto");
    height.setId("graph-height");
    height.setAccessibleText(Texts.of("graph.height"));
    height.setOnAction(event -> show());
    FlowPane look = new FlowPane(8, 4, new Label(Texts.of("graph.height")), height);
    look.getChildren().add(new Label(Texts.of("graph.mark")));
    for (String mark : List.of("mean", "median", "modes", "quartiles")) {
      CheckBox box = new CheckBox(Texts.of("graph.mark." + mark));
      box.setId("graph-mark-" + mark);
      box.setUserData(mark);
      box.setOnAction(event -> show());
      marks.add(box);
      look.getChildren().add(box);
    }
    other.setId("graph-other");
    other.setAccessibleText(Texts.of("graph.beside"));
    other.setOnAction(event -> draw());
    HBox beside = new HBox(8, new Label(Texts.of("graph.beside")), other);
    beside.setAlignment(Pos.CENTER_LEFT);
    look.setAlignment(Pos.CENTER_LEFT);
    look.getChildren().add(beside);
    look.getChildren().add(field(title, "graph.title", 14));
    look.getChildren().add(field(ticks, "graph.ticks", 4));
    return look;
  }

  private HBox field(TextField field, String key, int columns) {
    field.textProperty().subscribe((old, text) -> draw());
    return Controls.named(key, field, columns);
  }

  private Optional<Exact> ticks(Reckoning now) {
    return NumberText.read(ticks.getText().strip(), now.sign()) instanceof Reading.Numeral read
        ? Optional.of(read.value())
        : Optional.empty();
  }

  private PictureTools buildTools(AssignmentView.FileChoice fileChoice) {
    PictureTools tools = new PictureTools("graph", picture, fileChoice, note::setText);
    tools
        .getChildren()
        .addAll(
            Controls.link("graph.copy-table", "graph-copy-table", this::copyTable),
            asTable,
            compare);
    return tools;
  }

  private void show() {
    Reckoning now = workspace.reckoningProperty().get();
    boolean classes = now != null && now.typed().data() instanceof ClassTable;
    boolean shown = open || classes;
    toggle.setText(Texts.of(shown ? "graph.hide" : "graph.show"));
    Nodes.setShown(toggle, !classes);
    Nodes.setShown(body, shown && now != null);
    if (!shown || now == null) {
      return;
    }
    if (!getChildren().contains(body)) {
      // What is never looked at is never laid out.
      getChildren().add(body);
    }
    boolean fits = kind.needsClasses() || kind == GraphKind.BOX || !classes;
    if (!fits) {
      kind = GraphKind.HISTOGRAM;
    }
    for (Node node : kinds.getChildren()) {
      ToggleButton button = (ToggleButton) node;
      GraphKind each = (GraphKind) button.getUserData();
      button.setSelected(each == kind);
      Nodes.setShown(button, !classes || each.needsClasses() || each == GraphKind.BOX);
    }
    Nodes.setShown(grouping, !classes);
    ClassChoice choice = now.item().classes();
    showClasses(choice);
    boolean upper = now.rules().get(Rule.CLASS_END) == ClassEnd.UPPER;
    end.setSelected(upper);
    end.setText(
        Texts.of("rule.class-end")
            + " "
            + Texts.of("rule.class-end." + (upper ? "upper" : "lower")));
    showOthers(now);
    group(choice, now);
  }

  private void group(ClassChoice choice, Reckoning now) {
    Optional<Grouping> found = choice.group(now.typed().data(), now.rules(), now.sign());
    grouped = found.orElse(null);
    chosen = null;
    workspace.litProperty().set(null);
    showTable();
    tellCheck(now);
    draw();
  }

  private void tellCheck(Reckoning now) {
    Grouping found = grouped;
    if (found == null) {
      note.setText("");
      return;
    }
    String total = ByHand.numbers(now).shown(found.table().tally().total());
    Exact outside = found.below().plus(found.above());
    note.setText(
        outside.signum() == 0
            ? Texts.of("graph.check", total)
            : Texts.of("graph.outside", total, ByHand.numbers(now).shown(outside)));
  }

  /** The class stands out in the graph and in the table; its values are told. */
  private void choose(ClassTable.Interval interval) {
    chosen = interval;
    table.choose(interval);
    Reckoning now = workspace.reckoningProperty().get();
    if (now != null && !(now.typed().data() instanceof ClassTable)) {
      workspace.litProperty().set(interval);
      note.setText(ClassTableView.values(interval, now));
    }
    draw();
  }

  /** A click into the graph chooses the class above that point of the axis. */
  private void chooseAt(Exact value) {
    Grouping found = grouped;
    if (found != null && kind.needsClasses()) {
      found.table().intervals(true).stream()
          .filter(interval -> ClassTableView.holds(interval, value))
          .findFirst()
          .ifPresent(this::choose);
    }
  }

  /** The boundaries of a printed table stay where they are. */
  private List<Exact> movable() {
    Reckoning now = workspace.reckoningProperty().get();
    Grouping found = grouped;
    boolean own = now != null && !(now.typed().data() instanceof ClassTable);
    return own && found != null && kind.needsClasses() ? found.boundaries() : List.of();
  }

  /** Boundaries that are moved change the classes at once, and the assignment when let go. */
  private final class Mover implements GraphPicture.BoundaryMove {

    private @Nullable ClassChoice moving;

    @Override
    public void move(int index, Exact to) {
      List<Exact> limits = new ArrayList<>(movable());
      Reckoning now = workspace.reckoningProperty().get();
      boolean between =
          index < limits.size()
              && (index == 0 || limits.get(index - 1).compareTo(to) < 0)
              && (index == limits.size() - 1 || limits.get(index + 1).compareTo(to) > 0);
      if (between && now != null && !limits.get(index).equals(to)) {
        limits.set(index, to);
        ShownNumbers shown = ByHand.numbers(now);
        moving =
            new ClassChoice(
                ClassChoice.LIMITS,
                limits.stream().map(shown::shown).collect(Collectors.joining(" ")));
        group(moving, now);
      }
    }

    @Override
    public void letGo() {
      if (moving != null) {
        workspace.setClasses(moving);
      }
      moving = null;
    }
  }

  private void showOthers(Reckoning now) {
    List<String> names = new ArrayList<>(List.of(Texts.of("graph.beside.none")));
    for (Item item : workspace.assignment().items()) {
      if (item.id() != now.item().id() && isOfValues(item.source().shape())) {
        names.add(item.name());
      }
    }
    if (!names.equals(other.getItems())) {
      other.getItems().setAll(names);
      other.setValue(names.get(0));
    }
  }

  /** What can be put into classes. */
  private static boolean isOfValues(Source.Shape shape) {
    return shape == Source.Shape.VALUES || shape == Source.Shape.FREQUENCIES;
  }

  private Optional<Graph> graph() {
    Reckoning now = workspace.reckoningProperty().get();
    Grouping found = grouped;
    if (now == null || found == null) {
      return Optional.empty();
    }
    List<Graph.Series> series = new ArrayList<>();
    series.add(new Graph.Series(now.item().name(), now.typed().data(), found.table()));
    second(now, found).ifPresent(series::add);
    String unit = now.item().unit();
    String axis =
        unit.isEmpty() ? now.item().name() : Texts.of("graph.axis", now.item().name(), unit);
    return Optional.of(
        new Graph(
            kind,
            series,
            height(found),
            title.getText().strip(),
            axis,
            ticks(now),
            marked(),
            Optional.ofNullable(chosen),
            now.rules(),
            now.sign()));
  }

  /** Another sample is put into the same classes, so that the bars can be compared. */
  private Optional<Graph.Series> second(Reckoning now, Grouping found) {
    return workspace.assignment().items().stream()
        .filter(item -> item.name().equals(other.getValue()) && item.id() != now.item().id())
        .findFirst()
        .flatMap(
            item -> {
              Data data = item.source().read(workspace.assignment().sign()).data();
              return new ClassChoice(
                      ClassChoice.LIMITS, ClassTableView.limits(found.table(), now, data))
                  .group(data, now.rules(), DecimalSign.POINT)
                  .map(same -> new Graph.Series(item.name(), data, same.table()));
            });
  }

  private Height height(Grouping found) {
    boolean cumulative = kind == GraphKind.OGIVE || kind == GraphKind.OGIVE_ABOVE;
    return Height.ofCode(height.getValue())
        .filter(chosen -> !cumulative || chosen != Height.DENSITY)
        .orElseGet(
            () ->
                kind.needsClasses() && !cumulative
                    ? Graph.proposed(found.table())
                    : Height.FREQUENCY);
  }

  private Set<Measure> marked() {
    Set<Measure> marked = EnumSet.noneOf(Measure.class);
    for (CheckBox box : marks) {
      if (box.isSelected()) {
        switch ((String) box.getUserData()) {
          case "mean" -> marked.add(Measure.MEAN);
          case "median" -> marked.add(Measure.MEDIAN);
          case "modes" -> marked.add(Measure.MODES);
          default -> marked.addAll(Set.of(Measure.Q1, Measure.Q3));
        }
      }
    }
    return marked;
  }

  private void draw() {
    picture.draw(graph(), movable());
  }

  private void copyTable() {
    Grouping found = grouped;
    if (found != null) {
      ClipboardContent content = new ClipboardContent();
      content.putString(GroupingText.csv(found.table()).replace(',', '\t'));
      Clipboard.getSystemClipboard().setContent(content);
    }
  }

  /** The classes become an item of their own, to be worked by hand. */
  private void keepAsTable() {
    Grouping found = grouped;
    Reckoning now = workspace.reckoningProperty().get();
    if (found != null && now != null) {
      workspace.addNamed(
          Texts.of("item.grouped", now.item().name()),
          new Source.ClassesText(ClassTableView.text(found.table(), now)));
    }
  }

  private void switchTable() {
    comparing = !comparing;
    showTable();
  }

  private void showTable() {
    Optional<ClassTable> found = Optional.ofNullable(grouped).map(Grouping::table);
    Reckoning now = workspace.reckoningProperty().get();
    boolean ofClasses = now != null && now.typed().data() instanceof ClassTable;
    Nodes.setShown(compare, !ofClasses);
    Nodes.setShown(asTable, !ofClasses);
    compare.setText(Texts.of(comparing ? "graph.classes-again" : "graph.compare"));
    if (now != null && comparing && found.isPresent() && !ofClasses) {
      table.compare(found.get(), now);
    } else if (now != null) {
      table.show(found, now, this::choose);
    }
  }
}
