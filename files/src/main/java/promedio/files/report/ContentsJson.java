package promedio.files.report;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import promedio.core.number.PlainText;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.ColumnSummary;
import promedio.core.table.NumberColumn;
import promedio.files.table.ReadTable;
import promedio.files.table.Recognised;
import promedio.files.table.Separator;

/** What a data file holds, as JSON. */
public final class ContentsJson {

  private ContentsJson() {}

  /** {@return the contents of the table} */
  public static ObjectNode of(ReadTable read) {
    Recognised recognised = read.recognised();
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("source", read.source());
    node.put("format", recognised.format().code());
    if (!recognised.of(Aspect.SHEET).isEmpty()) {
      node.put("sheet", recognised.of(Aspect.SHEET));
    }
    if (!recognised.of(Aspect.ENCODING).isEmpty()) {
      node.put("encoding", recognised.of(Aspect.ENCODING));
    }
    if (!recognised.of(Aspect.SEPARATOR).isEmpty()) {
      node.put(
          "separator",
          Separator.ofCode(recognised.of(Aspect.SEPARATOR)).map(Separator::text).orElse(""));
    }
    node.put("decimal", recognised.of(Aspect.DECIMAL));
    node.put("header_line", recognised.headerLine());
    node.put("rows", read.table().rows());
    // To count the distinct values of a long column takes a while, and each is by itself.
    read.table().columns().parallelStream()
        .map(ContentsJson::column)
        .toList()
        .forEach(node.withArray("columns")::add);
    putInvalid(read, node);
    read.notices().forEach(notice -> node.withArray("notices").add(notice));
    return node;
  }

  /** Which entries of columns of numbers are none, and where they stand. */
  private static void putInvalid(ReadTable read, ObjectNode node) {
    for (Column column : read.table().columns()) {
      if (column instanceof NumberColumn numbers) {
        numbers
            .toMend()
            .forEach(
                (row, text) ->
                    node.withArrayProperty("invalid")
                        .addObject()
                        .put("column", column.name())
                        .put("line", read.line(row))
                        .put("text", text));
      }
    }
  }

  private static ObjectNode column(Column column) {
    ColumnSummary summary = column.summary();
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("name", column.name());
    node.put("kind", column.kind().code());
    if (column instanceof NumberColumn numbers && !numbers.unit().isEmpty()) {
      node.put("unit", numbers.unit());
    }
    node.put("n", summary.n());
    node.put("missing", summary.missing());
    node.put("unreadable", summary.unreadable());
    node.put("distinct", summary.distinct());
    summary
        .extent()
        .ifPresent(
            extent -> {
              node.put("min", PlainText.of(extent.min()));
              node.put("max", PlainText.of(extent.max()));
              node.put("sum", PlainText.of(extent.sum()));
            });
    return node;
  }

  /** {@return what is written of a file that cannot be read} */
  public static ObjectNode refused(String source, String reason) {
    return JsonNodeFactory.instance.objectNode().put("source", source).put("refused", reason);
  }
}
