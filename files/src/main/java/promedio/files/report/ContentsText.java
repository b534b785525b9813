package promedio.files.report;

import java.util.ArrayList;
import java.util.List;
import promedio.core.message.Texts;
import promedio.core.number.PlainText;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.ColumnSummary;
import promedio.files.table.ReadTable;
import promedio.files.table.Recognised;

/** What a data file holds, as lines to read. */
public final class ContentsText {

  private ContentsText() {}

  /** {@return the lines} */
  public static List<String> of(ReadTable read) {
    List<String> lines = new ArrayList<>();
    lines.add(
        Texts.of(
            "contents.head", read.source(), read.table().rows(), read.table().columns().size()));
    Recognised recognised = read.recognised();
    for (Aspect aspect : Aspect.values()) {
      String text = recognised.of(aspect);
      if (!text.isEmpty()) {
        lines.add("  " + Texts.of("contents.aspect", aspect.code(), text));
      }
    }
    read.notices().forEach(notice -> lines.add("  " + notice));
    read.table().columns().forEach(column -> lines.addAll(column(column)));
    return lines;
  }

  private static List<String> column(Column column) {
    ColumnSummary summary = column.summary();
    List<String> lines = new ArrayList<>();
    lines.add(
        Texts.of(
            "contents.column",
            column.name(),
            column.kind().code(),
            summary.n(),
            summary.missing(),
            summary.unreadable(),
            summary.distinct()));
    summary
        .extent()
        .ifPresent(
            extent ->
                lines.add(
                    "  "
                        + Texts.of(
                            "contents.extent",
                            PlainText.of(extent.min()),
                            PlainText.of(extent.max()),
                            PlainText.of(extent.sum()))));
    return lines;
  }
}
