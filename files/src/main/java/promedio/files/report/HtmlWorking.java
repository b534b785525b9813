package promedio.files.report;

import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Entities;
import promedio.core.formula.Formula;
import promedio.core.message.Language;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** Writes a working as a page whose formulas are MathML. */
public final class HtmlWorking implements WorkingWriter {

  private static final String STYLE =
      "body{font-family:serif;max-width:46em;margin:2em auto;line-height:1.5}"
          + "table{border-collapse:collapse;font-variant-numeric:tabular-nums;margin:1em 0}"
          + "th,td{text-align:right;padding:.15em .8em}"
          + "th{border-bottom:1px solid;font-weight:normal}"
          + "tfoot td{border-top:1px solid}"
          + ".outside{color:#666}.kept{font-weight:bold}";

  private final String title;
  private final ShownNumbers numbers;

  HtmlWorking(String title, ShownNumbers numbers) {
    this.title = title;
    this.numbers = numbers;
  }

  @Override
  public List<String> write(Working working) {
    List<String> lines = new ArrayList<>();
    lines.add("<!DOCTYPE html>");
    lines.add("<html lang=\"" + Language.current().code() + "\"><head><meta charset=\"utf-8\"/>");
    lines.add("<title>" + escaped(title) + "</title><style>" + STYLE + "</style></head><body>");
    lines.addAll(body(working));
    lines.add("</body></html>");
    return lines;
  }

  private List<String> body(Working working) {
    List<String> lines = new ArrayList<>();
    lines.add("<h1>" + escaped(title) + "</h1>");
    working
        .table()
        .ifPresent(
            table -> {
              lines.add(table(table, numbers));
              WorkingTexts.checks(working, numbers).forEach(check -> lines.add(paragraph(check)));
            });
    working.steps().forEach(step -> lines.add(step(step)));
    WorkingTexts.ending(working, numbers).forEach(text -> lines.add(paragraph(text)));
    return lines;
  }

  private static String paragraph(String text) {
    return "<p>" + escaped(text) + "</p>";
  }

  private static String escaped(String text) {
    return Entities.escape(text);
  }

  private String step(WorkingStep step) {
    return step.fold(
        computed -> "<p>" + mathml(step, numbers) + "</p>",
        agreed -> "<p>" + mathml(step, numbers) + "</p>",
        list -> "<p>" + inOrder(list) + "</p>",
        seen -> paragraph(WorkingTexts.sentence(seen, numbers)));
  }

  private String inOrder(WorkingStep.InOrder list) {
    List<String> values = new ArrayList<>();
    for (int position = 1; position <= list.values().size(); position++) {
      String value = escaped(numbers.shown(list.values().get(position - 1)));
      if (list.isWhole()) {
        values.add(value);
      } else if (!list.isLookedAt(position)) {
        values.add("<span class=\"outside\">" + value + "</span>");
      } else {
        values.add(
            list.isKept(position)
                ? "<span class=\"kept\">" + value + "</span>"
                : "<s>" + value + "</s>");
      }
    }
    return String.join("&#160; ", values);
  }

  /** {@return the table, its heads in MathML} */
  public static String table(WorkTable table, ShownNumbers numbers) {
    StringBuilder html = new StringBuilder("<table><thead><tr>");
    if (!table.labels().isEmpty()) {
      html.append("<th>").append(escaped(WorkingTexts.head(table))).append("</th>");
    }
    for (Formula column : table.columns()) {
      html.append("<th>").append(math(column.mathml(numbers::shown))).append("</th>");
    }
    html.append("</tr></thead><tbody>\n");
    List<List<String>> cells = WorkingTexts.printed(table, numbers);
    cells.subList(1, cells.size() - 1).forEach(row -> html.append(row(row)));
    html.append("</tbody><tfoot>").append(row(cells.get(cells.size() - 1)));
    return html.append("</tfoot></table>").toString();
  }

  private static String row(List<String> cells) {
    StringBuilder row = new StringBuilder("<tr>");
    cells.forEach(cell -> row.append("<td>").append(escaped(cell)).append("</td>"));
    return row.append("</tr>\n").toString();
  }

  /** {@return a step that is a formula, in MathML; any other in words} */
  public static String mathml(WorkingStep step, ShownNumbers numbers) {
    return math(inner(step, numbers));
  }

  /** {@return the same without its outermost element} */
  public static String inner(WorkingStep step, ShownNumbers numbers) {
    return step.fold(
        computed -> inner(computed, numbers),
        agreed -> formula(agreed.left(), agreed.symbols(), agreed.numbers(), numbers, ""),
        list -> crossedOff(list, numbers),
        seen -> words(step, numbers));
  }

  /** The values in order; those crossed off are struck through. */
  private static String crossedOff(WorkingStep.InOrder list, ShownNumbers numbers) {
    StringBuilder row = new StringBuilder("<mrow>");
    for (int position = 1; position <= list.values().size(); position++) {
      boolean crossed = list.isLookedAt(position) && !list.isKept(position);
      row.append(position == 1 ? "" : "<mspace width='0.8em'/>")
          .append(crossed ? "<mn style='text-decoration:line-through'>" : "<mn>")
          .append(numbers.shown(list.values().get(position - 1)))
          .append("</mn>");
    }
    return row.append("</mrow>").toString();
  }

  private static String inner(WorkingStep.Computed computed, ShownNumbers numbers) {
    String value = "<mn>" + numbers.value(computed) + "</mn>";
    return formula(
        computed.left(),
        computed.symbols(),
        computed.numbers(),
        numbers,
        "<mo>"
            + numbers.relation(computed).replace("<", "&lt;").replace(">", "&gt;")
            + "</mo>"
            + value);
  }

  private static String formula(
      Formula left, Formula symbols, Formula putIn, ShownNumbers numbers, String end) {
    return joined(
        List.of(
            left.mathml(numbers::shown),
            symbols.mathml(numbers::shown),
            putIn.mathml(numbers::shown)),
        end);
  }

  private static String words(WorkingStep step, ShownNumbers numbers) {
    return "<mtext>" + escaped(WorkingTexts.plain(step, numbers)) + "</mtext>";
  }

  /** What would stand twice side by side stands once. */
  private static String joined(List<String> parts, String end) {
    List<String> different = new ArrayList<>();
    for (String part : parts) {
      if (!different.contains(part) && !end.endsWith(">" + part)) {
        different.add(part);
      }
    }
    return String.join("<mo>=</mo>", different) + end;
  }

  private static String math(String inner) {
    return "<math xmlns=\"http://www.w3.org/1998/Math/MathML\">" + inner + "</math>";
  }
}
