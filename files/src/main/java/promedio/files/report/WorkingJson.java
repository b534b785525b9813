package promedio.files.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.working.RowLabel;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** Writes a working for programs: exact numbers, formulas in plain characters and in LaTeX. */
final class WorkingJson implements WorkingWriter {

  private static final ObjectMapper JSON = new ObjectMapper();
  private static final int DIGITS = 30;

  private final String title;
  private final ShownNumbers numbers;

  WorkingJson(String title, ShownNumbers numbers) {
    this.title = title;
    this.numbers = numbers;
  }

  @Override
  public List<String> write(Working working) {
    ObjectNode node = JSON.createObjectNode();
    node.put("title", title);
    node.put("measure", working.request().key());
    working.request().argument().ifPresent(number -> node.put("with", number.toString()));
    node.put("method", working.method().code());
    working.table().ifPresent(table -> node.set("table", table(table)));
    ArrayNode steps = node.putArray("steps");
    working.steps().forEach(step -> steps.add(step(step)));
    put(node.putArray("results"), working.results());
    put(node.putArray("exact"), working.exact());
    node.put("rounded", numbers.results(working));
    return List.of(node.toString());
  }

  private static void put(ArrayNode array, List<Real> values) {
    values.forEach(value -> array.add(text(value)));
  }

  private static String text(Real value) {
    return value instanceof Exact exact
        ? exact.toString()
        : value.significant(DIGITS).stripTrailingZeros().toPlainString();
  }

  private ObjectNode table(WorkTable table) {
    ObjectNode node = JSON.createObjectNode();
    if (!table.labels().isEmpty()) {
      boolean classes = table.labels().get(0) instanceof RowLabel.OfClass;
      ArrayNode labels = node.putArray(classes ? "classes" : "names");
      for (int row = 0; row < table.rows().size(); row++) {
        labels.add(WorkingTexts.label(table, row, numbers));
      }
    }
    ArrayNode columns = node.putArray("columns");
    table.columns().forEach(column -> columns.add(column.plain(numbers::shown)));
    ArrayNode rows = node.putArray("rows");
    table.rows().forEach(row -> put(rows.addArray(), List.copyOf(row)));
    ArrayNode totals = node.putArray("totals");
    table
        .totals()
        .forEach(total -> total.map(Exact::toString).ifPresentOrElse(totals::add, totals::addNull));
    return node;
  }

  private ObjectNode step(WorkingStep step) {
    ObjectNode node = step.fold(this::computed, this::agreed, this::inOrder, this::seen);
    node.put("latex", WorkingTexts.latex(step, numbers));
    step.why().ifPresent(why -> node.put("why", WorkingTexts.reason(why)));
    return node;
  }

  private ObjectNode computed(WorkingStep.Computed computed) {
    ObjectNode node = JSON.createObjectNode();
    formulas(node, "computed", computed.left(), computed.symbols(), computed.numbers());
    node.put("exact", text(computed.value()));
    return node.put("carried", text(computed.carried()));
  }

  private ObjectNode agreed(WorkingStep.Given agreed) {
    ObjectNode node = JSON.createObjectNode();
    formulas(node, "agreed", agreed.left(), agreed.symbols(), agreed.numbers());
    return node;
  }

  private ObjectNode inOrder(WorkingStep.InOrder list) {
    ObjectNode node = JSON.createObjectNode().put("kind", "in-order");
    put(node.putArray("values"), List.copyOf(list.values()));
    node.putArray("part").add(list.first()).add(list.last());
    node.putArray("kept").add(list.keptFrom()).add(list.keptTo());
    return node;
  }

  private ObjectNode seen(WorkingStep.Seen seen) {
    return JSON.createObjectNode()
        .put("kind", "seen")
        .put("about", seen.about().code())
        .put("text", WorkingTexts.sentence(seen, numbers));
  }

  private void formulas(
      ObjectNode node, String kind, Formula left, Formula symbols, Formula putIn) {
    node.put("kind", kind);
    node.put("left", left.plain(numbers::shown));
    node.put("symbols", symbols.plain(numbers::shown));
    node.put("numbers", putIn.plain(numbers::shown));
  }
}
