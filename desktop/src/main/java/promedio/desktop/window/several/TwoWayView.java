package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.message.Texts;
import promedio.core.sample.Categories;
import promedio.core.sample.CrossTable;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.several.CountTable;
import promedio.desktop.projection.several.CountTable.View;
import promedio.desktop.projection.several.TestKind;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.CardFlow;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.graph.GraphPicture;
import promedio.desktop.window.graph.PictureTools;
import promedio.desktop.window.sample.HypothesisTestCard;
import promedio.desktop.work.Workspace;
import promedio.graph.CategoryGraph;
import promedio.graph.CategoryGraph.Arrangement;

/** Counts of one category by another: the table in several views, its bars, and χ². */
final class TwoWayView implements SeveralView {

  private final Workspace workspace;
  private final AnswerTable table;
  private final List<ToggleButton> views = new ArrayList<>();
  private final List<ToggleButton> arrangements = new ArrayList<>();
  private final GraphPicture picture = GraphPicture.ofCategories(name -> {});
  private final Label note = Controls.wrapped("", "quiet");
  private final MeasureCard test;
  private final MeasureCard strength;
  private final HypothesisTestCard steps;
  private final VBox content;
  private View view = View.COUNTS;
  private Arrangement arrangement = Arrangement.BESIDE;
  private @Nullable CategoryGraph drawn;

  TwoWayView(Workspace workspace, FileChoice fileChoice, Appearance appearance) {
    this.workspace = workspace;
    this.table = new AnswerTable(workspace, "counts-table");
    this.test =
        new MeasureCard(
            workspace, "counts.test", "shape", List.of("chi_squared", "smallest_expected"));
    this.steps = new HypothesisTestCard(workspace, "counts-test", List.of(TestKind.COUNTS));
    this.strength =
        new MeasureCard(
            workspace, "counts.strength", "spread", List.of("phi", "cramers_v", "contingency"));
    note.setId("counts-note");
    content =
        new VBox(
            14,
            Cards.paper("counts.table", buildViews(), table, tools()),
            Cards.paper(
                "counts.graph",
                buildArrangements(),
                picture,
                new PictureTools("counts", picture, fileChoice, note::setText),
                note),
            new CardFlow(appearance, test, strength),
            steps);
  }

  private Region tools() {
    return Cards.line(Controls.link("graph.copy-table", "counts-copy", table::copy));
  }

  private FlowPane buildViews() {
    for (View each : View.values()) {
      views.add(
          choice(
              each,
              "counts.view." + each.code(),
              "counts-view-" + each.code(),
              () -> {
                view = each;
                showAgain(workspace);
              }));
    }
    return Cards.line(views.toArray(new ToggleButton[0]));
  }

  private FlowPane buildArrangements() {
    for (Arrangement each : Arrangement.values()) {
      String code = each.name().toLowerCase(Locale.ROOT);
      arrangements.add(
          choice(
              each,
              "counts.bars." + code,
              "counts-bars-" + code,
              () -> {
                arrangement = each;
                showAgain(workspace);
              }));
    }
    return Cards.line(arrangements.toArray(new ToggleButton[0]));
  }

  private static ToggleButton choice(Object meant, String key, String id, Runnable chosen) {
    ToggleButton button = Controls.literal(new ToggleButton(Texts.of(key)));
    button.setId(id);
    button.setUserData(meant);
    button.getStyleClass().add("link");
    button.setOnAction(event -> chosen.run());
    return button;
  }

  @Override
  public Region node() {
    return content;
  }

  @Override
  public void focusAnswers() {
    test.focusAnswer();
  }

  @Override
  public void show(Analysis now, Projection all) {
    now.typed().data().cross().ifPresent(counts -> show(now, counts, all));
  }

  private void show(Analysis now, CrossTable counts, Projection all) {
    select(views, view);
    select(arrangements, arrangement);
    table.show(now, all, CountTable.of(now, counts, view));
    test.show(now, all);
    strength.show(now, all);
    steps.show(now, all);
    CategoryGraph graph = graph(now, counts);
    if (!graph.equals(drawn)) {
      drawn = graph;
      picture.draw(Optional.of(graph), List.of());
    }
  }

  private static void select(List<ToggleButton> buttons, Object chosen) {
    buttons.forEach(button -> button.setSelected(button.getUserData() == chosen));
  }

  /** Each column of the table is a series of bars over its rows. */
  private CategoryGraph graph(Analysis now, CrossTable counts) {
    return new CategoryGraph(
        IntStream.range(0, counts.columns().size())
            .mapToObj(
                column ->
                    new CategoryGraph.Series(
                        counts.columns().get(column), categories(counts, column)))
            .toList(),
        Height.FREQUENCY,
        arrangement,
        now.item().graph().text(GraphText.TITLE).strip(),
        now.item().source().names().stream().findFirst().orElse(""),
        Set.of(),
        Optional.empty(),
        now.rules(),
        now.sign());
  }

  private static Categories categories(CrossTable counts, int column) {
    return new Categories(
        IntStream.range(0, counts.rows().size())
            .mapToObj(row -> new Categories.Row(counts.rows().get(row), counts.count(row, column)))
            .toList(),
        0);
  }
}
