package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphText;
import promedio.core.measure.Measure;
import promedio.core.message.Texts;
import promedio.core.sample.Pairs;
import promedio.core.table.PairCategories;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.WhatIf;
import promedio.desktop.projection.several.GroupTable;
import promedio.desktop.projection.several.PairGraph;
import promedio.desktop.projection.several.TestKind;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.CardFlow;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.graph.GraphPicture;
import promedio.desktop.window.graph.PictureTools;
import promedio.desktop.window.sample.ExtraMeasuresCard;
import promedio.desktop.window.sample.HypothesisTestCard;
import promedio.desktop.work.Memory;
import promedio.desktop.work.Workspace;
import promedio.graph.ScatterGraph;

/** Pairs: their scatter graph, what they have in common, and the lines through them. */
final class PairsView implements SeveralView {

  private final Workspace workspace;
  private final GraphPicture picture = GraphPicture.ofPairs(this::choose);
  private final ChoiceBox<String> category = new ChoiceBox<>();
  private final HBox byCategory = new HBox(6);
  private final Map<ScatterGraph.Extra, CheckBox> extras = new EnumMap<>(ScatterGraph.Extra.class);
  private final Label told = Controls.wrapped("", "answer-text");
  private final Hyperlink without =
      Controls.link("pairs.without", "pairs-without", this::tryWithout);
  private final Hyperlink keep =
      Controls.link("pairs.leave-out", "pairs-leave-out", this::leaveOut);
  private final Hyperlink back = Controls.link("pairs.back", "pairs-back", this::putBack);
  private final Label inTable = Controls.wrapped("", "quiet");
  private final MeasureCard together;
  private final MeasureCard lines;
  private final MeasureCard differences;
  private final HypothesisTestCard test;
  private final ExtraMeasuresCard asked;
  private final AnswerTable summary;
  private final MeasuresMenu measures;
  private final VBox content;
  private final Memory<OptionalInt> points;
  private final Memory<List<Measure>> columns;
  private OptionalInt chosen = OptionalInt.empty();
  private @Nullable Analysis shown;
  private @Nullable ScatterGraph drawn;

  PairsView(Workspace workspace, FileChoice fileChoice, Appearance appearance) {
    this.workspace = workspace;
    this.together =
        card(
            "pairs.together",
            "shape",
            "covariance",
            "correlation",
            "determination",
            "rank_correlation");
    this.lines =
        card(
            "pairs.lines",
            "position",
            "slope",
            "intercept",
            "residual_sd",
            "slope_of_x",
            "intercept_of_x");
    this.differences =
        card("pairs.differences", "spread", "difference_mean", "difference_sd", "effect_paired");
    this.test =
        new HypothesisTestCard(
            workspace,
            "pairs-test",
            List.of(TestKind.CORRELATION, TestKind.SLOPE, TestKind.PAIRED));
    this.asked = new ExtraMeasuresCard(workspace, "asked.prediction", List.of(Measures.PREDICTION));
    this.summary = new AnswerTable(workspace, "pairs-summary");
    this.points = workspace.memory("pairs-point", OptionalInt.empty());
    this.columns = workspace.memory("pairs-columns", MeasuresMenu.USUAL);
    this.measures = new MeasuresMenu("pairs-measures", this::chooseColumns);
    told.setId("pairs-point");
    inTable.setText(Texts.of("pairs.in-table"));
    content =
        new VBox(
            14,
            Cards.paper(
                "pairs.graph",
                buildExtras(),
                picture,
                told,
                Cards.line(
                    Controls.link("pairs.previous", "pairs-previous", () -> step(-1)),
                    Controls.link("pairs.next", "pairs-next", () -> step(1)),
                    without,
                    keep,
                    back),
                inTable,
                new PictureTools("pairs", picture, fileChoice, told::setText)),
            new CardFlow(appearance, together, lines, differences),
            asked,
            test,
            Cards.paper("pairs.summary", measures, summary));
  }

  private MeasureCard card(String key, String style, String... keys) {
    return new MeasureCard(workspace, key, style, List.of(keys));
  }

  private Region buildExtras() {
    for (ScatterGraph.Extra extra : ScatterGraph.Extra.values()) {
      String code = extra.name().toLowerCase(Locale.ROOT).replace('_', '-');
      CheckBox box = Controls.literal(new CheckBox(Texts.of("pairs.extra." + code)));
      box.setId("pairs-" + code);
      box.setSelected(extra == ScatterGraph.Extra.LINE);
      box.setOnAction(event -> showAgain(workspace));
      extras.put(extra, box);
    }
    category.setId("pairs-category");
    category.setAccessibleText(Texts.of("pairs.category"));
    Controls.inWords(category, name -> name.isEmpty() ? Texts.of("pairs.category.none") : name);
    category.setOnAction(event -> chooseCategory());
    List<Node> line = new ArrayList<>(extras.values());
    line.add(byCategory);
    byCategory.getChildren().addAll(new Label(Texts.of("pairs.category")), category);
    byCategory.setAlignment(Pos.CENTER_LEFT);
    return Cards.line(line.toArray(new Node[0]));
  }

  @Override
  public Region node() {
    return content;
  }

  @Override
  public void focusAnswers() {
    together.focusAnswer();
  }

  private void choose(int row) {
    boolean same = chosen.isPresent() && chosen.getAsInt() == row;
    choose(same ? OptionalInt.empty() : OptionalInt.of(row));
  }

  private void choose(OptionalInt row) {
    Analysis now = shown;
    if (now != null) {
      points.put(now.item().id(), row);
      workspace.tryOut(null);
      showAgain(workspace);
    }
  }

  private void chooseColumns(List<Measure> chosenNow) {
    Analysis now = shown;
    if (now != null) {
      columns.put(now.item().id(), chosenNow);
      showAgain(workspace);
    }
  }

  /** Goes on to the next pair, or back; after the last one comes the first. */
  private void step(int by) {
    int size = shown == null ? 0 : shown.typed().data().pairs().map(Pairs::size).orElse(0);
    if (size > 0) {
      int from = chosen.orElse(by > 0 ? -1 : 0);
      choose(OptionalInt.of(Math.floorMod(from + by, size)));
    }
  }

  private void tryWithout() {
    Analysis now = shown;
    if (now != null && chosen.isPresent()) {
      WhatIf.withoutPair(workspace.assignment(), now, chosen.getAsInt())
          .ifPresent(workspace::tryOut);
    }
  }

  private void leaveOut() {
    workspace.items().keepWhatIf();
    putBack();
  }

  private void putBack() {
    choose(OptionalInt.empty());
  }

  @Override
  public void show(Analysis now, Projection all) {
    now.typed().data().pairs().ifPresent(pairs -> show(now, pairs, all));
  }

  private void show(Analysis now, Pairs pairs, Projection all) {
    shown = now;
    OptionalInt point = points.of(now.item().id());
    chosen = point.orElse(0) < pairs.size() ? point : OptionalInt.empty();
    measures.show(columns.of(now.item().id()));
    offerCategories(all);
    tell(now, pairs, all.trial());
    draw(now, pairs, all.trial());
    List.of(together, lines, differences).forEach(card -> card.show(now, all));
    asked.show(now, all);
    test.show(now, all);
    summary.show(now, all, GroupTable.ofPairs(now, columns.of(now.item().id())));
  }

  private void tell(Analysis now, Pairs pairs, @Nullable WhatIf trial) {
    told.setText(
        chosen.isPresent()
            ? PairGraph.told(now, pairs, chosen.getAsInt())
            : Texts.of("pairs.choose"));
    boolean tried = trial != null;
    Nodes.setShown(without, chosen.isPresent() && !tried);
    Nodes.setShown(keep, tried && trial.canBeKept());
    Nodes.setShown(back, tried);
    Nodes.setShown(inTable, tried && !trial.canBeKept());
  }

  /** The columns of the table that tell few kinds apart can be told by colour and shape. */
  private void offerCategories(Projection all) {
    Item item = all.item();
    List<String> offered = new ArrayList<>(List.of(""));
    if (item != null) {
      offered.addAll(PairGraph.categoryColumns(all.assignment(), item));
    }
    if (!category.getItems().equals(offered)) {
      category.getItems().setAll(offered);
    }
    category.setValue(item == null ? "" : PairGraph.categoryColumn(all.assignment(), item));
    Nodes.setShown(byCategory, offered.size() > 1);
  }

  /** Is called too when the box is only filled in; then it says what the item says already. */
  private void chooseCategory() {
    Analysis now = shown;
    String column = category.getValue();
    if (now != null
        && column != null
        && !column.equals(PairGraph.categoryColumn(workspace.assignment(), now.item()))) {
      workspace.items().typeGraph(GraphText.CATEGORY, column);
    }
  }

  private Optional<PairCategories> categories(Analysis now, boolean without) {
    Optional<PairCategories> all = PairGraph.categories(workspace.assignment(), now.item());
    return without && chosen.isPresent() ? all.map(each -> each.without(chosen.getAsInt())) : all;
  }

  /** While a pair is tried to be left out, the lines are those of the others. */
  private void draw(Analysis now, Pairs pairs, @Nullable WhatIf trial) {
    Set<ScatterGraph.Extra> wanted = EnumSet.noneOf(ScatterGraph.Extra.class);
    extras.forEach(
        (extra, box) -> {
          if (box.isSelected()) {
            wanted.add(extra);
          }
        });
    Optional<Pairs> left =
        Optional.ofNullable(trial).flatMap(tried -> tried.analysis().typed().data().pairs());
    ScatterGraph graph =
        PairGraph.of(
            now,
            left.orElse(pairs),
            categories(now, left.isPresent()),
            wanted,
            left.isPresent() ? OptionalInt.empty() : chosen);
    if (!graph.equals(drawn)) {
      drawn = graph;
      picture.draw(pairs.size() == 0 ? Optional.empty() : Optional.of(graph), List.of());
    }
  }
}
