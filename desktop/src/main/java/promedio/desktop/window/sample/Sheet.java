package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.measure.Family;
import promedio.core.message.Texts;
import promedio.core.sample.Data;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Describe;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.several.TestKind;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.CardFlow;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.OnlyShown;
import promedio.desktop.window.graph.CategoryCard;
import promedio.desktop.window.graph.GraphCard;
import promedio.desktop.work.Workspace;

/** The sheet of the chosen sample or table: its measures in three families. */
public final class Sheet extends StackPane {

  private final Label name = new Label();
  private final Label counts = new Label();
  private final List<FamilyCard> cards = new ArrayList<>();
  private final CardFlow flow;
  private final LineUpPanel lineUp;
  private final ExtraMeasuresCard asked;
  private final HypothesisTestCard test;
  private final HypothesisTestCard fit;
  private final SamplingCard chance;
  private final GraphCard graphs;

  /** Made when categories are first shown. */
  private @Nullable CategoryCard categories;

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final VBox content = new VBox();
  private final OnlyShown parts = new OnlyShown(content);
  private final ScrollPane scroll;
  private final SheetJumps jumps;
  private final Node empty;

  /** Made when a sample is first read that takes long. */
  private @Nullable VBox waiting;

  public Sheet(
      Workspace workspace,
      Appearance appearance,
      FileChoice fileChoice,
      Node empty,
      Runnable work) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.empty = empty;
    getStyleClass().add("sheet");
    for (Family family : Family.values()) {
      cards.add(new FamilyCard(workspace, family));
    }
    flow = new CardFlow(appearance, cards.toArray(new FamilyCard[0]));
    name.getStyleClass().add("serif-heading");
    name.setId("sheet-name");
    counts.getStyleClass().add("quiet");
    counts.setWrapText(true);
    lineUp = new LineUpPanel(workspace, appearance);
    asked = new ExtraMeasuresCard(workspace);
    graphs = new GraphCard(workspace, fileChoice);
    chance = new SamplingCard(workspace);
    test =
        new HypothesisTestCard(
            workspace, "sample-test", List.of(TestKind.MEAN, TestKind.MEAN_BY_SIGMA));
    fit = new HypothesisTestCard(workspace, "categories-test", List.of(TestKind.FIT));
    scroll = new ScrollPane(content);
    jumps = new SheetJumps(scroll);
    jumps.add("line-up", lineUp, lineUp::focusLine);
    jumps.add("measures", flow, this::focusAnswers);
    jumps.add("graphs", graphs, graphs::open);
    jumps.add("working", work);
    Node head = new VBox(2, name, counts, jumps);
    List.of(head, lineUp, flow, asked, graphs, test, fit, chance).forEach(parts::add);
    content.setSpacing(14);
    content.getStyleClass().add("sheet-content");
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("sheet-scroll");
    scroll.setId("measures-scroll");
    FollowFocus.in(scroll);
    getChildren().add(scroll);
    workspace.show((before, now) -> show(now));
  }

  /** Puts the form in which a printed table is typed at the head of the sheet. */
  public void add(Node form) {
    parts.add(1, form);
  }

  /** Puts the focus on the line-up. */
  public void focusLineUp() {
    lineUp.focusLine();
  }

  /** Opens the classes and graphs. */
  public void openGraphs() {
    graphs.open();
  }

  /** Puts the focus on the page itself, so that the keys move it. */
  public void focusPage() {
    scroll.requestFocus();
  }

  /** Puts the focus on the first answer. */
  public void focusAnswers() {
    cards.get(0).focusAnswers();
  }

  private void show(Projection all) {
    Analysis analysis = all.ofOne().orElse(null);
    scroll.setVisible(analysis != null);
    showBeginning(all.item() == null);
    showWaiting(all);
    if (analysis != null) {
      show(analysis, all);
    }
  }

  private void show(Analysis analysis, Projection all) {
    name.setText(analysis.item().name());
    counts.setText(Describe.progress(analysis));
    Data data = analysis.typed().data();
    boolean words = data.categories().isPresent();
    showClassesFirst(data.classes().isPresent());
    Nodes.setShown(lineUp, all.hasValuesInOrder());
    Nodes.setShown(graphs, !words);
    showCategories(analysis, words);
    cards.forEach(card -> card.show(analysis, all));
    asked.show(analysis, all);
    Nodes.setShown(test, !words);
    Nodes.setShown(fit, words);
    (words ? fit : test).show(analysis, all);
    chance.show(analysis);
    jumps.show();
  }

  private void showBeginning(boolean shown) {
    if (shown && !getChildren().contains(empty)) {
      getChildren().add(empty);
    }
    Nodes.setShown(empty, shown);
  }

  /** A sample that takes long is being read, or is not since that was stopped. */
  private void showWaiting(Projection all) {
    Item item = all.item();
    boolean shown = item != null && all.analysis() == null;
    if (shown && waiting == null) {
      Label told = Controls.wrapped("", "quiet");
      told.setId("sheet-waiting");
      Button again = new Button(Texts.of("sheet.read-again"));
      again.setId("sheet-read-again");
      again.setOnAction(event -> workspace.readAgain());
      waiting = new VBox(12, told, again);
      waiting.getStyleClass().add("empty-state");
      waiting.setAlignment(Pos.CENTER);
      getChildren().add(waiting);
    }
    VBox made = waiting;
    if (made != null) {
      Nodes.setShown(made, shown);
      boolean stopped = all.stopped();
      if (item != null) {
        ((Label) made.getChildren().get(0))
            .setText(Texts.of(stopped ? "sheet.stopped" : "sheet.reading", item.name()));
      }
      Nodes.setShown(made.getChildren().get(1), stopped);
    }
  }

  private void showCategories(Analysis analysis, boolean words) {
    CategoryCard card = categories;
    if (card == null && words) {
      card = new CategoryCard(workspace, fileChoice);
      categories = card;
      parts.add(parts.indexOf(lineUp) + 1, card);
    }
    if (card != null) {
      Nodes.setShown(card, words);
    }
    if (card != null && words) {
      card.show(analysis);
    }
  }

  /** A class table is looked at as such; of a sample the values in order come first. */
  private void showClassesFirst(boolean classes) {
    boolean first = parts.indexOf(graphs) < parts.indexOf(flow);
    if (first != classes) {
      parts.move(graphs, classes ? flow : test);
    }
  }
}
