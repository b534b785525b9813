package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jsoup.nodes.Entities;
import promedio.core.computation.GroupSummary;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.files.table.HarmlessCell;

/** A summary of groups in the forms in which it is handed on. */
public final class SummaryText {

  private final GroupSummary summary;
  private final CourseRules rules;
  private final DecimalSign sign;
  private final List<List<String>> cells;

  private SummaryText(GroupSummary summary, CourseRules rules, DecimalSign sign) {
    this.summary = summary;
    this.rules = rules;
    this.sign = sign;
    this.cells = new ArrayList<>();
    List<String> head = new ArrayList<>(List.of(Texts.of("summary.group"), "n", "missing"));
    summary.measures().forEach(measure -> head.add(measure.key()));
    cells.add(head);
    for (GroupSummary.Row row : summary.rows()) {
      List<String> line = new ArrayList<>();
      line.add(name(row));
      line.add(String.valueOf(row.n()));
      line.add(String.valueOf(row.missing()));
      row.results().forEach(result -> line.add(shown(result)));
      cells.add(line);
    }
  }

  /**
   * {@return the summary in a form: {@code text}, {@code csv}, {@code json}, {@code markdown} or
   * {@code html}}
   *
   * @throws IllegalArgumentException if there is no such form
   */
  public static String of(GroupSummary summary, CourseRules rules, String form) {
    boolean forPrograms = form.equals("csv") || form.equals("json");
    DecimalSign sign = forPrograms ? DecimalSign.POINT : DecimalSign.spoken();
    SummaryText text = new SummaryText(summary, rules, sign);
    return switch (form) {
      case "text" -> String.join("\n", Columns.aligned(text.cells)) + "\n";
      case "csv" -> text.csv();
      case "json" -> text.json() + "\n";
      case "markdown" -> text.markdown();
      case "html" -> text.html();
      default -> throw new IllegalArgumentException(form);
    };
  }

  private static String name(GroupSummary.Row row) {
    return row.name().isEmpty() ? Texts.of("several.all") : row.name();
  }

  private String shown(Result result) {
    if (result instanceof Result.Several several) {
      return several.values().stream().map(this::written).collect(Collectors.joining(" "));
    }
    return result.number().map(this::written).orElse("");
  }

  private String written(Real number) {
    String digits =
        number.rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)).toPlainString();
    return sign.in(digits);
  }

  private String csv() {
    StringWriter out = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(out)) {
      for (List<String> line : cells) {
        List<String> harmless = new ArrayList<>(line);
        harmless.set(0, HarmlessCell.of(line.get(0)));
        csv.writeRecord(harmless);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private ObjectNode json() {
    NumberJson numbers = new NumberJson(rules);
    ObjectNode report = JsonNodeFactory.instance.objectNode();
    report.set("rules", numbers.rules());
    ArrayNode groups = report.putArray("groups");
    for (GroupSummary.Row row : summary.rows()) {
      ObjectNode node =
          row.name().isEmpty()
              ? report.putObject("all")
              : groups.addObject().put("name", row.name());
      node.put("n", row.n()).put("missing", row.missing());
      ObjectNode measures = node.putObject("measures");
      for (int i = 0; i < summary.measures().size(); i++) {
        Measure measure = summary.measures().get(i);
        Result result = row.results().get(i);
        if (result instanceof Result.Several several) {
          measures.set(measure.key(), numbers.several(several.values()));
        } else {
          measures.set(measure.key(), numbers.single(result, measure));
        }
      }
    }
    return report;
  }

  private String markdown() {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < cells.size(); i++) {
      out.append(
          cells.get(i).stream()
              .map(cell -> cell.replace("\\", "\\\\").replace("|", "\\|").replace("<", "&lt;"))
              .collect(Collectors.joining(" | ", "| ", " |\n")));
      if (i == 0) {
        out.append("|---").append("|---:".repeat(cells.get(0).size() - 1)).append("|\n");
      }
    }
    return out.toString();
  }

  private String html() {
    StringBuilder out = new StringBuilder("<table>\n");
    for (int i = 0; i < cells.size(); i++) {
      String tag = i == 0 ? "th" : "td";
      out.append("<tr>");
      for (String cell : cells.get(i)) {
        out.append('<').append(tag).append('>').append(Entities.escape(cell));
        out.append("</").append(tag).append('>');
      }
      out.append("</tr>\n");
    }
    return out.append("</table>\n").toString();
  }
}
