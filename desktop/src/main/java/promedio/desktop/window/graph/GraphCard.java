package promedio.desktop.window.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.Grouping;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.ClassTable.Interval;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.GraphPlan;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.OnlyShown;
import promedio.desktop.work.Memory;
import promedio.desktop.work.Workspace;
import promedio.files.report.GroupingText;
import promedio.files.report.ShownNumbers;
import promedio.graph.Graph;

/** The chosen item in classes, and as a graph: two views of one thing. */
public final class GraphCard extends MeasuredBox {

  private final Workspace workspace;
  private final Hyperlink toggle = new Hyperlink();
  private final VBox body = new VBox(8);
  private final GraphLook look;
  private final GroupingBar grouping;
  private final GraphPicture picture = GraphPicture.ofValues(this::chooseAt, new Mover());
  private final ClassTableView table = new ClassTableView();
  private final Label note = Controls.wrapped("", "quiet");
  private final Hyperlink asTable =
      Controls.link("graph.as-table", "graph-as-table", this::keepAsTable);
  private final Hyperlink compare =
      Controls.link("graph.compare", "graph-compare", this::switchTable);

  /** Whether the measures of the values and of the classes stand in the place of the classes. */
  private boolean comparing;

  private final Memory<Boolean> opened;
  private boolean open;

  /** What was drawn last, and the values of the other item beside it. */
  private @Nullable Analysis drawn;

  private Optional<Source> drawnBeside = Optional.empty();
  private @Nullable Interval chosen;
  private @Nullable Grouping grouped;

  public GraphCard(Workspace workspace, FileChoice fileChoice) {
    super(8);
    this.workspace = workspace;
    opened = workspace.memory("graph-open", false);
    open = opened.of(0);
    look = new GraphLook(workspace);
    grouping = new GroupingBar(workspace);
    getStyleClass().add("graph-card");
    Label heading = new Label(Texts.of("graph.heading"));
    heading.getStyleClass().add("family-heading");
    toggle.setId("graph-toggle");
    toggle.getStyleClass().add("link");
    toggle.setOnAction(
        event -> {
          open = !open;
          opened.put(0, open);
          show(true);
        });
    HBox head = new HBox(10, heading, toggle);
    head.setAlignment(Pos.BASELINE_LEFT);
    note.setId("graph-note");
    body.getChildren()
        .addAll(look, picture, buildTools(fileChoice), grouping, Controls.sideways(table), note);
    Nodes.setShown(body, false);
    new OnlyShown(this, head, body);
    workspace.show((before, now) -> show(false));
  }

  /** Opens the graphs, and puts the focus on the way to close them again. */
  public void open() {
    if (!open) {
      open = true;
      opened.put(0, open);
      show(true);
    }
    toggle.requestFocus();
  }

  private PictureTools buildTools(FileChoice fileChoice) {
    PictureTools tools = new PictureTools("graph", picture, fileChoice, note::setText);
    tools
        .getChildren()
        .addAll(
            Controls.link("graph.copy-table", "graph-copy-table", this::copyTable),
            asTable,
            compare);
    return tools;
  }

  /**
   * Shows what is chosen.
   *
   * @param again whether also what is drawn already is
   */
  private void show(boolean again) {
    Analysis now = workspace.projection().ofOne().orElse(null);
    Analysis before = drawn;
    drawn = now;
    if (!again && isSame(before, now)) {
      return;
    }
    boolean classes = now != null && now.typed().data().classes().isPresent();
    boolean shown = open || classes;
    toggle.setText(Texts.of(shown ? "graph.hide" : "graph.show"));
    Nodes.setShown(toggle, !classes);
    Nodes.setShown(body, shown && now != null);
    if (!shown || now == null) {
      return;
    }
    look.show(GraphPlan.of(now));
    Nodes.setShown(grouping, !classes);
    group(now.item().classes(), now);
  }

  /** Whether both are drawn alike: an answer or an own working changes nothing of a graph. */
  @SuppressWarnings("ReferenceEquality") // entries stay the same list as long as none is typed
  private boolean isSame(@Nullable Analysis before, @Nullable Analysis now) {
    if (before == null || now == null) {
      return false;
    }
    boolean covered = before.assignment().coversAny() || now.assignment().coversAny();
    if (covered && !before.assignment().equals(now.assignment())) {
      return false;
    }
    Item old = before.item();
    Item item = now.item();
    Optional<Item> beside = workspace.assignment().item(item.graph().beside());
    boolean sameBeside = beside.map(Item::source).equals(drawnBeside);
    drawnBeside = beside.map(Item::source);
    return sameBeside
        && before.typed() == now.typed()
        && before.rules().equals(now.rules())
        && before.sign() == now.sign()
        && old.id() == item.id()
        && old.name().equals(item.name())
        && old.unit().equals(item.unit())
        && old.classes().equals(item.classes())
        && old.graph().equals(item.graph());
  }

  private void group(ClassChoice choice, Analysis now) {
    ClassChoice.Outcome outcome = choice.group(now.typed().data(), now.rules(), now.sign());
    grouped = outcome.grouping().orElse(null);
    grouping.show(now, outcome.problem());
    Interval before = chosen;
    boolean stays =
        outcome.grouping().filter(g -> g.table().intervals(true).contains(before)).isPresent();
    chosen = stays ? before : null;
    workspace.light(null);
    showTable();
    tellCheck(now);
    if (chosen != null) {
      choose(chosen);
    } else {
      draw();
    }
  }

  private void tellCheck(Analysis now) {
    Grouping found = grouped;
    if (found == null) {
      note.setText("");
      return;
    }
    String total = now.numbers().shown(found.table().tally().total());
    Exact outside = found.below().plus(found.above());
    note.setText(
        outside.signum() == 0
            ? Texts.of("graph.check", total)
            : Texts.of("graph.outside", total, now.numbers().shown(outside)));
  }

  /** The class stands out in the graph and in the table; its values are told. */
  private void choose(Interval interval) {
    chosen = interval;
    table.choose(interval);
    Analysis now = workspace.analysis();
    if (now != null && now.typed().data().classes().isEmpty()) {
      workspace.light(interval);
      note.setText(ClassTableView.values(interval, now));
    }
    draw();
  }

  /** A click into the graph chooses the class above that point of the axis. */
  private void chooseAt(Exact value) {
    Grouping found = grouped;
    Analysis now = workspace.analysis();
    if (found != null && now != null && GraphPlan.of(now).kind().needsClasses()) {
      found.table().intervals(true).stream()
          .filter(interval -> ClassTableView.holds(interval, value))
          .findFirst()
          .ifPresent(this::choose);
    }
  }

  /** The boundaries of a printed table stay where they are. */
  private List<Exact> movable() {
    Analysis now = workspace.analysis();
    Grouping found = grouped;
    boolean own =
        now != null
            && now.typed().data().classes().isEmpty()
            && GraphPlan.of(now).kind().needsClasses();
    return own && found != null ? found.boundaries() : List.of();
  }

  /** Boundaries that are moved change the classes at once, and the assignment when let go. */
  private final class Mover implements GraphPicture.BoundaryMove {

    private @Nullable ClassChoice moving;

    @Override
    public void move(int index, Exact to) {
      List<Exact> limits = new ArrayList<>(movable());
      Analysis now = workspace.analysis();
      boolean between =
          index < limits.size()
              && (index == 0 || limits.get(index - 1).compareTo(to) < 0)
              && (index == limits.size() - 1 || limits.get(index + 1).compareTo(to) > 0);
      if (between && now != null && !limits.get(index).equals(to)) {
        limits.set(index, to);
        ShownNumbers shown = now.numbers();
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
        workspace.items().setClasses(moving);
      }
      moving = null;
    }
  }

  private Optional<GraphPlan.Other> beside(GraphPlan plan) {
    Projection all = workspace.projection();
    return all.assignment()
        .item(plan.choice().beside())
        .filter(plan::takesBeside)
        .flatMap(all::known)
        .map(other -> new GraphPlan.Other(other.item().name(), other.typed().data()));
  }

  private Optional<Graph> graph() {
    Analysis now = workspace.analysis();
    Grouping found = grouped;
    if (now == null || found == null) {
      return Optional.empty();
    }
    GraphPlan plan = GraphPlan.of(now);
    return Optional.of(plan.graph(found, Optional.ofNullable(chosen), beside(plan)));
  }

  private void draw() {
    picture.draw(graph(), movable());
  }

  private void copyTable() {
    Grouping found = grouped;
    Analysis now = workspace.analysis();
    if (found != null && now != null) {
      Controls.copy(GroupingText.tabbed(found.table(), now.sign()));
    }
  }

  /** The classes become an item of their own, to be worked by hand. */
  private void keepAsTable() {
    Grouping found = grouped;
    Analysis now = workspace.analysis();
    if (found != null && now != null) {
      workspace
          .shelf()
          .addNamed(
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
    Analysis now = workspace.analysis();
    boolean ofClasses = now != null && now.typed().data().classes().isPresent();
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
