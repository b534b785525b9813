package promedio.desktop.window.several;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.BiConsumer;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Item;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.sample.Subject;
import promedio.core.table.Table;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Describe;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** The sheet of a comparison, of pairs, or of a two-way table. */
public final class SeveralSheet extends StackPane {

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final Appearance appearance;
  private final ScrollPane scroll;
  private final Label name = new Label();
  private final Label counts = Controls.wrapped("", "quiet");
  private final Label problem = Controls.wrapped("", "problem-text");
  private final StackPane place = new StackPane();
  private final BiConsumer<Table, String> export;

  /** Each made when such an item is first shown. */
  private final Map<Subject, SeveralView> views = new EnumMap<>(Subject.class);

  /**
   * Makes the sheet.
   *
   * @param export writes a table into a file that the student chooses
   */
  public SeveralSheet(
      Workspace workspace,
      FileChoice fileChoice,
      Appearance appearance,
      BiConsumer<Table, String> export) {
    this.export = export;
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.appearance = appearance;
    getStyleClass().add("sheet");
    name.getStyleClass().add("serif-heading");
    name.setId("several-name");
    counts.setId("several-counts");
    problem.setId("several-problem");
    VBox content = new VBox(14, new VBox(2, name, counts, problem), place);
    content.getStyleClass().add("sheet-content");
    // What is too wide moves sideways by itself, not the whole sheet.
    content.setMinWidth(0);
    place.setMinWidth(0);
    scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("sheet-scroll");
    scroll.setId("several-scroll");
    FollowFocus.in(scroll);
    getChildren().add(scroll);
    workspace.show((before, now) -> show(now));
  }

  /** Puts the focus on the page itself, so that the keys move it. */
  public void focusPage() {
    scroll.requestFocus();
  }

  /** Puts the focus on the first thing that can be answered. */
  public void focusAnswers() {
    Item item = workspace.item();
    if (item != null && views.containsKey(item.source().shape().subject())) {
      views.get(item.source().shape().subject()).focusAnswers();
    }
  }

  private void show(Projection all) {
    Item item = all.item();
    if (item == null || item.source().shape().subject() == Subject.ONE) {
      return;
    }
    name.setText(item.name());
    Analysis now = all.analysis();
    if (now == null) {
      counts.setText(Texts.of(all.stopped() ? "sheet.stopped" : "sheet.reading", item.name()));
      Nodes.setShown(problem, false);
      Nodes.setShown(place, false);
      return;
    }
    boolean whole = now.typed().data().subject() == item.source().shape().subject();
    counts.setText(whole ? Describe.progress(now) : Texts.of("several.nothing"));
    problem.setText(now.typed().problem().map(Message::text).orElse(""));
    Nodes.setShown(problem, !whole && now.typed().problem().isPresent());
    Nodes.setShown(place, whole);
    if (whole) {
      show(now, all, item.source().shape().subject());
    }
  }

  private void show(Analysis now, Projection all, Subject subject) {
    SeveralView view = views.computeIfAbsent(subject, this::made);
    if (!place.getChildren().contains(view.node())) {
      place.getChildren().setAll(view.node());
    }
    view.show(now, all);
  }

  private SeveralView made(Subject subject) {
    return switch (subject) {
      case PAIRS -> new PairsView(workspace, fileChoice, appearance);
      case GROUPS -> new ComparisonView(workspace, fileChoice, appearance, export);
      case CROSS -> new TwoWayView(workspace, fileChoice, appearance);
      case ONE, FIT -> throw new IllegalArgumentException("no sheet of several: " + subject);
    };
  }
}
