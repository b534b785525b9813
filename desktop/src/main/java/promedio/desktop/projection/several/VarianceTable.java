package promedio.desktop.projection.several;

import java.util.List;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.several.QuestionGrid.Cell;
import promedio.desktop.projection.several.QuestionGrid.Head;
import promedio.desktop.projection.several.QuestionGrid.Line;

/** The analysis of variance of one factor, as it is printed (Fisher 1925). */
public final class VarianceTable {

  private VarianceTable() {}

  /** {@return the table} */
  public static QuestionGrid of(Analysis now) {
    return new QuestionGrid(
        List.of(
            Head.of(Texts.of("variance.source")),
            new Head("SS", Texts.of("variance.ss")),
            new Head("df", Texts.of("variance.df")),
            new Head("MS", Texts.of("variance.ms")),
            new Head("F", Texts.of("variance.f")),
            new Head("p", Texts.of("variance.p"))),
        List.of(
            line(now, "between", "ss_between", "df_between", "ms_between", "f", "f_p"),
            line(now, "within", "ss_within", "df_within", "ms_within", "", ""),
            line(now, "total", "ss_total", "df_total", "", "", "")));
  }

  private static Line line(Analysis now, String source, String... keys) {
    return new Line(
        Texts.of("variance." + source), Stream.of(keys).map(key -> cell(now, key)).toList());
  }

  private static Cell cell(Analysis now, String key) {
    return key.isEmpty()
        ? Cell.of("")
        : Cell.of(now, DataSubset.WHOLE, Request.of(Measures.ofKey(key).orElseThrow()));
  }
}
