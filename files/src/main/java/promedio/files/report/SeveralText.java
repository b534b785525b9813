package promedio.files.report;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Dimension;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;

/** The report of more than one variable as lines of text: what its JSON says, rounded. */
public final class SeveralText {

  private SeveralText() {}

  /**
   * {@return the lines}
   *
   * @param title what they are about
   */
  public static List<String> of(String title, JsonNode report) {
    List<String> lines = new ArrayList<>(List.of(title));
    for (JsonNode group : report.path("groups")) {
      lines.add("");
      lines.add(named(group.path("name").asText(), group));
      addMeasures(lines, group.path("measures"));
    }
    if (report.has("all")) {
      lines.add("");
      lines.add(named(Texts.of("several.all"), report.path("all")));
      addMeasures(lines, report.path("all").path("measures"));
    }
    addCells(lines, report);
    lines.add("");
    addMeasures(lines, report.path("measures"));
    for (JsonNode pair : report.path("pairwise")) {
      lines.add("");
      lines.add(pair.path("a").asText() + " – " + pair.path("b").asText());
      addMeasures(lines, pair);
    }
    for (String variable : List.of("x", "y")) {
      if (report.has(variable)) {
        lines.add("");
        lines.add(variable);
        addMeasures(lines, report.path(variable));
      }
    }
    return lines;
  }

  private static String named(String name, JsonNode sample) {
    return Texts.of(
        "several.sample", name, sample.path("n").asText(), sample.path("missing").asText());
  }

  private static void addCells(List<String> lines, JsonNode report) {
    List<List<String>> table = new ArrayList<>();
    if (report.has("cells")) {
      List<String> head = new ArrayList<>(List.of(""));
      report.path("columns").forEach(name -> head.add(name.asText()));
      table.add(head);
    }
    int row = 0;
    for (JsonNode line : report.path("cells")) {
      List<String> cells = new ArrayList<>(List.of(report.path("rows").get(row++).asText()));
      line.forEach(cell -> cells.add(cell.path("count").asText()));
      table.add(cells);
    }
    lines.addAll(Columns.aligned(table));
  }

  private static void addMeasures(List<String> lines, JsonNode measures) {
    List<List<String>> table = new ArrayList<>();
    for (Map.Entry<String, JsonNode> each : measures.properties()) {
      JsonNode found = each.getValue();
      if (found.isArray()) {
        List<String> several = new ArrayList<>();
        found.forEach(one -> several.add(rounded(one)));
        table.add(List.of(each.getKey(), String.join("  ", several)));
      } else if (found.isObject()) {
        table.add(
            List.of(
                each.getKey(),
                found.has("absent")
                    ? Texts.of("several.absent", found.path("absent").asText())
                    : isWholeDegrees(each.getKey(), found)
                        ? found.path("exact").asText()
                        : rounded(found)));
      }
    }
    lines.addAll(Columns.aligned(table));
  }

  private static boolean isWholeDegrees(String key, JsonNode found) {
    return found.path("exact").asText().matches("\\d+")
        && Measures.ofKey(key)
            .filter(measure -> Request.of(measure).dimension() == Dimension.DEGREES)
            .isPresent();
  }

  /** The number as those write it who speak the language. */
  private static String rounded(JsonNode found) {
    return DecimalSign.spoken().in(found.path("rounded").asText().replace('-', '−'));
  }
}
