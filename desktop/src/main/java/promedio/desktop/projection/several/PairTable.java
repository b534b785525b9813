package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.rules.Correction;
import promedio.core.rules.Rule;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Groups;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.several.QuestionGrid.Cell;
import promedio.desktop.projection.several.QuestionGrid.Head;
import promedio.desktop.projection.several.QuestionGrid.Line;

/** Every two of several groups by themselves, with p-values corrected where the course wants it. */
public final class PairTable {

  /** More pairs, of 13 groups and more, tell nobody anything. */
  public static final int MOST_GROUPS = 12;

  private PairTable() {}

  /** {@return the table; the groups are at least two and at most {@value #MOST_GROUPS}} */
  public static QuestionGrid of(Analysis now, Groups groups) {
    List<Request> requests = requests(now.rules().get(Rule.CORRECTION) != Correction.NONE);
    List<DataSubset> pairs = pairs(groups);
    List<Head> heads = new ArrayList<>();
    heads.add(Head.of(Texts.of("pairwise.pair")));
    requests.forEach(request -> heads.add(QuestionGrid.head(now, pairs.get(0), request)));
    List<Line> lines = new ArrayList<>();
    for (DataSubset two : pairs) {
      List<Cell> cells = requests.stream().map(request -> Cell.of(now, two, request)).toList();
      lines.add(new Line(PortionText.of(two, now.item()), cells));
    }
    return new QuestionGrid(heads, lines);
  }

  private static List<Request> requests(boolean corrected) {
    return Stream.of(
            "difference_of_means", "t_two", "t_two_df", "t_two_p", "t_two_p_corrected", "cohen_d")
        .filter(key -> corrected || !key.equals("t_two_p_corrected"))
        .map(key -> Request.of(Measures.ofKey(key).orElseThrow()))
        .toList();
  }

  /** {@return every two of the groups, in their order} */
  public static List<DataSubset> pairs(Groups groups) {
    List<String> names = groups.samples().stream().map(Groups.Group::name).toList();
    List<DataSubset> pairs = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      for (int j = i + 1; j < names.size(); j++) {
        pairs.add(DataSubset.two(names.get(i), names.get(j)));
      }
    }
    return pairs;
  }
}
