package promedio.graph;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jfree.chart.annotations.XYTextAnnotation;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.TextAnchor;
import org.junit.jupiter.api.Test;
import promedio.core.entry.TypedValues;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;

/** Box plots of very many groups stay readable: their names stand before the boxes. */
class CrowdedBoxesTest {

  private static List<XYTextAnnotation> texts(int groups) throws Exception {
    List<Graph.Series> series = new ArrayList<>();
    for (int i = 1; i <= groups; i++) {
      series.add(
          new Graph.Series(
              "tree " + i,
              TypedValues.read("100 101 102 103 104 105 106 150", DecimalSign.POINT).data(),
              ClassTable.NONE));
    }
    Graph graph =
        new Graph(
            GraphKind.BOX,
            series,
            Height.FREQUENCY,
            "",
            new Graph.Axis("weight", Optional.empty()),
            new Graph.Marked(Set.of(), List.of(), Optional.empty()),
            CourseRules.DEFAULTS,
            DecimalSign.POINT);
    XYPlot plot = ChartMaker.of(graph).getXYPlot();
    List<XYTextAnnotation> texts = new ArrayList<>();
    for (Object each : plot.getAnnotations()) {
      if (each instanceof XYTextAnnotation text) {
        texts.add(text);
      }
    }
    return texts;
  }

  @Test
  void amongManyBoxesNoNameLiesOverABox() throws Exception {
    List<XYTextAnnotation> texts = texts(60);

    assertThat(texts).hasSize(60);
    assertThat(texts).allSatisfy(text -> assertThat(text.getX()).isLessThan(100));
    assertThat(texts)
        .allSatisfy(text -> assertThat(text.getTextAnchor()).isEqualTo(TextAnchor.CENTER_RIGHT));
    assertThat(texts.stream().map(XYTextAnnotation::getY).distinct()).hasSize(60);
  }

  @Test
  void aFewBoxesHaveTheirNamesAboveAndTheirOutliersNamed() throws Exception {
    assertThat(texts(3)).extracting(XYTextAnnotation::getText).contains("tree 1", "tree 3", "150");
  }
}
