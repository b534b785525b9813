package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.List;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Pairwise;
import promedio.core.measure.Task;
import promedio.core.message.Texts;
import promedio.core.rules.Correction;
import promedio.core.rules.Rule;
import promedio.core.sample.Groups;
import promedio.core.sample.Portion;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.several.QuestionGrid.Cell;
import promedio.desktop.projection.several.QuestionGrid.Head;
import promedio.desktop.projection.several.QuestionGrid.Line;
import promedio.files.report.PValueText;

/** Every two of several groups by themselves, with p-values corrected where the course wants it. */
public final class PairTable {

  /** More pairs, of 13 groups and more, tell nobody anything. */
  public static final int MOST_GROUPS = 12;

  private static final List<String> KEYS =
      List.of("difference_of_means", "t_two", "t_two_df", "t_two_p");

  private PairTable() {}

  /** {@return the table; the groups are at least two and at most {@value #MOST_GROUPS}} */
  public static QuestionGrid of(Analysis now, Groups groups) {
    boolean corrected = now.rules().get(Rule.CORRECTION) != Correction.NONE;
    List<Line> lines = new ArrayList<>();
    List<Pairwise.Comparison> all = Pairwise.of(groups, now.rules());
    for (Pairwise.Comparison each : all) {
      lines.add(line(now, each, corrected));
    }
    Portion first = Portion.two(all.get(0).a(), all.get(0).b());
    List<Head> heads = new ArrayList<>();
    heads.add(Head.of(Texts.of("pairwise.pair")));
    KEYS.forEach(key -> heads.add(QuestionGrid.head(now, first, task(key))));
    if (corrected) {
      heads.add(new Head(Texts.of("pairwise.corrected"), Texts.of("pairwise.corrected-spoken")));
    }
    heads.add(QuestionGrid.head(now, first, task("cohen_d")));
    return new QuestionGrid(heads, lines);
  }

  private static Task task(String key) {
    return Task.of(Measures.ofKey(key).orElseThrow());
  }

  private static Line line(Analysis now, Pairwise.Comparison pair, boolean corrected) {
    Portion two = Portion.two(pair.a(), pair.b());
    List<Cell> cells = new ArrayList<>();
    KEYS.forEach(key -> cells.add(Cell.of(now, two, task(key))));
    if (corrected) {
      cells.add(
          Cell.of(
              pair.corrected()
                  .map(p -> PValueText.of(p, now.rules()).replace('.', now.sign().sign()))
                  .orElseGet(() -> Texts.of("result.none"))));
    }
    cells.add(Cell.of(now, two, task("cohen_d")));
    return new Line(PortionText.of(two, now.item()), cells);
  }
}
