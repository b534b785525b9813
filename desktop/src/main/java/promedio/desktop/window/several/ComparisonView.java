package promedio.desktop.window.several;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.sample.Groups;
import promedio.core.table.Table;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.several.AlikeText;
import promedio.desktop.projection.several.GroupTable;
import promedio.desktop.projection.several.PairTable;
import promedio.desktop.projection.several.TestKind;
import promedio.desktop.projection.several.VarianceTable;
import promedio.desktop.projection.several.ZScores;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.CardFlow;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.sample.HypothesisTestCard;
import promedio.desktop.work.Memory;
import promedio.desktop.work.Workspace;
import promedio.files.table.DataSource;
import promedio.files.table.TableExport;

/** Samples side by side: on one scale, in one summary, and what lies between them. */
final class ComparisonView implements SeveralView {

  private final Workspace workspace;
  private final ComparisonGraph graph;
  private final AnswerTable summary;
  private final MeasuresMenu measures;
  private final TextField filter = new TextField();
  private final BiConsumer<Table, String> export;
  private final Label alike = Controls.wrapped("", "answer-text");
  private final MeasureCard together;
  private final MeasureCard effect;
  private final AnswerTable variance;
  private final AnswerTable pairs;
  private final ZScoreCard scores;
  private final Region zPaper;
  private final HypothesisTestCard test;
  private final Label tooMany = Controls.wrapped("", "quiet");
  private final VBox content;
  private final Memory<GroupTable.Shown> summaries;
  private @Nullable Analysis shown;

  ComparisonView(
      Workspace workspace,
      FileChoice fileChoice,
      Appearance appearance,
      BiConsumer<Table, String> export) {
    this.workspace = workspace;
    this.export = export;
    this.graph = new ComparisonGraph(workspace, fileChoice);
    this.summary = new AnswerTable(workspace, "summary").onHead(this::sort);
    this.summaries =
        workspace.memory(
            "summary", new GroupTable.Shown(MeasuresMenu.USUAL, GroupTable.Order.GIVEN, ""));
    this.measures =
        new MeasuresMenu("summary-measures", chosen -> change(old -> old.withMeasures(chosen)));
    this.together =
        new MeasureCard(
            workspace,
            "comparison.together",
            "spread",
            List.of(
                "combined_mean",
                "combined_variance",
                "combined_sd",
                "pooled_variance",
                "pooled_sd"));
    this.effect = new MeasureCard(workspace, "comparison.share", "shape", List.of("eta_squared"));
    this.variance = new AnswerTable(workspace, "variance");
    this.pairs = new AnswerTable(workspace, "pairwise");
    this.test =
        new HypothesisTestCard(workspace, "groups-test", List.of(TestKind.VARIANCE, TestKind.TWO));
    this.scores = new ZScoreCard(workspace);
    this.zPaper = Cards.paper("z-scores.heading", scores);
    alike.setId("comparison-alike");
    content =
        new VBox(
            14,
            Cards.paper("comparison.graph", graph),
            Cards.paper("comparison.summary", buildSummaryTools(), summary, alike),
            Cards.paper("comparison.variance", variance),
            new CardFlow(appearance, together, effect),
            zPaper,
            Cards.paper(
                "comparison.pairwise",
                pairs,
                Controls.wrapped(Texts.of("pairwise.variance"), "quiet"),
                tooMany),
            test);
  }

  private Region buildSummaryTools() {
    filter.setId("summary-filter");
    filter.setPrefColumnCount(10);
    filter.setPromptText(Texts.of("comparison.filter"));
    filter.setAccessibleText(Texts.of("comparison.filter"));
    filter.textProperty().subscribe((old, text) -> change(shown -> shown.withFilter(text)));
    return Cards.line(
        measures,
        filter,
        Controls.link("graph.copy-table", "summary-copy", summary::copy),
        Controls.link("comparison.as-table", "summary-as-table", this::importSummary),
        Controls.link("comparison.export", "summary-export", this::exportSummary));
  }

  /** The summary is looked at as any table that is imported, and kept, exported or tidied there. */
  private void importSummary() {
    withSummary(
        (table, name) ->
            workspace
                .imports()
                .begin(
                    DataSource.of(
                        name + ".csv",
                        TableExport.csv(table, DecimalSign.POINT)
                            .getBytes(StandardCharsets.UTF_8))));
  }

  private void exportSummary() {
    withSummary(export);
  }

  private void withSummary(BiConsumer<Table, String> use) {
    Analysis now = shown;
    if (now != null) {
      try {
        use.accept(
            GroupTable.table(now, summaries.of(now.item().id())),
            Texts.of("comparison.summary-file", now.item().name()));
      } catch (BadInputException e) {
        alike.setText(e.why().text());
      }
    }
  }

  private void change(UnaryOperator<GroupTable.Shown> change) {
    Analysis now = shown;
    if (now != null) {
      GroupTable.Shown before = summaries.of(now.item().id());
      GroupTable.Shown after = change.apply(before);
      if (!after.equals(before)) {
        summaries.put(now.item().id(), after);
        showAgain(workspace);
      }
    }
  }

  @Override
  public Region node() {
    return content;
  }

  @Override
  public void focusAnswers() {
    summary.focusFirst();
  }

  private void sort(int column) {
    change(old -> old.withOrder(old.order().chosen(column)));
  }

  @Override
  public void show(Analysis now, Projection all) {
    now.typed().data().groups().ifPresent(groups -> show(now, groups, all));
  }

  private void show(Analysis now, Groups groups, Projection all) {
    shown = now;
    GroupTable.Shown inSight = summaries.of(now.item().id());
    Fields.show(filter, inSight.filter());
    measures.show(inSight.measures());
    graph.show(now, groups);
    summary.show(now, all, GroupTable.of(now, inSight));
    alike.setText(AlikeText.of(now));
    variance.show(now, all, VarianceTable.of(now));
    together.show(now, all);
    effect.show(now, all);
    test.show(now, all);
    scores.show(now);
    Nodes.setShown(zPaper, !ZScores.samples(now).isEmpty());
    boolean few = groups.samples().size() <= PairTable.MOST_GROUPS;
    Nodes.setShown(pairs, few);
    Nodes.setShown(tooMany, !few);
    if (few) {
      pairs.show(now, all, PairTable.of(now, groups));
    } else {
      tooMany.setText(Texts.of("pairwise.too-many", groups.samples().size()));
    }
  }
}
