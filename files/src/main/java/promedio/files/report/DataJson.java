package promedio.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Writes data into a line of JSON, as {@link MarkRequestJson} reads it. Missing entries stay out.
 */
public final class DataJson implements Data.Visitor<ObjectNode> {

  private final ObjectNode line;

  private DataJson(ObjectNode line) {
    this.line = line;
  }

  /** {@return the line with the data in it} */
  public static ObjectNode put(ObjectNode line, Data data) {
    return data.accept(new DataJson(line));
  }

  private static void add(ArrayNode list, Values values) {
    Values present = values.present();
    IntStream.range(0, present.size()).forEach(i -> list.add(present.get(i).toString()));
  }

  @Override
  public ObjectNode sample(Sample sample) {
    add(line.putArray("values"), sample.values());
    return line;
  }

  @Override
  public ObjectNode frequencies(FrequencyTable table) {
    ArrayNode rows = line.putArray("frequencies");
    table
        .rows()
        .forEach(
            row -> rows.addArray().add(row.value().toString()).add(row.frequency().toString()));
    return line;
  }

  @Override
  public ObjectNode classes(ClassTable table) {
    ArrayNode rows = line.putArray("classes");
    for (ClassTable.Row row : table.rows()) {
      rows.addArray().add(text(row.lower())).add(text(row.upper())).add(row.frequency().toString());
    }
    return line;
  }

  private static String text(Optional<Exact> limit) {
    return limit.map(Exact::toString).orElse("");
  }

  @Override
  public ObjectNode categories(Categories categories) {
    ArrayNode rows = line.putArray("categories");
    categories
        .rows()
        .forEach(row -> rows.addArray().add(row.name()).add(row.frequency().toString()));
    return line;
  }

  @Override
  public ObjectNode pairs(Pairs pairs) {
    ArrayNode rows = line.putArray("pairs");
    for (int i = 0; i < pairs.size(); i++) {
      rows.addArray().add(pairs.x().get(i).toString()).add(pairs.y().get(i).toString());
    }
    return line;
  }

  @Override
  public ObjectNode groups(Groups groups) {
    ArrayNode all = line.putArray("groups");
    for (Groups.Group group : groups.samples()) {
      add(all.addArray().add(group.name()).addArray(), group.sample().values());
    }
    return line;
  }

  @Override
  public ObjectNode cross(CrossTable table) {
    names("rows", table.rows());
    names("columns", table.columns());
    ArrayNode rows = line.putArray("cross");
    for (int row = 0; row < table.rows().size(); row++) {
      ArrayNode cells = rows.addArray();
      for (int column = 0; column < table.columns().size(); column++) {
        cells.add(table.count(row, column).toString());
      }
    }
    return line;
  }

  private void names(String key, List<String> names) {
    ArrayNode list = line.putArray(key);
    names.forEach(list::add);
  }

  @Override
  public ObjectNode fit(GoodnessOfFitData fit) {
    categories(fit.counted());
    line.putObject("with")
        .put("expected", String.join(",", fit.expected().stream().map(Exact::toString).toList()));
    return line;
  }
}
